<script lang="ts">
  import msg from '$lib/messages/figures';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type LinkMap } from '$lib/api/client';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import { changedQuery } from '$lib/ui/address';
  import Choice from '$lib/ui/Choice.svelte';
  import { FirstScreen } from '$lib/ui/FirstScreen.svelte';
  import { answering } from '$lib/ui/answering';
  import Message from '$lib/ui/Message.svelte';
  import { replace, router } from 'svelte-spa-router';

  /** Each row has a mark for every figure of the dance. */
  const ROWS_FIRST = 8;
  const screen = new FirstScreen(ROWS_FIRST);
  let map = $state.raw<LinkMap>();
  let failure = $state<string>();
  let query = $derived(new URLSearchParams(router.querystring ?? ''));
  let dance = $derived(query.get('dance') || reference.lastDance);
  let level = $derived(query.get('level') || 'open');
  let from = $derived(query.get('from') ?? '');
  /** What the longest title takes, whatever letters it is drawn in first: so nothing moves when those of the program have come. */
  const REM_PER_LETTER = 0.55;
  let longest = $derived(`${REM_PER_LETTER * Math.max(0, ...(map?.figures.map((figure) => figure.title.length) ?? []))}rem`);
  let chosen = $derived(map?.figures.find((figure) => figure.id === from));

  $effect(() => {
    return whileShown(
      api.GET('/api/link-maps', { params: { query: { dance, level } } }),
      (answer) => {
        map = required(answer);
        failure = undefined;
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
  });

  function ask(change: Record<string, string>) {
    void replace(`/map?${changedQuery(query, change)}`);
  }

  function title(id: string) {
    return map?.figures.find((figure) => figure.id === id)?.title ?? id;
  }

  function names(ids: string[]) {
    return ids.map(title).join(', ');
  }
</script>

<div class="mx-auto flex h-full max-w-[88rem] flex-col gap-3 px-6 py-5">
  <header class="flex flex-wrap items-center gap-2">
    <h1 class="mr-4 text-4xl">{msg.linkMap()}</h1>
    <Choice
      label={common.dance()}
      value={dance}
      options={reference.dances.map(({ id, title }) => ({ value: id, label: title }))}
      onchange={(chosen) => ask({ dance: chosen, from: '' })}
    />
    <Choice
      label={msg.upTo()}
      value={level}
      options={reference.notation.levels.map(({ shorthand, wording }) => ({ value: shorthand, label: wording }))}
      onchange={(chosen) => ask({ level: chosen })}
    />
  </header>
  {#if failure}
    <Message sentence={failure} />
  {:else if !map}
    <p class="p-10 text-center text-xl text-soft">{msg.checkingLinks()}</p>
  {:else if map.figures.length === 0}
    <p class="panel p-10 text-center text-xl text-soft">{msg.thereAreNoFiguresOf()}</p>
  {:else}
    <p>
      {map.components.length === 1 ? msg.everyFigureCanBeReached() : msg.itFallsIntoSeparateGroups({ count: map.components.length, count2: map.components[0]?.length ?? '' })}
      {#if map.deadEnds.length > 0}<strong>{msg.noFigureFollows()}</strong> {names(map.deadEnds)}.{/if}
      {#if map.unreachable.length > 0}<strong>{msg.noFigureLeadsTo()}</strong> {names(map.unreachable)}.{/if}
      {msg.onAverageFiguresFollowA({ toFixed: map.holdingPerFigure.toFixed(1) })}
    </p>
    <div class="grid min-h-0 flex-1 grid-cols-1 gap-3 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div class="panel relative overflow-auto" role="region" aria-label={msg.links()} tabindex="-1">
        <table class="border-collapse">
          <thead>
            <tr>
              <th
                scope="col"
                class="sticky top-0 left-0 z-10 bg-board p-2 text-left align-bottom max-sm:w-36 max-sm:min-w-36 sm:min-w-(--longest)"
                style:height={longest}
                style:--longest={longest}>{msg.fromTo()}</th
              >
              {#each map.figures as to (to.id)}
                <th scope="col" class="sticky top-0 bg-board p-1 align-bottom font-normal">
                  <span class="inline-block whitespace-nowrap [writing-mode:vertical-rl]">{to.title}</span>
                </th>
              {/each}
            </tr>
          </thead>
          <tbody>
            {#each screen.of(map.figures) as figure (figure.id)}
              <tr class={['border-t border-line', figure.id === from && 'bg-spruce-wash']}>
                <th scope="row" class="sticky left-0 bg-board p-0 text-left">
                  <button class="w-full cursor-pointer px-2 py-1 text-left font-semibold hover:underline sm:whitespace-nowrap" onclick={() => ask({ from: figure.id })}
                    >{figure.title}</button
                  >
                </th>
                {#each map.figures as to (to.id)}
                  {@const outcome = figure.successors[to.id]}
                  <td class="p-1 text-center" title={outcome ? `${figure.title} → ${to.title}: ${outcome}` : ''}>
                    {#if outcome}<SeamMark {outcome} size={22} /><span class="sr-only">{outcome}</span>{/if}
                  </td>
                {/each}
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      <aside class="panel scroll-mt-3 overflow-y-auto p-4" aria-label={msg.chosenFigure()} {@attach answering(() => from)}>
        {#if chosen}
          <h2 class="text-xl">{chosen.title}</h2>
          <p class="text-soft">{chosen.level}</p>
          <ul class="mt-2 space-y-1">
            {#each Object.entries(chosen.successors) as [id, outcome] (id)}
              <li>
                <button class="flex w-full cursor-pointer items-center gap-2 rounded-lg px-1 py-1 text-left hover:bg-floor" onclick={() => ask({ from: id })}>
                  <SeamMark {outcome} size={22} />
                  {title(id)} <span class="text-soft">{outcome}</span>
                </button>
              </li>
            {:else}
              <li class="text-soft">{msg.noFigureFollowsIt()}</li>
            {/each}
          </ul>
          <a class="act mt-3" href={`#/figures/${chosen.id}`}>{common.sheet()}</a>
        {:else}
          <p class="text-soft">{msg.chooseAFigureToSee()}</p>
        {/if}
      </aside>
    </div>
  {/if}
</div>
