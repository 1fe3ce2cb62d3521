<script lang="ts">
  import { api, required, sentenceOf, type FigureSummary, type Following, type ScoreStep } from '$lib/api/client';
  import FloorPlan from '$lib/floor/FloorPlan.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import FloorPanel from '$lib/routines/FloorPanel.svelte';
  import HistoryPanel from '$lib/routines/HistoryPanel.svelte';
  import NextFigures from '$lib/routines/NextFigures.svelte';
  import { Playback } from '$lib/routines/Playback.svelte';
  import Reel from '$lib/routines/Reel.svelte';
  import { RoomCheck } from '$lib/routines/RoomCheck.svelte';
  import { RoutineDesk, type Direction } from '$lib/routines/RoutineDesk.svelte';
  import ComposePanel from '$lib/routines/ComposePanel.svelte';
  import ElementFields from '$lib/routines/ElementFields.svelte';
  import SectionFields from '$lib/routines/SectionFields.svelte';
  import ConditionFields from '$lib/routines/ConditionFields.svelte';
  import MendingPanel from '$lib/routines/MendingPanel.svelte';
  import { hitsOf, standingOf } from '$lib/routines/standing';
  import { isTyped, settleField } from '$lib/ui/fieldState';
  import Seam from '$lib/routines/Seam.svelte';
  import WayFields from '$lib/routines/WayFields.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Archive from '@lucide/svelte/icons/archive';
  import ArchiveRestore from '@lucide/svelte/icons/archive-restore';
  import Copy from '@lucide/svelte/icons/copy';
  import HistoryIcon from '@lucide/svelte/icons/history';
  import CornerMark from '@lucide/svelte/icons/corner-left-up';
  import Footprints from '@lucide/svelte/icons/footprints';
  import Maximize from '@lucide/svelte/icons/maximize';
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import Redo2 from '@lucide/svelte/icons/redo-2';
  import SkipBack from '@lucide/svelte/icons/skip-back';
  import SkipForward from '@lucide/svelte/icons/skip-forward';
  import Star from '@lucide/svelte/icons/star';
  import Trash2 from '@lucide/svelte/icons/trash-2';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import { copyOf } from '$lib/routines/routineStore';
  import { push, replace, router } from 'svelte-spa-router';
  import { onDestroy, tick } from 'svelte';

  let desk = $state.raw<RoutineDesk>();
  let failure = $state<string>();
  let figures = $state.raw<FigureSummary[]>([]);
  const playback = new Playback(() => desk?.score);
  const room = new RoomCheck();
  onDestroy(() => playback.pause());

  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let query = $derived(new URLSearchParams(router.querystring ?? ''));
  /** The seam after the chosen figure, while it is looked at. */
  let seamShown = $derived(query.get('seam') !== null && desk ? desk.seamAfter(desk.selected) : undefined);
  $effect(() => {
    if (seamShown && desk) void desk.askRepairs(desk.selected);
  });
  let isComposing = $derived(query.get('compose') !== null && figures.length > 0);
  let score = $derived(desk?.score);
  let shownScore = $derived(room.triedScore ?? score);
  let isOnFloor = $derived(query.get('floor') !== null);
  const DIRECTIONS: { direction: Direction; title: string }[] = [
    { direction: 'next', title: 'What may come next (P)' },
    { direction: 'before', title: 'What may come before (P)' },
    { direction: 'instead', title: 'What may come in its place (I)' },
  ];
  let isMending = $derived(query.get('mend') !== null);
  $effect(() => {
    if (desk && score) void room.check(desk.routine);
  });
  let hits = $derived(hitsOf(room.report));
  let standing = $derived(standingOf(desk?.broken ?? 0, hits));
  $effect(() => {
    if (!isOnFloor && desk) void room.try(undefined, desk.routine);
  });

  /** Which section a placement belongs to, counted from 0. */
  function sectionOf(placement: number) {
    const index = score?.placements[placement]?.index ?? 0;
    return desk!.placements.slice(0, index + 1).filter((each) => each.section).length;
  }
  let man = $derived(playback.current('man'));
  let lady = $derived(playback.current('lady'));
  let chosen = $derived(desk?.score?.placements[desk.selected]);

  $effect(() => {
    desk = undefined;
    failure = undefined;
    playback.pause();
    let left: RoutineDesk | undefined;
    RoutineDesk.open(id).then(
      (opened) => {
        left = opened;
        opened.select(Number(query.get('figure') ?? 0));
        const onset = opened.score?.placements[opened.selected]?.onset;
        playback.go(Number(query.get('beat') ?? onset ?? 0));
        desk = opened;
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
    return () => left?.leave();
  });

  async function remove() {
    if (await desk?.delete()) await push('/routines');
  }

  /** Takes the chosen figure out; where the seam breaks then, what would mend it is shown at once, unless the coach has turned to something else. */
  async function takeOut() {
    const looking = router.querystring;
    await desk?.remove();
    if (!desk || router.querystring !== looking) return;
    if (desk.seamAfter(desk.selected)?.verdict.outcome === 'breaks') showSeam(desk.selected);
    else address({ figure: String(desk.selected) });
  }

  /** Opens the plan that mends everything, once it is known what breaks. */
  async function mendAll() {
    await desk?.settled;
    if (desk && desk.broken > 0) address({ figure: String(desk.selected), mend: '1' });
  }

  function keep() {
    settleField();
    void desk?.keep();
  }

  function address(change: Record<string, string>) {
    void replace(`/routines/${id}?${new URLSearchParams(change)}`);
  }

  async function choose(placement: number) {
    if (!desk) return;
    desk.select(placement);
    const onset = desk.score?.placements[desk.selected]?.onset ?? 0;
    if (!playback.playing) playback.go(onset);
    address({ figure: String(desk.selected) });
    await tick();
    const card = document.getElementById(`placement-${desk.selected}`);
    card?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    if (document.activeElement?.id.startsWith('placement-')) card?.focus();
  }

  function showSeam(placement: number) {
    desk?.select(placement);
    address({ figure: String(placement), seam: String(placement) });
  }

  async function compose(what: 'on' | 'gap' = 'on') {
    if (!desk) return;
    figures = required(await api.GET('/api/figures', { params: { query: { dance: desk.routine.dance } } }));
    address({ figure: String(desk.selected), compose: what });
  }

  /** A step on or back; the figure it falls in becomes the chosen one, so that what may come next is said of it. */
  function step(by: -1 | 1) {
    playback.step(by);
    const placement = playback.current('man')?.placement;
    if (desk && placement !== undefined && placement !== desk.selected) void desk.select(placement);
  }

  function add(following: Following) {
    desk?.add(following);
    address({ figure: String(desk?.selected ?? 0) });
  }

  function sentence(step: ScoreStep | undefined) {
    return step?.wording ?? 'ready';
  }

  function keydown(event: KeyboardEvent) {
    if (!desk) return;
    const writing = event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement || event.target instanceof HTMLTextAreaElement;
    if (event.ctrlKey || event.metaKey ? control(event) : !writing && plain(event)) event.preventDefault();
  }

  function control(event: KeyboardEvent): boolean {
    const key = event.key.toLowerCase();
    if (key === 's') keep();
    else if (key === 'z' && event.shiftKey) desk!.redo();
    else if (key === 'z') desk!.undo();
    else if (key === 'y') desk!.redo();
    else return false;
    return true;
  }

  function plain(event: KeyboardEvent): boolean {
    const inMenu = event.target instanceof Element && event.target.closest('[role=listbox],[role=dialog]') !== null;
    if (inMenu) return false;
    switch (event.key) {
      case 'ArrowLeft':
      case 'ArrowRight': {
        const to = desk!.selected + (event.key === 'ArrowLeft' ? -1 : 1);
        if (event.altKey) desk!.move(desk!.selected, to);
        else void choose(to);
        return true;
      }
      case 'Delete':
        void takeOut();
        return true;
      case 'c':
        desk!.turnCorner();
        return true;
      case 'n':
        document.querySelector<HTMLElement>('#next-figures button')?.focus();
        return true;
      case 'p':
        desk!.look(desk!.direction === 'next' ? 'before' : 'next');
        return true;
      case 'i':
        desk!.look(desk!.direction === 'instead' ? 'next' : 'instead');
        return true;
      case 'k':
        void compose();
        return true;
      case 'b':
        showSeam(desk!.selected);
        void desk!.askBridges();
        return true;
      case 'd':
        showSeam(desk!.selected);
        void desk!.askDetours();
        return true;
      case 'g':
        void compose('gap');
        return true;
      case 'e':
        document.getElementById('element-kind')?.focus();
        return true;
      case 'v':
        address({ figure: String(desk!.selected), versions: '1' });
        return true;
      case 'f':
        address({ figure: String(desk!.selected), floor: '1' });
        return true;
      case 'r':
        void push(`/routines/${id}/rehearse?figure=${desk!.selected}`);
        return true;
      case 'm':
        void mendAll();
        return true;
      case 'l':
        void desk!.tryLoop();
        return true;
      case ' ':
        if (event.target instanceof HTMLButtonElement && !event.target.id.startsWith('placement-')) return false;
        playback.toggle();
        return true;
      case ',':
        step(-1);
        return true;
      case '.':
        step(1);
        return true;
      default:
        return false;
    }
  }
</script>

<svelte:window onkeydown={keydown} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10">
    <Message sentence={failure}><a class="act" href="#/routines">Back to the routines</a></Message>
  </div>
{:else if !desk || !score}
  <p class="p-10 text-center text-xl text-soft">Laying out the routine …</p>
{:else}
  <div
    class="flex min-h-full flex-col gap-2 px-4 py-3 lg:h-full"
    oninput={(event) => (desk!.typing = isTyped(event))}
    onchange={() => (desk!.typing = false)}
    onfocusout={() => (desk!.typing = false)}
  >
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <span class="text-soft">{reference.danceTitle(desk.routine.dance)}</span>
      <h1 class="sr-only">{desk.routine.title}</h1>
      <input
        class="min-w-80 flex-1 truncate rounded-lg bg-transparent px-1 font-title text-3xl font-semibold hover:bg-board"
        aria-label="Title of the routine"
        maxlength="120"
        value={desk.routine.title}
        oninput={(event) => desk!.typeTitle(event.currentTarget.value)}
        onchange={() => desk!.accept()}
      />
      <label class="inline-flex items-center gap-2">
        <input
          class="field w-20 font-semibold"
          type="number"
          min="1"
          max="400"
          value={desk.routine.tempo}
          onchange={(event) => desk!.setTempo(event.currentTarget.valueAsNumber)}
        />
        <span class="text-soft">bars a minute</span>
      </label>
      <ConditionFields routine={desk.routine} onchange={(conditions) => desk!.bind(conditions)} />
      <span class="text-soft">{Math.floor(score.seconds / 60)}:{String(Math.round(score.seconds % 60)).padStart(2, '0')}</span>
      <span class={['font-semibold', standing.good ? 'text-spruce' : 'text-madder']} data-testid="standing">{standing.words}</span>
      <span class="flex flex-wrap items-center gap-2">
        <button class="act" title="Compose (K)" onclick={() => compose()}>Compose</button>
        {#if desk.broken > 0}<button class="act" title="What would mend every seam (M)" onclick={() => address({ figure: String(desk!.selected), mend: '1' })}>Mend all</button
          >{/if}
        <a class="act" title="Rehearse (R)" href={`#/routines/${id}/rehearse?figure=${desk.selected}`}><Footprints size={18} />Rehearse</a>
        <button class="act" title="The floor (F)" onclick={() => address({ figure: String(desk!.selected), floor: '1' })}><Maximize size={18} />Floor</button>
        <button class="act" title="Does it loop? (L)" disabled={desk.placements.length === 0} onclick={() => desk!.tryLoop()}>Loop?</button>
        <button class="act" aria-label="Undo" title="Undo (Ctrl Z)" disabled={!desk.canUndo} onclick={() => desk!.undo()}>
          <Undo2 size={18} />
        </button>
        <button class="act" aria-label="Redo" title="Redo (Ctrl Y)" disabled={!desk.canRedo} onclick={() => desk!.redo()}>
          <Redo2 size={18} />
        </button>
        {#if !desk.isNew}
          <button class="act" aria-label="Versions" title="Kept versions (V)" onclick={() => address({ figure: String(desk!.selected), versions: '1' })}
            ><HistoryIcon size={18} /></button
          >
        {/if}
        {#if !desk.isNew}
          <button
            class="act"
            aria-label={desk.routine.archived ? 'Take out of the archive' : 'Archive'}
            title={desk.routine.archived ? 'Take out of the archive' : 'Put away'}
            onclick={() => desk!.archive(!desk!.routine.archived)}
          >
            {#if desk.routine.archived}<ArchiveRestore size={18} />{:else}<Archive size={18} />{/if}
          </button>
        {/if}
        {#if !desk.isNew}
          <button class="act" aria-label="Delete" title="Delete the routine" onclick={remove}><Trash2 size={18} /></button>
        {/if}
        <button class="act" aria-label="Copy" title="Begin a copy" onclick={() => push(`/routines/${copyOf(desk!.routine)}`)}><Copy size={18} /></button>
        <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={keep}>
          {desk.isKept ? 'Kept' : 'Keep'}
        </button>
      </span>
    </header>

    {#if desk.failure}
      <Message sentence={desk.failure} faults={desk.faults}>
        {#if desk.conflict}
          <button class="act" onclick={() => desk!.takeStored()}>Show the stored one</button>
          <button class="act" onclick={() => desk!.keepOver()}>Keep mine instead</button>
        {/if}
      </Message>
    {/if}

    <Reel {desk} {hits} beat={playback.beat} onchoose={choose} onseam={showSeam} />

    <div class="grid min-h-0 flex-1 grid-cols-1 gap-3 lg:grid-cols-[minmax(0,1fr)_23rem]">
      <section class="panel flex min-h-96 flex-col overflow-hidden lg:min-h-0" aria-label="Floor">
        <div class="flex flex-wrap items-center gap-3 border-b-[1.5px] border-line px-3 py-2">
          <button class="act" aria-label="A step back" onclick={() => step(-1)}><SkipBack size={18} /></button>
          <button class="act act-main w-28 justify-center" onclick={() => playback.toggle()}>
            {#if playback.playing}<Pause size={18} /> Pause{:else}<Play size={18} /> Play{/if}
          </button>
          <button class="act" aria-label="A step on" onclick={() => step(1)}><SkipForward size={18} /></button>
          <span class="min-w-16 text-center font-title text-5xl leading-none font-bold" data-testid="count">{man?.count ?? '–'}</span>
          <span class="leading-tight text-soft">bar<span class="block font-title text-xl font-semibold text-ink">{man?.bar ?? '–'}</span></span>
          <span class="min-w-0 flex-1 leading-snug">
            <span class="block truncate"><strong class="text-spruce">Man</strong> {sentence(man)}</span>
            <span class="block truncate"><strong class="text-madder">Lady</strong> {sentence(lady)}</span>
            {#if man && lady}
              <span class="block text-sm leading-tight text-soft" data-testid="where">
                {man.seconds.toFixed(1)} s · free {man.freeFoot} and {lady.freeFoot} · facing {man.facing.name} and {lady.facing.name}{#if man.roundCorner && lady.roundCorner}
                  , after the corner {man.roundCorner.name} and {lady.roundCorner.name}{/if} · {man.position}, hold {man.hold}
              </span>
            {/if}
          </span>
        </div>
        <div class="min-h-0 flex-1 p-2">
          <FloorPlan score={shownScore ?? score} beat={playback.beat} selected={desk.selected} report={isOnFloor || hits.length > 0 ? room.report : undefined} {sectionOf} />
        </div>
      </section>

      <aside class="panel flex min-h-0 flex-col overflow-y-auto p-3" aria-label="Chosen figure">
        {#if isOnFloor}
          <FloorPanel {desk} {room} onclose={() => address({ figure: String(desk!.selected) })} />
        {:else if query.get('versions') !== null}
          <HistoryPanel {desk} onclose={() => address({ figure: String(desk!.selected) })} />
        {:else if isMending}
          <MendingPanel {desk} onclose={() => address({ figure: String(desk!.selected) })} />
        {:else if isComposing}
          <ComposePanel {desk} {figures} fillsGap={query.get('compose') === 'gap'} onclose={() => address({ figure: String(desk!.selected) })} />
        {:else}
          {#if desk.loop}
            <section class="mb-3 rounded-lg bg-floor p-2" aria-label="Loop">
              <p class="font-semibold">
                {desk.loop.verdict.outcome === 'holds'
                  ? 'It loops.'
                  : desk.loop.roundCorner.outcome === 'holds'
                    ? 'It loops round a corner.'
                    : `From the end to the beginning it ${desk.loop.verdict.outcome}.`}
              </p>
              {#each desk.loop.completions as chain (chain.wording)}
                <button
                  class="act mt-1 h-auto w-full justify-start py-1 text-left whitespace-normal"
                  onclick={() => {
                    desk!.select(score!.placements.length - 1);
                    desk!.insert(chain.placements);
                  }}
                >
                  Close it with {chain.wording}
                </button>
              {/each}
            </section>
          {/if}
          {#if chosen}
            <h2 class="text-xl">{chosen.title}</h2>
            <div class="mt-1 flex flex-wrap gap-2">
              <button class="act" onclick={() => desk!.turnCorner()}>
                <CornerMark size={17} />{chosen.cornerAfter ? 'No corner' : 'Corner after'}
              </button>
              <button class="act" aria-pressed={chosen.highlight} aria-label="Highlight" onclick={() => desk!.highlight()}>
                <Star size={17} class={chosen.highlight ? 'fill-brass text-brass' : ''} />
              </button>
              <button class="act" aria-label="Take it out" onclick={takeOut}><Trash2 size={17} /></button>
              {#if desk.chosen?.figure}<a class="act" href={`#/figures/${chosen.figure}`}>Sheet</a>{/if}
            </div>
            {#if desk.chosen?.element}
              <ElementFields element={desk.chosen.element} label="Change it" onsubmit={(element) => desk!.dance({ element })} />
            {:else if desk.chosen}
              <WayFields placement={desk.chosen} onchange={(way) => desk!.dance(way)} />
            {/if}
            <input
              class="field mt-2"
              placeholder="A note for this figure"
              aria-label="Note"
              maxlength="1000"
              value={desk.chosen?.note ?? ''}
              oninput={(event) => desk!.typeNote(event.currentTarget.value)}
              onchange={() => desk!.accept()}
            />
            {#if desk.chosen}
              <SectionFields placement={desk.chosen} section={desk.section} ondivide={(section) => desk!.divide(section)} onrounds={(rounds) => desk!.dance({ rounds })} />
            {/if}
          {/if}
          {#if seamShown}
            <div class="mt-3 flex items-baseline justify-between">
              <h3 class="text-lg">The seam after it {seamShown.verdict.outcome}</h3>
              <button class="text-soft underline" onclick={() => address({ figure: String(desk!.selected) })}>close</button>
            </div>
            <div class="mt-1">
              <Seam
                verdict={seamShown.verdict}
                repairs={desk.repairs}
                bridges={desk.bridges}
                detours={desk.detours}
                escapes={desk.chosen?.escapes ?? []}
                onrepair={(repair) => {
                  desk!.mend(repair);
                  address({ figure: String(desk!.selected) });
                }}
                onbridges={() => desk!.askBridges()}
                onbridge={(chain) => desk!.insert(chain.placements)}
                onfill={() => compose('gap')}
                onblocked={() => desk!.askDetours()}
                onescapes={(detours) => {
                  desk!.keepEscapes(detours);
                }}
              />
            </div>
          {/if}
          <div class="mt-3 mb-1 flex items-baseline justify-between gap-2">
            <h3 class="text-lg">{chosen ? `What may come ${desk.direction}` : 'Begin with'}</h3>
            {#if chosen}
              <span class="flex gap-2">
                {#each DIRECTIONS.filter(({ direction }) => direction !== desk!.direction) as { direction, title } (direction)}
                  <button class="text-soft underline" {title} onclick={() => desk!.look(direction)}>{direction}?</button>
                {/each}
              </span>
            {/if}
          </div>
          <NextFigures next={desk.next} direction={chosen ? desk.direction : 'next'} onadd={add} />
          <h3 class="mt-3 mb-1 text-lg">Or an element</h3>
          <ElementFields label="Put it in" onsubmit={(element) => desk!.addElement(element)} />
        {/if}
      </aside>
    </div>
  </div>
{/if}
