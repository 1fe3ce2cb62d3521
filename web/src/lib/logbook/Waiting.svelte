<script lang="ts">
  import msg from '$lib/messages/logbook';
  import common from '$lib/messages/common';
  import { noteQueue } from './NoteQueue.svelte';
  import type { BoxedNote } from './noteBox';
  import { faultWords, figuresOf } from './subject';

  $effect(() => noteQueue.watch());

  let online = $state(navigator.onLine);

  function wordsOf({ note }: BoxedNote): string {
    const subject = figuresOf(note.subject ?? '').join(', ');
    return [subject, note.grade, note.words, ...(note.faults ?? []).map(faultWords)].filter(Boolean).join(': ');
  }
</script>

<svelte:window ononline={() => (online = true)} onoffline={() => (online = false)} />

{#if !online || noteQueue.waiting > 0 || noteQueue.trouble}
  <p class="rounded-xl border-l-8 border-brass bg-board px-4 py-2 print:hidden" role="status">
    {#if !online}{msg.noNetwork()}{/if}
    {#if noteQueue.waiting > 0}{msg.notesWaiting({ notes: noteQueue.waiting })}{:else if !online}{msg.everythingYouNoteIsStored()}{/if}
    {#if noteQueue.trouble}{noteQueue.trouble}{/if}
  </p>
{/if}
{#each noteQueue.refused as boxed (boxed.order)}
  <div class="rounded-xl border-l-8 border-madder bg-madder-wash px-4 py-3 print:hidden" role="alert">
    <p class="font-semibold">{msg.thisNoteCouldNotBe({ refusal: boxed.refusal ?? '' })}</p>
    <p>{wordsOf(boxed)}</p>
    <p class="mt-2 flex flex-wrap gap-2">
      {#if boxed.note.lesson}<button class="act" onclick={() => noteQueue.keepWithoutLesson(boxed)}>{msg.saveWithoutTheLesson()}</button>{/if}
      <button class="act" onclick={() => noteQueue.keepAsWords(boxed, wordsOf(boxed))}>{msg.saveAsText()}</button>
      <button class="act" onclick={() => noteQueue.throwAway(boxed)}>{common.deleteIt()}</button>
    </p>
  </div>
{/each}
