<script lang="ts">
  import type { PieceDesk } from './PieceDesk.svelte';

  interface Props {
    desk: PieceDesk;
  }
  let { desk }: Props = $props();

  const EACH: Record<number, string> = { 0.5: 'half a beat each', 1: 'a beat each', 2: 'two beats each' };

  function words(beatsPerTap: number) {
    const bars = beatsPerTap / desk.piece.beatsPerBar;
    return bars === 1 ? 'a bar each' : bars === 2 ? 'two bars each' : (EACH[beatsPerTap] ?? `${beatsPerTap} beats each`);
  }
</script>

<section class="panel p-4" aria-label="Tap the beat">
  <h2 class="text-xl">Tap the beat</h2>
  <p class="text-soft">Press T with the music; Shift T on one.</p>
  <div class="mt-2 flex flex-wrap items-center gap-2">
    <button
      class="act act-main h-16 min-w-28 text-xl"
      onpointerdown={(event) => desk.tap(event.timeStamp / 1000, event.shiftKey)}
      onkeydown={(event) => event.key === 'Enter' && desk.tap(event.timeStamp / 1000, event.shiftKey)}
    >
      Tap
    </button>
    <span class="text-soft" aria-live="polite">{desk.taps.length} {desk.taps.length === 1 ? 'tap' : 'taps'}</span>
    {#if desk.taps.length > 0}<button class="act" onclick={() => desk.forgetTaps()}>Begin again</button>{/if}
  </div>
  {#if desk.tapFailure}<p class="mt-2 text-madder" role="alert">{desk.tapFailure}</p>{/if}
  {#if desk.tapped}
    <p class="mt-2">
      {((1 / desk.tapped.secondsPerTap) * 60).toFixed(1)} taps a minute, give or take {((60 * desk.tapped.error) / desk.tapped.secondsPerTap ** 2).toFixed(
        1,
      )}{#if desk.tapped.dropped.length > 0}; {desk.tapped.dropped.length} left out{/if}{#if desk.tapped.ones.length > 0}; tap {(desk.tapped.ones[0] ?? 0) + 1} of each bar is one{/if}
    </p>
    <div class="mt-2 flex flex-wrap gap-2">
      {#each desk.tapped.meant as meant, index (meant.beatsPerTap)}
        <button class={['act', index === 0 && 'act-main']} onclick={() => desk.takeTempo(meant.barsPerMinute)}>
          {meant.barsPerMinute.toFixed(1)} bars a minute, {words(meant.beatsPerTap)}
        </button>
      {/each}
    </div>
  {/if}
</section>
