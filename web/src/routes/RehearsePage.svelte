<script lang="ts">
  import msg from '$lib/messages/rehearsal';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type Drill } from '$lib/api/client';
  import { keysFor, type Answer } from '$lib/keys/keys';
  import { REHEARSAL } from '$lib/keys/shortcuts';
  import LoopFields from '$lib/rehearsal/LoopFields.svelte';
  import { Rehearsal } from '$lib/rehearsal/Rehearsal.svelte';
  import SoundFields from '$lib/rehearsal/SoundFields.svelte';
  import Stage from '$lib/rehearsal/Stage.svelte';
  import StepWords from '$lib/rehearsal/StepWords.svelte';
  import { FASTEST, SLOWEST } from '$lib/rehearsal/tempo';
  import ViewFields from '$lib/rehearsal/ViewFields.svelte';
  import { RoutineDesk } from '$lib/routines/RoutineDesk.svelte';
  import { rehearsed } from '$lib/firsthour/progress';
  import { saidAt } from '$lib/routines/where';
  import Message from '$lib/ui/Message.svelte';
  import ArrowLeft from '~icons/lucide/arrow-left';
  import Eye from '~icons/lucide/eye';
  import Pause from '~icons/lucide/pause';
  import Play from '~icons/lucide/play';
  import Repeat from '~icons/lucide/repeat';
  import SkipBack from '~icons/lucide/skip-back';
  import SkipForward from '~icons/lucide/skip-forward';
  import Volume2 from '~icons/lucide/volume-2';
  import { router } from 'svelte-spa-router';

  const PANELS = [
    { key: 'loop', label: msg.loop(), icon: Repeat },
    { key: 'sound', label: msg.sound(), icon: Volume2 },
    { key: 'view', label: common.view(), icon: Eye },
  ] as const;

  let rehearsal = $state.raw<Rehearsal>();
  let failure = $state<string>();
  let panel = $state<(typeof PANELS)[number]['key']>();

  let isDrill = $derived(new URLSearchParams(router.querystring ?? '').has('drill'));
  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');

  /** An exercise is rehearsed as it says. */
  async function rehearse(text: string) {
    const { routine, drill } = required(await api.POST('/api/drills', { body: JSON.parse(text) as Drill }));
    const score = required(await api.POST('/api/scores', { body: routine }));
    const shown = drill.alone === 'man' || drill.alone === 'lady' ? drill.alone : 'both';
    const ladder = { percent: drill.from, ladder: drill.to > drill.from, ladderStep: drill.step, ladderEvery: drill.every, ladderTarget: drill.to };
    rehearsal = new Rehearsal(routine, score, { ...ladder, loops: true, shown, counted: drill.alone === 'lady' ? 'lady' : 'man' });
    await rehearsal.prepare();
  }

  $effect(() => {
    const query = new URLSearchParams(router.querystring ?? '');
    const exercise = query.get('drill');
    if (exercise !== null) {
      rehearse(exercise).catch((thrown) => (failure = sentenceOf(thrown)));
      return () => void rehearsal?.close();
    }
    if (id === '') return;
    const leave = whileShown(
      RoutineDesk.open(id),
      (desk) => {
        if (!desk.score) {
          failure = desk.failure ?? msg.thisRoutineCannotBeShown();
          return;
        }
        const opened = new Rehearsal(desk.routine, desk.score);
        const first = Number(query.get('figure') ?? 0);
        if (first > 0 && first < desk.score.placements.length) opened.go(desk.score.placements[first]!.onset);
        rehearsal = opened;
        rehearsed(opened.routine.id);
        void opened.prepare();
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
    return () => {
      leave();
      void rehearsal?.close();
    };
  });

  let score = $derived(rehearsal?.score);
  let man = $derived(rehearsal?.current('man'));
  let lady = $derived(rehearsal?.current('lady'));
  let counted = $derived(rehearsal?.options.counted === 'lady' ? lady : man);
  let placement = $derived(score?.placements[man?.placement ?? 0]);
  let next = $derived(score?.placements[(man?.placement ?? 0) + 1]);
  let countsIn = $derived(rehearsal !== undefined && rehearsal.playing && rehearsal.beat < rehearsal.from - 1e-6);
  let word = $derived(rehearsal?.playing || countsIn ? rehearsal?.word : counted?.count);

  /** The slider moves in quarters of a beat, so that it is not laid out anew in every frame. */
  let slid = $derived(rehearsal ? Math.max(rehearsal.from, Math.round(rehearsal.beat * 4) / 4) : 0);

  let here = $derived(man?.placement ?? 0);

  let keys = $derived(rehearsal && keysFor(REHEARSAL, answers(rehearsal)));

  function answers(now: Rehearsal): Record<keyof typeof REHEARSAL, Answer> {
    const options = now.options;
    return {
      play: ({ target }) => !(target instanceof HTMLButtonElement) && now.toggle(),
      stepBack: () => now.step(-1),
      stepOn: () => now.step(1),
      faster: () => setPercent(options.percent + 5),
      slower: () => setPercent(options.percent - 5),
      begin: () => now.choose(here, Math.max(here, now.last)),
      end: () => now.choose(Math.min(now.first, here), here),
      whole: () => now.choose(0, now.score.placements.length - 1),
      section: () => now.nextPart(),
      again: () => now.set({ loops: !options.loops }),
      wall: () => now.set({ wallUp: (options.wallUp % 4) + 1 }),
      mirror: () => now.set({ mirrored: !options.mirrored }),
      follow: () => now.set({ follow: !options.follow }),
      part: () => now.set({ shown: options.shown === 'both' ? 'man' : options.shown === 'man' ? 'lady' : 'both' }),
      tap: () => now.music.tap(),
    };
  }

  function setPercent(percent: number) {
    rehearsal?.set({ percent: Math.min(FASTEST, Math.max(SLOWEST, Math.round(percent))) });
  }
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10">
    <Message sentence={failure}><a class="act" href={`#/routines/${id}`}>{msg.backToTheDesk()}</a></Message>
  </div>
{:else if !rehearsal || !score}
  <p class="p-10 text-center text-xl text-soft">{msg.preparingTheFloor()}</p>
{:else if score.placements.length === 0}
  <div class="mx-auto max-w-2xl p-10">
    <Message sentence={msg.thisRoutineIsEmptyAdd()}><a class="act" href={`#/routines/${id}`}>{msg.backToTheDesk()}</a></Message>
  </div>
{:else}
  <div class="flex h-full flex-col gap-2 p-2 sm:p-3">
    <header class="flex items-center gap-3">
      <a
        class="act px-3"
        href={isDrill ? `#/drills?figure=${rehearsal.routine.placements[0]?.figure}` : `#/routines/${id}?figure=${man?.placement ?? 0}`}
        aria-label={isDrill ? msg.backToTheExercises() : msg.backToTheDesk()}><ArrowLeft width={20} height={20} /></a
      >
      <h1 class="text-lg leading-tight sm:text-2xl">{rehearsal.routine.title}</h1>
      <span class="ml-auto text-right leading-tight text-soft">
        <strong class="text-ink">{placement && saidAt(placement)}</strong>{#if next}<span class="hidden sm:inline">{msg.then2({ next: saidAt(next) })}</span>{/if}
      </span>
    </header>
    {#if rehearsal.failure}<Message sentence={rehearsal.failure} />{/if}

    <div class="grid min-h-0 flex-1 grid-cols-1 grid-rows-[auto_minmax(0,1fr)] gap-2 lg:grid-cols-[minmax(0,1fr)_25rem] lg:grid-rows-1">
      <section class="flex min-w-0 flex-row items-stretch gap-2 lg:order-2 lg:flex-col lg:overflow-hidden" aria-label={msg.countAndSteps()}>
        <div class={['panel flex w-34 shrink-0 flex-col lg:w-auto items-center justify-center p-2 lg:min-h-0 lg:flex-1', countsIn && 'border-brass bg-floor']}>
          <span class="font-title text-[4.5rem] leading-none font-bold whitespace-nowrap lg:text-[min(13rem,22vh)]" data-testid="count">{word ?? '–'}</span>
          <span class="text-soft lg:text-xl" data-testid="bar">
            {#if countsIn}{msg.countIn2()}{:else}{msg.bar({ bar: man?.bar ?? 1 })}{#if rehearsal.options.loops && rehearsal.playing}
                {msg.time({ round: rehearsal.round + 1 })}{/if}{/if}
          </span>
        </div>
        <div class="flex min-w-0 flex-1 flex-col gap-2 lg:flex-none">
          {#if rehearsal.options.shown !== 'lady'}<StepWords part="man" now={man} next={rehearsal.following('man')} />{/if}
          {#if rehearsal.options.shown !== 'man'}
            <div class={rehearsal.options.shown === 'both' ? 'hidden lg:block' : ''}><StepWords part="lady" now={lady} next={rehearsal.following('lady')} /></div>
          {/if}
          {#if rehearsal.brokenSeam}
            <p class="rounded-lg bg-madder-wash px-3 py-2 font-semibold text-madder" role="status">{msg.theLinkIntoBreaksHere({ title: placement?.title ?? '' })}</p>
          {/if}
        </div>
      </section>
      <section class="panel min-h-0 overflow-hidden lg:order-1" aria-label={msg.floor()}><Stage {rehearsal} /></section>
    </div>

    <footer class="panel flex flex-col gap-2 p-2 sm:p-3">
      <input
        class="w-full accent-(--ff-ink)"
        type="range"
        aria-label={msg.placeInTheRoutine()}
        min={rehearsal.from}
        max={rehearsal.to}
        step="0.01"
        value={slid}
        oninput={(event) => rehearsal!.go(event.currentTarget.valueAsNumber)}
      />
      <div class="flex flex-wrap items-center gap-2">
        <button class="act h-12" aria-label={common.previousStep()} title={msg.previousStep()} onclick={() => rehearsal!.step(-1)}><SkipBack width={22} height={22} /></button>
        <button class="act act-main h-12 w-32 justify-center text-lg" title={msg.playPauseSpace()} onclick={() => rehearsal!.toggle()}>
          {#if rehearsal.playing}<Pause width={22} height={22} /> {common.pause()}{:else}<Play width={22} height={22} /> {common.dance()}{/if}
        </button>
        <button class="act h-12" aria-label={common.nextStep()} title={msg.nextStep()} onclick={() => rehearsal!.step(1)}><SkipForward width={22} height={22} /></button>
        <label class="inline-flex min-w-52 flex-1 items-center gap-2 sm:flex-none">
          <input
            class="w-full accent-(--ff-brass-deep) sm:w-52"
            type="range"
            aria-label={msg.tempo()}
            min={SLOWEST}
            max={FASTEST}
            step="1"
            value={rehearsal.options.percent}
            oninput={(event) => setPercent(event.currentTarget.valueAsNumber)}
          />
          <span class="w-24 font-semibold whitespace-nowrap" data-testid="tempo"
            >{rehearsal.percentNow} %{#if rehearsal.silent}{msg.silent()}{/if}</span
          >
        </label>
        <span class="ml-auto flex gap-2">
          {#each PANELS as each (each.key)}
            <button
              class={['act h-12 px-3', panel === each.key && 'bg-line']}
              aria-expanded={panel === each.key}
              onclick={() => (panel = panel === each.key ? undefined : each.key)}
            >
              <each.icon width={18} height={18} aria-hidden="true" />{each.label}
            </button>
          {/each}
        </span>
      </div>
      {#if panel === 'loop'}<LoopFields {rehearsal} />{/if}
      {#if panel === 'sound'}<SoundFields {rehearsal} />{/if}
      {#if panel === 'view'}<ViewFields {rehearsal} />{/if}
    </footer>
  </div>
{/if}
