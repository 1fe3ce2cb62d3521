<script lang="ts">
  import msg from '$lib/messages/music';
  import type { PieceDesk } from './PieceDesk.svelte';

  interface Props {
    desk: PieceDesk;
  }
  let { desk }: Props = $props();

  const EACH: Record<number, string> = { 0.5: msg.halfABeatEach(), 1: msg.aBeatEach(), 2: msg.twoBeatsEach() };

  function words(beatsPerTap: number) {
    const bars = beatsPerTap / desk.piece.beatsPerBar;
    return bars === 1 ? msg.aBarEach() : bars === 2 ? msg.twoBarsEach() : (EACH[beatsPerTap] ?? msg.beatsEach({ beatsPerTap }));
  }
</script>

<section class="panel p-4" aria-label={msg.tapTheBeat()}>
  <h2 class="text-xl">{msg.tapTheBeat()}</h2>
  <p class="text-soft">{msg.pressTWithTheMusic()}</p>
  <div class="mt-2 flex flex-wrap items-center gap-2">
    <button
      class="act act-main h-16 min-w-28 text-xl"
      onpointerdown={(event) => desk.tap(event.timeStamp / 1000, event.shiftKey)}
      onkeydown={(event) => event.key === 'Enter' && desk.tap(event.timeStamp / 1000, event.shiftKey)}
    >
      {msg.tap()}
    </button>
    <span class="text-soft" aria-live="polite">{msg.taps({ taps: desk.taps.length })}</span>
    {#if desk.taps.length > 0}<button class="act" onclick={() => desk.forgetTaps()}>{msg.startAgain()}</button>{/if}
  </div>
  {#if desk.tapFailure}<p class="mt-2 text-madder" role="alert">{desk.tapFailure}</p>{/if}
  {#if desk.tapped}
    <p class="mt-2">
      {msg.tapsMin({
        toFixed: ((1 / desk.tapped.secondsPerTap) * 60).toFixed(1),
        toFixed2: ((60 * desk.tapped.error) / desk.tapped.secondsPerTap ** 2).toFixed(1),
      })}{#if desk.tapped.dropped.length > 0}{msg.leftOut({ count: desk.tapped.dropped.length })}{/if}{#if desk.tapped.ones.length > 0}{msg.tapOfEachBarIs({
          ones: (desk.tapped.ones[0] ?? 0) + 1,
        })}{/if}
    </p>
    <div class="mt-2 flex flex-wrap gap-2">
      {#each desk.tapped.meant as meant, index (meant.beatsPerTap)}
        <button class={['act', index === 0 && 'act-main']} onclick={() => desk.takeTempo(meant.barsPerMinute)}>
          {msg.barsMin2({ toFixed: meant.barsPerMinute.toFixed(1), beatsPerTap: words(meant.beatsPerTap) })}
        </button>
      {/each}
    </div>
  {/if}
</section>
