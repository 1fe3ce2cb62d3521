<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/logbook';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type LessonPlan } from '$lib/api/client';
  import { readTime } from '$lib/events/clock';
  import { focused } from '$lib/ui/focused';
  import { zoneHere } from '$lib/ui/zoneHere';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Plus from '~icons/lucide/plus';
  import { push } from 'svelte-spa-router';
  import { noteId } from './noteId';
  import { partsOf } from './partsOf';

  interface Props {
    couples: { id: string; title: string }[];
    date: string;
    couple?: string;
    /** Whether it can be repeated on the same day of later weeks. */
    repeats?: boolean;
  }
  let { couples, date, couple = '', repeats = false }: Props = $props();

  /** The form is there when it is asked for. */
  let open = $state(false);
  let chosen = $state<string>();
  let day = $state<string>();
  let time = $state('18:00');
  let minutes = $state(45);
  let every = $state('');
  let times = $state(10);
  let failure = $state<string>();
  let whose = $derived(chosen ?? (couple || (couples[0]?.id ?? '')));
  let on = $derived(day ?? date);

  /** What a beginner's coach is asked first. */
  let asking = $state.raw<LessonPlan>();

  async function plan(event: SubmitEvent) {
    event.preventDefault();
    try {
      const planned = required(await api.POST('/api/lesson-plans', { body: { couple: whose, minutes, date: on, zone: zoneHere() } }));
      failure = undefined;
      if (planned.asks) asking = planned;
      else await keep(planned);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  async function keep(planned: LessonPlan) {
    asking = undefined;
    const title = couples.find(({ id }) => id === whose)?.title ?? common.lesson();
    const lesson = {
      id: `lesson-${on}-${noteId().slice(0, 8)}`,
      title: title.slice(0, 120),
      couple: whose,
      date: on,
      time: readTime(time) ?? time,
      minutes,
      routine: planned.routine || undefined,
      parts: partsOf(planned),
    };
    try {
      if (every) required(await api.POST('/api/lessons/series', { body: { lesson, every: Number(every), times } }));
      else required(await api.POST('/api/lessons', { body: lesson }));
      await push(`/lessons/${lesson.id}`);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
</script>

{#if couples.length > 0 && !open}
  <button class="act self-start" onclick={() => (open = true)}><Plus width={18} height={18} aria-hidden="true" />{msg.newLesson()}</button>
{:else if couples.length > 0}
  <form class="mt-3 flex flex-wrap items-center gap-2" onsubmit={plan} aria-label={msg.planALesson()}>
    {#if !couple}<Choice label={common.forIt()} value={whose} options={couples.map(({ id, title }) => ({ value: id, label: title }))} onchange={(id) => (chosen = id)} />{/if}
    <input class="field" type="date" aria-label={msg.lessonDate()} {@attach focused} required value={on} onchange={(event) => (day = event.currentTarget.value)} />
    <input class="field w-24" aria-label={msg.lessonTime()} required bind:value={time} />
    <label class="inline-flex items-center gap-2"
      ><input class="field w-20 px-2" type="number" {...limits.LessonPlanQuestion.minutes} required bind:value={minutes} /> {common.minutes()}</label
    >
    {#if repeats}
      <Choice
        label={msg.repeat()}
        any={msg.once()}
        value={every}
        options={[
          { value: '1', label: msg.everyWeek() },
          { value: '2', label: msg.everySecondWeek() },
        ]}
        onchange={(chosen) => (every = chosen)}
      />
      {#if every}<label class="inline-flex items-center gap-2"
          ><input class="field w-18 px-2" type="number" {...limits.LessonSeries.times} required bind:value={times} /> {msg.lessonsInAll()}</label
        >{/if}
    {/if}
    <button class="act act-main">{msg.planTheLesson()}</button>
    <button class="act" type="button" onclick={() => (open = false)}>{common.cancel()}</button>
  </form>
  {#if asking}
    {@const planned = asking}
    <div class="mt-2">
      <Message sentence={planned.asks}>
        <button class="act act-main" onclick={() => keep(planned)}>{msg.yesPlanIt()}</button>
        <button class="act" onclick={() => (asking = undefined)}>{msg.no()}</button>
      </Message>
    </div>
  {/if}
  {#if failure}<div class="mt-2"><Message sentence={failure} /></div>{/if}
{/if}
