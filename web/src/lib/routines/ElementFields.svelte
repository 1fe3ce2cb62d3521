<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import type { RoutineElement } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';

  interface Props {
    element?: RoutineElement;
    label: string;
    onsubmit: (element: RoutineElement) => void;
  }
  let { element, label, onsubmit }: Props = $props();

  let kind = $derived(element?.kind ?? 'hold');
  let length = $derived(element?.bars ?? element?.beats ?? 1);
  let unit = $derived<'beats' | 'bars'>(element?.beats ? 'beats' : 'bars');
  let caution = $derived(reference.notation.elements.find((term) => term.shorthand === kind)?.caution);
  let part = $derived(element?.part ?? '');
  let to = $derived(element?.to ?? '');
  let turn = $derived(element?.turn ?? '');

  function submit(event: SubmitEvent) {
    event.preventDefault();
    onsubmit({ kind, [unit]: length, part: part || undefined, to: to.trim() || undefined, turn: turn.trim() || undefined });
  }
</script>

<form class="mt-2 space-y-2" onsubmit={submit} aria-label={element ? msg.thisElement() : msg.newElement()}>
  <div class="flex flex-wrap items-center gap-2">
    <Choice
      quiet
      id={element ? undefined : 'element-kind'}
      label={msg.element()}
      value={kind}
      options={reference.notation.elements.map(({ shorthand, wording }) => ({ value: shorthand, label: wording }))}
      onchange={(chosen) => (kind = chosen)}
    />
    <input class="field w-16 px-2" type="number" {...limits.Element.beats} aria-label={msg.length()} required bind:value={length} />
    <Choice
      quiet
      label={msg.beatsOrBars()}
      value={unit}
      options={[
        { value: 'bars', label: msg.barsUnit({ bars: length }) },
        { value: 'beats', label: msg.beatsUnit({ beats: length }) },
      ]}
      onchange={(chosen) => (unit = chosen as 'beats' | 'bars')}
    />
    <button class="act">{label}</button>
  </div>
  {#if caution}<p class="leading-snug text-madder">{caution}</p>{/if}
  <details open={part !== '' || to !== '' || turn !== ''}>
    <summary class="cursor-pointer text-soft">{msg.partPositionAndTurn()}</summary>
    <div class="mt-1 grid grid-cols-3 gap-2">
      <Choice
        quiet
        label={msg.dancedBy()}
        any={common.both()}
        value={part}
        options={[
          { value: 'man', label: common.man() },
          { value: 'lady', label: common.lady() },
        ]}
        onchange={(chosen) => (part = chosen)}
      />
      <input class="field px-2" placeholder={msg.intoPp()} aria-label={msg.endPositionAndHold()} maxlength="60" bind:value={to} />
      <input class="field px-2" placeholder="1/2 R" aria-label={msg.amountOfTurn()} maxlength="20" bind:value={turn} />
    </div>
  </details>
</form>
