<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/logbook';
  import common from '$lib/messages/common';
  import type { Note } from '$lib/api/client';
  import Undo2 from '~icons/lucide/undo-2';
  import GradeMark from './GradeMark.svelte';
  import type { LessonRun } from './LessonRun.svelte';
  import { named } from './subject';

  interface Props {
    run: LessonRun;
  }
  let { run }: Props = $props();

  const time = (at: string) => new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });

  function titleOf(note: Note): string {
    return note.subject ? run.figures.titleOfNote(note.subject) : note.homework ? msg.homework() : msg.note();
  }

  function faultWords(fault: string): string {
    const subject = named(fault);
    if (subject.kind !== 'fault') return '';
    const { part, step } = subject.pin;
    return step === 0 ? msg.faultOf({ part: nameOf(part), words: subject.words }) : msg.faultInStep({ part: nameOf(part), step, words: subject.words });
  }
</script>

<section class="panel p-3" aria-label={common.notes()}>
  <ul>
    {#each run.notes as note (note.id)}
      <li class="flex items-start gap-2 border-t border-line py-1.5 first:border-t-0">
        <span class="pt-0.5 text-soft">{time(note.at)}</span>
        <span class="min-w-0 flex-1 leading-snug">
          <strong>{titleOf(note)}</strong>
          {#if note.grade}<span class="inline-flex items-center gap-1"><GradeMark value={note.grade} size={16} />{note.grade}</span>{/if}
          {#each note.faults ?? [] as fault, at (at)}<span class="block text-madder">{faultWords(fault)}</span>{/each}
          {#if note.words}<span class="block">{note.words}</span>{/if}
        </span>
        <button class="act min-h-11 px-3 print:hidden" aria-label={msg.removeNote({ note: titleOf(note), at: time(note.at) })} onclick={() => run.takeBack(note)}
          ><Undo2 width={18} height={18} /></button
        >
      </li>
    {:else}
      <li class="text-soft">{msg.noNotesYetTapWhat()}</li>
    {/each}
  </ul>
</section>
