<script lang="ts">
  import msg from '$lib/messages/listings';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf } from '$lib/api/client';
  import type { RoutineDesk } from '$lib/routines/RoutineDesk.svelte';
  import { focused } from '$lib/ui/focused';
  import { PastedList } from './PastedList.svelte';

  interface Props {
    desk: RoutineDesk;
    onclose: () => void;
  }
  let { desk, onclose }: Props = $props();

  // svelte-ignore state_referenced_locally
  const list = new PastedList(desk.routine.dance);
  let written = $state<string>();
  let failure = $state<string>();

  function put() {
    if (list.listing?.title && desk.placements.length === 0) {
      desk.typeTitle(list.listing.title);
      desk.accept();
    }
    if (desk.placements.length > 0) desk.select((desk.score?.placements.length ?? 1) - 1);
    desk.insert(list.placements);
    onclose();
  }

  async function write() {
    try {
      written = required(await api.POST('/api/listing-texts', { body: desk.routine })).text;
      failure = undefined;
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
</script>

<div class="flex items-baseline justify-between">
  <h2 class="text-xl">{msg.list()}</h2>
  <button class="text-soft underline" onclick={onclose}>{common.close()}</button>
</div>
<label class="mt-2 flex flex-col gap-1">
  <span class="font-semibold">{msg.pasteOrTypeAList()}</span>
  <textarea
    class="field min-h-32 py-2 leading-snug"
    maxlength="20000"
    value={list.text}
    placeholder={msg.natTurnRfClosedChange()}
    oninput={(event) => list.paste(event.currentTarget.value)}
    {@attach focused}></textarea>
</label>
{#if list.failure}<p class="mt-2 text-madder" role="alert">{list.failure}</p>{/if}
{#if list.listing}
  <ol class="mt-2" aria-label={msg.whatWasRead()}>
    {#each list.listing.entries as entry (entry.from)}
      {@const meant = list.meant(entry)}
      {#if entry.section}<li class="mt-2 font-title text-lg font-semibold">{entry.section.title}{entry.section.times > 1 ? msg.times({ times: entry.section.times }) : ''}</li>{/if}
      <li class="border-t border-line py-1 leading-snug">
        {#if entry.placement}
          <strong>{entry.title}</strong>
        {:else if meant}
          <strong>{entry.choices.find((choice) => choice.placement.figure === meant.figure)?.title}</strong>
        {:else}
          <span class="font-semibold text-madder">“{entry.text}”{entry.choices.length > 0 ? msg.which() : msg.isNotInTheBook()}</span>
        {/if}
        {#if entry.times > 1}<span class="text-soft"> × {entry.times}</span>{/if}
        {#if entry.cornerAfter}<span class="text-soft"> {msg.corner()}</span>{/if}
        {#each entry.remarks as remark, at (at)}<span class="block text-madder">{remark}</span>{/each}
        {#if !meant}
          <span class="mt-1 flex flex-wrap gap-1">
            {#each entry.choices as choice, at (at)}
              <button class="act h-auto py-0.5 text-left whitespace-normal" onclick={() => list.choose(entry, choice.placement)}>{choice.title}</button>
            {/each}
          </span>
        {/if}
      </li>
    {/each}
  </ol>
  <button class="act act-main mt-3" disabled={list.placements.length === 0} onclick={put}>
    {list.open.length === 0 ? msg.insert() : msg.insertWithGaps({ gaps: list.open.length })}
  </button>
{/if}
<section class="mt-4 border-t-[1.5px] border-line pt-3" aria-label={msg.thisRoutineAsAList()}>
  <div class="flex flex-wrap items-center gap-2">
    <h3 class="text-base">{msg.thisRoutineAsAList()}</h3>
    <button class="act" disabled={desk.placements.length === 0} onclick={write}>{msg.showAsAList()}</button>
    {#if written}<button class="act" onclick={() => navigator.clipboard.writeText(written ?? '')}>{msg.copy()}</button>{/if}
  </div>
  {#if failure}<p class="mt-2 text-madder" role="alert">{failure}</p>{/if}
  {#if written}<pre class="mt-2 overflow-x-auto font-sans leading-snug whitespace-pre-wrap" data-testid="list">{written}</pre>{/if}
</section>
