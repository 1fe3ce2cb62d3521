<script lang="ts">
  import DifferenceTable from './DifferenceTable.svelte';
  import type { FigureSheet } from './FigureSheet.svelte';

  interface Props {
    sheet: FigureSheet;
  }
  let { sheet }: Props = $props();

  $effect(() => {
    void sheet.compareWithShipped(sheet.figure);
  });
</script>

{#if sheet.shipped === undefined}
  <p class="text-soft">Looking for the one that came with the program …</p>
{:else if sheet.shipped === null}
  <p>This figure did not come with the program; it is yours alone.</p>
{:else if sheet.shipped.differences.length === 0}
  <p><strong>As it came with the program.</strong></p>
  <p class="mt-1 text-soft">A newer edition of the book may renew it, until you change it. For one of your own use Copy.</p>
{:else}
  <div class="flex flex-wrap items-center justify-between gap-2">
    <p><strong>{sheet.shipped.differences.length} {sheet.shipped.differences.length === 1 ? 'place differs' : 'places differ'}</strong> from the one that came with the program.</p>
    <button class="act" onclick={() => sheet.takeShipped()}>Back to the shipped one</button>
  </div>
  <p class="mt-1 text-soft">A newer edition of the book leaves your changes alone. Undo brings them back.</p>
  <DifferenceTable differences={sheet.shipped.differences} before="shipped" after="here" />
{/if}
