<script lang="ts">
  import msg from '$lib/messages/logbook';
  import { whileShown } from '$lib/ui/whileShown';
  import { api, required, sentenceOf, type Today } from '$lib/api/client';
  import { dateWords } from '$lib/events/clock';
  import { aboutOf } from '$lib/logbook/aboutOf';
  import DueList from '$lib/logbook/DueList.svelte';
  import PracticeOrder from '$lib/logbook/PracticeOrder.svelte';
  import { noteQueue } from '$lib/logbook/NoteQueue.svelte';
  import { Preparing } from '$lib/logbook/Preparing.svelte';
  import { canLayBy } from '$lib/logbook/layBy';
  import { unique } from '$lib/ui/unique';
  import Waiting from '$lib/logbook/Waiting.svelte';
  import Offer from '$lib/firsthour/Offer.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { painted } from '$lib/ui/painted';
  import { zoneHere } from '$lib/ui/zoneHere';
  import { router } from 'svelte-spa-router';

  /** Of the first view only what is seen at once comes with the program itself; the rest is there when what is due is. */
  const newLesson = import('$lib/logbook/NewLesson.svelte');
  let NewLesson = $state.raw<Awaited<typeof newLesson>['default']>();
  let today = $state.raw<Today>();
  let failure = $state<string>();
  const preparing = new Preparing();
  let date = $derived(new URLSearchParams(router.querystring).get('date') ?? undefined);

  $effect(() => {
    void noteQueue.handed;
    return whileShown(
      read(date),
      ([answer, loaded]) => {
        today = required(answer);
        NewLesson = loaded.default;
        failure = undefined;
        if (!preparing.isReady && navigator.onLine) void prepare(today);
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
  });

  /** The browser takes its time to find out where it is, so what is known without is seen before. */
  async function read(day: string | undefined) {
    await painted();
    return Promise.all([api.GET('/api/today', { params: { query: { zone: zoneHere(), date: day } } }), newLesson]);
  }

  async function prepare({ lessons, couples }: Today) {
    const taught = (await api.GET('/api/couples').catch(() => undefined))?.data ?? [];
    const dances = unique(taught.filter(({ id }) => couples.some(({ couple }) => couple === id)).flatMap((couple) => couple.dances ?? []));
    await preparing.prepare(lessons, dances, zoneHere());
  }

  const inDays = (days: number) => msg.inDays({ days });
  let titles = $derived(new Map(today?.couples.map((couple) => [couple.couple, couple.title])));
</script>

<div class="mx-auto flex max-w-[84rem] flex-col gap-4 px-6 py-5 max-sm:px-3">
  <header class="flex flex-wrap items-baseline gap-x-4">
    <h1 class="flex-1 text-4xl max-sm:text-2xl">
      {today ? new Date(`${today.date}T12:00`).toLocaleDateString(undefined, { weekday: 'long', day: 'numeric', month: 'long' }) : msg.today()}
    </h1>
    {#if today && today.lessons.length > 0}
      <span class="text-soft" role="status"
        >{#if !canLayBy()}{msg.thisConnectionIsNotSecure()}{:else if preparing.isReady}{msg.readyWithoutANetwork()}{:else if preparing.missing > 0}{msg.ofItemsForTheseLessons({
            missing: preparing.missing,
            all: preparing.all,
          })}{:else if preparing.all > 0}{msg.storingOf({ done: preparing.done, all: preparing.all })}{/if}</span
      >
    {/if}
  </header>
  <Offer />
  <Waiting />
  {#if failure}<Message sentence={failure}><button class="act" onclick={() => read(date)}>{msg.tryAgain()}</button></Message>{/if}
  {#if today}
    <section aria-label={msg.lessonsOfTheDay()}>
      <div class="mb-2 flex flex-wrap items-baseline gap-3">
        <h2 class="text-2xl">{msg.lessons()}</h2>
        <a class="font-semibold underline" href="#/lessons">{msg.allLessons()}</a>
      </div>
      <ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        {#each today.lessons as lesson (lesson.id)}
          <li>
            <a class="panel flex items-center gap-4 px-4 py-3 hover:border-ink" href={`#/lessons/${lesson.id}`}>
              <span class="font-title text-3xl font-bold">{lesson.time}</span>
              <span class="min-w-0"
                ><strong class="block text-lg leading-tight">{titles.get(lesson.couple) ?? lesson.title}</strong><span class="text-soft"
                  >{msg.minutes({ title: aboutOf(lesson) || msg.notPlannedYet(), minutes: lesson.minutes })}</span
                ></span
              >
            </a>
          </li>
        {:else}
          <li class="panel px-4 py-3 text-soft sm:col-span-2">{msg.noLessonsOnThisDay()}</li>
        {/each}
      </ul>
      {#if NewLesson}<div class="mt-3"><NewLesson couples={today.couples.map(({ couple, title }) => ({ id: couple, title }))} date={today.date} /></div>{/if}
    </section>
    <section aria-label={msg.practiceDue()}>
      <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
        <h2 class="text-2xl">{msg.practiceDue()}</h2>
        {#if today.couples.length > 0}<PracticeOrder order={today.order} />{/if}
      </div>
      {#if today.couples.length === 0}
        <p class="panel p-8 text-center text-xl">
          {msg.noPupilsYet()} <a class="font-semibold underline" href="#/people">{msg.addPeople()}</a>{msg.andThisPageShowsWhat()}
        </p>
      {/if}
      <div class="grid items-start gap-3 md:grid-cols-2 xl:grid-cols-3">
        {#each today.couples as couple (couple.couple)}
          <article class="panel p-4" aria-label={couple.title}>
            <h3 class="text-xl"><a class="hover:underline" href={`#/couples/${couple.couple}`}>{couple.title}</a></h3>
            {#each couple.events.slice(0, 2) as event, at (at)}<p class="text-brass-deep">{event.title} {inDays(event.days)}, {dateWords(event.date)}</p>{/each}
            <div class="mt-1"><DueList due={couple.due} brief /></div>
            {#if couple.dueInAll > couple.due.length}<a class="mt-1 inline-block py-1 font-semibold underline max-sm:py-2" href={`#/couples/${couple.couple}`}
                >{msg.allPracticeDue()}</a
              >{/if}
          </article>
        {/each}
      </div>
    </section>
  {:else if !failure}
    <p class="p-10 text-center text-xl text-soft">{msg.checkingWhatIsDue()}</p>
  {/if}
</div>
