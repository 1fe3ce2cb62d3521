<script lang="ts">
  import msg from '$lib/messages/events';
  import common from '$lib/messages/common';
  import type { Call } from '$lib/api/client';
  import type { EventDesk } from './EventDesk.svelte';
  import TimeField from './TimeField.svelte';
  import { minutesOf, timeNow, timeOf } from './clock';
  import { today } from '$lib/ui/moment';

  interface Props {
    desk: EventDesk;
  }
  let { desk }: Props = $props();

  const EVERY = 15_000;
  const MORE = 12;

  let clock = $state(timeNow());
  /** A time that was set by hand, for a look ahead. */
  let set = $state('');
  let all = $state(false);
  let more = $state(MORE);

  $effect(() => {
    const timer = setInterval(() => (clock = timeNow()), EVERY);
    return () => clearInterval(timer);
  });

  let isToday = $derived(desk.event.date === today());
  let calls = $derived(desk.day?.calls ?? []);
  /** On another day the list begins with its first call. */
  let now = $derived(set || (isToday ? clock : (desk.day?.warmUps[0]?.start ?? calls[0]?.start ?? clock)));
  let at = $derived(minutesOf(now));
  let shown = $derived(calls.filter((call) => all || isOwn(call)));
  let danced = $derived(shown.filter((call) => minutesOf(call.start) <= at && at < minutesOf(call.end)));
  let coming = $derived(shown.filter((call) => minutesOf(call.start) > at));
  let next = $derived(coming[0]);
  let warmUp = $derived(desk.day?.warmUps.find((each) => minutesOf(each.end) > at));

  function isOwn(call: Call) {
    return call.couples.some((called) => desk.isOwn(called.couple));
  }

  function own(call: Call) {
    return call.couples.filter((called) => desk.isOwn(called.couple));
  }

  function until(time: string) {
    const minutes = minutesOf(time) - at;
    return minutes < 60 ? msg.inMin({ minutes }) : msg.inHMin({ floor: Math.floor(minutes / 60), minutes: minutes % 60 });
  }
</script>

{#snippet line(call: Call)}
  <span class="block leading-snug">
    <strong>{call.dance}</strong>{msg.heatOf({ heat: call.heat, heats: call.heats, title: call.title, floor: call.floor })}
  </span>
  {#each own(call) as called (called.couple)}
    <span class="block leading-snug">
      <span class="font-semibold">{desk.couple(called.couple)?.title}</span>{#if desk.couple(called.couple)?.number}{msg.number({
          number: desk.couple(called.couple)?.number ?? '',
        })}{/if}: {called.side};
      {called.piece ? msg.theirPiece({ piece: called.piece }) : call.music || msg.theOrganisersMusic()}
    </span>
  {/each}
{/snippet}

{#if calls.length === 0}
  <p class="panel p-10 text-center text-xl">{msg.thereIsNoScheduleYet()}</p>
{:else}
  <div class="mx-auto flex w-full max-w-3xl flex-col gap-3">
    <div class="flex flex-wrap items-center gap-3">
      <TimeField before={msg.asAt2()} label={msg.asAt()} value={now} onchange={(time) => (set = time)} />
      {#if set}<button class="act" onclick={() => (set = '')}>{isToday ? msg.now() : msg.fromTheStart()}</button>{/if}
      <label class="inline-flex items-center gap-2"><input type="checkbox" class="size-5 accent-ink" bind:checked={all} />{msg.showOtherCouples()}</label>
    </div>
    {#if danced.length > 0}
      <section class="panel border-ink p-4" aria-label={msg.now()}>
        <h2 class="text-lg text-soft">{msg.now()}</h2>
        {#each danced as call (`${call.round} ${call.start} ${call.heat}`)}<p class="text-xl">{@render line(call)}</p>{/each}
      </section>
    {/if}
    <section class="panel p-4" aria-label={common.next()}>
      <h2 class="text-lg text-soft">{common.next()}</h2>
      {#if warmUp && (!next || minutesOf(warmUp.start) < minutesOf(next.start))}
        <p class="text-xl">
          <strong class="font-title text-3xl">{warmUp.start}</strong>
          {msg.warmUpUntil({
            start: minutesOf(warmUp.start) > at ? until(warmUp.start) : msg.rightNow(),
            end: warmUp.end,
            couples: warmUp.couples.map((id) => desk.couple(id)?.title).join(', '),
          })}
        </p>
      {/if}
      {#if next}
        <p class="text-xl"><strong class="font-title text-4xl">{next.start}</strong> <span class="text-soft">{until(next.start)}</span>{@render line(next)}</p>
      {:else}
        <p class="text-xl">{msg.noMoreRounds()}</p>
      {/if}
    </section>
    <ol class="panel divide-y divide-line px-4">
      {#each coming.slice(1, more) as call (`${call.round} ${call.start} ${call.heat}`)}
        <li class="flex gap-4 py-2"><strong class="font-title text-xl">{call.start}</strong><span>{@render line(call)}</span></li>
      {/each}
    </ol>
    {#if coming.length > more}<button class="act self-center" onclick={() => (more += MORE)}
        >{msg.moreUntil({ count: coming.length - more, timeOf: timeOf(minutesOf(coming.at(-1)!.end)) })}</button
      >{/if}
  </div>
{/if}
