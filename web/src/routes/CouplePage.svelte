<script lang="ts">
  import msg from '$lib/messages/people';
  import common from '$lib/messages/common';
  import { dateWords } from '$lib/events/clock';
  import { keysFor } from '$lib/keys/keys';
  import { KEEPING } from '$lib/keys/shortcuts';
  import DueList from '$lib/logbook/DueList.svelte';
  import LessonLink from '$lib/logbook/LessonLink.svelte';
  import NewLesson from '$lib/logbook/NewLesson.svelte';
  import PracticeOrder from '$lib/logbook/PracticeOrder.svelte';
  import { dayWords } from '$lib/logbook/week';
  import { monthWords } from '$lib/logbook/months';
  import { noteQueue } from '$lib/logbook/NoteQueue.svelte';
  import ProgressPlot from '$lib/logbook/ProgressPlot.svelte';
  import CoupleFields from '$lib/people/CoupleFields.svelte';
  import { CoupleView } from '$lib/people/CoupleView.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import DeskHeader from '$lib/ui/DeskHeader.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { today } from '$lib/ui/moment';
  import { push, router } from 'svelte-spa-router';
  import { untrack } from 'svelte';

  const PANELS = [
    { show: 'due', label: msg.practiceDue() },
    { show: 'progress', label: msg.progress() },
    { show: 'term', label: msg.eventPreparation() },
    { show: 'learn', label: msg.whatToLearnNext() },
    { show: 'who', label: msg.details() },
  ];

  /** As many as a lesson has time for. */
  const FIRST_DUE = 6;
  /** What lies behind the first few is shown on request. */
  const FIRST_LEFT = 8;
  let showsAllLeft = $state(false);
  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let shown = $derived(new URLSearchParams(router.querystring).get('show') ?? 'due');
  let view = $derived(new CoupleView(id));
  let desk = $derived(view.desk);

  $effect(() => {
    const opened = view;
    void opened.load();
    return () => opened.leave();
  });

  /** What is due is asked for beside them; it needs no more than their name. */
  let isKnown = $derived(shown === 'due' || desk !== undefined);
  let isKept = $derived(desk?.isKept ?? true);
  $effect(() => {
    if (!isKnown) return;
    void isKept;
    void noteQueue.handed;
    const opened = view;
    const panel = shown;
    untrack(() => void opened.look(panel));
  });

  async function erase() {
    if (await desk?.delete()) await push('/people');
  }

  let keys = $derived(desk && keysFor(KEEPING, { undo: () => desk!.undo(), redo: () => desk!.redo(), keep: () => void desk!.keep() }));
</script>

<svelte:window onkeydown={keys} />

{#if view.failure}
  <div class="mx-auto max-w-2xl p-10"><Message sentence={view.failure}><a class="act" href="#/people">{msg.backToPeople()}</a></Message></div>
{:else if desk}
  <div class="mx-auto flex max-w-[84rem] flex-col gap-4 px-6 py-5 max-sm:px-3">
    <DeskHeader {desk} label={msg.name()} />
    <nav class="flex flex-wrap items-center gap-2 print:hidden" aria-label={msg.couplePages()}>
      {#each PANELS as panel (panel.show)}
        <a class={['act', shown === panel.show && 'act-main']} aria-current={shown === panel.show ? 'page' : undefined} href={`#/couples/${id}?show=${panel.show}`}>{panel.label}</a
        >
      {/each}
      <a class="act" href={`#/lessons?couple=${id}&show=list`}>{msg.lessons()}</a>
    </nav>
    {#if view.panelFailure}<Message sentence={view.panelFailure} />{/if}
    {#if shown === 'due'}
      <section class="flex flex-col gap-2" aria-label={msg.comingLessons()}>
        <ul class="grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
          {#each view.coming as lesson (lesson.id)}<li><LessonLink {lesson} title={lesson.title} day={dayWords(lesson.date)} /></li>{/each}
        </ul>
        <NewLesson couples={[{ id, title: desk.value.title }]} couple={id} date={today()} />
      </section>
      {#if view.due}
        <ul class="flex flex-wrap gap-x-8 gap-y-1 text-brass-deep" aria-label={msg.comingEvents()}>
          {#each view.due.events as event, at (at)}<li>{msg.inDays({ title: event.title, date: dateWords(event.date), days: event.days })}</li>{/each}
        </ul>
        <section class="panel p-4" aria-label={msg.practiceDue()}><DueList due={view.due.due} first={FIRST_DUE} /></section>
        <PracticeOrder order={view.order} />
      {/if}
    {:else if shown === 'progress' && view.progress}
      {@const { progress } = view}
      {#if progress.answers.length > 0}
        <section class="panel overflow-x-auto p-4" aria-label={msg.questionsAnswered()}>
          <h2 class="mb-1 text-2xl">{msg.questionsAnswered()}</h2>
          <table class="border-collapse text-left">
            <thead
              ><tr
                ><th scope="col" class="pr-6">{msg.who()}</th><th scope="col" class="pr-6">{msg.what()}</th><th scope="col" class="pr-6">{msg.right()}</th><th
                  scope="col"
                  class="pr-6">{msg.nearly()}</th
                ><th scope="col">{msg.of()}</th></tr
              ></thead
            >
            <tbody>
              {#each progress.answers as answer (answer.person + answer.kind)}
                <tr class="border-t border-line"
                  ><td class="pr-6">{view.people.find((person) => person.id === answer.person)?.title ?? msg.together()}</td><td class="pr-6">{answer.kind}</td><td
                    >{answer.right}</td
                  ><td>{answer.nearly}</td><td>{answer.asked}</td></tr
                >
              {/each}
            </tbody>
          </table>
        </section>
      {/if}
      {#if progress.figures.length === 0}
        <p class="panel p-8 text-center text-xl">{msg.noNotesYetResultsYou()}</p>
      {:else}
        <section class="panel p-4" aria-label={msg.figuresOverTime()}>
          <h2 class="mb-2 text-2xl">{msg.figuresOverTime()}</h2>
          <ProgressPlot figures={progress.figures} />
        </section>
        <div class="grid items-start gap-4 lg:grid-cols-2">
          <section class="panel p-4" aria-label={common.faults()}>
            <h2 class="text-2xl">{common.faults()}</h2>
            <ul>
              {#each progress.faults as fault (fault.subject)}
                <li class="border-t border-line py-2 first:border-t-0">
                  <strong class="leading-tight">{fault.title}</strong>
                  <span class="block text-soft"
                    >{msg.faultSeen({ seen: fault.seen, looked: fault.looked, last: dateWords(fault.last) })}{#if fault.comesBack}<strong class="text-madder">
                        {msg.recurring()}</strong
                      >{/if}</span
                  >
                </li>
              {:else}<li class="text-soft">{msg.noFaultsNoted()}</li>{/each}
            </ul>
          </section>
          <section class="panel overflow-x-auto p-4" aria-label={msg.faultsByKind()}>
            <h2 class="mb-2 text-2xl">{msg.byKindAndMonth()}</h2>
            <table class="border-collapse">
              <thead
                ><tr
                  ><th scope="col" class="pr-4 text-left">{msg.kind()}</th>{#each view.months as month (month)}<th scope="col" class="px-3 text-left">{monthWords(month)}</th
                    >{/each}</tr
                ></thead
              >
              <tbody>
                {#each view.kinds as kind (kind)}
                  <tr class="border-t border-line"
                    ><th scope="row" class="py-1 pr-4 text-left font-normal">{kind}</th>{#each view.months as month (month)}<td class="px-3 py-1"
                        ><span class="inline-flex h-6 items-center gap-1.5"
                          ><span class="inline-block h-4 rounded-sm bg-madder" style:width={`${view.seenIn(kind, month) * 9}px`} aria-hidden="true"></span>{view.seenIn(
                            kind,
                            month,
                          ) || ''}</span
                        ></td
                      >{/each}</tr
                  >
                {/each}
              </tbody>
            </table>
          </section>
        </div>
      {/if}
    {:else if shown === 'term'}
      <form
        class="flex flex-wrap items-center gap-2"
        onsubmit={(event) => {
          event.preventDefault();
          void view.look('term');
        }}
      >
        <label class="inline-flex items-center gap-2"
          >{msg.aLessonEvery()} <input class="field w-18 px-2" type="number" min="1" max="60" bind:value={view.every} /> {msg.days()}</label
        >
        <label class="inline-flex items-center gap-2"
          >{msg.withTimeFor()} <input class="field w-18 px-2" type="number" min="1" max="30" bind:value={view.each} /> {msg.things()}</label
        >
        <label class="inline-flex items-center gap-2">{msg.until()} <input class="field" type="date" bind:value={view.until} /></label>
        <button class="act act-main">{msg.calculate()}</button>
      </form>
      {#if view.term}
        {@const { term } = view}
        <p class="text-lg">{msg.lessonsUntilIfEveryOne({ count: term.lessons.length, value: term.event ? `${term.event}, ` : '', date: dateWords(term.date) })}</p>
        {#if term.left.length > 0}
          <section class="rounded-xl border-l-8 border-madder bg-madder-wash px-4 py-3" aria-label={msg.notReady()}>
            <h2 class="text-xl">{msg.notReadyOnTheDay({ things: term.left.length })}</h2>
            <ul>
              {#each term.left.slice(0, showsAllLeft ? undefined : FIRST_LEFT) as left (left.subject)}<li>
                  <strong>{left.title}</strong>: {left.why}{left.percent > 0 ? msg.likely({ percent: left.percent }) : ''}
                </li>{/each}
            </ul>
            {#if !showsAllLeft && term.left.length > FIRST_LEFT}<button class="act mt-2" onclick={() => (showsAllLeft = true)}>{msg.showAll({ count: term.left.length })}</button
              >{/if}
          </section>
        {:else}<p class="rounded-xl border-l-8 border-spruce bg-spruce-wash px-4 py-3 font-semibold">{msg.readyForTheEventEverything()}</p>{/if}
        <h2 class="text-2xl">{msg.lessons()}</h2>
        <ol class="grid gap-3 md:grid-cols-2 xl:grid-cols-3" aria-label={msg.lessonsBeforeTheEvent()}>
          {#each term.lessons as lesson (lesson.date)}
            <li class="panel p-3">
              <h3 class="text-lg">{dateWords(lesson.date)}</h3>
              <ul>
                {#each lesson.subjects as subject (subject.subject)}<li>{subject.title}</li>{:else}<li class="text-soft">{msg.freeEverythingIsSecure()}</li>{/each}
              </ul>
            </li>
          {/each}
        </ol>
      {/if}
    {:else if shown === 'learn'}
      {#if view.mine.length === 0}
        <p class="panel p-8 text-center text-xl">{msg.chooseTheirCurrentRoutinesUnder()}</p>
      {:else}
        <div>
          <Choice
            label={common.forIt()}
            value={view.chosen || (view.mine[0]?.id ?? '')}
            options={view.mine.map((routine) => ({ value: routine.id, label: routine.title }))}
            onchange={(routine) => {
              view.chosen = routine;
              void view.look('learn');
            }}
          />
        </div>
        {#if view.learning}
          <ol class="flex flex-col gap-2" aria-label={msg.learningOrder()}>
            {#each view.learning as step, index (step.figure)}
              <li class="panel flex items-baseline gap-3 px-4 py-3">
                <span class="font-title text-xl text-soft">{index + 1}</span><a class="text-lg font-semibold hover:underline" href={`#/figures/${step.figure}/card`}>{step.title}</a
                ><span class="text-soft">{step.level}; {step.learns.length === 0 ? msg.nothingNew() : msg.newIt({ join: step.learns.join(', ') })}</span>
              </li>
            {:else}<li class="rounded-xl border-l-8 border-spruce bg-spruce-wash px-4 py-3 font-semibold">{msg.theyKnowEverythingThisRoutine()}</li>{/each}
          </ol>
        {/if}
      {/if}
    {:else if shown === 'who'}
      <CoupleFields {desk} people={view.people} routines={view.routines} figures={view.figures} />
      <div class="border-t border-line pt-4"><button class="act" onclick={erase}>{msg.eraseTheirLessonsAndNotes()}</button></div>
    {/if}
  </div>
{:else}
  <p class="p-10 text-center text-xl text-soft">{common.loading()}</p>
{/if}
