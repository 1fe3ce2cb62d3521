<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/figures';
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

<strong class="text-ink capitalize">{msg.step({ part: nameOf(cell.part), row: cell.row + 1 })}</strong>
{#if unreadable}
  <span class="font-semibold text-madder">“{unreadable.text}”{unreadable.choices.length > 0 || unreadable.rows.length > 1 ? msg.which() : msg.isNotUnderstood()}</span>
  {#if saying}<span>{msg.and({ saying })}</span>{/if}
  {#if unreadable.nearest.length > 0}<span>{msg.perhaps({ join: unreadable.nearest.join(', ') })}</span>{/if}
{:else}
  <span>{saying || msg.empty()}</span>
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
    <span class="key">{msg.alt({ index: index + 1 })}</span>
    <strong class="text-ink">{label(offer)}</strong>
  </button>
{/each}
