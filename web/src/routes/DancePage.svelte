<script lang="ts">
  import msg from '$lib/messages/dances';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { api, fileOf, required, sentenceOf, type FigureSummary, type RoutineSummary } from '$lib/api/client';
  import { lengthsOf, startsOn, techniqueOf, tempoOf } from '$lib/reference/danceWords';
  import { DanceHolding } from '$lib/reference/DanceHolding.svelte';
  import HoldingFields from '$lib/reference/HoldingFields.svelte';
  import { TeachingOrder } from '$lib/reference/TeachingOrder.svelte';
  import TeachingOrderPanel from '$lib/reference/TeachingOrderPanel.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import FootworkChoice from '$lib/ui/FootworkChoice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { replace, router } from 'svelte-spa-router';

  /** Bars that are heard, without the count-in. */
  const HEARD = 8;
  const HEIGHTS: Record<string, string> = { strong: '2.6rem', middle: '1.7rem', weak: '0.9rem' };

  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let dance = $derived(reference.dance(id));
  let figures = $state.raw<FigureSummary[]>([]);
  let routines = $state.raw<RoutineSummary[]>([]);
  let failure = $state<string>();
  let sound = $state<string>();
  let fetching = $state(false);

  $effect(() => {
    const wanted = id;
    figures = [];
    failure = undefined;
    const leave = whileShown(
      Promise.all([api.GET('/api/figures', { params: { query: { dance: wanted } } }), api.GET('/api/routines'), reference.load()]),
      ([found, kept]) => {
        figures = required(found);
        routines = required(kept).filter((routine) => routine.dance === wanted && !routine.archived);
        if (dance) reference.look(dance.id);
        else failure = msg.thereIsNoDanceCalled({ wanted });
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
    return () => {
      leave();
      if (sound) URL.revokeObjectURL(sound);
      sound = undefined;
    };
  });

  /** Another dance is another holding. */
  let isKnown = $derived(dance !== undefined);
  let holding = $derived.by(() => {
    const wanted = id;
    return isKnown ? new DanceHolding(() => reference.dance(wanted)!) : undefined;
  });
  $effect(() => {
    void holding?.look();
  });

  let order = $derived(holding && new TeachingOrder(id, holding));
  $effect(() => {
    void order?.read();
  });

  let levels = $derived(
    reference.notation.levels
      .map(({ shorthand, wording }) => ({ shorthand, wording, figures: figures.filter(({ level }) => level === shorthand) }))
      .filter((level) => level.figures.length > 0),
  );

  async function hear() {
    if (!dance) return;
    fetching = true;
    try {
      const routine = { id: 'heard', title: dance.title, dance: dance.id, tempo: dance.slowestBarsPerMinute, placements: [{ element: { kind: 'hold', bars: HEARD } }] };
      sound = URL.createObjectURL(await fileOf('/api/tracks/wav', { routine, clicks: 0.6, voice: 0, music: 1, countInBars: dance.countInBars }));
    } catch (thrown) {
      failure = sentenceOf(thrown);
    } finally {
      fetching = false;
    }
  }
</script>

<div class="mx-auto flex max-w-[70rem] flex-col gap-4 px-6 py-5 max-sm:px-4">
  <header class="flex flex-wrap items-center gap-3">
    <h1 class="flex-1 text-4xl">{dance?.title ?? common.dance()}</h1>
    <Choice
      label={common.dance()}
      value={id}
      options={reference.dances.map((each) => ({ value: each.id, label: each.title }))}
      onchange={(chosen) => void replace(`/dances/${chosen}`)}
    />
  </header>
  {#if failure}<Message sentence={failure}><a class="act" href="#/figures">{common.goToFigures()}</a></Message>{/if}
  {#if dance}
    <div class="grid grid-cols-1 items-start gap-4 lg:grid-cols-2">
      <div class="flex min-w-0 flex-col gap-4">
        <section class="panel p-5" aria-label={msg.musicAndCount()}>
          <h2 class="text-2xl">{msg.musicAndCount()}</h2>
          <div class="mt-3 flex flex-wrap items-end gap-5">
            <span class="font-title text-6xl leading-none font-bold">{dance.beatsPerBar}/4</span>
            <ol class="flex items-end gap-2" aria-label={msg.accentsOfTheBar()}>
              {#each dance.accents as accent, index (index)}
                {@const starts = dance.startBeats.includes(index + 1)}
                <li class="flex flex-col items-center justify-end" title={(starts ? msg.beatWhereFiguresStart : msg.beatAccent)({ beat: index + 1, accent })}>
                  <span class={['w-9 rounded-t', starts ? 'bg-brass' : 'bg-line']} style:height={HEIGHTS[accent]}></span>
                  <span class={['leading-tight', starts && 'font-bold']}>{index + 1}</span>
                </li>
              {/each}
            </ol>
            {#if sound}
              <audio class="h-10 min-w-0 flex-1" controls autoplay src={sound} aria-label={msg.musicForThe({ title: dance.title })}></audio>
            {:else}
              <button class="act" disabled={fetching} onclick={hear}>{fetching ? msg.loadingTheBand() : common.play()}</button>
            {/if}
          </div>
          <dl class="mt-4 grid grid-cols-[9rem_1fr] gap-y-1.5 text-lg leading-snug">
            <dt class="text-soft">{msg.tempo()}</dt>
            <dd>{tempoOf(dance)}</dd>
            <dt class="text-soft">{msg.aFigureBegins()}</dt>
            <dd>{msg.on({ dance: startsOn(dance) })}</dd>
            <dt class="text-soft">{msg.aPhraseHas2()}</dt>
            <dd>{msg.bars({ phraseBars: dance.phraseBars })}</dd>
            <dt class="text-soft">{msg.countedIn()}</dt>
            <dd>{msg.countInBars({ bars: dance.countInBars })}</dd>
          </dl>
          <table class="mt-3 text-lg">
            <caption class="text-left text-base whitespace-nowrap text-soft">{msg.beatsPerCountWord()}</caption>
            <tbody>
              <tr
                >{#each lengthsOf(dance) as { word } (word)}<th scope="col" class="w-16 border-b-2 border-line text-left font-title text-2xl">{word}</th>{/each}</tr
              >
              <tr
                >{#each lengthsOf(dance) as { word, beats } (word)}<td>{beats}</td>{/each}</tr
              >
            </tbody>
          </table>
        </section>

        <section class="panel p-5" aria-label={common.figures()}>
          {#if order && holding}<TeachingOrderPanel {order} busy={holding.busy} />{/if}
          <p class="mt-3 flex flex-wrap gap-x-4 gap-y-1">
            {#each levels as level (level.shorthand)}
              <a class="py-1 font-semibold underline" href={`#/figures?dance=${dance.id}&level=${level.shorthand}`}>{level.wording}, {level.figures.length}</a>
            {/each}
          </p>
          <p class="mt-3 flex flex-wrap gap-2">
            <a class="act" href={`#/amalgamations?dance=${dance.id}`}>{common.amalgamations()}</a>
            <a class="act" href={`#/map?dance=${dance.id}`}>{msg.linkMap()}</a>
            <a class="act" href={`#/postures?dance=${dance.id}`}>{common.postureAndHold()}</a>
            <a class="act" href={`#/questions?dance=${dance.id}`}>{common.questions()}</a>
          </p>
        </section>
      </div>

      <div class="flex min-w-0 flex-col gap-4">
        <section class="panel p-5" aria-label={msg.technique()}>
          <h2 class="text-2xl">{msg.technique()}</h2>
          <ul class="mt-2 list-disc space-y-1 pl-5 text-lg leading-snug">
            {#each techniqueOf(dance) as sentence, at (at)}<li>{sentence}</li>{/each}
            <li>{msg.anOrdinaryStepForwardIs({ toFixed: dance.stepLength.toFixed(2) })}</li>
          </ul>
          <h3 class="mt-4 text-xl">{msg.whereSchoolsDiffer()}</h3>
          <div class="mt-2 flex flex-wrap gap-2">
            <FootworkChoice />
          </div>
          {#if holding}<HoldingFields {dance} {holding} />{/if}
          <p class="mt-2 leading-snug text-soft">
            {msg.chooseBodyActionBounceOr()}
          </p>
        </section>

        <section class="panel p-5" aria-label={msg.routinesAndStudies()}>
          <h2 class="text-2xl">{msg.routinesAndStudies()}</h2>
          <ul class="mt-2">
            {#each routines as routine (routine.id)}
              <li class="border-t border-line py-1.5">
                <a class="font-semibold underline" href={`#/routines/${routine.id}`}>{routine.title}</a>
                <span class="text-soft">{msg.figuresBarsMin({ placements: routine.placements, tempo: routine.tempo })}</span>
              </li>
            {:else}
              <li class="text-soft">{msg.noRoutinesYet()} <a class="underline" href="#/routines">{msg.createOne()}</a>{msg.orComposeOneOnIts()}</li>
            {/each}
          </ul>
        </section>
      </div>
    </div>
  {:else if !failure}
    <p class="p-10 text-center text-xl text-soft">{common.loading()}</p>
  {/if}
</div>
