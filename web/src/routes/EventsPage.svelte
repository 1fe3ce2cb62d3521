<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/events';
  import { api, required, sentenceOf, type EventSummary, type ProfileSummary } from '$lib/api/client';
  import { dateWords } from '$lib/events/clock';
  import OrganiserLine from '$lib/rules/OrganiserLine.svelte';
  import { newDivision } from '$lib/rules/ProfileDesk.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { idOf } from '$lib/ui/idOf';
  import Message from '$lib/ui/Message.svelte';
  import { inOrder } from '$lib/ui/inOrder';
  import { today } from '$lib/ui/moment';
  import { push } from 'svelte-spa-router';

  let events = $state.raw<EventSummary[]>();
  let profiles = $state.raw<ProfileSummary[]>([]);
  let failure = $state<string>();
  let title = $state('');
  let date = $state(today());
  let chosen = $state('');
  let profile = $derived(chosen || (profiles[0]?.id ?? ''));
  let rules = $state('');

  async function load() {
    try {
      const [list, all] = await Promise.all([api.GET('/api/events'), api.GET('/api/profiles')]);
      profiles = required(all);
      events = required(list).toSorted((a, b) => inOrder(a.date, b.date));
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
  void load();

  async function create(submitted: SubmitEvent) {
    submitted.preventDefault();
    try {
      const id = idOf(title, 'event', events?.map((event) => event.id) ?? []);
      const floors = [{ title: msg.mainFloor(), floor: { length: 18, width: 11 } }];
      const created = required(await api.POST('/api/events', { body: { id, title: title.trim(), date, profile, floors, couples: [], rounds: [] } }));
      await push(`/events/${created.id}?show=rounds`);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  async function createRules(submitted: SubmitEvent) {
    submitted.preventDefault();
    try {
      const id = idOf(
        rules,
        'rules',
        profiles.map((each) => each.id),
      );
      const created = required(await api.POST('/api/profiles', { body: { id, title: rules.trim(), divisions: [newDivision(msg.division1())] } }));
      await push(`/rules/${created.id}`);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
</script>

<div class="mx-auto flex max-w-[76rem] flex-col gap-4 px-6 py-5">
  <h1 class="text-4xl max-sm:text-2xl">{msg.events()}</h1>
  {#if failure}<Message sentence={failure} />{/if}
  {#if events === undefined}
    <p class="p-10 text-center text-xl text-soft">{msg.loadingEvents()}</p>
  {:else}
    <form class="panel flex flex-wrap items-center gap-2 p-3" onsubmit={create}>
      <input class="field min-w-56 flex-1" placeholder={msg.titleOfTheNewEvent()} aria-label={msg.titleOfTheNewEvent()} required {...limits.Event.title} bind:value={title} />
      <input class="field" type="date" aria-label={msg.dateOfTheNewEvent()} required bind:value={date} />
      <Choice label={msg.rules()} value={profile} options={profiles.map((each) => ({ value: each.id, label: each.title }))} onchange={(id) => (chosen = id)} />
      <button class="act act-main" disabled={title.trim() === '' || profile === ''}>{msg.createEvent()}</button>
    </form>
    <div class="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <section aria-label={msg.events()}>
        {#if events.length === 0}
          <p class="panel p-12 text-center font-title text-2xl">{msg.noEventsYetCreateOne()}</p>
        {:else}
          <ul class="flex flex-col gap-3">
            {#each events as event (event.id)}
              <li>
                <a class="panel flex items-baseline justify-between gap-4 px-5 py-5 hover:border-ink" href={`#/events/${event.id}`}>
                  <span>
                    <span class="block font-title text-2xl font-semibold">{event.title}</span>
                    <span class="text-soft">{event.place}</span>
                  </span>
                  <span class="text-right leading-tight">
                    <span class="font-title text-2xl font-bold max-sm:text-lg">{dateWords(event.date)}</span>
                    <span class="block text-soft">{msg.roundsCouples({ rounds: event.rounds, couples: event.couples })}</span>
                  </span>
                </a>
              </li>
            {/each}
          </ul>
        {/if}
      </section>
      <section class="panel p-4" aria-label={msg.rules()}>
        <h2 class="text-xl">{msg.rulesOfOrganisers()}</h2>
        <OrganiserLine />
        <ul class="mt-2">
          {#each profiles as each (each.id)}
            <li class="border-t border-line py-2">
              <a class="font-semibold hover:underline" href={`#/rules/${each.id}`}>{each.title}</a>
              <span class="block leading-snug text-soft">{each.divisions.join(', ')}</span>
            </li>
          {/each}
        </ul>
        <form class="mt-2 flex gap-2" onsubmit={createRules}>
          <input
            class="field min-w-0 flex-1"
            placeholder={msg.titleOfTheNewRules()}
            aria-label={msg.titleOfTheNewRules()}
            required
            {...limits.RuleProfile.title}
            bind:value={rules}
          />
          <button class="act" disabled={rules.trim() === ''}>{msg.createRules()}</button>
        </form>
      </section>
    </div>
  {/if}
</div>
