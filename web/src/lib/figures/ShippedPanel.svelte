<script lang="ts">
  import msg from '$lib/messages/figures';
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
  <p class="text-soft">{msg.loadingTheOriginalFigure()}</p>
{:else if sheet.shipped === null}
  <p>{msg.thisFigureDidNotCome()}</p>
{:else if sheet.shipped.differences.length === 0}
  <p><strong>{sheet.isKept ? msg.unchangedFromTheOriginal() : msg.unchangedOnceSaved()}</strong></p>
  <p class="mt-1 text-soft">{msg.updatesToTheBookMay()}</p>
{:else}
  <div class="flex flex-wrap items-center justify-between gap-2">
    <p><strong>{msg.differsFromOriginal({ places: sheet.shipped.differences.length })}</strong></p>
    <button class="act" onclick={() => sheet.takeShipped()}>{msg.restoreTheOriginal()}</button>
  </div>
  <p class="mt-1 text-soft">{msg.updatesToTheBookDo()}</p>
  <DifferenceTable differences={sheet.shipped.differences} before={msg.versionShipped()} after={msg.versionHere()} />
{/if}
