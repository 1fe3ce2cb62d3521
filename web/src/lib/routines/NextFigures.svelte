<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { Following, NextFigures } from '$lib/api/client';
  import type { Direction } from './RoutineDesk.svelte';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';

  interface Props {
    next: NextFigures;
    direction: Direction;
    onadd: (following: Following) => void;
  }
  let { next, direction, onadd }: Props = $props();
  let showsRefused = $state(false);
  let refused = $derived(next.mayNot.reduce((sum, refusal) => sum + refusal.figures.length, 0));
</script>

<ul aria-label={msg.whatCanCome({ direction })} id="next-figures">
  {#each next.may as following (following.placement.figure)}
    <li>
      <button class="flex w-full cursor-pointer items-center gap-3 rounded-lg px-2 py-1.5 text-left hover:bg-floor" onclick={() => onadd(following)}>
        <SeamMark outcome={following.outcome} size={26} />
        <span class="min-w-0">
          <span class="block font-semibold"
            >{following.title}
            <span class="font-normal text-soft">{[following.way || following.level, following.placement.cornerAfter && msg.cornerAfter2()].filter(Boolean).join(', ')}</span></span
          >
          {#if following.reason}<span class="block text-sm leading-snug text-soft">{following.reason}</span>{/if}
        </span>
      </button>
    </li>
  {:else}
    <li class="px-2 text-soft">{direction !== 'before' ? msg.noFigureCanFollowDirectly() : msg.noFigureLeadsDirectlyInto()}</li>
  {/each}
</ul>
{#if refused > 0}
  <button class="act mt-2" aria-expanded={showsRefused} onclick={() => (showsRefused = !showsRefused)}>
    {msg.refusedFigures({ act: showsRefused ? 'hide' : 'show', refused, direction })}
  </button>
  {#if showsRefused}
    <ul class="mt-1 space-y-1" aria-label={msg.whatCannotCome({ direction })}>
      {#each next.mayNot as refusal, at (at)}
        <li class="px-2 leading-snug">
          <strong class="first-letter:uppercase">{refusal.reason}</strong>
          <span class="text-soft">{msg.refusedList({ count: refusal.figures.length, figures: refusal.figures.join(', ') })}</span>
        </li>
      {/each}
    </ul>
  {/if}
{/if}
