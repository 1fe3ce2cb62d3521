<script lang="ts">
  import msg from '$lib/messages/figures';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type Cards } from '$lib/api/client';
  import Choice from '$lib/ui/Choice.svelte';
  import FootworkChoice from '$lib/ui/FootworkChoice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import TitlesChoice from '$lib/ui/TitlesChoice.svelte';
  import { speech } from '$lib/ui/speech';
  import { settings } from '$lib/ui/settings.svelte';
  import { router } from 'svelte-spa-router';

  let cards = $state.raw<Cards>();
  let failure = $state<string>();
  let part = $state('');
  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');

  $effect(() => {
    const query = { titles: speech.titles, footwork: settings.footwork };
    return whileShown(
      api.GET('/api/figures/{id}/cards', { params: { path: { id }, query } }),
      (answer) => {
        cards = required(answer);
        failure = undefined;
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
  });
</script>

<div class="mx-auto max-w-6xl px-6 py-5 print:p-0">
  <div class="mb-4 flex flex-wrap items-center gap-2 print:hidden">
    <a class="act" href={`#/figures/${id}`}>{common.sheet()}</a>
    <Choice
      label={common.forIt()}
      any={common.both()}
      value={part}
      options={(cards?.parts ?? []).map((card) => ({ value: card.part, label: card.dancer }))}
      onchange={(chosen) => (part = chosen)}
    />
    <TitlesChoice />
    <FootworkChoice />
    <span class="ml-auto flex gap-2">
      <a class="act" href={`/api/figures/${id}/charts`} download={`${id}.csv`}>{msg.exportChartsAsCsv()}</a>
      <button class="act act-main" onclick={() => window.print()}>{common.print()}</button>
    </span>
  </div>
  {#if failure}
    <Message sentence={failure}><a class="act" href="#/figures">{msg.backToFigures()}</a></Message>
  {:else if cards}
    <h1 class="text-4xl max-sm:text-2xl">{cards.title}</h1>
    <p class="text-soft">{cards.dance}</p>
    <div class={['mt-4 grid gap-4', part === '' && 'lg:grid-cols-2 print:grid-cols-1']}>
      {#each cards.parts.filter((card) => part === '' || card.part === part) as card (card.part)}
        <section class="panel p-5 print:border-0 print:p-0" aria-label={card.dancer}>
          <h2 class={['border-b-4 pb-1 text-2xl', card.part === 'man' ? 'border-spruce' : 'border-dashed border-madder']}>{card.dancer}</h2>
          <p class="mt-2">{card.opening}</p>
          <ol class="mt-2">
            {#each card.lines as line, index (index)}
              <li class="grid grid-cols-[3.5rem_1fr] gap-2 border-t border-line py-2 text-lg leading-snug">
                <span class="font-title text-2xl font-semibold">{line.count}</span>
                <span>{line.text}</span>
              </li>
            {/each}
          </ol>
          <p class="border-t border-line pt-2">{card.closing}</p>
        </section>
      {/each}
    </div>
    <div class="mt-4 grid gap-4 md:grid-cols-3">
      {#each [{ title: msg.doIt(), lines: cards.cues }, { title: msg.watchOutFor(), lines: cards.faults }, { title: msg.practise(), lines: cards.drills }] as list, at (at)}
        {#if list.lines.length > 0}
          <section>
            <h2 class="text-xl">{list.title}</h2>
            <ul class="list-disc pl-5">
              {#each list.lines as line, at (at)}<li>{line}</li>{/each}
            </ul>
          </section>
        {/if}
      {/each}
    </div>
    <section class="mt-4 border-l-8 border-brass pl-4" aria-label={msg.cautions()}>
      <h2 class="text-xl">{msg.takeCare()}</h2>
      {#each cards.cautions as caution, at (at)}<p>{caution}</p>{/each}
      <p>{msg.theRulesOfTheVenue()}</p>
    </section>
  {:else}
    <p class="p-10 text-center text-xl text-soft">{msg.preparingTheCard()}</p>
  {/if}
</div>
