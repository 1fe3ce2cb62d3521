<script lang="ts">
  import msg from '$lib/messages/studio';
  import common from '$lib/messages/common';
  import Choice from '$lib/ui/Choice.svelte';
  import type { ImportChoice, Studio } from './Studio.svelte';

  interface Props {
    studio: Studio;
  }
  let { studio }: Props = $props();

  const CHOICES: { value: ImportChoice; label: string }[] = [
    { value: 'keep', label: msg.keepMine() },
    { value: 'replace', label: msg.useTheBooks() },
    { value: 'both', label: msg.importBoth() },
  ];

  function openBook(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (file) void studio.openBook(file);
  }
</script>

<section class="panel p-5" aria-label={msg.books()}>
  <h2 class="text-2xl">{msg.books()}</h2>
  {#if studio.book}
    <p class="mt-1 leading-snug">
      <strong>{studio.book.plan.title}</strong>{msg.bookCounts({ fresh: studio.count('new'), same: studio.count('same'), different: studio.count('differs') })}
    </p>
    {#if studio.differing.length > 0}
      <p class="mt-2 flex flex-wrap items-center gap-2">
        <span class="text-soft">{msg.forAllOfThem()}</span>
        {#each CHOICES as { value, label } (value)}<button class="act" onclick={() => studio.chooseAll(value)}>{label}</button>{/each}
      </p>
      <ul class="mt-2 max-h-96 overflow-y-auto">
        {#each studio.differing as item (`${item.kind}/${item.id}`)}
          <li class="flex flex-wrap items-center justify-between gap-2 border-t border-line py-2">
            <span
              ><strong>{item.title}</strong><span class="block text-sm text-soft">{item.kind}{item.kind === 'figure' ? msg.differsIn({ places: item.differences }) : ''}</span
              ></span
            >
            <Choice label="" options={CHOICES} value={studio.chosen(item)} onchange={(choice) => studio.choose(item, choice as ImportChoice)} />
          </li>
        {/each}
      </ul>
    {/if}
    <div class="mt-3 flex gap-2">
      <button class="act act-main" disabled={studio.busy !== undefined} onclick={() => studio.takeIn()}>{msg.importIt()}</button>
      <button class="act" onclick={() => studio.leaveBook()}>{common.cancel()}</button>
    </div>
  {:else}
    <p class="mt-1 leading-snug text-soft">{msg.exchangeFiguresAndRoutinesWith()}</p>
    <div class="mt-3 flex flex-wrap gap-2">
      <label class="act">{msg.importABook()}<input type="file" class="sr-only" accept=".json,application/json" onchange={openBook} /></label>
      <a class="act" href="/api/books" download="fluidframe-book.json">{msg.exportEverythingAsABook()}</a>
    </div>
  {/if}
</section>
