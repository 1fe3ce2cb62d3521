<script lang="ts">
  import { noteQueue } from './NoteQueue.svelte';
  import type { BoxedNote } from './noteBox';

  $effect(() => noteQueue.watch());

  let online = $state(navigator.onLine);

  function wordsOf({ note }: BoxedNote): string {
    const subject = note.subject?.split('~').slice(1).join(', ').replaceAll('-', ' ') ?? '';
    return [subject, note.grade, note.words, ...(note.faults ?? []).map((fault) => fault.split('~').at(-1))].filter(Boolean).join(': ');
  }
</script>

<svelte:window ononline={() => (online = true)} onoffline={() => (online = false)} />

{#if !online || noteQueue.waiting > 0 || noteQueue.trouble}
  <p class="rounded-xl border-l-8 border-brass bg-board px-4 py-2 print:hidden" role="status">
    {#if !online}No network.{/if}
    {#if noteQueue.waiting > 0}{noteQueue.waiting} {noteQueue.waiting === 1 ? 'note waits' : 'notes wait'} on this device to be handed in.{:else if !online}Whatever you note is
      laid by.{/if}
    {#if noteQueue.trouble}{noteQueue.trouble}{/if}
  </p>
{/if}
{#each noteQueue.refused as boxed (boxed.order)}
  <div class="rounded-xl border-l-8 border-madder bg-madder-wash px-4 py-3 print:hidden" role="alert">
    <p class="font-semibold">This note could not be kept: {boxed.refusal}</p>
    <p>{wordsOf(boxed)}</p>
    <p class="mt-2 flex flex-wrap gap-2">
      {#if boxed.note.lesson}<button class="act" onclick={() => noteQueue.keepWithoutLesson(boxed)}>Keep it without the lesson</button>{/if}
      <button class="act" onclick={() => noteQueue.keepAsWords(boxed, wordsOf(boxed))}>Keep it as words</button>
      <button class="act" onclick={() => noteQueue.throwAway(boxed)}>Throw it away</button>
    </p>
  </div>
{/each}
