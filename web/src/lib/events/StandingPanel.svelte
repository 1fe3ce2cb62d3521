<script lang="ts">
  import msg from '$lib/messages/events';
  import OrganiserLine from '$lib/rules/OrganiserLine.svelte';
  import StandMark from '$lib/rules/StandMark.svelte';
  import type { EventDesk } from './EventDesk.svelte';

  interface Props {
    desk: EventDesk;
  }
  let { desk }: Props = $props();

  $effect(() => {
    if (desk.standings === undefined && desk.isKept) void desk.loadStandings();
  });
</script>

<OrganiserLine />
{#if !desk.isKept}
  <p class="panel p-8 text-center text-xl">{msg.saveTheEventFirstIts()}</p>
{:else if desk.standings === undefined}
  <p class="p-8 text-center text-xl text-soft">{msg.checkingEveryRoutineAgainstThe()}</p>
{:else if desk.standings.length === 0}
  <p class="panel p-8 text-center text-xl">{msg.noRoutinesEnteredChooseThem()}</p>
{:else}
  <ul class="grid gap-3 lg:grid-cols-2">
    {#each desk.standings as entry (`${entry.round} ${entry.couple} ${entry.routine}`)}
      {@const amiss = entry.standing?.rulings.filter((ruling) => ruling.stand !== 'holds') ?? []}
      <li class="panel p-4">
        <div class="flex items-baseline gap-3">
          <StandMark stand={entry.standing?.stand ?? 'breaks'} large />
          <a class="flex-1 font-title text-xl font-semibold hover:underline" href={`#/routines/${entry.routine}/rules`}>{entry.title}</a>
        </div>
        <p class="text-soft">{desk.couple(entry.couple)?.title}; {desk.round(entry.round)?.title}</p>
        {#if entry.problem}<p class="text-madder">{entry.problem}</p>{/if}
        <ul class="mt-1">
          {#each amiss as ruling (ruling.rule)}
            <li class="border-t border-line py-1 leading-snug">
              <StandMark stand={ruling.stand} /> <strong>{ruling.title}</strong>{msg.required({ found: ruling.found, wanted: ruling.wanted })}{#if ruling.places.length > 0}<span
                  class="block text-soft"
                  >{ruling.places
                    .slice(0, 3)
                    .map((place) => msg.bar({ bar: place.bar, what: place.what }))
                    .join(', ')}{ruling.places.length > 3 ? msg.andMore({ count: ruling.places.length - 3 }) : ''}</span
                >{/if}
            </li>
          {/each}
        </ul>
      </li>
    {/each}
  </ul>
{/if}
