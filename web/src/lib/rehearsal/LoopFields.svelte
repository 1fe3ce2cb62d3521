<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/rehearsal';
  import common from '$lib/messages/common';
  import { saidAt } from '$lib/routines/where';
  import Toggle from '$lib/ui/Toggle.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import type { Rehearsal } from './Rehearsal.svelte';
  import { FASTEST, SLOWEST } from './tempo';

  interface Props {
    rehearsal: Rehearsal;
  }
  let { rehearsal }: Props = $props();
  let options = $derived(rehearsal.options);
  let parts = $derived(rehearsal.score.parts.map((part, index) => ({ value: String(index), label: part.title })));
  let part = $derived(
    rehearsal.score.parts.findIndex((each) => each.first === rehearsal.first && (each.last === rehearsal.last || rehearsal.last === rehearsal.score.placements.length - 1)),
  );

  function choosePart(index: string) {
    const chosen = rehearsal.score.parts[Number(index)];
    if (chosen) rehearsal.choose(chosen.first, chosen.last);
  }

  let figures = $derived(rehearsal.score.placements.map((placement, index) => ({ value: String(index), label: saidAt(placement) })));
</script>

<div class="flex flex-wrap items-center gap-2">
  {#if parts.length > 0}<Choice label={common.part()} value={part < 0 ? '' : String(part)} any={msg.none()} options={parts} onchange={choosePart} />{/if}
  <Choice label={msg.from()} options={figures} value={String(rehearsal.first)} onchange={(first) => rehearsal.choose(Number(first), Math.max(Number(first), rehearsal.last))} />
  <Choice label={common.to()} options={figures} value={String(rehearsal.last)} onchange={(last) => rehearsal.choose(Math.min(Number(last), rehearsal.first), Number(last))} />
  <NumberField
    before={msg.fromBar()}
    min={1}
    max={rehearsal.barCount}
    value={rehearsal.bars.first}
    onchange={(first) => rehearsal.chooseBars(first, Math.max(first, rehearsal.bars.last))}
  />
  <NumberField
    before={msg.toBar()}
    min={1}
    max={rehearsal.barCount}
    value={rehearsal.bars.last}
    onchange={(last) => rehearsal.chooseBars(Math.min(rehearsal.bars.first, last), last)}
  />
  <button class="act" onclick={() => rehearsal.choose(rehearsal.first, rehearsal.score.placements.length - 1)}>{msg.toTheEnd()}</button>
  <button class="act" onclick={() => rehearsal.choose(0, rehearsal.score.placements.length - 1)}>{msg.wholeRoutine()}</button>
  <Toggle label={msg.loop()} on={options.loops} onchange={(loops) => rehearsal.set({ loops })} />
  <NumberField
    before={msg.restOf()}
    after={msg.unitBars({ bars: options.restBars })}
    min={0}
    max={8}
    value={options.restBars}
    onchange={(restBars) => rehearsal.set({ restBars })}
  />
  <NumberField
    before={msg.countIn()}
    after={msg.unitBars({ bars: options.countInBars })}
    min={0}
    max={4}
    value={options.countInBars}
    onchange={(countInBars) => rehearsal.set({ countInBars })}
  />
  <Toggle label={msg.tempoLadder()} title={msg.theTempoRisesWhileThe()} on={options.ladder} onchange={(ladder) => rehearsal.set(ladder ? { ladder, loops: true } : { ladder })} />
  {#if options.ladder}
    <NumberField before={msg.stepUp()} after={msg.every()} min={1} max={50} value={options.ladderStep} onchange={(ladderStep) => rehearsal.set({ ladderStep })} />
    <NumberField
      label={msg.repeatsBeforeEachRise()}
      after={msg.timesTo()}
      {...limits.Drill.every}
      value={options.ladderEvery}
      onchange={(ladderEvery) => rehearsal.set({ ladderEvery })}
    />
    <NumberField label={msg.targetTempoPerCent()} after="%" min={SLOWEST} max={FASTEST} value={options.ladderTarget} onchange={(ladderTarget) => rehearsal.set({ ladderTarget })} />
  {/if}
</div>
