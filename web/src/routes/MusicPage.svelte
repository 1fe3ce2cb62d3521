<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/music';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type PieceSummary } from '$lib/api/client';
  import { hasWords } from '$lib/finding/plain';
  import { reference } from '$lib/reference/reference.svelte';
  import { idOf } from '$lib/ui/idOf';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { minutes } from '$lib/music/minutes';
  import { push } from 'svelte-spa-router';

  let pieces = $state.raw<PieceSummary[]>();
  let failure = $state<string>();
  let title = $state('');
  let dance = $state(reference.lastDance);
  void reference.load().then(() => (dance ||= reference.lastDance));

  let words = $state('');
  let shown = $derived(pieces?.filter((piece) => hasWords(`${piece.title} ${danced(piece)}`, words)) ?? []);

  function danced(piece: PieceSummary) {
    return piece.dances.map((id) => reference.danceTitle(id)).join(', ');
  }

  async function load() {
    try {
      pieces = required(await api.GET('/api/pieces'));
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
  void load();

  async function create(event: SubmitEvent) {
    event.preventDefault();
    try {
      await reference.load();
      const of = reference.dance(dance);
      const phrase = of?.phraseBars ?? 8;
      const id = idOf(title, 'piece', pieces?.map((piece) => piece.id) ?? []);
      const created = required(
        await api.POST('/api/pieces', {
          body: {
            id,
            title: title.trim(),
            dances: [dance],
            beatsPerBar: of?.beatsPerBar ?? 4,
            sections: [{ kind: 'verse', phrases: [phrase, phrase] }],
            tempo: [{ bar: 1, barsPerMinute: of?.slowestBarsPerMinute ?? 30 }],
          },
        }),
      );
      await push(`/music/${created.id}`);
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
</script>

<div class="mx-auto flex max-w-[70rem] flex-col gap-4 px-6 py-5">
  <h1 class="text-4xl max-sm:text-2xl">{common.music()}</h1>
  {#if failure}<Message sentence={failure} />{/if}
  <form class="panel flex flex-wrap items-center gap-2 p-3" onsubmit={create}>
    <input class="field min-w-56 flex-1" placeholder={msg.titleOfTheNewPiece()} aria-label={msg.titleOfTheNewPiece()} required {...limits.Piece.title} bind:value={title} />
    <Choice label={common.dance()} value={dance} options={reference.dances.map((each) => ({ value: each.id, label: each.title }))} onchange={(chosen) => (dance = chosen)} />
    <button class="act act-main" disabled={title.trim() === ''}>{msg.createPiece()}</button>
  </form>
  {#if pieces === undefined}
    <p class="p-10 text-center text-xl text-soft">{msg.loadingMusic()}</p>
  {:else if pieces.length === 0}
    <p class="panel p-12 text-center font-title text-2xl">{msg.noPiecesYetNameOne()}</p>
  {:else}
    <input class="field" type="search" placeholder={msg.searchByTitleOrDance()} aria-label={msg.searchPieces()} maxlength="100" bind:value={words} />
    <ul class="grid gap-3 sm:grid-cols-2">
      {#each shown as piece (piece.id)}
        <li>
          <a class="panel flex items-baseline justify-between gap-4 px-5 py-5 hover:border-ink" href={`#/music/${piece.id}`}>
            <span>
              <span class="block font-title text-2xl font-semibold">{piece.title}</span>
              <span class="text-soft">{msg.pieceTempo({ danced: danced(piece) || msg.inIt({ beatsPerBar: piece.beatsPerBar }), tempo: Math.round(piece.barsPerMinute) })}</span>
            </span>
            <span class="shrink-0 text-right leading-tight whitespace-nowrap">
              <span class="font-title text-3xl font-bold">{piece.bars}</span>
              <span class="block text-soft">{msg.bars2({ seconds: minutes(piece.seconds) })}</span>
            </span>
          </a>
        </li>
      {:else}
        <li class="panel p-8 text-center text-lg text-soft sm:col-span-2">{msg.noResultsTryFewerWords()}</li>
      {/each}
    </ul>
  {/if}
</div>
