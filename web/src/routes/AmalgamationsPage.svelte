<script lang="ts">
  import msg from '$lib/messages/amalgamations';
  import common from '$lib/messages/common';
  import { AmalgamationShelf } from '$lib/amalgamations/AmalgamationShelf.svelte';
  import WayThumbnail from '$lib/floor/WayThumbnail.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { FirstScreen } from '$lib/ui/FirstScreen.svelte';
  import Message from '$lib/ui/Message.svelte';
  import type { Amalgamation } from '$lib/api/client';
  import Trash2 from '~icons/lucide/trash-2';
  import { push, replace, router } from 'svelte-spa-router';

  const screen = new FirstScreen();
  let dance = $derived(new URLSearchParams(router.querystring).get('dance') ?? reference.lastDance);
  let shelf = $derived(new AmalgamationShelf(dance));
  void reference.load();

  $effect(() => {
    if (dance) void shelf.load();
  });

  async function begin(amalgamation: Amalgamation) {
    const routine = await shelf.begin(amalgamation);
    if (routine) await push(`/routines/${routine}`);
  }
</script>

<div class="mx-auto flex max-w-[84rem] flex-col gap-4 px-6 py-5 max-sm:px-3">
  <header>
    <h1 class="text-4xl max-sm:text-2xl">{common.amalgamations()}</h1>
    <p class="text-soft">{msg.whatTheyAre()}</p>
  </header>
  {#if shelf.failure}<Message sentence={shelf.failure} />{/if}
  <div class="flex flex-wrap items-center gap-2">
    <input class="field min-w-48 flex-1" type="search" placeholder={msg.search()} aria-label={msg.search()} maxlength="100" bind:value={shelf.words} />
    <Choice
      label={common.dance()}
      value={dance}
      options={reference.dances.map((each) => ({ value: each.id, label: each.title }))}
      onchange={(chosen) => void replace(`/amalgamations?dance=${chosen}`)}
    />
    <Choice
      label={common.level()}
      any={common.all()}
      value={shelf.level}
      options={shelf.levels.map(({ shorthand, wording }) => ({ value: shorthand, label: wording }))}
      onchange={(chosen) => (shelf.level = chosen)}
    />
    <Choice label={msg.use()} any={common.all()} value={shelf.use} options={shelf.uses.map((use) => ({ value: use, label: use }))} onchange={(chosen) => (shelf.use = chosen)} />
  </div>
  {#if shelf.list === undefined}
    {#if !shelf.failure}<p class="p-10 text-center text-xl text-soft">{msg.loading()}</p>{/if}
  {:else}
    <ul class="grid gap-3 lg:grid-cols-2" aria-label={common.amalgamations()}>
      {#each screen.of(shelf.shown) as { amalgamation, bars, bends, breaks, way, problem } (amalgamation.id)}
        <li class="panel flex flex-col gap-2 px-5 py-4">
          <div class="flex items-start justify-between gap-4">
            <div class="min-w-0">
              <h2 class="text-xl leading-tight">{amalgamation.title}</h2>
              <p class="text-soft">
                {msg.line({ bars: bars ?? '–', level: amalgamation.level ?? '', uses: amalgamation.uses.join(', ') })}
                <span
                  class="ml-2 inline-flex items-end gap-1 align-baseline"
                  role="img"
                  aria-label={msg.energy({ energy: amalgamation.energy })}
                  title={msg.energy({ energy: amalgamation.energy })}
                >
                  {#each [1, 2, 3, 4, 5] as step (step)}<span
                      class={['inline-block w-1.5 rounded-sm', step <= amalgamation.energy ? 'bg-brass-deep' : 'bg-line']}
                      style:height={`${5 + step * 2}px`}
                    ></span>{/each}
                </span>
              </p>
            </div>
            {#if way}<WayThumbnail {way} />{/if}
          </div>
          {#if amalgamation.why}<p class="leading-snug">{amalgamation.why}</p>{/if}
          {#if problem}<p class="font-semibold text-madder">✕ {problem}</p>{/if}
          {#if breaks > 0}<p class="font-semibold text-madder">✕ {msg.breaks({ breaks })}</p>{:else if bends > 0}<p class="text-brass-deep">{msg.bends({ bends })}</p>{/if}
          <div class="mt-auto flex gap-2">
            {#if !problem}<button class="act" aria-label={msg.newRoutineWith({ title: amalgamation.title })} onclick={() => begin(amalgamation)}>{msg.newRoutineWithIt()}</button
              >{/if}
            <button class="act ml-auto" aria-label={msg.deleteIt({ title: amalgamation.title })} title={common.deleteIt()} onclick={() => shelf.remove(amalgamation)}
              ><Trash2 width={18} height={18} /></button
            >
          </div>
        </li>
      {:else}
        <li class="panel p-8 text-center text-lg text-soft lg:col-span-2">{msg.none()}</li>
      {/each}
    </ul>
  {/if}
</div>
