<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { CompositionStage } from '$lib/api/client';
  import Pin from '~icons/lucide/pin';

  interface Props {
    stages: CompositionStage[];
    /** The amalgamations that are to stay, by id. */
    held: string[];
    chosen: number | undefined;
    onchoose: (stage: number) => void;
  }
  let { stages, held, chosen, onchoose }: Props = $props();

  const MOST_ENERGY = 5;
</script>

<ol class="mt-2 flex flex-wrap items-stretch gap-1 overflow-x-auto p-0.5 sm:flex-nowrap">
  {#each stages as stage, at (at)}
    <li class="flex min-w-17" style={`flex: ${stage.lastBar - stage.bar + 1} 1 0`}>
      <button
        class={[
          'relative flex w-full cursor-pointer flex-col overflow-hidden rounded-lg border-[1.5px] px-1.5 pt-1 pb-3 text-left hover:bg-floor',
          stage.amalgamation ? 'border-line bg-paper' : 'border-dashed border-line bg-board',
          chosen === at && 'border-ink outline-2 outline-ink',
        ]}
        aria-pressed={chosen === at}
        aria-label={msg.stageSaid({ title: stage.title, from: stage.bar, to: stage.lastBar, energy: stage.energy, level: stage.level })}
        onclick={() => onchoose(at)}
      >
        <span class="flex w-full items-baseline justify-between gap-1 text-sm">
          <strong class="font-title text-lg leading-none">{stage.bar}</strong>
          {#if stage.amalgamation && held.includes(stage.amalgamation)}<Pin width={14} height={14} class="text-brass-deep" />{/if}
        </span>
        <span class="line-clamp-3 text-sm leading-tight wrap-break-word">{stage.title}</span>
        <span class="absolute right-0 bottom-0 left-0 h-2 bg-line/40" aria-hidden="true">
          <span class={['block h-full', stage.uses.includes('highlight') ? 'bg-brass' : 'bg-spruce']} style={`width: ${(stage.energy / MOST_ENERGY) * 100}%`}></span>
        </span>
      </button>
    </li>
  {/each}
</ol>
