<script lang="ts">
  import msg from '$lib/messages/music';
  import type { Fit, LaidPassage } from '$lib/api/client';

  interface Props {
    fit: Fit;
    range: { from: number; to: number };
    onchoose: (passage: LaidPassage) => void;
  }
  let { fit, range, onchoose }: Props = $props();

  let bars = $derived(range.to - range.from + 1);
  let beats = $derived(bars * fit.beatsPerBar);
  let begin = $derived((range.from - 1) * fit.beatsPerBar);
  let shown = $derived(fit.passages.map((passage, index) => ({ passage, index })).filter(({ passage }) => passage.at < begin + beats && passage.at + passage.beats > begin));
  let close = $derived(bars <= 24);

  function left(at: number) {
    return (100 * (Math.max(at, begin) - begin)) / beats;
  }
  function right(at: number) {
    return (100 * (Math.min(at, begin + beats) - begin)) / beats;
  }
  function straddles(index: number) {
    return fit.misfits.some((misfit) => misfit.kind === 'over a phrase' && misfit.passage === index);
  }
</script>

<div class={['relative', close ? 'h-44' : 'h-14']} role="list" aria-label={msg.theRoutineOnThePiece()}>
  {#each shown as { passage, index } (index)}
    {@const from = left(passage.at)}
    {@const to = right(passage.at + passage.beats)}
    <div role="listitem" class="absolute inset-y-0" style={`left: ${from}%; width: ${to - from}%`}>
      <button
        class={[
          'flex size-full cursor-pointer flex-col items-start overflow-hidden rounded-md border-[1.5px] px-1 pt-1 text-left leading-tight hover:border-ink',
          straddles(index) ? 'border-madder bg-madder-wash' : 'border-line bg-board',
          passage.highlight && 'border-b-4 border-b-brass',
        ]}
        title={msg.bar3({ bar: passage.bar, title: passage.title })}
        aria-label={msg.bar3({ bar: passage.bar, title: passage.title })}
        onclick={() => onchoose(passage)}
      >
        <span class="block font-semibold">{index + 1}</span>
        {#if close}
          <span class={['block', to - from > 9 ? '' : 'max-h-32 overflow-hidden text-ellipsis whitespace-nowrap [writing-mode:vertical-rl]']}>{passage.title}</span>
        {/if}
      </button>
      {#if close}
        {#each passage.steps as step (step)}
          {#if step >= begin && step < begin + beats}<span
              class="absolute bottom-0 h-2 border-l-2 border-soft"
              style={`left: ${(100 * (left(step) - from)) / Math.max(0.01, to - from)}%`}
            ></span>{/if}
        {/each}
      {/if}
    </div>
  {/each}
</div>
