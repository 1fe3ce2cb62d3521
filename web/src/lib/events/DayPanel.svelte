<script lang="ts">
  import AfterPaint from '$lib/ui/AfterPaint.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import DayTimeline from './DayTimeline.svelte';
  import type { EventDesk } from './EventDesk.svelte';
  import RoundHeats from './RoundHeats.svelte';
  import TimeField from './TimeField.svelte';
  import { letterOf, timeNow } from './clock';

  interface Props {
    desk: EventDesk;
  }
  let { desk }: Props = $props();

  let chosen = $state<string>();
  let now = $state(timeNow());

  let day = $derived(desk.day);
  let planned = $derived(desk.planned);
  let answer = $derived.by(() => {
    if (desk.planning) return 'Planning …';
    if (planned && !planned.plan) return planned.exact ? 'No such day can be: every order and every heat has been tried.' : 'None was found in the time there was.';
    if (!day?.plan) return 'Not planned yet.';
    const ends = `The last round is over at ${day.ends}`;
    return planned?.plan && planned.ends === day.ends && planned.exact ? `${ends}; no day under these wishes ends earlier.` : `${ends}.`;
  });
</script>

<section class="panel flex flex-wrap items-center gap-x-5 gap-y-2 p-3" aria-label="What the day keeps to">
  <TimeField before="from" label="The day begins" value={desk.keeps.begins} onchange={(begins) => desk.setDay({ begins })} />
  <TimeField before="over by" label="The day must be over" value={desk.keeps.ends} onchange={(ends) => desk.setDay({ ends })} />
  <NumberField
    before="rest"
    after="min"
    label="Minutes of rest between two rounds of a couple"
    value={desk.keeps.rest}
    min={0}
    max={600}
    onchange={(rest) => desk.setDay({ rest })}
  />
  <NumberField before="warm-up" after="min" label="Minutes of warm-up" value={desk.keeps.warmUp} min={0} max={600} onchange={(warmUp) => desk.setDay({ warmUp })} />
  <NumberField
    before="between rounds"
    after="min"
    label="Minutes between two rounds on a floor"
    value={desk.keeps.between}
    min={0}
    max={600}
    onchange={(between) => desk.setDay({ between })}
  />
  <span class="flex-1"></span>
  <button class="act act-main" title="Plan the day (P)" disabled={desk.planning || desk.event.rounds.length === 0} onclick={() => desk.plan()}>Plan the day</button>
  {#if day?.plan}
    <span class="inline-flex items-center gap-2">
      <button class="act" title="Plan what is left of it (N)" disabled={desk.planning} onclick={() => desk.plan(now)}>Plan what is left from</button>
      <TimeField label="Now" value={now} onchange={(time) => (now = time)} />
    </span>
  {/if}
</section>

<p class={['font-title text-2xl font-semibold', planned && !planned.plan && 'text-madder']} role="status" data-testid="day-answer">{answer}</p>
{#if planned && !planned.plan && planned.relaxations.length > 0}
  <section class="panel p-4" aria-label="What would allow a day">
    <h2 class="text-xl">Each of these by itself would allow one</h2>
    <ul class="mt-1 flex flex-col gap-1">
      {#each planned.relaxations as relaxation, at (at)}
        <li><button class="act h-auto py-1 text-left whitespace-normal" onclick={() => desk.relax(relaxation)}>{relaxation.sentence}</button></li>
      {/each}
    </ul>
  </section>
{/if}
{#if (day?.conflicts.length ?? 0) > 0}
  <section class="panel border-madder p-4" aria-label="What cannot be">
    <h2 class="text-xl text-madder">What cannot be</h2>
    <ul class="list-disc pl-5">
      {#each day?.conflicts ?? [] as conflict, at (at)}<li>{conflict.sentence}</li>{/each}
    </ul>
  </section>
{/if}

{#if day?.plan}
  <AfterPaint>
    <section class="panel p-3" aria-label="The day to scale"><DayTimeline {desk} {chosen} onchoose={(round) => (chosen = round)} /></section>
    <div class="grid gap-3 lg:grid-cols-2">
      {#each day.plan as round, index (round.round)}
        <RoundHeats {desk} {round} letter={letterOf(index)} chosen={chosen === round.round} />
      {/each}
    </div>
  </AfterPaint>
{:else if desk.event.rounds.length === 0}
  <p class="panel p-10 text-center text-xl">No round yet. Enter couples and rounds first (R).</p>
{/if}
