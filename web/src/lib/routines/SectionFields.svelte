<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/routines';
  import type { Placement, Section } from '$lib/api/client';
  import Choice from '$lib/ui/Choice.svelte';
  import { ordinal } from '$lib/ui/ordinal';

  interface Props {
    placement: Placement;
    /** The section it is danced in, whether or not it begins it. */
    section: Section | undefined;
    ondivide: (section: Section | undefined) => void;
    onrounds: (rounds: string | undefined) => void;
  }
  let { placement, section, ondivide, onrounds }: Props = $props();

  let times = $derived(section?.times ?? 1);
  let usual = $derived([
    ...Array.from({ length: times }, (_, index) => ({ value: String(index + 1), label: msg.onlyTheTime({ ordinal: ordinal(index + 1) }) })),
    ...(times > 2 ? [{ value: times > 3 ? `1-${times - 1}` : '1, 2', label: msg.allButTheLastTime() }] : []),
  ]);
  let choices = $derived(
    placement.rounds === undefined || usual.some(({ value }) => value === placement.rounds)
      ? usual
      : [...usual, { value: placement.rounds, label: msg.times({ rounds: placement.rounds }) }],
  );
</script>

<div class="mt-2 space-y-2">
  {#if placement.section}
    {@const own = placement.section}
    <div class="flex items-center gap-2">
      <input
        class="field min-w-0 flex-1"
        aria-label={msg.sectionTitle()}
        {...limits.Section.title}
        value={own.title}
        onchange={(event) => ondivide({ ...own, title: event.currentTarget.value.trim() || own.title })}
      />
      <input
        class="field w-16 px-2"
        type="number"
        {...limits.Section.times}
        aria-label={msg.repeats()}
        value={own.times}
        onchange={(event) => ondivide({ ...own, times: Math.max(1, Math.min(limits.Section.times.max, event.currentTarget.valueAsNumber || 1)) })}
      />
      <span class="text-soft">{msg.timesUnit({ times: own.times ?? 1 })}</span>
      <button class="act" onclick={() => ondivide(undefined)}>{msg.noSection()}</button>
    </div>
  {:else}
    <button class="act" onclick={() => ondivide({ title: msg.section(), times: 1 })}>{msg.startASectionHere()}</button>
  {/if}
  {#if times > 1}
    <Choice label={msg.danced()} any={msg.everyTime()} value={placement.rounds ?? ''} options={choices} onchange={(rounds) => onrounds(rounds || undefined)} />
  {/if}
</div>
