<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/figures';
  import type { ColumnKey, Part } from '$lib/api/client';
  import AlignmentGlyph from '$lib/glyphs/AlignmentGlyph.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import type { FigureSheet } from './FigureSheet.svelte';

  interface Props {
    sheet: FigureSheet;
    part: Part;
    /** The row being danced now, lit up. */
    lit?: number;
    onswipe: () => void;
    onstep: (row: number) => void;
  }
  let { sheet, part, lit, onswipe, onstep }: Props = $props();

  /** Pixels that a finger goes sideways, and hardly up or down, to swipe. */
  const SWIPE = 60;
  const TOLD: ColumnKey[] = ['footPosition', 'alignment', 'turn', 'rise', 'footwork', 'sway', 'relation', 'lead', 'body', 'note'];
  let began: { x: number; y: number } | undefined;
  let rows = $derived(sheet.figure[part]);

  function swiped({ clientX, clientY }: PointerEvent) {
    if (began && Math.abs(clientX - began.x) > SWIPE && Math.abs(clientY - began.y) < SWIPE / 2) onswipe();
    began = undefined;
  }
</script>

<ol
  class="space-y-2 touch-pan-y"
  aria-label={msg.stepsOfThe({ part: nameOf(part) })}
  onpointerdown={({ clientX, clientY }) => (began = { x: clientX, y: clientY })}
  onpointerup={swiped}
  onpointercancel={() => (began = undefined)}
>
  {#each rows as row, index (index)}
    {@const reading = sheet.reading[part][index]}
    <li class={['panel overflow-hidden', lit === index && (part === 'man' ? 'border-spruce' : 'border-madder')]}>
      <button
        class={['flex w-full cursor-pointer items-center gap-3 px-3 py-1.5 text-left', part === 'man' ? 'bg-spruce-wash' : 'bg-madder-wash']}
        aria-label={msg.stepOnTheFloor({ index: index + 1 })}
        onclick={() => onstep(index)}
      >
        <span class="font-title text-2xl font-bold">{index + 1}</span>
        <span class="flex-1 leading-tight"
          >{msg.count()} <strong class="font-title text-xl">{row.count ?? '–'}</strong>{#if row.foot}<span class="ml-3">{reading?.wording.foot ?? row.foot}</span>{/if}</span
        >
        {#if reading}<AlignmentGlyph heading={reading.heading} tone={part === 'man' ? 'spruce' : 'madder'} />{/if}
      </button>
      <dl class="grid grid-cols-[6.5rem_1fr] gap-x-3 gap-y-1 px-3 py-2 leading-snug">
        {#each TOLD.filter((column) => row[column]) as column (column)}
          <dt class="text-soft">{reference.columnTitle(column)}</dt>
          <dd>{reading?.wording[column] || row[column]}</dd>
        {/each}
      </dl>
    </li>
  {/each}
</ol>
