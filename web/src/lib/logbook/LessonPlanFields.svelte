<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/logbook';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type Lesson, type LessonPart } from '$lib/api/client';
  import Message from '$lib/ui/Message.svelte';
  import { zoneHere } from '$lib/ui/zoneHere';
  import { partsOf } from './partsOf';
  import { readTime } from '$lib/events/clock';
  import type { PlainDesk } from '$lib/ui/PlainDesk.svelte';
  import ArrowUp from '~icons/lucide/arrow-up';
  import Trash2 from '~icons/lucide/trash-2';

  interface Props {
    desk: PlainDesk<Lesson>;
  }
  let { desk }: Props = $props();

  let lesson = $derived(desk.value);
  let planned = $derived(lesson.parts.reduce((sum, part) => sum + part.minutes, 0));

  let failure = $state<string>();

  /** What is due by the day of the lesson, or today for one that is over. */
  async function planIt() {
    try {
      const { couple, minutes, routine, date } = lesson;
      desk.set({ parts: partsOf(required(await api.POST('/api/lesson-plans', { body: { couple, minutes, routine, date, zone: zoneHere() } }))) });
      failure = undefined;
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  const change = (index: number, part: Partial<LessonPart>) => desk.set({ parts: lesson.parts.map((each, at) => (at === index ? { ...each, ...part } : each)) });
  const up = (index: number) => desk.set({ parts: lesson.parts.map((each, at) => (at === index - 1 ? lesson.parts[index]! : at === index ? lesson.parts[index - 1]! : each)) });
</script>

<div class="flex flex-wrap items-center gap-2">
  <input class="field" type="date" aria-label={msg.day()} value={lesson.date} onchange={(event) => event.currentTarget.value && desk.set({ date: event.currentTarget.value })} />
  <input
    class="field w-24"
    aria-label={msg.time()}
    value={lesson.time}
    onchange={(event) => desk.set({ time: readTime(event.currentTarget.value) ?? event.currentTarget.value })}
  />
  <label class="inline-flex items-center gap-2"
    ><input
      class="field w-20 px-2"
      type="number"
      {...limits.Lesson.minutes}
      value={lesson.minutes}
      onchange={(event) => desk.set({ minutes: event.currentTarget.valueAsNumber || lesson.minutes })}
    />
    {common.minutes()}</label
  >
  <label class="inline-flex min-w-60 flex-1 items-center gap-2"
    >{msg.aim()}
    <input class="field min-w-0 flex-1" {...limits.Lesson.aim} value={lesson.aim ?? ''} onchange={(event) => desk.set({ aim: event.currentTarget.value || undefined })} /></label
  >
</div>
<p class={planned === lesson.minutes ? 'text-soft' : 'font-semibold text-madder'} role="status">
  {planned === lesson.minutes
    ? msg.minutesPlanned({ planned, minutes: lesson.minutes })
    : planned > lesson.minutes
      ? msg.minutesTooMany({ planned, minutes: lesson.minutes, over: planned - lesson.minutes })
      : msg.minutesFree({ planned, minutes: lesson.minutes, free: lesson.minutes - planned })}
</p>
{#if lesson.parts.length === 0}
  <div class="panel flex flex-wrap items-center gap-3 p-4">
    <p class="flex-1">{msg.thisLessonHasNoParts()}</p>
    <button class="act act-main" onclick={planIt}>{msg.planItFromWhatIs()}</button>
  </div>
{/if}
{#if failure}<Message sentence={failure} />{/if}
<ol class="flex flex-col gap-2" aria-label={msg.partsOfTheLesson()}>
  {#each lesson.parts as part, index (index)}
    <li class="panel grid grid-cols-[5.5rem_minmax(0,1fr)_auto] items-start gap-3 p-3 break-inside-avoid">
      <label class="flex items-center gap-1 text-lg"
        ><input
          class="field w-14 px-1.5"
          type="number"
          {...limits.LessonPart.minutes}
          aria-label={msg.minutesOf({ title: part.title })}
          value={part.minutes}
          onchange={(event) => change(index, { minutes: Math.max(0, event.currentTarget.valueAsNumber || 0) })}
        />{msg.min()}</label
      >
      <div class="min-w-0">
        <input
          class="w-full rounded-lg bg-transparent px-1 font-title text-xl font-semibold hover:bg-floor"
          aria-label={msg.activity()}
          {...limits.LessonPart.title}
          value={part.title}
          onchange={(event) => change(index, { title: event.currentTarget.value || part.title })}
        />
        {#if part.why}<p class="px-1 leading-snug text-soft">{part.why}</p>{/if}
      </div>
      <span class="flex gap-1 print:hidden">
        <button class="act px-3" aria-label={msg.moveUp({ title: part.title })} disabled={index === 0} onclick={() => up(index)}><ArrowUp width={18} height={18} /></button>
        <button class="act px-3" aria-label={common.remove2({ title: part.title })} onclick={() => desk.set({ parts: lesson.parts.filter((_, at) => at !== index) })}
          ><Trash2 width={18} height={18} /></button
        >
      </span>
    </li>
  {/each}
</ol>
<button class="act self-start print:hidden" onclick={() => desk.set({ parts: [...lesson.parts, { title: msg.other(), minutes: Math.max(0, lesson.minutes - planned) }] })}
  >{msg.addAPart()}</button
>
