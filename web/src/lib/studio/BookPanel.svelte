<script lang="ts">
  import Choice from '$lib/ui/Choice.svelte';
  import type { ImportChoice, Studio } from './Studio.svelte';

  interface Props {
    studio: Studio;
  }
  let { studio }: Props = $props();

  const CHOICES: { value: ImportChoice; label: string }[] = [
    { value: 'keep', label: 'keep mine' },
    { value: 'replace', label: 'take the book’s' },
    { value: 'both', label: 'both' },
  ];

  function openBook(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (file) void studio.openBook(file);
  }
</script>

<section class="panel p-5" aria-label="Books">
  <h2 class="text-2xl">Books</h2>
  {#if studio.book}
    <p class="mt-1 leading-snug">
      <strong>{studio.book.plan.title}</strong>: {studio.count('new')} new, {studio.count('same')} as you have them, {studio.count('differs')} that you have otherwise.
    </p>
    {#if studio.differing.length > 0}
      <p class="mt-2 flex flex-wrap items-center gap-2">
        <span class="text-soft">For all of them:</span>
        {#each CHOICES as { value, label } (value)}<button class="act" onclick={() => studio.chooseAll(value)}>{label}</button>{/each}
      </p>
      <ul class="mt-2 max-h-96 overflow-y-auto">
        {#each studio.differing as item (`${item.kind}/${item.id}`)}
          <li class="flex flex-wrap items-center justify-between gap-2 border-t border-line py-2">
            <span
              ><strong>{item.title}</strong><span class="block text-sm text-soft"
                >{item.kind}{item.kind === 'figure' ? `, differs in ${item.differences} ${item.differences === 1 ? 'place' : 'places'}` : ''}</span
              ></span
            >
            <Choice label="" options={CHOICES} value={studio.chosen(item)} onchange={(choice) => studio.choose(item, choice as ImportChoice)} />
          </li>
        {/each}
      </ul>
    {/if}
    <div class="mt-3 flex gap-2">
      <button class="act act-main" disabled={studio.busy !== undefined} onclick={() => studio.takeIn()}>Take it in</button>
      <button class="act" onclick={() => studio.leaveBook()}>Leave it</button>
    </div>
  {:else}
    <p class="mt-1 leading-snug text-soft">Figures and routines to give to somebody, or from somebody. What you have already is never replaced unless you say so.</p>
    <div class="mt-3 flex flex-wrap gap-2">
      <label class="act">Take in a book …<input type="file" class="sr-only" accept=".json,application/json" onchange={openBook} /></label>
      <a class="act" href="/api/books" download="fluidframe-book.json">Give everything as a book</a>
    </div>
  {/if}
</section>
