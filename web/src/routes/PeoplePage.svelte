<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/people';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type Couple, type Person, type ProgressTable } from '$lib/api/client';
  import GradeMark from '$lib/logbook/GradeMark.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import { idOf } from '$lib/ui/idOf';
  import AfterPaint from '$lib/ui/AfterPaint.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { NewCouple } from '$lib/people/NewCouple.svelte';
  import { push } from 'svelte-spa-router';

  let people = $state.raw<Person[]>();
  let couples = $state.raw<Couple[]>([]);
  let progress = $state.raw<ProgressTable>();
  let failure = $state<string>();
  let name = $state('');
  let chosen = $state<string[]>([]);

  const couple = new NewCouple();

  void read();

  async function read() {
    try {
      const [all, taught, table] = await Promise.all([api.GET('/api/people'), api.GET('/api/couples'), api.GET('/api/progress'), reference.load()]);
      people = required(all);
      couples = required(taught);
      progress = required(table);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  async function add(event: SubmitEvent) {
    event.preventDefault();
    try {
      const title = name.trim();
      required(await api.POST('/api/people', { body: { id: idOf(title, 'person', people?.map((person) => person.id) ?? []), title } }));
      name = '';
      failure = undefined;
      await read();
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  async function pair(event: SubmitEvent) {
    event.preventDefault();
    const id = await couple.add(people ?? [], couples);
    if (id) await push(`/couples/${id}?show=who`);
  }

  async function together() {
    const members = chosen.map((id, index) => ({ person: id, part: chosen.length === 2 ? (index === 0 ? 'man' : 'lady') : 'either' }));
    const title = chosen.map((id) => people?.find((person) => person.id === id)?.title ?? id).join(' & ');
    const id = idOf(
      title,
      'couple',
      couples.map((couple) => couple.id),
    );
    try {
      required(await api.POST('/api/couples', { body: { id, title: title.slice(0, 120), members } }));
      await push(`/couples/${id}?show=who`);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  const dancesOf = (ids: string[] | undefined) => (ids ?? []).map((id) => reference.dances.find((dance) => dance.id === id)?.title ?? id).join(', ');
  const toggle = (id: string) => (chosen = chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id]);
  let danceTitles = $derived([...new Set(progress?.rows.map((row) => row.dance))]);
</script>

<div class="mx-auto flex max-w-[84rem] flex-col gap-4 px-6 py-5 max-sm:px-3">
  <h1 class="text-4xl max-sm:text-2xl">{common.people()}</h1>
  {#if failure}<Message sentence={failure} />{/if}
  {#if people}
    <div class="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <section aria-label={msg.couplesAndGroups()}>
        <form class="panel mb-3 flex flex-wrap items-center gap-2 px-4 py-3" aria-label={msg.newCouple()} onsubmit={pair}>
          <input
            class="field min-w-40 flex-1"
            placeholder={msg.hisName()}
            aria-label={msg.hisName()}
            list="known-people"
            required
            {...limits.Person.title}
            bind:value={couple.man}
          />
          <input
            class="field min-w-40 flex-1"
            placeholder={msg.herName()}
            aria-label={msg.herName()}
            list="known-people"
            required
            {...limits.Person.title}
            bind:value={couple.lady}
          />
          <button class="act act-main" disabled={!couple.isComplete || couple.busy}>{msg.addTheCouple()}</button>
          <datalist id="known-people"
            >{#each people as person (person.id)}<option value={person.title}></option>{/each}</datalist
          >
        </form>
        {#if couple.failure}<Message sentence={couple.failure} />{/if}
        <ul class="flex flex-col gap-3">
          {#each couples as taught (taught.id)}
            <li>
              <a class="panel flex items-baseline justify-between gap-4 px-5 py-4 hover:border-ink" href={`#/couples/${taught.id}`}>
                <span class="font-title text-2xl font-semibold">{taught.title}</span>
                <span class="text-right leading-tight text-soft">{taught.level ?? ''}<br />{dancesOf(taught.dances)}</span>
              </a>
            </li>
          {:else}
            <li class="panel p-8 text-center text-xl">
              {msg.noCouplesOrGroupsYet()}
            </li>
          {/each}
        </ul>
      </section>
      <section class="panel p-4" aria-label={msg.everyone()}>
        <h2 class="text-xl">{msg.everyone()}</h2>
        <form class="mt-2 flex gap-2" onsubmit={add}>
          <input class="field min-w-0 flex-1" placeholder={msg.aName()} aria-label={msg.nameOfSomebodyNew()} required {...limits.Person.title} bind:value={name} />
          <button class="act" disabled={name.trim() === ''}>{msg.add()}</button>
        </form>
        <ul class="mt-2">
          {#each people as person (person.id)}
            <li class="flex items-center gap-2 border-t border-line py-1.5">
              <label class="grid size-10 shrink-0 place-items-center">
                <input
                  class="size-6 accent-(--ff-ink)"
                  type="checkbox"
                  aria-label={msg.include({ title: person.title })}
                  checked={chosen.includes(person.id)}
                  onchange={() => toggle(person.id)}
                />
              </label>
              <a class="flex-1 py-1 text-lg font-semibold hover:underline" href={`#/people/${person.id}`}>{person.title}</a>
              <span class="text-soft">{person.level ?? ''}</span>
            </li>
          {/each}
        </ul>
        {#if chosen.length > 0}<button class="act act-main mt-3 w-full justify-center" onclick={together}>{msg.teach({ people: chosen.length })}</button>{/if}
      </section>
    </div>
    {#if progress && progress.rows.length > 0}
      <AfterPaint>
        <section class="panel overflow-x-auto p-4" aria-label={msg.progress()}>
          <h2 class="text-2xl">{msg.progress()}</h2>
          <p class="mb-2 flex flex-wrap gap-x-4 gap-y-1 text-soft">
            {#each ['shown', 'coming', 'steady', 'secure'] as stage (stage)}<span class="inline-flex items-center gap-1"><GradeMark value={stage} size={18} />{stage}</span>{/each}
          </p>
          <table class="w-full border-collapse text-left">
            <thead>
              <tr
                ><th scope="col" class="py-1 pr-4">{common.figure()}</th>{#each progress.titles as title, index (progress.couples[index])}<th
                    scope="col"
                    class="px-2 py-1 font-semibold"><a class="hover:underline" href={`#/couples/${progress.couples[index]}?show=progress`}>{title}</a></th
                  >{/each}</tr
              >
            </thead>
            <tbody>
              {#each danceTitles as dance (dance)}
                <tr><th scope="colgroup" colspan={progress.couples.length + 1} class="border-t-[1.5px] border-line pt-2 font-title text-lg">{dancesOf([dance])}</th></tr>
                {#each progress.rows.filter((row) => row.dance === dance) as row (row.figure)}
                  <tr class="border-t border-line">
                    <th scope="row" class="py-1 pr-4 font-normal"><a class="hover:underline" href={`#/figures/${row.figure}/card`}>{row.title}</a></th>
                    {#each row.stages as stage, index (index)}
                      <td class="px-2 py-1"
                        >{#if stage !== 'not shown'}<span class="inline-flex items-center gap-1 whitespace-nowrap"><GradeMark value={stage} />{stage}</span>{:else}<span
                            class="text-soft"
                            aria-label={msg.notShown()}>·</span
                          >{/if}</td
                      >
                    {/each}
                  </tr>
                {/each}
              {/each}
            </tbody>
          </table>
        </section>
      </AfterPaint>
    {/if}
  {:else if !failure}
    <p class="p-10 text-center text-xl text-soft">{msg.loadingPeople()}</p>
  {/if}
</div>
