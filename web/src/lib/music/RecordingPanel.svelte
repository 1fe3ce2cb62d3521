<script lang="ts">
  import msg from '$lib/messages/music';
  import common from '$lib/messages/common';
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

<section class="panel p-4" aria-label={msg.aRecording()}>
  <div class="flex flex-wrap items-center gap-3">
    <h2 class="text-xl">{msg.aRecording()}</h2>
    <label class="act cursor-pointer"
      >{recording.name ? msg.anotherFile() : msg.openASoundFile()}<input class="sr-only" type="file" accept="audio/*" aria-label={msg.aSoundFile()} onchange={take} /></label
    >
    {#if recording.name}
      <button class="act act-main" title={msg.playPauseSpace()} onclick={play}
        >{#if playing}<Pause width={18} height={18} />{common.pause()}{:else}<Play width={18} height={18} />{common.play()}{/if}</button
      >
      <span>{msg.of({ name: recording.name, at: minutes(at), seconds: minutes(recording.seconds) })}</span>
    {:else}
      <span class="text-soft">{msg.theRecordingStaysInThis()}</span>
    {/if}
    {#if recording.doing}<span role="status">{recording.doing}</span>{/if}
  </div>
  {#if recording.failure}<div class="mt-2"><Message sentence={recording.failure} /></div>{/if}
  {#if recording.heard}
    <p class="mt-2 flex flex-wrap items-center gap-2">
      <span>{msg.beatsAtPerMinuteTo({ beats: recording.heard.beats, toFixed: recording.heard.beatsPerMinute.toFixed(1) })}</span>
      {#each recording.heard.meant.filter((each) => Math.abs(each.beatsPerMinute - recording.heard!.beatsPerMinute) > 1) as other (other.beatsPerMinute)}
        <button class="act" onclick={() => meant(other.beatsPerMinute)}>{msg.barsMin({ toFixed: other.barsPerMinute.toFixed(1) })}</button>
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
      {msg.whileItPlays()} <span class="key">O</span>
      {msg.beatOne()} <span class="key">P</span>
      {msg.phraseStarts()} <span class="key">H</span>
      {msg.hitOnOrOff()}
      <span class="key">2</span>
      {msg.stop()} <span class="key">3</span>
      {msg.silence()} <span class="key">4</span>
      {msg.swell()} <span class="key">5</span>
      {msg.heldNote()}
    </p>
  {/if}
</section>
