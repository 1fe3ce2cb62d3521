<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/events';
  import common from '$lib/messages/common';
  import type { Division, ProfileSummary, RoutineSummary } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import type { EventDesk } from './EventDesk.svelte';
  import TimeField from './TimeField.svelte';

  interface Props {
    desk: EventDesk;
    profiles: ProfileSummary[];
    divisions: Division[];
    routines: RoutineSummary[];
  }
  let { desk, profiles, divisions, routines }: Props = $props();

  let name = $state('');
  let floors = $derived(desk.event.floors.map((floor) => floor.title));

  /** A number of couples, rather than somebody's name. */
  const MOST_AT_ONCE = 99;

  function addCouple(event: SubmitEvent) {
    event.preventDefault();
    const count = Number(name);
    if (Number.isInteger(count) && count > 0 && count <= MOST_AT_ONCE) desk.addCouples(count);
    else desk.addCouple(name);
    name = '';
  }

  function dancesOf(division: string, chosen: string[] | undefined) {
    return chosen && chosen.length > 0 ? chosen : (divisions.find((each) => each.title === division)?.dances.map((rule) => rule.dance) ?? []);
  }

  function addFloor() {
    desk.set({ floors: [...desk.event.floors, { title: msg.floor({ count: floors.length + 1 }), floor: { length: 18, width: 11 } }] });
  }

  /** The routine of a dance that a couple dances in a round. */
  function chooseRoutine(round: string, couple: string, dance: string, now: string[], chosen: string) {
    const others = now.filter((id) => routines.find((routine) => routine.id === id)?.dance !== dance);
    desk.setRoutines(round, couple, chosen ? [...others, chosen] : others);
  }
</script>

<div class="grid items-start gap-3 lg:grid-cols-[22rem_minmax(0,1fr)]">
  <section class="panel p-4" aria-label={msg.eventCouplesAndFloors()}>
    <h2 class="text-xl">{msg.whenAndWhere()}</h2>
    <div class="mt-1 mb-4 flex flex-col items-start gap-2">
      <input
        class="field"
        type="date"
        aria-label={msg.date()}
        value={desk.event.date}
        onchange={(event) => event.currentTarget.value && desk.set({ date: event.currentTarget.value })}
      />
      <input
        class="field w-full"
        aria-label={msg.place()}
        placeholder={msg.place()}
        maxlength="200"
        value={desk.event.place ?? ''}
        onchange={(event) => desk.set({ place: event.currentTarget.value })}
      />
      <Choice
        label={msg.rules()}
        value={desk.event.profile}
        options={profiles.map((each) => ({ value: each.id, label: each.title }))}
        onchange={(profile) => desk.set({ profile })}
      />
    </div>
    <h2 class="text-xl">{msg.couples()}</h2>
    <form class="mt-1 flex gap-2" onsubmit={addCouple}>
      <input class="field min-w-0 flex-1" placeholder={msg.couplesNamesOrNumber()} aria-label={msg.couplesNamesOrNumber()} maxlength="120" required bind:value={name} />
      <button class="act" disabled={name.trim() === ''}>{msg.add()}</button>
    </form>
    <ul class="mt-2 divide-y divide-line">
      {#each [...desk.event.couples].sort((a, b) => Number(b.coached) - Number(a.coached)) as couple (couple.id)}
        <li class="flex items-center gap-2 py-1">
          <input
            class="field w-16 px-2"
            type="number"
            min="0"
            aria-label={msg.numberOf({ title: couple.title })}
            value={couple.number}
            onchange={(event) => desk.setCouple(couple.id, { number: Number.isNaN(event.currentTarget.valueAsNumber) ? undefined : event.currentTarget.valueAsNumber })}
          />
          <span class={['min-w-0 flex-1 leading-tight', couple.coached && 'font-semibold']}>{couple.title}</span>
          <label class="inline-flex items-center gap-1 text-soft"
            ><input
              type="checkbox"
              class="size-5 accent-ink"
              checked={couple.coached}
              aria-label={msg.areYourCouple({ title: couple.title })}
              onchange={(event) => desk.setCouple(couple.id, { coached: event.currentTarget.checked })}
            />{msg.yours()}</label
          >
          <button
            class="cursor-pointer px-1 text-soft hover:text-madder"
            aria-label={msg.withdraw({ title: couple.title })}
            title={msg.withdrawFromEveryRound()}
            onclick={() => desk.dropCouple(couple.id)}>×</button
          >
        </li>
      {/each}
    </ul>
    <h2 class="mt-4 text-xl">{msg.floors()}</h2>
    <ul>
      {#each desk.event.floors as floor, index (index)}
        <li class="flex flex-wrap items-center gap-2 py-1">
          <span class="min-w-0 flex-1 font-semibold">{floor.title}</span>
          <NumberField
            label={msg.lengthOf({ title: floor.title })}
            after="×"
            value={floor.floor?.length ?? 18}
            {...limits.Floor.length}
            step={0.5}
            onchange={(length) => desk.set({ floors: desk.event.floors.map((each, at) => (at === index ? { ...each, floor: { width: 11, ...each.floor, length } } : each)) })}
          />
          <NumberField
            label={msg.widthOf({ title: floor.title })}
            after={msg.unitMetres()}
            value={floor.floor?.width ?? 11}
            {...limits.Floor.length}
            step={0.5}
            onchange={(width) => desk.set({ floors: desk.event.floors.map((each, at) => (at === index ? { ...each, floor: { length: 18, ...each.floor, width } } : each)) })}
          />
        </li>
      {/each}
    </ul>
    {#if floors.length < 6}<button class="act mt-1" onclick={addFloor}>{msg.addAFloor()}</button>{/if}
  </section>

  <section class="flex flex-col gap-3" aria-label={msg.rounds()}>
    <div class="flex flex-wrap items-center gap-2">
      <h2 class="flex-1 text-2xl">{msg.rounds()}</h2>
      <Choice
        label={msg.addARoundOf()}
        value=""
        any={msg.aDivision()}
        options={divisions.map((division) => ({ value: division.title, label: division.title }))}
        onchange={(division) => division && desk.addRound(division)}
      />
    </div>
    {#each desk.event.rounds as round (round.id)}
      {@const free = desk.event.couples.filter((couple) => !round.entries.some((entry) => entry.couple === couple.id))}
      <article class="panel p-4" aria-label={round.title}>
        <header class="flex flex-wrap items-center gap-2">
          <input
            class="field min-w-48 flex-1 font-title text-lg font-semibold"
            aria-label={msg.roundTitle()}
            maxlength="120"
            value={round.title}
            onchange={(event) => desk.setRound(round.id, { title: event.currentTarget.value })}
          />
          <NumberField
            after={msg.minPerDance()}
            label={msg.minutesPerDanceIn({ title: round.title })}
            value={round.minutes}
            {...limits.Round.minutes}
            onchange={(minutes) => desk.setRound(round.id, { minutes })}
          />
          {#if floors.length > 1}<Choice
              label={msg.on()}
              value={round.floor ?? floors[0] ?? ''}
              options={floors.map((floor) => ({ value: floor, label: floor }))}
              onchange={(floor) => desk.setRound(round.id, { floor })}
            />{/if}
          <Choice
            label={msg.after()}
            any={common.any()}
            value={round.after ?? ''}
            options={desk.event.rounds.filter((other) => other.id !== round.id).map((other) => ({ value: other.id, label: other.title }))}
            onchange={(after) => desk.setRound(round.id, { after: after || undefined })}
          />
          <TimeField
            before={msg.fixedAt()}
            label={msg.timeOf({ title: round.title })}
            open
            value={round.at ?? ''}
            onchange={(at) => desk.setRound(round.id, { at: at || undefined })}
          />
          <button
            class="cursor-pointer px-2 text-soft hover:text-madder"
            aria-label={common.remove2({ title: round.title })}
            title={common.remove()}
            onclick={() => desk.dropRound(round.id)}>×</button
          >
        </header>
        <p class="mt-1 text-soft">
          {round.division}: {dancesOf(round.division, round.dances)
            .map((dance) => reference.danceTitle(dance))
            .join(', ')}; {round.entries.length}
          {msg.couplesUnit({ couples: round.entries.length })}
        </p>
        <ul class="mt-2 flex flex-col gap-1">
          {#each round.entries.filter((entry) => desk.isOwn(entry.couple)) as entry (entry.couple)}
            <li class="flex flex-wrap items-center gap-2 rounded-lg border-[1.5px] border-brass px-2 py-1">
              <strong>{desk.couple(entry.couple)?.title}</strong>
              {#each dancesOf(round.division, round.dances) as dance (dance)}
                {@const now = entry.routines ?? []}
                <Choice
                  label={reference.danceTitle(dance)}
                  any={msg.noRoutine()}
                  value={now.find((id) => routines.find((routine) => routine.id === id)?.dance === dance) ?? ''}
                  options={routines.filter((routine) => routine.dance === dance).map((routine) => ({ value: routine.id, label: routine.title }))}
                  onchange={(chosen) => chooseRoutine(round.id, entry.couple, dance, now, chosen)}
                />
              {/each}
              <button
                class="cursor-pointer px-1 text-soft hover:text-madder"
                aria-label={msg.withdrawFrom({ title: desk.couple(entry.couple)?.title ?? '', title2: round.title })}
                onclick={() => desk.scratch(round.id, entry.couple)}>×</button
              >
            </li>
          {/each}
          <li class="flex flex-wrap gap-1.5">
            {#each round.entries.filter((entry) => !desk.isOwn(entry.couple)) as entry (entry.couple)}
              {@const couple = desk.couple(entry.couple)}
              <span class="inline-flex items-center rounded-lg border-[1.5px] border-line pl-2">
                {couple?.number ?? couple?.title ?? entry.couple}<button
                  class="cursor-pointer px-1.5 text-soft hover:text-madder"
                  aria-label={msg.withdrawFrom({ title: couple?.title ?? '', title2: round.title })}
                  onclick={() => desk.scratch(round.id, entry.couple)}>×</button
                >
              </span>
            {/each}
            {#if free.length > 0}<Choice
                label={msg.enter()}
                value=""
                any={msg.aCouple()}
                options={free.map((couple) => ({ value: couple.id, label: couple.title }))}
                onchange={(couple) => couple && desk.enter(round.id, couple)}
              />{/if}
          </li>
        </ul>
      </article>
    {:else}
      <p class="panel p-8 text-center text-xl">{msg.noRoundsYetAddOne()}</p>
    {/each}
  </section>
</div>
