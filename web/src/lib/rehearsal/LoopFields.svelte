<script lang="ts">
  import Choice from '$lib/ui/Choice.svelte';
  import type { Rehearsal } from './Rehearsal.svelte';

  interface Props {
    rehearsal: Rehearsal;
  }
  let { rehearsal }: Props = $props();
  let options = $derived(rehearsal.options);
  let figures = $derived(rehearsal.score.placements.map((placement, index) => ({ value: String(index), label: `${index + 1} ${placement.title}` })));

  function number(value: number, least: number, most: number) {
    return Number.isFinite(value) ? Math.min(most, Math.max(least, Math.round(value))) : undefined;
  }
</script>

<div class="flex flex-wrap items-center gap-2">
  <Choice label="From" options={figures} value={String(rehearsal.first)} onchange={(first) => rehearsal.choose(Number(first), Math.max(Number(first), rehearsal.last))} />
  <Choice label="to" options={figures} value={String(rehearsal.last)} onchange={(last) => rehearsal.choose(Math.min(Number(last), rehearsal.first), Number(last))} />
  <button class="act" onclick={() => rehearsal.choose(0, rehearsal.score.placements.length - 1)}>Whole routine</button>
  <button class="act" aria-pressed={options.loops} onclick={() => rehearsal.set({ loops: !options.loops })}>{options.loops ? 'Again and again' : 'Once'}</button>
  <label class="inline-flex items-center gap-2">
    <span class="text-soft">rest</span>
    <input
      class="field w-16"
      type="number"
      min="0"
      max="8"
      value={options.restBars}
      onchange={(event) => rehearsal.set({ restBars: number(event.currentTarget.valueAsNumber, 0, 8) ?? options.restBars })}
    />
    <span class="text-soft">bars</span>
  </label>
  <label class="inline-flex items-center gap-2">
    <span class="text-soft">count in</span>
    <input
      class="field w-16"
      type="number"
      min="0"
      max="4"
      value={options.countInBars}
      onchange={(event) => rehearsal.set({ countInBars: number(event.currentTarget.valueAsNumber, 0, 4) ?? options.countInBars })}
    />
    <span class="text-soft">bars</span>
  </label>
  <button class="act" aria-pressed={options.ladder} onclick={() => rehearsal.set({ ladder: !options.ladder, loops: true })}>{options.ladder ? 'Ladder on' : 'Ladder off'}</button>
  {#if options.ladder}
    <label class="inline-flex items-center gap-2">
      <span class="text-soft">up</span>
      <input
        class="field w-16"
        type="number"
        min="1"
        max="50"
        value={options.ladderStep}
        onchange={(event) => rehearsal.set({ ladderStep: number(event.currentTarget.valueAsNumber, 1, 50) ?? options.ladderStep })}
      />
      <span class="text-soft">% every</span>
    </label>
    <label class="inline-flex items-center gap-2">
      <input
        class="field w-16"
        type="number"
        min="1"
        max="20"
        aria-label="Times before it goes up"
        value={options.ladderEvery}
        onchange={(event) => rehearsal.set({ ladderEvery: number(event.currentTarget.valueAsNumber, 1, 20) ?? options.ladderEvery })}
      />
      <span class="text-soft">times, to</span>
    </label>
    <label class="inline-flex items-center gap-2">
      <input
        class="field w-20"
        type="number"
        min="5"
        max="120"
        aria-label="Tempo to reach, per cent"
        value={options.ladderTarget}
        onchange={(event) => rehearsal.set({ ladderTarget: number(event.currentTarget.valueAsNumber, 5, 120) ?? options.ladderTarget })}
      />
      <span class="text-soft">%</span>
    </label>
  {/if}
</div>
