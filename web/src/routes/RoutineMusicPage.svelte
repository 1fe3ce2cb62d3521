<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import { whileShown } from '$lib/ui/whileShown';
  import msg from '$lib/messages/music';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type FitRepair, type LaidPassage } from '$lib/api/client';
  import { keysFor } from '$lib/keys/keys';
  import { FIT } from '$lib/keys/shortcuts';
  import { minutes } from '$lib/music/minutes';
  import { MusicFit } from '$lib/music/MusicFit.svelte';
  import PhraseRows from '$lib/music/PhraseRows.svelte';
  import RoutineLane from '$lib/music/RoutineLane.svelte';
  import Strip from '$lib/music/Strip.svelte';
  import { RoutineDesk } from '$lib/routines/RoutineDesk.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Unkept from '$lib/ui/Unkept.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { push, router } from 'svelte-spa-router';

  let desk = $state.raw<RoutineDesk>();
  let failure = $state<string>();
  const music = new MusicFit();

  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let fit = $derived(music.fit);
  let beats = $derived(reference.dance(desk?.routine.dance ?? '')?.beatsPerBar);
  let choices = $derived(music.pieces.filter((piece) => piece.beatsPerBar === beats).map((piece) => ({ value: piece.id, label: piece.title })));

  $effect(() => {
    desk = undefined;
    failure = undefined;
    return whileShown(
      Promise.all([RoutineDesk.open(id), music.loadPieces(), reference.load()]),
      ([opened]) => (desk = opened),
      (thrown) => (failure = sentenceOf(thrown)),
      ([opened]) => opened.leave(),
    );
  });
  $effect(() => {
    if (desk) music.of(desk.routine);
  });

  function choose(passage: LaidPassage) {
    const index = fit?.passages.indexOf(passage) ?? 0;
    void push(`/routines/${id}?figure=${index}`);
  }

  /** "step 1 of the Whisk" where both take the same one. */
  function stepsOn(steps: { part: string; step: number; title: string }[]) {
    const said = steps.map((step) => msg.stepOfThe({ step: step.step, title: step.title }));
    return new Set(said).size === 1 ? said[0] : steps.map((step, index) => `${nameOf(step.part)} ${said[index]}`).join('; ');
  }

  /** What is to be danced, or the piece cut or paced: kept beside it under a name that says so. */
  async function mend(repair: FitRepair) {
    if (!desk || !fit) return;
    const path = { id: fit.piece };
    try {
      if (repair.placements) desk.takePlan(repair.placements);
      else if (repair.cut) await danceTo(required(await api.POST('/api/pieces/{id}/cuts', { params: { path }, body: { from: repair.cut.from, to: repair.cut.to } })).id);
      else if (repair.pace) await danceTo(required(await api.POST('/api/pieces/{id}/paces', { params: { path }, body: { pace: repair.pace } })).id);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  async function danceTo(piece: string) {
    await music.loadPieces();
    desk!.layOn(piece, fit!.from);
  }

  let keys = $derived(
    desk &&
      keysFor(FIT, {
        undo: () => desk!.undo(),
        redo: () => desk!.redo(),
        keep: () => void desk!.keep(),
        whole: () => (music.zoom = undefined),
        next: () => {
          const sections = fit?.sections ?? [];
          const now = sections.findIndex((section) => section.bar === music.zoom?.from);
          const section = sections[(now + 1) % Math.max(1, sections.length)];
          if (section) music.zoom = { from: section.bar, to: section.bar + section.bars - 1 };
        },
        mend: () => fit && fit.misfits.length > 0 && void music.ask(((music.misfit ?? -1) + 1) % fit.misfits.length, desk!.routine),
        rehearse: () => void push(`/routines/${id}/rehearse`),
        desk: () => void push(`/routines/${id}`),
      }),
  );
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10"><Message sentence={failure}><a class="act" href="#/routines">{common.backToRoutines()}</a></Message></div>
{:else if !desk}
  <p class="p-10 text-center text-xl text-soft">{msg.loadingTheRoutineAndIts()}</p>
{:else}
  <div class="flex flex-col gap-3 px-4 py-4">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="min-w-60 flex-1 text-3xl">{desk.routine.title}</h1>
      <Choice label={msg.dancedTo()} any={msg.noPiece()} value={desk.routine.music?.piece ?? ''} options={choices} onchange={(piece) => desk!.layOn(piece)} />
      {#if fit}
        <NumberField before={msg.bar1OnBar()} label={msg.barOfThePieceOn()} value={fit.from} min={1} max={fit.bars} onchange={(from) => desk!.layOn(fit!.piece, from)} />
      {/if}
      {#if desk.routine.music}<a class="act" href={`#/routines/${id}?compose=1`}>{msg.composeToThePiece()}</a>{/if}
      <a class="act" href={`#/routines/${id}`} title={msg.routineDeskD()}>{common.desk()}</a>
      <a class="act" href={`#/routines/${id}/rehearse`} title={common.rehearseR()}>{common.rehearse()}</a>
      <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => desk!.keep()}>{desk.isKept ? common.saved() : common.save()}</button>
    </header>
    <Unkept {desk} />
    {#if music.failure}<Message sentence={music.failure} />{/if}

    {#if !desk.routine.music}
      <p class="panel p-10 text-center text-xl">
        {msg.noPieceYetChooseOne()}{#if choices.length === 0}{msg.noPieceHasBeatsIn({ beats: beats ?? '' })} <a class="underline" href="#/music">{msg.createOne()}</a>{/if}.
      </p>
    {:else if fit}
      <section class="panel flex flex-wrap items-baseline gap-x-8 gap-y-1 px-5 py-3" aria-label={msg.howItFits()}>
        <strong class={['font-title text-2xl', fit.misfits.length === 0 ? 'text-spruce' : 'text-madder']} data-testid="fit">
          {msg.misfits({ misfits: fit.misfits.length })}
        </strong>
        <span>{msg.dancedOf({ danced: minutes(fit.danced), seconds: minutes(fit.seconds) })}</span>
        <span>{msg.ofPhrasesBeginWithA({ count: fit.phrases.length, phrasesHeard: fit.phrasesHeard })}</span>
        <span>{msg.ofHitsFallOnA({ exact: fit.hits.filter((hit) => hit.exact).length, all: fit.hits.length })}</span>
        {#if fit.left !== 0}<span>{fit.left > 0 ? msg.beatsLeftSeconds({ left: fit.left, toFixed: fit.secondsLeft.toFixed(1) }) : msg.beatsTooLong({ value: -fit.left })}</span
          >{/if}
      </section>

      <section class="panel hidden p-3 sm:block" aria-label={msg.thePieceAndTheRoutine()}>
        {#if music.zoom}<button class="act mb-2" onclick={() => (music.zoom = undefined)}>{msg.wholePiece()}</button>{/if}
        <Strip sections={fit.sections} hits={[...fit.hits, ...fit.otherHits]} beatsPerBar={fit.beatsPerBar} range={music.range} onlook={(from, to) => music.look(from, to)} />
        <RoutineLane {fit} range={music.range} onchoose={choose} />
      </section>
      <div class="sm:hidden"><PhraseRows {fit} onchoose={choose} /></div>

      <div class={['grid gap-3', fit.misfits.length > 0 ? 'lg:grid-cols-3' : 'lg:grid-cols-2']}>
        {#if fit.misfits.length > 0}
          <section class="panel p-4" aria-label={msg.whatDoesNotFit()}>
            <h2 class="text-xl">{msg.whatDoesNotFit()}</h2>
            <ul>
              {#each fit.misfits as misfit, index (index)}
                <li class="border-t border-line py-2 leading-snug">
                  <button class="cursor-pointer text-left hover:underline" onclick={() => music.ask(index, desk!.routine)}
                    ><span class="text-madder" aria-hidden="true">✕</span> {misfit.sentence}</button
                  >
                  {#if music.misfit === index}
                    {#if music.repairs === undefined}
                      <p class="mt-1 text-soft">{msg.lookingForFixes()}</p>
                    {:else if music.repairs.length === 0}
                      <p class="mt-1 text-soft">{msg.noExactFixWasFound()}</p>
                    {:else}
                      <ul class="mt-1 flex flex-col gap-1">
                        {#each music.repairs as repair, at (at)}
                          <li>
                            <button class="act h-auto w-full py-1 text-left whitespace-normal" onclick={() => void mend(repair)}>{repair.sentence}</button>
                            {#if repair.cut}<a class="act mt-1" download href={`/api/pieces/${fit.piece}/cut-list.csv?from=${repair.cut.from}&to=${repair.cut.to}`}
                                >{msg.theCutAsAList()}</a
                              >{/if}
                          </li>
                        {/each}
                      </ul>
                    {/if}
                  {/if}
                </li>
              {/each}
            </ul>
          </section>
        {/if}
        <section class="panel p-4" aria-label={msg.hits()}>
          <h2 class="text-xl">{msg.hits()}</h2>
          {#if fit.hits.length + fit.otherHits.length === 0}<p class="text-soft">{msg.thisPieceHasNoHits()}</p>{/if}
          <ul>
            {#each fit.hits as hit (hit.at)}
              <li class="border-t border-line py-1 leading-snug">
                <strong>{msg.bar6({ bar: hit.bar, kind: hit.kind })}</strong>:
                {stepsOn(hit.steps)}{hit.exact ? '' : msg.duringAStep()}
              </li>
            {/each}
            {#each fit.otherHits as hit (hit.at)}<li class="border-t border-line py-1 text-soft">{msg.barNothingIsDancedThen({ bar: hit.bar, kind: hit.kind })}</li>{/each}
          </ul>
        </section>
        <section class="panel p-4" aria-label={msg.sections()}>
          <h2 class="text-xl">{msg.sections()}</h2>
          <ul>
            {#each fit.sections as section (section.bar)}
              <li class="border-t border-line py-1">
                <strong>{section.title}</strong>{msg.sectionDanced({
                  from: section.bar,
                  to: section.bar + section.bars - 1,
                  seconds: section.seconds.toFixed(1),
                  figures: section.passages.length,
                })}{#if section.silent > 0}{msg.silentBeats({ beats: section.silent })}{/if}
              </li>
            {/each}
          </ul>
        </section>
      </div>
    {/if}
  </div>
{/if}
