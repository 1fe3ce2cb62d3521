<script lang="ts">
  import msg from '$lib/messages/routines';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { sentenceOf } from '$lib/api/client';
  import { keysFor } from '$lib/keys/keys';
  import { DESK } from '$lib/keys/shortcuts';
  import ListPanel from '$lib/listings/ListPanel.svelte';
  import ChosenFigure from '$lib/routines/ChosenFigure.svelte';
  import ComposePanel from '$lib/routines/ComposePanel.svelte';
  import DeskFloor from '$lib/routines/DeskFloor.svelte';
  import DeskHeader from '$lib/routines/DeskHeader.svelte';
  import { DeskView } from '$lib/routines/DeskView.svelte';
  import FloorPanel from '$lib/routines/FloorPanel.svelte';
  import HistoryPanel from '$lib/routines/HistoryPanel.svelte';
  import MendingPanel from '$lib/routines/MendingPanel.svelte';
  import RoutineOverview from '$lib/routines/RoutineOverview.svelte';
  import Reel from '$lib/routines/Reel.svelte';
  import { RoutineDesk } from '$lib/routines/RoutineDesk.svelte';
  import { hitsOf, standingOf } from '$lib/routines/standing';
  import { asked } from '$lib/ui/address';
  import { isTyped } from '$lib/ui/fieldState';
  import { answering } from '$lib/ui/answering';
  import Message from '$lib/ui/Message.svelte';
  import { painted } from '$lib/ui/painted';
  import Unkept from '$lib/ui/Unkept.svelte';
  import { push, router } from 'svelte-spa-router';
  import { untrack } from 'svelte';

  let view = $state.raw<DeskView>();
  let failure = $state<string>();

  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let desk = $derived(view?.desk);
  let hits = $derived(hitsOf(view?.room.report));
  let standing = $derived(standingOf(desk?.broken ?? 0, hits, desk?.score?.unsound ?? []));

  $effect(() => {
    view = undefined;
    failure = undefined;
    const { figure, beat, compose } = untrack(() => asked(router.querystring));
    return whileShown(
      RoutineDesk.open(id, Number(figure) || 0).then((opened) => new DeskView(opened)),
      (opened) => {
        opened.playback.go(Number(beat ?? opened.desk.score?.placements[opened.desk.selected]?.onset ?? 0));
        view = opened;
        if (compose !== undefined) void opened.compose(compose === 'gap' ? 'gap' : 'compose');
        void complete(opened);
      },
      (thrown) => (failure = sentenceOf(thrown)),
      (opened) => opened.leave(),
    );
  });
  $effect(() => {
    if (view?.seam) void view.desk.askRepairs();
  });
  /** Another floor is only tried while the floor is looked at. */
  $effect(() => {
    if (!view?.desk.score) return;
    if (view.panel === 'floor') void view.room.check(view.desk.routine);
    else void view.room.try(undefined, view.desk.routine);
  });

  async function complete(opened: DeskView) {
    await Promise.all([painted(), opened.desk.offered]);
    opened.complete = true;
  }

  /** A field that is left because the view is left has no desk any more. */
  function type(typing: boolean) {
    if (desk) desk.typing = typing;
  }

  let keys = $derived(
    view &&
      keysFor(DESK, {
        undo: () => view!.desk.undo(),
        redo: () => view!.desk.redo(),
        keep: () => view!.keep(),
        previous: () => void view!.choose(view!.desk.selected - 1),
        following: () => void view!.choose(view!.desk.selected + 1),
        earlier: () => view!.desk.move(view!.desk.selected, view!.desk.selected - 1),
        later: () => view!.desk.move(view!.desk.selected, view!.desk.selected + 1),
        takeOut: () => void view!.takeOut(),
        corner: () => view!.desk.turnCorner(),
        next: () => document.querySelector<HTMLElement>('#next-figures button')?.focus(),
        before: () => view!.desk.look(view!.desk.direction === 'next' ? 'before' : 'next'),
        instead: () => view!.desk.look(view!.desk.direction === 'instead' ? 'next' : 'instead'),
        compose: () => void view!.compose(),
        gap: () => void view!.compose('gap'),
        bridge: () => {
          view!.open('seam');
          void view!.desk.askBridges();
        },
        detour: () => {
          view!.open('seam');
          void view!.desk.askDetours();
        },
        element: () => document.getElementById('element-kind')?.focus(),
        mend: () => void view!.mendAll(),
        loop: () => void view!.desk.tryLoop(),
        versions: () => view!.open('versions'),
        floor: () => view!.open('floor'),
        music: () => void push(`/routines/${view!.desk.routine.id}/music`),
        rules: () => void push(`/routines/${view!.desk.routine.id}/rules`),
        handOut: () => void push(`/routines/${view!.desk.routine.id}/card`),
        list: () => view!.open('list'),
        rehearse: () => view!.rehearse(),
        play: ({ target }) => {
          if (target instanceof HTMLButtonElement && !target.id.startsWith('placement-')) return false;
          return view!.playback.toggle();
        },
        stepBack: () => view!.step(-1),
        stepOn: () => view!.step(1),
      }),
  );
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10">
    <Message sentence={failure}><a class="act" href="#/routines">{common.backToRoutines()}</a></Message>
  </div>
{:else if !view || !desk?.score}
  <p class="p-10 text-center text-xl text-soft">{msg.loadingTheRoutine()}</p>
{:else}
  <div class="flex min-h-full flex-col gap-2 px-4 py-3 lg:h-full" oninput={(event) => type(isTyped(event))} onchange={() => type(false)} onfocusout={() => type(false)}>
    <DeskHeader {view} {standing} />

    <Unkept {desk} />

    {#if view.panel === 'compose'}
      <ComposePanel {desk} figures={view.figures} fillsGap={false} onclose={() => view!.close()} />
    {:else}
      <RoutineOverview {desk} onchoose={(placement) => view!.choose(placement)} />
      <Reel {desk} {hits} beat={view.playback.beat} onchoose={(placement) => view!.choose(placement)} onseam={(placement) => view!.open('seam', placement)} />

      <div class="grid min-h-0 flex-1 grid-cols-1 gap-3 lg:grid-cols-[minmax(0,1fr)_23rem]">
        <DeskFloor {view} hit={hits.length > 0} />
        <aside
          class="panel flex min-h-0 scroll-mt-3 flex-col overflow-y-auto p-3 max-lg:order-first"
          aria-label={msg.chosenFigure()}
          {@attach answering(() => [view!.panel, desk!.selected])}
        >
          {#if view.panel === 'floor'}
            <FloorPanel {desk} room={view.room} onclose={() => view!.close()} />
          {:else if view.panel === 'versions'}
            <HistoryPanel {desk} onclose={() => view!.close()} />
          {:else if view.panel === 'mend'}
            <MendingPanel {desk} onclose={() => view!.close()} />
          {:else if view.panel === 'list'}
            <ListPanel {desk} onclose={() => view!.close()} />
          {:else if view.panel === 'gap'}
            <ComposePanel {desk} figures={view.figures} fillsGap onclose={() => view!.close()} />
          {:else if view.complete}
            <ChosenFigure {view} />
          {/if}
        </aside>
      </div>
    {/if}
  </div>
{/if}
