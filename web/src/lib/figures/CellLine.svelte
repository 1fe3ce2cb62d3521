<script lang="ts">
  import { reference } from '$lib/reference/reference.svelte';
  import type { Cell, FigureSheet, Offer } from './FigureSheet.svelte';

  interface Props {
    sheet: FigureSheet;
    cell: Cell;
  }
  let { sheet, cell }: Props = $props();

  let saying = $derived(sheet.reading[cell.part][cell.row]?.wording[cell.column]);
  let unreadable = $derived(sheet.unreadable(`/${cell.part}/${cell.row}/${cell.column}`));
  let offered = $derived(sheet.offered(cell));

  function label(offer: Offer) {
    return offer.column === cell.column ? offer.text : `${reference.columnTitle(offer.column)}: ${offer.text}`;
  }
</script>

<strong class="text-ink capitalize">{cell.part}, step {cell.row + 1}:</strong>
{#if unreadable}
  <span class="font-semibold text-madder">“{unreadable.text}”{unreadable.choices.length > 0 || unreadable.rows.length > 1 ? ' – which?' : ' is not understood'}</span>
  {#if saying}<span>and {saying}</span>{/if}
  {#if unreadable.nearest.length > 0}<span>perhaps {unreadable.nearest.join(', ')}</span>{/if}
{:else}
  <span>{saying || 'nothing said here'}</span>
{/if}
{#each offered as offer, index (`${offer.column} ${offer.text}`)}
  <button
    class="cursor-pointer hover:text-ink"
    tabindex="-1"
    title={offer.wording}
    onmousedown={(event) => {
      event.preventDefault();
      sheet.take(cell, offer);
    }}
  >
    <span class="key">Alt {index + 1}</span>
    <strong class="text-ink">{label(offer)}</strong>
  </button>
{/each}
