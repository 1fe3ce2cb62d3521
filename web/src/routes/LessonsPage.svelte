<script lang="ts">
  import msg from '$lib/messages/logbook';
  import common from '$lib/messages/common';
  import LessonLink from '$lib/logbook/LessonLink.svelte';
  import { Lessons } from '$lib/logbook/Lessons.svelte';
  import NewLesson from '$lib/logbook/NewLesson.svelte';
  import { daysOf, dayWords, mondayOf, weeksLater } from '$lib/logbook/week';
  import { asked, changedQuery } from '$lib/ui/address';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { today } from '$lib/ui/moment';
  import CalendarDown from '~icons/lucide/calendar-arrow-down';
  import ChevronLeft from '~icons/lucide/chevron-left';
  import ChevronRight from '~icons/lucide/chevron-right';
  import { replace, router } from 'svelte-spa-router';

  const lessons = new Lessons();
  void lessons.readCouples();
  let address = $derived(asked(router.querystring));
  let couple = $derived(address.couple ?? '');
  let monday = $derived(mondayOf(address.week ?? today()));
  let isList = $derived(address.show === 'list');
  let calendar = $derived(couple ? `/api/lessons/calendar.ics?couple=${couple}` : '/api/lessons/calendar.ics');

  $effect(() => {
    void (isList ? lessons.readNear(couple) : lessons.readWeek(monday, couple));
  });

  const change = (changed: Record<string, string>) => void replace(`/lessons?${changedQuery(new URLSearchParams(router.querystring ?? ''), changed)}`);
</script>

<div class="mx-auto flex max-w-[84rem] flex-col gap-4 px-6 py-5 max-sm:px-3">
  <header class="flex flex-wrap items-center gap-2">
    <h1 class="flex-1 text-4xl max-sm:text-2xl">{msg.lessons()}</h1>
    <Choice
      label={msg.forWhom()}
      any={msg.everybody()}
      value={couple}
      options={lessons.couples.map(({ id, title }) => ({ value: id, label: title }))}
      onchange={(chosen) => change({ couple: chosen })}
    />
    <nav class="flex gap-1" aria-label={msg.lessonViews()}>
      <button class={['act', !isList && 'act-main']} aria-pressed={!isList} onclick={() => change({ show: '' })}>{msg.week()}</button>
      <button class={['act', isList && 'act-main']} aria-pressed={isList} onclick={() => change({ show: 'list' })}>{msg.list()}</button>
    </nav>
    <a class="act" href={calendar} download title={msg.exportForYourCalendar()} aria-label={msg.exportForYourCalendar()}><CalendarDown width={18} height={18} /></a>
  </header>
  {#if lessons.failure}<Message sentence={lessons.failure} />{/if}
  <NewLesson couples={lessons.couples} {couple} date={isList || monday < today() ? today() : monday} repeats />
  {#if !lessons.all}
    <p class="p-10 text-center text-xl text-soft">{common.loading()}</p>
  {:else if isList}
    {#each [{ heading: msg.coming(), held: lessons.coming }, { heading: msg.past(), held: lessons.past }] as { heading, held } (heading)}
      <section aria-label={heading}>
        <h2 class="mb-2 text-2xl">{heading}</h2>
        <ul class="grid gap-2 sm:grid-cols-2 lg:grid-cols-3">
          {#each held as lesson (lesson.id)}<li><LessonLink {lesson} title={lessons.titleOf(lesson)} day={dayWords(lesson.date)} /></li>{:else}<li class="text-soft">
              {msg.noLessons()}
            </li>{/each}
        </ul>
      </section>
    {/each}
  {:else}
    <div class="flex flex-wrap items-center gap-2">
      <button class="act px-2" aria-label={msg.previousWeek()} onclick={() => change({ week: weeksLater(monday, -1) })}><ChevronLeft width={20} height={20} /></button>
      <button class="act" onclick={() => change({ week: '' })}>{msg.thisWeek()}</button>
      <button class="act px-2" aria-label={msg.nextWeek()} onclick={() => change({ week: weeksLater(monday, 1) })}><ChevronRight width={20} height={20} /></button>
      <h2 class="text-2xl">{msg.weekFrom({ day: dayWords(monday) })}</h2>
    </div>
    <ol class="grid items-start gap-2 lg:grid-cols-7">
      {#each daysOf(monday) as day (day)}
        {@const held = lessons.on(day)}
        <li class={['min-w-0 rounded-xl p-1.5', day === today() && 'bg-board']} class:max-lg:hidden={held.length === 0 && day !== today()}>
          <h3 class="mb-1.5 text-base" aria-current={day === today() ? 'date' : undefined}>{dayWords(day)}</h3>
          <ul class="flex flex-col gap-1.5">
            {#each held as lesson (lesson.id)}<li><LessonLink {lesson} title={lessons.titleOf(lesson)} /></li>{/each}
          </ul>
        </li>
      {/each}
    </ol>
    {#if lessons.all.length === 0}<p class="text-lg text-soft">{msg.noLessonsInThisWeek()}</p>{/if}
  {/if}
</div>
