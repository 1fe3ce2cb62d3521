<script lang="ts">
  import msg from '$lib/messages/figures';
  import type { ColumnKey, Finding, Part, Place, Unreadable } from '$lib/api/client';
  import AuditMark from '$lib/glyphs/AuditMark.svelte';
  import { focused } from '$lib/ui/focused';
  import type { Cell, FigureSheet, Offer } from './FigureSheet.svelte';
  import { reference } from '$lib/reference/reference.svelte';

  interface Props {
    sheet: FigureSheet;
    onplace: (place: Place) => void;
  }
  let { sheet, onplace }: Props = $props();

  let muting = $state<string>();
  let errors = $derived(sheet.reading.unreadable.length + sheet.open.filter((finding) => finding.severity === 'error').length);
  let warnings = $derived(sheet.open.filter((finding) => finding.severity === 'warning').length);

  const EDGE: Record<string, string> = { error: 'border-madder', warning: 'border-brass', note: 'border-line' };
  const NAME: Record<string, string> = { error: msg.doesNotAddUp(), warning: msg.check(), note: 'cue' };

  function key(finding: Finding) {
    return finding.rule + finding.place.pointer + finding.sentence;
  }

  function cellOf({ place }: Unreadable): Cell {
    return { part: place.part as Part, row: place.row ?? 0, column: place.column as ColumnKey };
  }

  function offersOf(unreadable: Unreadable) {
    return unreadable.choices.length > 0 || unreadable.rows.length > 1 ? sheet.offered(cellOf(unreadable)) : [];
  }

  function take(unreadable: Unreadable, offer: Offer) {
    sheet.take(cellOf(unreadable), offer);
    sheet.accept();
  }

  /** The cell with the words that were not understood replaced, and the rest as it is. */
  function withNearest(unreadable: Unreadable, nearest: string) {
    const { part, row, column } = cellOf(unreadable);
    const text = sheet.figure[part][row]?.[column] ?? '';
    return text.slice(0, unreadable.from) + nearest + text.slice(unreadable.from + unreadable.text.length);
  }

  function stayInCell(event: MouseEvent) {
    if (event.target instanceof Element && event.target.closest('button')) event.preventDefault();
  }

  function mute(event: SubmitEvent, finding: Finding) {
    event.preventDefault();
    const reason = String(new FormData(event.currentTarget as HTMLFormElement).get('reason')).trim();
    if (reason === '') return;
    sheet.mute(finding, reason);
    muting = undefined;
  }
</script>

<!-- A press on a button here leaves the cell that is being written in its place: what is found there would be found anew, and be another. -->
<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="space-y-3" aria-live="polite" onmousedown={stayInCell}>
  <AuditMark {errors} {warnings} />
  {#each sheet.reading.unreadable as unreadable (unreadable.place.pointer)}
    <article class="border-l-4 border-madder pl-3" data-place={unreadable.place.pointer}>
      <button class="cursor-pointer text-left font-semibold hover:underline" onclick={() => onplace(unreadable.place)}>
        {unreadable.place.wording}: “{unreadable.text}” {unreadable.choices.length > 0 ? msg.mayMean() : msg.cannotBeRead()}
      </button>
      {#if unreadable.choices.length === 0}<p class="text-soft">{msg.expected({ expected: unreadable.expected })}</p>{/if}
      {#if unreadable.place.column}
        <div class="mt-1 flex flex-wrap gap-2">
          {#each offersOf(unreadable) as offer (`${offer.column} ${offer.text}`)}
            <button class="act" onclick={() => take(unreadable, offer)}
              >{offer.column === unreadable.place.column ? offer.text : `${reference.columnTitle(offer.column)}: ${offer.text}`}</button
            >
          {/each}
          {#each unreadable.nearest as nearest, at (at)}
            <button class="act" onclick={() => sheet.put(unreadable.place, withNearest(unreadable, nearest))}>{nearest}</button>
          {/each}
        </div>
      {/if}
    </article>
  {/each}
  {#each sheet.open as finding (key(finding))}
    <article class={['border-l-4 pl-3', EDGE[finding.severity]]} data-place={finding.place.pointer} data-rule={finding.rule}>
      <button class="cursor-pointer text-left font-semibold hover:underline" onclick={() => onplace(finding.place)}>
        {finding.place.wording}
      </button>
      <span class="text-sm text-soft" title={msg.rule({ rule: finding.rule })}>{NAME[finding.severity]}</span>
      <p>{finding.sentence}</p>
      {#if muting === key(finding)}
        <form class="mt-1 flex gap-2" onsubmit={(event) => mute(event, finding)}>
          <input
            name={msg.reason()}
            class="field min-w-0 flex-1"
            placeholder={msg.reasonForIgnoringThisFinding()}
            aria-label={msg.reasonForIgnoringThisFinding()}
            {@attach focused}
          />
          <button class="act">{msg.ignore()}</button>
        </form>
      {:else}
        <div class="mt-1 flex flex-wrap gap-2">
          {#each finding.fixes as fix, at (at)}
            <button class="act" onclick={() => sheet.apply(fix)}>{fix.label}</button>
          {/each}
          <button class="cursor-pointer px-1 text-soft underline hover:text-ink" onclick={() => (muting = key(finding))}>{msg.ignoreThisFinding()}</button>
        </div>
      {/if}
    </article>
  {/each}
  {#if errors + warnings === 0}
    <p class="text-soft">{msg.theCountFillsItsBars()}</p>
  {/if}
  {#each sheet.muted as finding (key(finding))}
    <article class="border-l-4 border-dashed border-line pl-3" data-muted={finding.rule}>
      <p class="text-soft"><span class="font-semibold">{finding.place.wording}</span>: {finding.sentence}</p>
      <p>{msg.ignored({ muted: finding.muted ?? '' })}</p>
      <button class="cursor-pointer text-soft underline hover:text-ink" onclick={() => sheet.hearAgain(finding)}>{msg.stopIgnoring()}</button>
    </article>
  {/each}
</div>
