<script lang="ts">
  import msg from '$lib/messages/events';
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
    if (desk.planning) return msg.planning();
    if (planned && !planned.plan) return planned.exact ? msg.noScheduleIsPossibleEvery() : msg.noScheduleWasFoundIn();
    if (!day?.plan) return msg.noScheduleYet();
    const ends = msg.theLastRoundEndsAt({ ends: day.ends ?? '' });
    return planned?.plan && planned.ends === day.ends && planned.exact ? msg.noScheduleWithTheseSettings({ ends }) : `${ends}.`;
  });
</script>

<section class="panel flex flex-wrap items-center gap-x-5 gap-y-2 p-3" aria-label={msg.scheduleSettings()}>
  <TimeField before={msg.startingFrom()} label={msg.startOfTheDay()} value={desk.keeps.begins} onchange={(begins) => desk.setDay({ begins })} />
  <TimeField before={msg.finishBy()} label={msg.latestFinish()} value={desk.keeps.ends} onchange={(ends) => desk.setDay({ ends })} />
  <NumberField
    before={msg.restOf()}
    after={msg.unitMinutes()}
    label={msg.minutesOfRestBetweenA()}
    value={desk.keeps.rest}
    min={0}
    max={600}
    onchange={(rest) => desk.setDay({ rest })}
  />
  <NumberField
    before={msg.warmUpOf()}
    after={msg.unitMinutes()}
    label={msg.minutesOfWarmUp()}
    value={desk.keeps.warmUp}
    min={0}
    max={600}
    onchange={(warmUp) => desk.setDay({ warmUp })}
  />
  <NumberField
    before={msg.betweenRounds()}
    after={msg.unitMinutes()}
    label={msg.minutesBetweenRoundsOnA()}
    value={desk.keeps.between}
    min={0}
    max={600}
    onchange={(between) => desk.setDay({ between })}
  />
  <span class="flex-1"></span>
  <button class="act act-main" title={msg.planTheScheduleP()} disabled={desk.planning || desk.event.rounds.length === 0} onclick={() => desk.plan()}>{msg.planTheSchedule()}</button
  >
  {#if day?.plan}
    <span class="inline-flex items-center gap-2">
      <button class="act" title={msg.planTheRestN()} disabled={desk.planning} onclick={() => desk.plan(now)}>{msg.planTheRestFrom()}</button>
      <TimeField label={msg.now()} value={now} onchange={(time) => (now = time)} />
    </span>
  {/if}
</section>

<p class={['font-title text-2xl font-semibold', planned && !planned.plan && 'text-madder']} role="status" data-testid="day-answer">{answer}</p>
{#if planned && !planned.plan && planned.relaxations.length > 0}
  <section class="panel p-4" aria-label={msg.changesThatWouldMakeA()}>
    <h2 class="text-xl">{msg.anyOneOfTheseChanges()}</h2>
    <ul class="mt-1 flex flex-col gap-1">
      {#each planned.relaxations as relaxation, at (at)}
        <li><button class="act h-auto py-1 text-left whitespace-normal" onclick={() => desk.relax(relaxation)}>{relaxation.sentence}</button></li>
      {/each}
    </ul>
  </section>
{/if}
{#if (day?.conflicts.length ?? 0) > 0}
  <section class="panel border-madder p-4" aria-label={msg.conflicts()}>
    <h2 class="text-xl text-madder">{msg.conflicts()}</h2>
    <ul class="list-disc pl-5">
      {#each day?.conflicts ?? [] as conflict, at (at)}<li>{conflict.sentence}</li>{/each}
    </ul>
  </section>
{/if}

{#if day?.plan}
  <AfterPaint>
    <section class="panel p-3" aria-label={msg.scheduleToScale()}><DayTimeline {desk} {chosen} onchoose={(round) => (chosen = round)} /></section>
    <div class="grid gap-3 lg:grid-cols-2">
      {#each day.plan as round, index (round.round)}
        <RoundHeats {desk} {round} letter={letterOf(index)} chosen={chosen === round.round} />
      {/each}
    </div>
  </AfterPaint>
{:else if desk.event.rounds.length === 0}
  <p class="panel p-10 text-center text-xl">{msg.noRoundsYetAddCouples()}</p>
{/if}
