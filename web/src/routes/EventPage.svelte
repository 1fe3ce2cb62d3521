<script lang="ts">
  import msg from '$lib/messages/events';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import TitleField from '$lib/ui/TitleField.svelte';
  import UndoRedo from '$lib/ui/UndoRedo.svelte';
  import Unkept from '$lib/ui/Unkept.svelte';
  import { api, required, sentenceOf, type Division, type ProfileSummary, type RoutineSummary } from '$lib/api/client';
  import ChecklistPanel from '$lib/events/ChecklistPanel.svelte';
  import DayPanel from '$lib/events/DayPanel.svelte';
  import { EventDesk } from '$lib/events/EventDesk.svelte';
  import RoundsPanel from '$lib/events/RoundsPanel.svelte';
  import RunningList from '$lib/events/RunningList.svelte';
  import StandingPanel from '$lib/events/StandingPanel.svelte';
  import { dateWords, timeNow } from '$lib/events/clock';
  import { keysFor } from '$lib/keys/keys';
  import { EVENT } from '$lib/keys/shortcuts';
  import { reference } from '$lib/reference/reference.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Trash2 from '~icons/lucide/trash-2';
  import { push, router } from 'svelte-spa-router';

  const PANELS = [
    { show: 'day', label: msg.schedule() },
    { show: 'list', label: msg.runningOrder() },
    { show: 'rounds', label: msg.couplesAndRounds() },
    { show: 'standing', label: msg.rulesCheck() },
    { show: 'checklist', label: msg.checklist() },
  ];

  let desk = $state.raw<EventDesk>();
  let profiles = $state.raw<ProfileSummary[]>([]);
  let routines = $state.raw<RoutineSummary[]>([]);
  let divisions = $state.raw<Division[]>([]);
  let failure = $state<string>();

  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let shown = $derived(new URLSearchParams(router.querystring).get('show') ?? 'day');

  $effect(() => {
    desk = undefined;
    failure = undefined;
    return whileShown(
      Promise.all([EventDesk.open(id), api.GET('/api/profiles'), api.GET('/api/routines'), reference.load()]),
      ([opened, rules, list]) => {
        profiles = required(rules);
        routines = required(list);
        desk = opened;
      },
      (thrown) => (failure = sentenceOf(thrown)),
      ([opened]) => opened.leave(),
    );
  });

  let profile = $derived(desk?.event.profile);
  $effect(() => {
    if (profile === undefined) return;
    return whileShown(
      api.GET('/api/profiles/{id}', { params: { path: { id: profile } } }),
      (answer) => (divisions = required(answer).divisions),
      (thrown) => (failure = sentenceOf(thrown)),
    );
  });

  function show(panel: string) {
    void push(`/events/${id}?show=${panel}`);
  }

  async function remove() {
    if (await desk?.delete()) await push('/events');
  }

  let keys = $derived(
    desk &&
      keysFor(EVENT, {
        undo: () => desk!.undo(),
        redo: () => desk!.redo(),
        keep: () => void desk!.keep(),
        plan: () => void desk!.plan(),
        again: () => void desk!.plan(timeNow()),
        day: () => show('day'),
        list: () => show('list'),
        rounds: () => show('rounds'),
        standing: () => show('standing'),
        checklist: () => show('checklist'),
      }),
  );
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10"><Message sentence={failure}><a class="act" href="#/events">{msg.backToEvents()}</a></Message></div>
{:else if !desk}
  <p class="p-10 text-center text-xl text-soft">{msg.loadingTheEvent()}</p>
{:else}
  <div class="mx-auto flex max-w-[84rem] flex-col gap-3 px-4 py-4">
    <header class="flex flex-wrap items-center gap-x-3 gap-y-2">
      <TitleField label={msg.eventTitle()} title={desk.event.title} ontype={(title) => desk!.type({ title })} ondone={() => desk!.accept()} />
      <span class="text-soft">{dateWords(desk.event.date)}{desk.event.place ? `, ${desk.event.place}` : ''}</span>
      <span class="flex flex-wrap items-center gap-2">
        <UndoRedo {desk} />
        <button class="act" aria-label={common.deleteIt()} title={msg.deleteTheEvent()} onclick={remove}><Trash2 width={18} height={18} /></button>
        <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => desk!.keep()}>{desk.isKept ? common.saved() : common.save()}</button>
      </span>
    </header>
    <Unkept {desk} />
    <nav class="flex flex-wrap items-center gap-2" aria-label={msg.partsOfTheEvent()}>
      {#each PANELS as panel (panel.show)}
        <a class={['act', shown === panel.show && 'act-main']} aria-current={shown === panel.show ? 'page' : undefined} href={`#/events/${id}?show=${panel.show}`}>{panel.label}</a>
      {/each}
      <span class="flex-1 max-sm:hidden"></span>
      <a class="act" href={`#/rules/${desk.event.profile}`}>{msg.theRules()}</a>
      {#if desk.isKept && desk.event.plan}<a class="act" href={`/api/events/${desk.event.id}/calendar.ics`} download={`${desk.event.id}.ics`}>{msg.exportCalendar()}</a>{/if}
    </nav>
    {#if shown === 'list'}<RunningList {desk} />
    {:else if shown === 'rounds'}<RoundsPanel {desk} {profiles} {divisions} {routines} />
    {:else if shown === 'standing'}<StandingPanel {desk} />
    {:else if shown === 'checklist'}<ChecklistPanel {desk} {divisions} />
    {:else}<DayPanel {desk} />{/if}
  </div>
{/if}
