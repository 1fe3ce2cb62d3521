<script lang="ts">
  import msg from '$lib/messages/events';
  import type { PlannedRound } from '$lib/api/client';
  import type { EventDesk } from './EventDesk.svelte';
  import TimeField from './TimeField.svelte';

  interface Props {
    desk: EventDesk;
    round: PlannedRound;
    letter: string;
    chosen: boolean;
  }
  let { desk, round, letter, chosen }: Props = $props();

  let panel = $state<HTMLElement>();
  let written = $derived(desk.round(round.round));
  let calls = $derived((desk.day?.calls ?? []).filter((call) => call.round === round.round));
  let dances = $derived([...new Set(calls.map((call) => call.dance))]);

  $effect(() => {
    if (chosen) panel?.scrollIntoView({ block: 'nearest' });
  });

  function name(id: string) {
    const couple = desk.couple(id);
    return couple?.coached ? couple.title : couple?.number ? String(couple.number) : (couple?.title ?? id);
  }
</script>

<section class={['panel p-4', chosen && 'border-ink']} aria-label={written?.title ?? round.round} bind:this={panel}>
  <header class="flex flex-wrap items-baseline gap-x-3">
    <strong class="w-7 font-title text-2xl text-soft">{letter}</strong>
    <TimeField large label={msg.startOf({ title: written?.title ?? '' })} value={round.start} onchange={(start) => desk.startAt(round.round, start)} />
    <h2 class="flex-1 text-xl">{written?.title ?? round.round}</h2>
    <span class="text-soft">{msg.to2({ end: calls.at(-1)?.end ?? '' })}</span>
  </header>
  <p class="text-soft">{dances.join(', ')}</p>
  <ol class="mt-2 flex flex-col gap-1">
    {#each round.heats as heat, index (index)}
      <li class="flex flex-wrap items-center gap-1.5 border-t border-line pt-1">
        <strong class="w-16">{msg.heat({ index: index + 1 })}</strong>
        {#each heat as id (id)}
          <span class={['inline-flex items-center rounded-lg border-[1.5px] pl-2', desk.isOwn(id) ? 'border-brass bg-brass/20 font-semibold' : 'border-line']}>
            {name(id)}
            {#if round.heats.length > 1}
              <button
                class="cursor-pointer px-1 text-soft hover:text-ink"
                title={msg.moveToTheNextHeat2()}
                aria-label={msg.moveToTheNextHeat({ id: name(id) })}
                onclick={() => desk.moveTo(round.round, id, (index + 1) % round.heats.length)}>↓</button
              >
            {/if}
            <button
              class="cursor-pointer px-1.5 text-soft hover:text-madder"
              title={msg.withdrawFromThisRound2()}
              aria-label={msg.withdrawFromThisRound({ id: name(id) })}
              onclick={() => desk.scratch(round.round, id)}>×</button
            >
          </span>
        {/each}
      </li>
    {/each}
  </ol>
</section>
