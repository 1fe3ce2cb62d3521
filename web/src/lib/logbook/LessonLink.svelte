<script lang="ts">
  import msg from '$lib/messages/logbook';
  import type { Lesson } from '$lib/api/client';
  import { aboutOf } from './aboutOf';

  interface Props {
    lesson: Lesson;
    /** Of the couple. */
    title: string;
    /** What stands before the time, where the day is not said beside it. */
    day?: string;
  }
  let { lesson, title, day }: Props = $props();
</script>

<a class="panel block min-w-0 px-3 py-2 hover:border-ink" href={`#/lessons/${lesson.id}`}>
  <span class="flex items-baseline gap-2"
    >{#if day}<span class="text-soft">{day}</span>{/if}<span class="font-title text-xl font-bold tabular-nums">{lesson.time}</span><span class="text-sm text-soft"
      >{msg.min2({ minutes: lesson.minutes })}</span
    ></span
  >
  <strong class="block leading-tight">{title}</strong>
  <span class="line-clamp-2 text-sm leading-snug text-soft">{aboutOf(lesson) || msg.notPlannedYet()}</span>
</a>
