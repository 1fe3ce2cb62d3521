<script lang="ts">
  import msg from '$lib/messages/figures';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import GrowingField from '$lib/ui/GrowingField.svelte';
  import { far } from '$lib/ui/Appearance.svelte';
  import { sentenceOf, type ColumnKey, type Part, type Place, type Level } from '$lib/api/client';
  import CellLine from '$lib/figures/CellLine.svelte';
  import Chart from '$lib/figures/Chart.svelte';
  import StepCards from '$lib/figures/StepCards.svelte';
  import { narrow } from '$lib/ui/narrow';
  import { columnsFor } from '$lib/figures/columns';
  import Download from '~icons/lucide/download';
  import { FigureSheet, type Cell, type TextField } from '$lib/figures/FigureSheet.svelte';
  import EffectsDialog from '$lib/figures/EffectsDialog.svelte';
  import SheetPanel from '$lib/figures/SheetPanel.svelte';
  import { keysFor } from '$lib/keys/keys';
  import { SHEET } from '$lib/keys/shortcuts';
  import StepDrawing from '$lib/floor/StepDrawing.svelte';
  import { queryOf } from '$lib/ui/address';
  import { reference } from '$lib/reference/reference.svelte';
  import AfterPaint from '$lib/ui/AfterPaint.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { changedQuery } from '$lib/ui/address';
  import { isTyped, settleField } from '$lib/ui/fieldState';
  import Message from '$lib/ui/Message.svelte';
  import UndoRedo from '$lib/ui/UndoRedo.svelte';
  import Unkept from '$lib/ui/Unkept.svelte';
  import ChevronLeft from '~icons/lucide/chevron-left';
  import ChevronRight from '~icons/lucide/chevron-right';
  import Trash2 from '~icons/lucide/trash-2';
  import { push, replace, router } from 'svelte-spa-router';
  import { tick } from 'svelte';

  let sheet = $state.raw<FigureSheet>();
  let failure = $state<string>();
  let place = $state<Cell>();

  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let query = $derived(new URLSearchParams(router.querystring ?? ''));
  let foldedOut = $derived(query.get('columns') === 'all');
  let dance = $derived(sheet && reference.dance(sheet.figure.dance));
  let isLatin = $derived(dance !== undefined && /Latin|Rhythm/.test(dance.style));
  let columns = $derived(columnsFor(isLatin, foldedOut));
  /** On a phone the sheet is read, one part at a time, until it is asked to be changed. */
  let reads = $derived(narrow.current && !query.get('change') && !sheet?.isNew);
  let read = $derived<Part>(query.get('part') === 'lady' ? 'lady' : 'man');
  let more = $state(false);
  let at = $derived(Math.min(Number(query.get('at') ?? sheet?.onsets.length ?? 0), sheet?.onsets.length ?? 0));

  $effect(() => {
    sheet = undefined;
    failure = undefined;
    return whileShown(
      FigureSheet.open(id),
      (opened) => {
        sheet = opened;
        if (new URLSearchParams(router.querystring ?? '').get('focus') === 'first') void tick().then(() => document.getElementById('cell-man-0-count')?.focus());
      },
      (thrown) => (failure = sentenceOf(thrown)),
      (opened) => opened.leave(),
    );
  });

  async function remove() {
    if (sheet && (await attempt(sheet.delete()))) await push(`/figures?dance=${sheet.figure.dance}`);
  }

  async function keepAsCopy() {
    const copy = await sheet?.keepAsCopy();
    if (copy) await push(`/figures/${copy}`);
  }

  /** What fails for another reason than the figure's own is said too. */
  async function attempt<T>(work: Promise<T>): Promise<T | undefined> {
    try {
      return await work;
    } catch (thrown) {
      if (sheet) sheet.failure = sentenceOf(thrown);
      return undefined;
    }
  }

  function keep() {
    settleField();
    if (sheet) void attempt(sheet.keep());
  }

  function show(change: Record<string, string>) {
    void replace(`/figures/${id}?${changedQuery(query, change)}`);
  }

  /** The step under the cursor is shown on the floor too. */
  function enter(cell: Cell) {
    place = cell;
    sheet?.enter(cell);
    danceTo(cell.part, cell.row);
  }

  function danceTo(part: Part, row: number) {
    const onset = sheet?.reading[part][row]?.onset;
    const onsets = sheet?.onsets ?? [];
    const danced = onset === undefined ? -1 : onsets.findLastIndex((each) => each <= onset);
    if (danced >= 0 && danced + 1 !== at) show({ at: String(danced + 1) });
  }

  function litRow(part: Part): number | undefined {
    const beat = sheet?.onsets[at - 1];
    if (beat === undefined) return undefined;
    const row = sheet!.reading[part].findLastIndex((reading) => reading.onset !== undefined && reading.onset <= beat);
    return row < 0 ? undefined : row;
  }

  function panelOf(field: string): string {
    if (/^(timings|entries|finishes|schools|repeat|splits)/.test(field)) return 'ways';
    return /^(cautions|cues|faults|drills)/.test(field) ? 'words' : /^(start|end|school|feel)/.test(field) ? 'ends' : '';
  }

  async function goTo(target: Place) {
    if (!target.column && panelOf(target.pointer.slice(1))) show({ panel: panelOf(target.pointer.slice(1)) });
    if (target.column && !columns.includes(target.column as ColumnKey)) show({ columns: 'all' });
    await tick();
    const cell = target.column ? `cell-${target.part}-${target.row}-${target.column}` : `field-${target.pointer.slice(1)}`;
    document.getElementById(cell)?.focus();
  }

  const keys = keysFor(SHEET, {
    undo: () => sheet?.undo(),
    redo: () => sheet?.redo(),
    keep,
    opposite: () => {
      show({ panel: 'derive' });
      void sheet?.propose({ kind: 'opposite', from: 'man' });
    },
  });
</script>

<svelte:window onkeydown={keys} />

{#snippet field(name: TextField, label: string, width: string)}
  <label class="inline-flex items-center gap-2">
    <span class="text-soft">{label}</span>
    <input
      id={`field-${name}`}
      class={['field font-semibold', width, (sheet!.unreadable(`/${name}`) || sheet!.finding(`/${name}`)) && 'border-madder text-madder']}
      value={sheet!.figure[name]}
      autocomplete="off"
      oninput={(event) => sheet!.typeField(name, event.currentTarget.value)}
      onblur={() => sheet!.accept()}
    />
  </label>
{/snippet}

{#if failure}
  <div class="mx-auto max-w-2xl p-10">
    <Message sentence={failure}><a class="act" href="#/figures">{msg.backToFigures()}</a></Message>
  </div>
{:else if !sheet}
  <p class="p-10 text-center text-xl text-soft">{msg.loadingTheSheet()}</p>
{:else}
  <div
    class={['flex min-h-full flex-col gap-3 px-4 py-3', !foldedOut && 'lg:h-full']}
    oninput={(event) => (sheet!.typing = isTyped(event))}
    onchange={() => (sheet!.typing = false)}
    onfocusout={() => (sheet!.typing = false)}
  >
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <a class="hidden text-soft hover:text-ink sm:inline" href={`#/dances/${sheet.figure.dance}`}>{dance?.title ?? sheet.figure.dance}</a>
      <h1 class="sr-only">{msg.figureSheetOf({ title: sheet.figure.title })}</h1>
      <span class="min-w-0 flex-1 font-title sm:min-w-96">
        {#if reads}<strong class="text-2xl leading-tight font-semibold">{sheet.figure.title}</strong>{:else}<GrowingField
            id="field-title"
            class="w-full min-w-0 rounded-lg bg-transparent text-2xl leading-tight font-semibold hover:bg-board"
            label={msg.title()}
            autocomplete="off"
            value={sheet.figure.title}
            ontype={(title) => sheet!.typeField('title', title)}
            ondone={() => sheet!.accept()}
          />{/if}
      </span>
      {#if narrow.current}<button class="act" aria-expanded={more} onclick={() => (more = !more)}>{more ? msg.less() : msg.more()}</button>{/if}
      {#if !narrow.current || more}
        {#if !reads}<Choice
            label={common.level()}
            value={sheet.figure.level}
            options={reference.notation.levels.map((level) => ({ value: level.shorthand, label: level.wording }))}
            onchange={(level) => sheet!.set({ level: level as Level })}
          />
          {@render field('bars', msg.bars2(), 'w-22')}{:else}
          <span class="w-full text-soft"
            ><a class="underline" href={`#/figures?dance=${sheet.figure.dance}`}>{dance?.title ?? sheet.figure.dance}</a>{msg.bars({
              level: sheet.figure.level,
              bars: sheet.figure.bars,
            })}</span
          >
        {/if}
        <span class="ml-auto flex flex-wrap items-center gap-2">
          {#if !sheet.isNew}
            <a class="act" href={`#/figures/${sheet.figure.id}/card`}>{msg.card()}</a>
            <a class="act" href={`#/figures/new?dance=${sheet.figure.dance}&copy=${sheet.figure.id}`}>{msg.duplicate()}</a>
            <button class="act" aria-label={common.deleteIt()} title={msg.deleteTheFigure()} onclick={remove}><Trash2 width={18} height={18} /></button>
          {/if}
          {#if narrow.current && !sheet.isNew}<button class="act" onclick={() => show({ change: reads ? 'yes' : '' })}>{reads ? common.edit() : common.view()}</button>{/if}
          <button class={['act', reads && 'hidden']} aria-pressed={foldedOut} onclick={() => show({ columns: foldedOut ? '' : 'all' })}>
            {foldedOut ? msg.fewerColumns() : msg.allColumns()}
          </button>
          <UndoRedo desk={sheet} />
          <button class="act act-main" disabled={sheet.isKept || sheet.keeping} onclick={keep}>
            {sheet.isKept ? common.saved() : sheet.isNew ? msg.saveAsNew() : common.save()}
          </button>
        </span>
      {/if}
    </header>

    <Unkept desk={sheet}>
      {#each sheet.users as user (user.routine)}<a class="act" href={`#/routines/${user.routine}`}>{user.title}</a>{/each}
    </Unkept>

    {#if sheet.effects}
      <EffectsDialog
        title={sheet.figure.title}
        effects={sheet.effects}
        onkeep={() => attempt(sheet!.keepAnyway())}
        oncopy={() => attempt(keepAsCopy())}
        oncancel={() => (sheet!.effects = undefined)}
      />
    {/if}

    {#if reads}
      <div class="grid grid-cols-2 gap-2" role="group" aria-label={common.part()}>
        {#each ['man', 'lady'] as const as part (part)}
          <button class={['act justify-center capitalize', read === part && 'act-main']} aria-pressed={read === part} onclick={() => show({ part: part === 'man' ? '' : part })}
            >{part}</button
          >
        {/each}
      </div>
      <StepCards {sheet} part={read} lit={litRow(read)} onswipe={() => show({ part: read === 'man' ? 'lady' : '' })} onstep={(row) => danceTo(read, row)} />
    {:else}
      <div class={['grid grid-cols-1 gap-3', !foldedOut && !far.on && 'lg:grid-cols-2']}>
        <Chart {sheet} part="man" {columns} lit={litRow('man')} onfocus={enter} />
        <Chart {sheet} part="lady" {columns} lit={litRow('lady')} onfocus={enter} />
      </div>
    {/if}
    <div class={['flex flex-col gap-2 bg-floor lg:pb-3', !foldedOut && 'lg:sticky lg:bottom-0 lg:z-10 lg:grow']}>
      {#if !reads}<p class="flex min-h-7 flex-wrap items-center gap-x-3 px-1 text-soft" aria-live="off">
          {#if place}
            <CellLine {sheet} cell={place} />
          {:else}
            {msg.chooseACellToRead()}
          {/if}
        </p>{/if}

      <AfterPaint>
        <div class={['grid grid-cols-1 gap-3 lg:grid-cols-[3fr_2fr]', foldedOut ? 'lg:h-96' : 'lg:min-h-72 lg:shrink-0 lg:grow lg:basis-0']}>
          <section class="panel flex h-96 flex-col overflow-hidden lg:h-auto lg:min-h-0" aria-label={msg.stepsOnTheFloor()}>
            <div class="flex items-center gap-2 px-3 pt-2">
              <button class="act" aria-label={common.previousStep()} disabled={at === 0} onclick={() => show({ at: String(at - 1) })}>
                <ChevronLeft width={18} height={18} />
              </button>
              <span class="min-w-16 text-center font-title text-2xl font-semibold">
                {at === 0 ? msg.sheetStart() : (sheet.figure.man[litRow('man') ?? 0]?.count ?? '')}
              </span>
              <button class="act" aria-label={common.nextStep()} disabled={at >= sheet.onsets.length} onclick={() => show({ at: String(at + 1) })}>
                <ChevronRight width={18} height={18} />
              </button>
              <button class="act px-2" aria-label={msg.saveTheStepsAsSvg2()} title={msg.saveTheStepsAsSvg()} onclick={() => sheet!.saveSteps()}
                ><Download width={18} height={18} /></button
              >
            </div>
            <div class="min-h-0 flex-1"><StepDrawing reading={sheet.reading} {at} onsets={sheet.onsets} /></div>
            <p class="border-t-[6px] border-line px-3 py-1 text-sm text-soft">{msg.wallOnThisSideLine()}</p>
          </section>
          <SheetPanel {sheet} panel={query.get('panel') ?? 'checked'} onpanel={(panel) => show({ panel: panel === 'checked' ? '' : panel })} onplace={goTo} />
        </div>
      </AfterPaint>
    </div>
    <p class="px-1 text-sm text-soft">
      <strong>{msg.takeCare2()}</strong>
      {#each ['warm-up', ...(sheet.figure.cautions ?? []).filter((tag) => tag !== 'warm-up')] as caution, at (at)}<span class="mr-3">{reference.cautionWords(caution)}</span>{/each}
    </p>
    <p class="flex flex-wrap gap-x-4 px-1 text-sm">
      {#each [[msg.startsIn(), sheet.figure.start], [msg.endsIn(), sheet.figure.end]] as const as [label, stand] (label)}
        <span
          >{label}
          <a class="font-semibold underline" href={`#/postures?${queryOf({ dance: sheet.figure.dance, position: stand.position, hold: stand.hold })}`}
            >{stand.position}, {stand.hold}</a
          ></span
        >
      {/each}
      <a class="font-semibold underline" href={`#/drills?figure=${sheet.figure.id}`}>{common.exercises()}</a>
    </p>
  </div>
{/if}
