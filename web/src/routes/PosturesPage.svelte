<script lang="ts">
  import msg from '$lib/messages/postures';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type PostureSummary } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import { asked } from '$lib/ui/address';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { replace, router } from 'svelte-spa-router';

  let sheets = $state.raw<PostureSummary[]>();
  let failure = $state<string>();
  let query = $derived(asked(router.querystring));

  $effect(() => {
    const { dance, position, hold } = query;
    return whileShown(
      Promise.all([api.GET('/api/postures', { params: { query: { dance, position, hold } } }), reference.load()]),
      ([found]) => {
        sheets = required(found);
        failure = undefined;
        /** Where one position was asked for and there is one sheet for it, that is what was wanted. */
        if (position && sheets[0]) void replace(`/postures/${sheets[0].id}`);
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
  });
</script>

<div class="mx-auto flex max-w-[76rem] flex-col gap-4 px-6 py-5 max-sm:px-3">
  <header class="flex flex-wrap items-center gap-3">
    <h1 class="flex-1 text-4xl max-sm:text-2xl">{common.postureAndHold()}</h1>
    <Choice
      label={common.dance()}
      any={common.all()}
      value={query.dance ?? ''}
      options={reference.dances.map((dance) => ({ value: dance.id, label: dance.title }))}
      onchange={(dance) => void replace(dance ? `/postures?dance=${dance}` : '/postures')}
    />
  </header>
  {#if failure}<Message sentence={failure} />{/if}
  {#if sheets}
    {#if query.position && sheets.length === 0}<p class="panel p-6 text-lg">
        {msg.noSheetYetForIn({ position: query.position, value: query.hold ? `, ${query.hold}` : '' })} <a class="font-semibold underline" href="#/postures">{msg.allSheets()}</a>
      </p>{/if}
    <ul class="grid gap-3 md:grid-cols-2">
      {#each sheets as sheet (sheet.id)}
        <li>
          <a class="panel block px-5 py-4 hover:border-ink" href={`#/postures/${sheet.id}`}>
            <strong class="block font-title text-xl leading-tight">{sheet.title}</strong>
            <span class="text-soft">{sheet.dances.map((dance) => reference.danceTitle(dance)).join(', ')}</span>
          </a>
        </li>
      {/each}
    </ul>
  {/if}
</div>
