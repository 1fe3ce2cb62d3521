<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { Composing } from './Composing.svelte';
  import CompositionCard from './CompositionCard.svelte';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    desk: RoutineDesk;
    composing: Composing;
    onclose: () => void;
  }
  let { desk, composing, onclose }: Props = $props();
  let answer = $derived(composing.answer);

  /** All of it, or its first so many placements. */
  function take(index: number, placements?: number) {
    const composition = answer?.compositions[index];
    if (!composition) return;
    if (composition.whole) desk.takePlan(composition.whole);
    else desk.takeComposition(composition, placements);
    onclose();
  }
</script>

{#if answer}
  <p class="text-soft" role="status" {@attach (line) => line.scrollIntoView({ block: 'start' })}>
    {#if answer.compositions.length === 0}
      {answer.exact ? msg.noSequenceMeetsTheseWishes() : msg.noSequenceWasFoundIn()}
    {:else if answer.exact}
      {msg.theseAreTheBestPossible()}
    {:else if answer.bound !== undefined}
      {msg.bestFoundNoSequenceCan({ bound: answer.bound })}
    {:else}
      {msg.answersThatDiffer({ answers: answer.compositions.length })}
    {/if}
  </p>
  {#each answer.notes as note, at (at)}<p class="text-soft">{note}</p>{/each}
  <ol class="space-y-3" aria-label={msg.compositions()}>
    {#each answer.compositions as composition, index (index)}
      <CompositionCard {composition} {index} {desk} {composing} ontake={(placements) => take(index, placements)} />
    {/each}
  </ol>
  {#if answer.relaxations.length > 0}
    <h3 class="text-base">{msg.changesThatWouldHelp()}</h3>
    <ul aria-label={msg.relaxations()}>
      {#each answer.relaxations as { labels, question } (labels.join())}
        <li class="flex flex-wrap items-center gap-2 py-1">
          <span class="flex-1">{labels.join(msg.and())}</span>
          {#if question}<button class="act min-h-10 px-3" onclick={() => composing.relax(question)}>{msg.applyAndCompose()}</button>{/if}
        </li>
      {/each}
    </ul>
  {/if}
{/if}
