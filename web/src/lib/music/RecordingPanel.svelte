<script lang="ts">
  import Message from '$lib/ui/Message.svelte';
  import Pause from '~icons/lucide/pause';
  import Play from '~icons/lucide/play';
  import { minutes } from './minutes';
  import type { PieceDesk } from './PieceDesk.svelte';
  import type { Recording } from './Recording.svelte';
  import { hitsOf, phraseStarts, sectionsOf } from './strip';
  import Waveform from './Waveform.svelte';

  interface Props {
    desk: PieceDesk;
    recording: Recording;
    audio: HTMLAudioElement | undefined;
    at: number;
  }
  let { desk, recording, audio = $bindable(), at = $bindable() }: Props = $props();

  let playing = $state(false);
  let lines = $derived(desk.barLines.map((seconds) => recording.lead + seconds));
  let phrases = $derived(sectionsOf(desk.piece).flatMap(phraseStarts));
  let hits = $derived(
    hitsOf(desk.piece).map((hit) => {
      const bar = Math.floor(hit.at / desk.piece.beatsPerBar);
      const from = lines[bar] ?? 0;
      return from + ((hit.at % desk.piece.beatsPerBar) / desk.piece.beatsPerBar) * ((lines[bar + 1] ?? from) - from);
    }),
  );

  /** Follows the sound as it is drawn, not only when the browser says so. */
  $effect(() => {
    if (!playing) return;
    let frame = requestAnimationFrame(function follow() {
      at = audio?.currentTime ?? at;
      frame = requestAnimationFrame(follow);
    });
    return () => cancelAnimationFrame(frame);
  });

  async function take(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (!file) return;
    const heard = await recording.take(file, desk.piece.dances?.[0], desk.piece.beatsPerBar);
    if (heard) desk.takeHeard(heard);
  }

  async function meant(beatsPerMinute: number) {
    const heard = await recording.meant(beatsPerMinute, desk.piece.dances?.[0], desk.piece.beatsPerBar);
    if (heard) desk.takeHeard(heard);
  }

  function seek(seconds: number) {
    at = seconds;
    if (audio) audio.currentTime = seconds;
  }

  function play() {
    if (audio?.paused) void audio.play();
    else audio?.pause();
  }
</script>

<section class="panel p-4" aria-label="A recording">
  <div class="flex flex-wrap items-center gap-3">
    <h2 class="text-xl">A recording</h2>
    <label class="act cursor-pointer"
      >{recording.name ? 'Another file' : 'Open a sound file'}<input class="sr-only" type="file" accept="audio/*" aria-label="A sound file" onchange={take} /></label
    >
    {#if recording.name}
      <button class="act act-main" title="Hear it, pause (Space)" onclick={play}
        >{#if playing}<Pause width={18} height={18} />Pause{:else}<Play width={18} height={18} />Play{/if}</button
      >
      <span>{recording.name}, {minutes(at)} of {minutes(recording.seconds)}</span>
    {:else}
      <span class="text-soft">It stays in this browser; its beat is listened for, and the bars are set by ear.</span>
    {/if}
    {#if recording.doing}<span role="status">{recording.doing}</span>{/if}
  </div>
  {#if recording.failure}<div class="mt-2"><Message sentence={recording.failure} /></div>{/if}
  {#if recording.heard}
    <p class="mt-2 flex flex-wrap items-center gap-2">
      <span>{recording.heard.beats} beats at {recording.heard.beatsPerMinute.toFixed(1)} a minute. If another tempo is meant:</span>
      {#each recording.heard.meant.filter((each) => Math.abs(each.beatsPerMinute - recording.heard!.beatsPerMinute) > 1) as other (other.beatsPerMinute)}
        <button class="act" onclick={() => meant(other.beatsPerMinute)}>{other.barsPerMinute.toFixed(1)} bars a minute</button>
      {/each}
    </p>
  {/if}
  {#if recording.peaks}
    <audio
      preload="auto"
      src={recording.address}
      bind:this={audio}
      onplay={() => (playing = true)}
      onpause={() => (playing = false)}
      onseeked={() => (at = audio?.currentTime ?? 0)}
    ></audio>
    <div class="mt-2">
      <Waveform
        peaks={recording.peaks}
        seconds={recording.seconds}
        barLines={lines}
        {phrases}
        {hits}
        {at}
        onseek={seek}
        onbend={(bar, seconds) => desk.mark('bend', seconds - recording.lead, { bar })}
      />
    </div>
    <p class="mt-1 text-soft">
      While it plays: <span class="key">O</span> this beat is one · <span class="key">P</span> a phrase begins · <span class="key">H</span> it strikes, or not ·
      <span class="key">2</span> stops short · <span class="key">3</span> is silent · <span class="key">4</span> swells · <span class="key">5</span> holds a note
    </p>
  {/if}
</section>
