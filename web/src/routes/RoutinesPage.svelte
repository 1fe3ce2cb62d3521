<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import { sentenceOf } from '$lib/api/client';
  import { createRoutine } from '$lib/routines/createRoutine';
  import { RoutineList, type Order } from '$lib/routines/RoutineList.svelte';
  import { ageOf, today } from '$lib/ui/moment';
  import Printer from '~icons/lucide/printer';
  import Footprints from '~icons/lucide/footprints';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { FirstScreen } from '$lib/ui/FirstScreen.svelte';
  import WayThumbnail from '$lib/floor/WayThumbnail.svelte';
  import { tempoOutsideOf } from '$lib/reference/danceWords';
  import { KINDS } from '$lib/routines/kinds';
  import { narrow } from '$lib/ui/narrow';
  import Message from '$lib/ui/Message.svelte';
  import { push } from 'svelte-spa-router';

  const list = new RoutineList();
  const screen = new FirstScreen();
  void list.load();
  let title = $state('');
  let dance = $state(reference.lastDance);
  let kind = $state(KINDS[0]!.value);
  void reference.load().then(() => (dance ||= reference.lastDance));

  const ORDERS = [
    { value: 'recent', label: msg.lastSaved() },
    { value: 'title', label: msg.title() },
    { value: 'bars', label: msg.length2() },
  ];

  async function create(event: SubmitEvent) {
    event.preventDefault();
    try {
      await push(`/routines/${await createRoutine({ title: title.trim(), dance, kind, placements: [] })}`);
    } catch (thrown) {
      list.failure = sentenceOf(thrown);
    }
  }
</script>

<div class="mx-auto flex max-w-[70rem] flex-col gap-4 px-6 py-5">
  <header class="flex flex-wrap items-baseline gap-x-4">
    <h1 class="flex-1 text-4xl max-sm:text-2xl">{msg.routines()}</h1>
    <a class="act" href="#/amalgamations">{common.amalgamations()}</a>
  </header>
  {#if list.failure}<Message sentence={list.failure} />{/if}
  <details class="panel px-3 py-2" open={!narrow.current || list.routines?.length === 0}>
    <summary class="cursor-pointer py-1 font-semibold">{msg.newRoutine()}</summary>
    <form class="flex flex-wrap items-center gap-2 py-1" onsubmit={create}>
      <input class="field min-w-56 flex-1" placeholder={msg.titleOfTheNewRoutine()} aria-label={msg.titleOfTheNewRoutine()} required {...limits.Routine.title} bind:value={title} />
      <Choice label={common.dance()} value={dance} options={reference.dances.map((each) => ({ value: each.id, label: each.title }))} onchange={(chosen) => (dance = chosen)} />
      <Choice label={msg.kind()} value={kind} options={KINDS} onchange={(chosen) => (kind = chosen as typeof kind)} />
      <button class="act act-main" disabled={title.trim() === ''}>{msg.createRoutine()}</button>
    </form>
  </details>
  {#if list.routines === undefined}
    <p class="p-10 text-center text-xl text-soft">{msg.loadingRoutines()}</p>
  {:else if list.routines.length === 0}
    <p class="panel p-12 text-center font-title text-2xl">{msg.noRoutinesYetCreateOne()}</p>
  {:else}
    <div class="flex flex-wrap items-center gap-2">
      <input class="field min-w-48 flex-1" type="search" placeholder={msg.searchByTitleOrDance()} aria-label={msg.searchRoutines()} maxlength="100" bind:value={list.words} />
      <Choice
        label={common.dance()}
        any={common.all()}
        value={list.dance}
        options={list.dances.map((each) => ({ value: each.id, label: each.title }))}
        onchange={(chosen) => (list.dance = chosen)}
      />
      <Choice label={msg.kind()} any={common.all()} value={list.kind} options={KINDS} onchange={(chosen) => (list.kind = chosen)} />
      <Choice
        label={common.level()}
        any={common.all()}
        value={list.level}
        options={list.levels.map(({ shorthand, wording }) => ({ value: shorthand, label: wording }))}
        onchange={(chosen) => (list.level = chosen)}
      />
      <Choice label={msg.sortBy()} value={list.order} options={ORDERS} onchange={(chosen) => (list.order = chosen as Order)} />
    </div>
    {#if list.troubled.length > 0}
      <p class="leading-snug">
        <strong class="text-madder">✕ {msg.routinesNeedFixing({ routines: list.troubled.length })}:</strong>
        {#each list.troubled as routine, index (routine.id)}{index > 0 ? ', ' : ''}<a class="underline" href={`#/routines/${routine.id}`}>{routine.title}</a>{/each}
      </p>
    {/if}
    <ul class="grid gap-3 sm:grid-cols-2">
      {#each screen.of(list.shown) as routine (routine.id)}
        {@const standing = list.standing(routine)}
        <li class="flex gap-2">
          <a class="panel flex flex-1 items-baseline justify-between gap-4 px-5 py-3 hover:border-ink" href={`#/routines/${routine.id}`}>
            <span>
              <span class="block font-title text-2xl leading-tight font-semibold">{routine.title}</span>
              <span class="text-soft">
                {msg.routineLine({ dance: reference.danceTitle(routine.dance), figures: routine.placements, tempo: routine.tempo })}{routine.kept
                  ? msg.saved({ ageOf: ageOf(today(new Date(routine.kept))) })
                  : ''}{routine.archived ? msg.archived() : ''}
              </span>
              <span class="block text-soft">{list.kindLine(routine)}</span>
              {#if standing?.usualTempo === false && reference.dance(routine.dance)}
                <strong class="block text-madder">{tempoOutsideOf(reference.dance(routine.dance)!)}</strong>
              {/if}
              {#if list.trouble(routine)}
                <strong class="block text-madder" title={[...(standing?.problems ?? []), ...(standing?.unsound ?? [])].join(', ')}>✕ {list.trouble(routine)}</strong>
              {/if}
            </span>
            <span class="flex w-24 shrink-0 flex-col items-end gap-2 leading-tight">
              <span class="whitespace-nowrap">
                <span class="font-title text-3xl font-bold">{standing && standing.problems.length === 0 ? standing.bars : '–'}</span>
                <span class="text-soft">{standing?.bars === '1' ? msg.barUnit() : msg.barsUnitMany()}</span>
              </span>
              {#if standing?.way}<WayThumbnail way={standing.way} />{/if}
            </span>
          </a>
          {#if routine.placements > 0}
            <span class="flex flex-col gap-2">
              <a class="act h-auto flex-1 px-4" href={`#/routines/${routine.id}/rehearse`} aria-label={msg.rehearse({ title: routine.title })} title={common.rehearse()}
                ><Footprints width={20} height={20} /></a
              >
              <a class="act h-auto flex-1 px-4" href={`#/routines/${routine.id}/card`} aria-label={msg.handOut2({ title: routine.title })} title={msg.handOutPrintOrSave()}
                ><Printer width={20} height={20} /></a
              >
            </span>
          {/if}
        </li>
      {:else}
        <li class="panel p-8 text-center text-lg text-soft sm:col-span-2">{msg.noResultsTryFewerWords()}</li>
      {/each}
    </ul>
    {#if list.archived > 0}
      <label class="flex items-center gap-2"
        ><input type="checkbox" class="size-5 accent-ink" bind:checked={list.showsArchived} /> {msg.showArchived({ archived: list.archived })}</label
      >
    {/if}
  {/if}
</div>
