<script lang="ts">
  import { barsWords } from '$lib/ui/barsWords';
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import EndMark from '$lib/figures/EndMark.svelte';
  import { ANYTHING, FigureList, type Question } from '$lib/figures/FigureList.svelte';
  import PathThumbnail from '$lib/floor/PathThumbnail.svelte';
  import AuditMark from '$lib/glyphs/AuditMark.svelte';
  import { keysFor } from '$lib/keys/keys';
  import { LIST } from '$lib/keys/shortcuts';
  import { reference } from '$lib/reference/reference.svelte';
  import { changedQuery } from '$lib/ui/address';
  import Choice from '$lib/ui/Choice.svelte';
  import { FirstScreen } from '$lib/ui/FirstScreen.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { push, replace, router } from 'svelte-spa-router';

  const list = new FigureList();
  const screen = new FirstScreen();
  const FACINGS = ['LOD', 'DC', 'C', 'DC-A', 'ALOD', 'DW-A', 'W', 'DW'];

  let question = $derived<Question>({
    ...ANYTHING,
    ...Object.fromEntries([...new URLSearchParams(router.querystring ?? '')].filter(([key]) => key in ANYTHING)),
  });
  /** Opened without a question the list begins with the dance that was looked at last. */
  const asksNothing = !router.querystring;
  let begun = $state(!asksNothing);
  if (asksNothing) void reference.load().then(() => replace(`/figures?dance=${reference.lastDance}`).then(() => (begun = true)));
  $effect(() => {
    if (begun) void list.ask(question);
  });
  $effect(() => {
    void list.draw(question.dance);
  });
  $effect(() => {
    if (question.dance) reference.look(question.dance);
  });

  function ask(change: Partial<Question>) {
    void replace(`/figures?${changedQuery(new URLSearchParams(router.querystring ?? ''), change)}`);
  }

  const keys = keysFor(LIST, { create: () => void push(newAddress) });

  let newAddress = $derived(`/figures/new?dance=${question.dance || reference.lastDance}`);
  let drawn = $derived(screen.of(list.figures ?? []));
  /** Beginners' figures first, as the server sends them within each level. */
  let byLevel = $derived(
    reference.notation.levels
      .map(({ shorthand: level }) => ({ level, count: list.figures?.filter((figure) => figure.level === level).length, figures: drawn.filter((figure) => figure.level === level) }))
      .filter(({ figures }) => figures.length > 0),
  );
  let asksAnything = $derived(Object.values(question).some((text) => text !== ''));
</script>

<svelte:window onkeydown={keys} />

<div class="mx-auto flex h-full max-w-[88rem] flex-col px-6 py-5">
  <header class="flex flex-wrap items-center gap-2 pb-4">
    <h1 class="mr-4 flex-1 text-4xl">{common.figures()}</h1>
    <input
      class="field w-64 min-w-40 max-sm:order-1 max-sm:flex-1"
      type="search"
      placeholder={msg.searchByName()}
      aria-label={msg.searchByName()}
      value={question.words}
      oninput={(event) => ask({ words: event.currentTarget.value })}
    />
    <a class="act act-main" href={`#${newAddress}`} title={msg.newFigureN()}>{msg.newFigure()}</a>
    <span class="w-full"></span>
    <Choice
      label={common.dance()}
      any={common.all()}
      value={question.dance}
      options={reference.dances.map((dance) => ({ value: dance.id, label: dance.title }))}
      onchange={(dance) => ask({ dance })}
    />
    <Choice
      label={common.level()}
      any={common.any()}
      value={question.level}
      options={reference.notation.levels.map((level) => ({ value: level.shorthand, label: level.wording }))}
      onchange={(level) => ask({ level })}
    />
    <Choice
      label={msg.startsWith()}
      any={msg.eitherFoot()}
      value={question.foot}
      options={[
        { value: 'LF', label: msg.lfFree() },
        { value: 'RF', label: msg.rfFree() },
      ]}
      onchange={(foot) => ask({ foot })}
    />
    <Choice
      label={msg.facing()}
      any={msg.anywhere()}
      value={question.facing}
      options={FACINGS.map((facing) => ({ value: facing, label: facing }))}
      onchange={(facing) => ask({ facing })}
    />
    <Choice
      label={msg.inIt()}
      any={msg.anyPosition()}
      value={question.position}
      options={reference.notation.positions.map((position) => ({ value: position.shorthand, label: position.wording }))}
      onchange={(position) => ask({ position })}
    />
    {#if question.dance}<a class="px-1 underline" href={`#/dances/${question.dance}`}>{msg.about({ dance: reference.danceTitle(question.dance) })}</a>{/if}
  </header>

  {#if list.failure}
    <Message sentence={list.failure} />
  {:else if list.figures === undefined}
    <p class="p-10 text-center text-xl text-soft">{msg.loadingFigures()}</p>
  {:else if list.figures.length === 0}
    <div class="panel grid place-items-center gap-3 p-12 text-center">
      <p class="font-title text-2xl">{msg.noResultsForTheseFilters()}</p>
      {#if asksAnything}<button class="act" onclick={() => replace('/figures')}>{msg.clearTheFilters()}</button>{/if}
    </div>
  {:else}
    <div class="panel min-h-0 flex-1 overflow-y-auto">
      {#each byLevel as { level, count, figures } (level)}
        <h2 class="sticky top-0 z-10 border-y-[1.5px] border-line bg-board px-5 py-1 font-text text-base font-semibold tracking-normal first:border-t-0">
          {level}<span class="font-normal text-soft">, {count}</span>
        </h2>
        <ul>
          {#each figures as figure (figure.id)}
            <li class="border-t-[1.5px] border-line first:border-t-0">
              <a
                href={`#/figures/${figure.id}`}
                class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-6 gap-y-2 px-5 py-3 hover:bg-floor lg:grid-cols-[minmax(14rem,1.25fr)_6rem_10rem_11rem_1.5rem_11rem_7rem]"
              >
                <span class="min-w-0">
                  <span class="block font-title text-[1.35rem] leading-tight font-semibold">{figure.title}</span>
                  <span class="text-soft">{reference.danceTitle(figure.dance)}, {figure.level}</span>
                </span>
                <span class="h-14 w-24 max-lg:order-last max-lg:hidden"
                  >{#if list.paths[figure.id]}<PathThumbnail path={list.paths[figure.id]!} />{/if}</span
                >
                <span class="leading-tight max-sm:text-right">
                  <span class="block font-title text-lg leading-tight font-semibold">{figure.count}</span>
                  <span class="text-soft">{barsWords(figure.bars)}</span>
                </span>
                <EndMark end={figure.entry} label={msg.starts()} />
                <svg class="hidden lg:block" width="24" height="20" viewBox="0 0 24 20" aria-hidden="true">
                  <path d="M1 10h17M13 4l7 6-7 6" fill="none" stroke="var(--ff-soft)" stroke-width="2" />
                </svg>
                <EndMark end={figure.exit} label={msg.ends2()} />
                <AuditMark errors={figure.errors} warnings={figure.warnings} />
              </a>
            </li>
          {/each}
        </ul>
      {/each}
    </div>
  {/if}
</div>
