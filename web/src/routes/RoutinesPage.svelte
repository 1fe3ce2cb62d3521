<script lang="ts">
  import { api, required, sentenceOf, type RoutineStanding, type RoutineSummary } from '$lib/api/client';
  import Footprints from '@lucide/svelte/icons/footprints';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { idOf } from '$lib/ui/idOf';
  import Message from '$lib/ui/Message.svelte';
  import { push } from 'svelte-spa-router';

  let routines = $state.raw<RoutineSummary[]>();
  let standings = $state.raw(new Map<string, RoutineStanding>());
  let failure = $state<string>();
  let title = $state('');
  let showsArchived = $state(false);
  let shown = $derived(routines?.filter((routine) => showsArchived || !routine.archived) ?? []);
  let archived = $derived(routines?.filter((routine) => routine.archived).length ?? 0);
  let dance = $state(reference.lastDance);
  void reference.load().then(() => (dance ||= reference.lastDance));

  async function load() {
    try {
      routines = required(await api.GET('/api/routines'));
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
  void load();

  /** Comes after the list, which does not wait for it. */
  async function loadStandings() {
    try {
      const found = required(await api.GET('/api/routine-standings'));
      standings = new Map(found.map((standing) => [standing.routine, standing]));
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
  void loadStandings();

  let troubled = $derived(shown.filter((routine) => trouble(standings.get(routine.id)) !== ''));

  function trouble(standing: RoutineStanding | undefined) {
    if (!standing) return '';
    if (standing.problems.length > 0) return 'cannot be danced any more';
    return standing.breaks === 0 ? '' : standing.breaks === 1 ? '1 seam breaks' : `${standing.breaks} seams break`;
  }

  async function create(event: SubmitEvent) {
    event.preventDefault();
    try {
      await reference.load();
      const tempo = reference.dance(dance)?.slowestBarsPerMinute ?? 30;
      const created = required(
        await api.POST('/api/routines', { body: { id: idOf(title, 'routine', routines?.map((routine) => routine.id) ?? []), title: title.trim(), dance, tempo, placements: [] } }),
      );
      await push(`/routines/${created.id}`);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
</script>

<div class="mx-auto flex max-w-[70rem] flex-col gap-4 px-6 py-5">
  <h1 class="text-4xl">Routines</h1>
  {#if failure}<Message sentence={failure} />{/if}
  <form class="panel flex flex-wrap items-center gap-2 p-3" onsubmit={create}>
    <input class="field min-w-56 flex-1" placeholder="Title of a new routine" aria-label="Title of a new routine" required maxlength="120" bind:value={title} />
    <Choice label="Dance" value={dance} options={reference.dances.map((each) => ({ value: each.id, label: each.title }))} onchange={(chosen) => (dance = chosen)} />
    <button class="act act-main" disabled={title.trim() === ''}>Start it</button>
  </form>
  {#if routines === undefined}
    <p class="p-10 text-center text-xl text-soft">Looking for routines …</p>
  {:else if routines.length === 0}
    <p class="panel p-12 text-center font-title text-2xl">No routine yet. Name one above.</p>
  {:else}
    {#if troubled.length > 0}
      <p class="leading-snug">
        <strong class="text-madder">✕ {troubled.length === 1 ? 'One routine wants mending' : `${troubled.length} routines want mending`}:</strong>
        {#each troubled as routine, index (routine.id)}{index > 0 ? ', ' : ''}<a class="underline" href={`#/routines/${routine.id}`}>{routine.title}</a>{/each}
      </p>
    {/if}
    <ul class="grid gap-3 sm:grid-cols-2">
      {#each shown as routine (routine.id)}
        <li class="flex gap-2">
          <a class="panel flex flex-1 items-baseline justify-between gap-4 px-5 py-5 hover:border-ink" href={`#/routines/${routine.id}`}>
            <span>
              <span class="block font-title text-2xl font-semibold">{routine.title}</span>
              <span class="text-soft">{reference.danceTitle(routine.dance)}, {routine.tempo} bars a minute{routine.archived ? ', archived' : ''}</span>
              {#if trouble(standings.get(routine.id))}
                <strong class="block text-madder" title={standings.get(routine.id)?.problems.join(' ')}>✕ {trouble(standings.get(routine.id))}</strong>
              {/if}
            </span>
            <span class="text-right leading-tight"
              ><span class="font-title text-3xl font-bold">{routine.placements}</span>
              <span class="block text-soft">{routine.placements === 1 ? 'figure' : 'figures'}</span></span
            >
          </a>
          {#if routine.placements > 0}
            <a class="act h-auto px-4" href={`#/routines/${routine.id}/rehearse`} aria-label={`Rehearse ${routine.title}`} title="Rehearse"><Footprints size={22} /></a>
          {/if}
        </li>
      {/each}
    </ul>
    {#if archived > 0}
      <label class="flex items-center gap-2"><input type="checkbox" class="size-5 accent-ink" bind:checked={showsArchived} /> show the {archived} put away</label>
    {/if}
  {/if}
</div>
