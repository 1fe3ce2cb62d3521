<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/dances';
  import common from '$lib/messages/common';
  import type { Dance } from '$lib/api/client';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Toggle from '$lib/ui/Toggle.svelte';
  import type { DanceHolding } from './DanceHolding.svelte';

  interface Props {
    dance: Dance;
    holding: DanceHolding;
  }
  let { dance, holding }: Props = $props();

  let beats = $derived(Array.from({ length: dance.beatsPerBar }, (_, index) => index + 1));
</script>

<div class="mt-2 space-y-2" aria-busy={holding.busy}>
  {#if holding.failure}<Message sentence={holding.failure} faults={holding.faults} />{/if}
  <p class="flex flex-wrap items-center gap-2">
    <span class="text-soft">{msg.aFigureMayBeginOn2()}</span>
    {#each beats as beat (beat)}
      {@const may = dance.startBeats.includes(beat)}
      <Toggle label={String(beat)} title={msg.aFigureMayBeginOn({ beat })} on={may} onchange={(on) => holding.startOn(beat, on)} />
    {/each}
  </p>
  <div class="flex flex-wrap items-center gap-2">
    {#if dance.slow}
      <label class="inline-flex items-center gap-2">
        <span class="text-soft">{msg.aSlowLasts()}</span>
        <input class="field w-20 px-2" maxlength="8" value={dance.slow} onchange={(event) => holding.hold({ slow: event.currentTarget.value })} />
        <span class="text-soft">{msg.beats()}</span>
      </label>
    {/if}
    <Choice
      label={msg.aLasts()}
      value={dance.a === '1/3' ? 'triplet' : 'quarter'}
      options={[
        { value: 'quarter', label: msg.aQuarterOfABeat() },
        { value: 'triplet', label: msg.aThirdOfABeat() },
      ]}
      onchange={(feel) => holding.hold({ feel })}
    />
  </div>
  <div class="flex flex-wrap items-center gap-2">
    <NumberField before={msg.tempoFrom()} {...limits.DanceCustom.slowest} value={dance.slowestBarsPerMinute} onchange={(slowest) => holding.hold({ slowest })} />
    <NumberField
      before={common.to()}
      after={common.barsMin()}
      {...limits.DanceCustom.fastest}
      value={dance.fastestBarsPerMinute}
      onchange={(fastest) => holding.hold({ fastest })}
    />
  </div>
  <div class="flex flex-wrap items-center gap-2">
    <NumberField
      before={msg.aPhraseHas()}
      after={msg.unitBars({ bars: dance.phraseBars })}
      {...limits.DanceCustom.phraseBars}
      value={dance.phraseBars}
      onchange={(phraseBars) => holding.hold({ phraseBars })}
    />
    <NumberField
      before={msg.aStepIs()}
      after={msg.unitMetres()}
      {...limits.DanceCustom.stepLength}
      step={0.05}
      width="w-20"
      value={dance.stepLength}
      onchange={(stepLength) => holding.hold({ stepLength })}
    />
  </div>
  {#if holding.custom}
    <p class="flex flex-wrap items-center gap-3">
      <strong class="text-brass-deep">{msg.thisStudioUsesItsOwn({ title: dance.title })}</strong>
      <button class="act" disabled={holding.busy} onclick={() => holding.reset()}>{msg.restoreDefaults()}</button>
    </p>
  {/if}
</div>
