<script lang="ts">
  import msg from '$lib/messages/logbook';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type Couple, type Lesson } from '$lib/api/client';
  import { dateWords } from '$lib/events/clock';
  import { keysFor } from '$lib/keys/keys';
  import { LESSON } from '$lib/keys/shortcuts';
  import LessonNotes from '$lib/logbook/LessonNotes.svelte';
  import LessonPlanFields from '$lib/logbook/LessonPlanFields.svelte';
  import { LessonRun } from '$lib/logbook/LessonRun.svelte';
  import { lessonStore } from '$lib/logbook/lessonStore';
  import { noteQueue } from '$lib/logbook/NoteQueue.svelte';
  import Tapping from '$lib/logbook/Tapping.svelte';
  import Waiting from '$lib/logbook/Waiting.svelte';
  import { minutes as clock } from '$lib/music/minutes';
  import DeskHeader from '$lib/ui/DeskHeader.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { PlainDesk } from '$lib/ui/PlainDesk.svelte';
  import Pause from '~icons/lucide/pause';
  import Play from '~icons/lucide/play';
  import { push, router } from 'svelte-spa-router';

  let desk = $state.raw<PlainDesk<Lesson>>();
  let run = $state.raw<LessonRun>();
  let couple = $state.raw<Couple>();
  let failure = $state<string>();
  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let shown = $derived(new URLSearchParams(router.querystring).get('show') ?? 'now');

  $effect(() => {
    desk = undefined;
    run = undefined;
    const leave = whileShown(
      Promise.all([PlainDesk.open(lessonStore, id), api.GET('/api/couples')]),
      ([opened, couples]) => {
        desk = opened;
        couple = required(couples).find((each) => each.id === opened.value.couple);
        run = new LessonRun(() => opened.value, noteQueue);
      },
      (thrown) => (failure = sentenceOf(thrown)),
      ([opened]) => opened.leave(),
    );
    return () => {
      run?.clock.pause();
      leave();
    };
  });

  $effect(() => {
    void noteQueue.handed;
    void run?.read();
  });

  async function remove() {
    if (await desk?.delete()) await push('/today');
  }

  let dances = $derived(couple?.dances?.length ? couple.dances : (run?.figures.dances ?? []));
  let keys = $derived(
    desk &&
      keysFor(LESSON, {
        undo: () => desk!.undo(),
        redo: () => desk!.redo(),
        keep: () => void desk!.keep(),
        run: ({ target }) => !(target instanceof HTMLButtonElement) && run?.clock.toggle(),
        next: () => run?.clock.skip(1),
        lost: () => void run?.grade('lost'),
        shaky: () => void run?.grade('shaky'),
        good: () => void run?.grade('good'),
        secure: () => void run?.grade('secure'),
      }),
  );
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto flex max-w-2xl flex-col gap-3 p-10 max-sm:p-3"><Message sentence={failure}><a class="act" href="#/today">{msg.backToToday()}</a></Message><Waiting /></div>
{:else if desk && run}
  {@const part = desk.value.parts[run.clock.at]}
  <div class="mx-auto flex max-w-[84rem] flex-col gap-3 px-6 py-4 max-sm:px-2 max-sm:py-2">
    <div class="flex flex-wrap items-center gap-2 print:hidden">
      <button
        class="act act-main min-h-12 px-4"
        aria-label={run.clock.running ? common.pause() : run.clock.isBegun ? msg.continue() : common.start()}
        title={msg.startPauseSpace()}
        onclick={() => run!.clock.toggle()}
        >{#if run.clock.running}<Pause width={20} height={20} aria-hidden="true" />{:else}<Play width={20} height={20} aria-hidden="true" />{/if}<span class="text-2xl tabular-nums"
          >{run.clock.isBegun ? clock(run.clock.left) : msg.min2({ minutes: desk.value.minutes })}</span
        ></button
      >
      <p class="min-w-0 flex-1 leading-tight max-sm:order-last max-sm:basis-full">
        <strong class="block truncate text-lg">{run.clock.isBegun ? (part?.title ?? msg.timeIsUp()) : (couple?.title ?? '')}</strong><span class="text-soft"
          >{run.clock.isBegun ? couple?.title : `${dateWords(desk.value.date)}, ${desk.value.time}`}</span
        >
      </p>
      {#if run.clock.isBegun}<button class="act min-h-12" title={msg.nextPartN()} onclick={() => run!.clock.skip(1)}>{common.next()}</button>{/if}
      <nav class="flex gap-1" aria-label={msg.lessonViews()}>
        <a class={['act min-h-12', shown === 'now' && 'act-main']} aria-current={shown === 'now' ? 'page' : undefined} href={`#/lessons/${id}`}>{msg.now2()}</a>
        <a class={['act min-h-12', shown === 'plan' && 'act-main']} aria-current={shown === 'plan' ? 'page' : undefined} href={`#/lessons/${id}?show=plan`}>{msg.plan()}</a>
      </nav>
    </div>
    <Waiting />
    {#if run.failure}<Message sentence={run.failure} />{/if}
    {#if shown === 'plan'}
      <DeskHeader {desk} label={msg.lessonTitle()} />
      <LessonPlanFields {desk} />
      <div class="flex flex-wrap gap-2 print:hidden">
        <button class="act" onclick={() => window.print()}>{common.print()}</button>
        <button class="act" onclick={remove}>{msg.deleteTheLesson()}</button>
      </div>
    {:else}
      <h1 class="sr-only">{desk.value.title}</h1>
      <div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_26rem]">
        <Tapping {run} {dances} />
        <div class="flex flex-col gap-3">
          <LessonNotes {run} />
          {#if dances[0]}<a class="act min-h-12" href={`#/postures?dance=${dances[0]}`}>{common.postureAndHold()}</a>{/if}
          {#if desk.value.routine}<a class="act min-h-12" href={`#/routines/${desk.value.routine}/card`}>{msg.currentRoutine()}</a>{/if}
        </div>
      </div>
    {/if}
  </div>
{:else}
  <p class="p-10 text-center text-xl text-soft">{msg.loadingTheLesson()}</p>
{/if}
