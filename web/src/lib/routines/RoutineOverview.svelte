<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { RoutineDesk } from './RoutineDesk.svelte';
  import { overviewOf } from './overview';

  interface Props {
    desk: RoutineDesk;
    onchoose: (placement: number) => void;
  }
  let { desk, onchoose }: Props = $props();

  let overview = $derived(desk.score ? overviewOf(desk.score, desk.selected, (index) => desk.seamAfter(index)?.verdict.outcome) : undefined);
</script>

{#if overview && overview.passages.length > 1}
  <nav class="px-1" aria-label={msg.theWholeRoutineToScale()}>
    <ol class="relative flex h-9 overflow-hidden rounded-lg border-[1.5px] border-line bg-board">
      {#each overview.passages as passage (passage.index)}
        <li class="relative min-w-0" style:width={`${passage.share}%`}>
          <button
            class={[
              'h-full w-full cursor-pointer border-r-[1.5px] border-line hover:bg-brass/40',
              passage.selected ? 'bg-ink' : passage.highlight ? 'bg-brass/60' : passage.index % 2 ? 'bg-floor' : '',
            ]}
            title={passage.title}
            aria-label={passage.title}
            aria-current={passage.selected ? 'true' : undefined}
            onclick={() => onchoose(passage.index)}
          ></button>
          {#if passage.corner}<span class="pointer-events-none absolute top-0 right-0 h-full w-1 bg-brass-deep" title={msg.aCornerIsTurned()}></span>{/if}
          {#if passage.outcome === 'breaks' || passage.outcome === 'bends'}
            <span class={['pointer-events-none absolute right-0 bottom-0 h-2.5 w-1.5', passage.outcome === 'breaks' ? 'bg-madder' : 'bg-brass']}></span>
          {/if}
        </li>
      {/each}
    </ol>
    <div class="relative h-5 text-sm text-soft tabular-nums" aria-hidden="true">
      {#each overview.phrases as phrase (phrase.at)}
        <span class="absolute top-0 border-l-[1.5px] border-soft pl-0.5 leading-5" style:left={`${phrase.at}%`}>{phrase.bar}</span>
      {/each}
    </div>
  </nav>
{/if}
