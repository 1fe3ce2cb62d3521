<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/figures';
  import ChevronDown from '~icons/lucide/chevron-down';
  import ChevronUp from '~icons/lucide/chevron-up';
  import CopyPlus from '~icons/lucide/copy-plus';
  import Plus from '~icons/lucide/plus';
  import Trash2 from '~icons/lucide/trash-2';
  import { tick } from 'svelte';
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

  let rows = $derived(sheet.figure[cell.part].length);

  /** The cursor goes along with the row. */
  async function go(row: number) {
    await tick();
    document.getElementById(`cell-${cell.part}-${Math.min(row, sheet.figure[cell.part].length - 1)}-${cell.column}`)?.focus();
  }

  const ROWS = [
    { label: msg.addRow(), icon: Plus, may: () => true, does: () => (sheet.insertRow(cell.part, cell.row), go(cell.row + 1)) },
    { label: msg.repeatRow(), icon: CopyPlus, may: () => true, does: () => (sheet.repeatRow(cell.part, cell.row), go(cell.row + 1)) },
    { label: msg.rowUp(), icon: ChevronUp, may: () => cell.row > 0, does: () => go(sheet.moveRow(cell.part, cell.row, -1)) },
    { label: msg.rowDown(), icon: ChevronDown, may: () => cell.row < rows - 1, does: () => go(sheet.moveRow(cell.part, cell.row, 1)) },
    { label: msg.removeRow(), icon: Trash2, may: () => rows > 1, does: () => (sheet.removeRow(cell.part, cell.row), go(Math.max(0, cell.row - 1))) },
  ];

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
<span class="ml-auto inline-flex items-center gap-1" role="group" aria-label={msg.rowOf()}>
  {#each ROWS as { label, icon: Icon, does, may } (label)}
    <button
      class="inline-flex h-7 w-8 cursor-pointer items-center justify-center rounded-lg border-[1.5px] border-line hover:border-ink disabled:cursor-default disabled:opacity-40"
      aria-label={label}
      title={label}
      disabled={!may()}
      onmousedown={(event) => event.preventDefault()}
      onclick={does}><Icon width={17} height={17} /></button
    >
  {/each}
</span>
