<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import type { ColumnKey, Part, Row } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import { keysWithin } from '$lib/keys/keys';
  import { CHART } from '$lib/keys/shortcuts';
  import { tick } from 'svelte';
  import { widths } from './columns';
  import type { FigureSheet } from './FigureSheet.svelte';
  import { blockOf } from './rows';
  import TurnRibbon from './TurnRibbon.svelte';

  interface Props {
    sheet: FigureSheet;
    part: Part;
    columns: ColumnKey[];
    /** The row being danced now, lit up. */
    lit?: number;
    onfocus: (place: { part: Part; row: number; column: ColumnKey }) => void;
  }
  let { sheet, part, columns, lit, onfocus }: Props = $props();

  const SHORT_TITLE: Partial<Record<ColumnKey, string>> = {
    count: msg.ct(),
    footPosition: msg.footPosition(),
    rise: msg.riseFall(),
    footwork: msg.fw(),
    relation: msg.positionHold(),
    body: msg.hipsBody(),
  };
  let rows = $derived(sheet.figure[part]);
  /** Both charts have the same columns at the same places. */
  let shares = $derived(widths(columns, [...sheet.figure.man, ...sheet.figure.lady], title));
  let total = $derived(shares.reduce((sum, share) => sum + share, 0));

  function title(column: ColumnKey) {
    return SHORT_TITLE[column] ?? reference.columnTitle(column);
  }

  function id(row: number, column: ColumnKey) {
    return `cell-${part}-${row}-${column}`;
  }

  function pointer(row: number, column: ColumnKey) {
    return `/${part}/${row}/${column}`;
  }

  async function go(row: number, column: ColumnKey) {
    await tick();
    const cell = document.getElementById(id(row, column));
    if (cell instanceof HTMLTextAreaElement) {
      cell.focus();
      cell.select();
    }
  }

  /** Takes one of the cells the program offers; the typing goes on behind it. */
  function complete(choice: number) {
    const cell = { part, ...at };
    const offer = sheet.offered(cell)[choice];
    if (offer) sheet.take(cell, offer);
  }

  let at: { row: number; column: ColumnKey } = { row: 0, column: 'count' };

  const keys = keysWithin(CHART, {
    down: () => {
      sheet.accept();
      void go(Math.min(at.row + 1, rows.length - 1), at.column);
    },
    above: () => void go(at.row - 1, at.column),
    below: () => void go(at.row + 1, at.column),
    cancel: () => {
      sheet.cancel();
      void go(at.row, at.column);
    },
    insert: () => {
      sheet.insertRow(part, at.row);
      void go(at.row + 1, 'count');
    },
    repeat: () => {
      sheet.repeatRow(part, at.row);
      void go(at.row + 1, at.column);
    },
    moveUp: () => void go(sheet.moveRow(part, at.row, -1), at.column),
    moveDown: () => void go(sheet.moveRow(part, at.row, 1), at.column),
    remove: () => {
      sheet.removeRow(part, at.row);
      void go(Math.max(0, at.row - 1), at.column);
    },
    mend: () => sheet.mend(pointer(at.row, at.column)),
    first: () => complete(0),
    offered: ({ key }) => complete(Number(key) - 1),
  });

  function keydown(event: KeyboardEvent, row: number, column: ColumnKey) {
    at = { row, column };
    keys(event);
  }

  function paste(event: ClipboardEvent, row: number, column: ColumnKey) {
    const block = blockOf(event.clipboardData?.getData('text/plain') ?? '');
    if (!block) return;
    event.preventDefault();
    sheet.paste(part, row, columns.slice(columns.indexOf(column)), block);
  }

  function text(row: Row, column: ColumnKey) {
    return row[column] ?? '';
  }
</script>

<section class="panel min-w-0 overflow-hidden" aria-label={msg.chartOfThe({ part: nameOf(part) })}>
  <div class={['border-b-[1.5px] border-line px-2 pt-2 pb-1', part === 'man' ? 'bg-spruce-wash' : 'bg-madder-wash']}>
    <div class="flex items-center gap-3">
      <h2 class="w-12 text-lg capitalize">{nameOf(part)}</h2>
      <div class="min-w-0 flex-1"><TurnRibbon {part} rows={sheet.reading[part]} /></div>
    </div>
  </div>
  <div class="overflow-x-auto">
    <table class="w-full min-w-[34rem] table-fixed border-collapse">
      <colgroup>
        <col style="width: 1.9rem" />
        {#each columns as column, index (column)}<col style={`width: ${(100 * (shares[index] ?? 0)) / total}%`} />{/each}
      </colgroup>
      <thead>
        <tr class="text-left text-[0.8rem] text-soft">
          <th scope="col" class="py-1 pl-2 font-semibold"><span class="sr-only">{common.step()}</span></th>
          {#each columns as column (column)}
            <th scope="col" class="px-1 py-1 align-bottom leading-tight font-semibold" title={reference.columnTitle(column)}>
              {title(column)}
            </th>
          {/each}
        </tr>
      </thead>
      <tbody>
        {#each rows as row, index (index)}
          <tr class={['border-t border-line', lit === index && (part === 'man' ? 'bg-spruce-wash' : 'bg-madder-wash')]}>
            <th scope="row" class="pt-1.5 pl-2 text-left align-top font-title leading-tight font-semibold text-soft">{index + 1}</th>
            {#each columns as column (column)}
              {@const unreadable = sheet.unreadable(pointer(index, column))}
              {@const finding = sheet.finding(pointer(index, column))}
              {@const derived = sheet.isDerived(pointer(index, column))}
              <td class="relative p-0 align-top">
                <textarea
                  rows="1"
                  id={id(index, column)}
                  class={[
                    'field-sizing-content block min-h-9 w-full scroll-mb-96 scroll-mt-24 min-w-0 resize-none overflow-hidden bg-transparent px-1 py-1.5 text-[0.95rem] leading-tight wrap-break-word focus:bg-board focus:outline-3 focus:outline-brass',
                    derived && 'italic text-soft',
                    (column === 'count' || column === 'foot') && 'font-semibold',
                    (unreadable || finding?.severity === 'error') && 'bg-madder-wash font-bold underline decoration-madder decoration-wavy decoration-2 underline-offset-4',
                  ]}
                  value={text(row, column)}
                  title={(sheet.reading[part][index]?.wording[column] ?? '') + (derived ? msg.derivedFromThePartner() : '')}
                  aria-label={msg.step2({ part: nameOf(part), index: index + 1, column: reference.columnTitle(column) })}
                  aria-invalid={unreadable || finding?.severity === 'error' ? 'true' : undefined}
                  autocomplete="off"
                  spellcheck="false"
                  onfocus={() => onfocus({ part, row: index, column })}
                  oninput={(event) => sheet.type(part, index, column, event.currentTarget.value)}
                  onblur={() => sheet.accept()}
                  onpaste={(event) => paste(event, index, column)}
                  onkeydown={(event) => keydown(event, index, column)}></textarea>
                {#if unreadable || (finding && finding.severity !== 'note')}
                  <svg class="pointer-events-none absolute top-0 right-0" width="13" height="13" viewBox="0 0 13 13" aria-hidden="true">
                    <path
                      d={unreadable || finding?.severity === 'error' ? 'M0 0h13v13z' : 'M5 0h8v8z'}
                      fill={unreadable || finding?.severity === 'error' ? 'var(--ff-madder)' : 'var(--ff-brass)'}
                    />
                  </svg>
                {/if}
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
</section>
