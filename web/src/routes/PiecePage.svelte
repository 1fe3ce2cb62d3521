<script lang="ts">
  import msg from '$lib/messages/music';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import TitleField from '$lib/ui/TitleField.svelte';
  import UndoRedo from '$lib/ui/UndoRedo.svelte';
  import Unkept from '$lib/ui/Unkept.svelte';
  import { sentenceOf } from '$lib/api/client';
  import { keysFor } from '$lib/keys/keys';
  import { PIECE } from '$lib/keys/shortcuts';
  import { minutes } from '$lib/music/minutes';
  import { PieceDesk } from '$lib/music/PieceDesk.svelte';
  import { Recording } from '$lib/music/Recording.svelte';
  import RecordingPanel from '$lib/music/RecordingPanel.svelte';
  import Strip from '$lib/music/Strip.svelte';
  import { hitsOf, sectionsOf } from '$lib/music/strip';
  import TapPad from '$lib/music/TapPad.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Pause from '~icons/lucide/pause';
  import Play from '~icons/lucide/play';
  import Trash2 from '~icons/lucide/trash-2';
  import { push, router } from 'svelte-spa-router';

  let desk = $state.raw<PieceDesk>();
  let failure = $state<string>();
  let audio = $state<HTMLAudioElement>();

  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let sections = $derived(desk ? sectionsOf(desk.piece) : []);
  let hits = $derived(desk ? hitsOf(desk.piece) : []);
  let opening = $derived(desk?.piece.tempo[0]?.barsPerMinute ?? 0);
  let recording = $state.raw<Recording>();
  let recorded = $state<HTMLAudioElement>();
  let at = $state(0);
  let playing = $state(false);
  let heard = $state(0);

  $effect(() => {
    desk = undefined;
    failure = undefined;
    const sound = new Recording(id);
    recording = sound;
    const leave = whileShown(
      PieceDesk.open(id),
      (opened) => (desk = opened),
      (thrown) => (failure = sentenceOf(thrown)),
      (opened) => opened.leave(),
    );
    return () => {
      sound.close();
      leave();
    };
  });

  async function remove() {
    if (await desk?.delete()) await push('/music');
  }

  function play() {
    const sound = recorded ?? audio;
    if (!sound) return;
    if (sound.paused) void sound.play();
    else sound.pause();
  }

  /** Where in the piece the recording is being heard, seconds from the first bar line. */
  function heardAt() {
    return (recorded?.currentTime ?? at) - (recording?.lead ?? 0);
  }

  async function one() {
    if (!recorded || !recording) return false;
    recording.later(await desk!.mark('one', heardAt()));
  }

  function mark(what: string, kind?: string) {
    if (!recorded) return false;
    void desk!.mark(what, heardAt(), { kind });
  }

  function takeFile(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    if (file) void desk?.readNotes(file);
    event.currentTarget.value = '';
  }

  let keys = $derived(
    desk &&
      keysFor(PIECE, {
        undo: () => desk!.undo(),
        redo: () => desk!.redo(),
        keep: () => void desk!.keep(),
        play,
        one,
        phrase: () => mark('phrase'),
        hit: () => mark('hit', 'accent'),
        stop: () => mark('hit', 'stop'),
        silence: () => mark('hit', 'break'),
        swell: () => mark('hit', 'swell'),
        held: () => mark('hit', msg.heldNote()),
        tap: (event) => desk!.tap(event.timeStamp / 1000, event.shiftKey),
      }),
  );
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10">
    <Message sentence={failure}><a class="act" href="#/music">{msg.backToMusic()}</a></Message>
  </div>
{:else if !desk}
  <p class="p-10 text-center text-xl text-soft">{msg.loadingThePiece()}</p>
{:else}
  <div class="mx-auto flex max-w-[84rem] flex-col gap-3 px-4 py-4">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <TitleField label={msg.pieceTitle()} title={desk.piece.title} ontype={(title) => desk!.typeTitle(title)} ondone={() => desk!.accept()} />
      <span class="text-soft">{msg.barsBarsMin({ bars: desk.bars, round: Math.round(opening * 10) / 10, seconds: minutes(desk.seconds) })}</span>
      <span class="flex flex-wrap items-center gap-2">
        <UndoRedo {desk} />
        <button class="act" aria-label={common.deleteIt()} title={msg.deleteThePiece()} onclick={remove}><Trash2 width={18} height={18} /></button>
        <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => desk!.keep()}>{desk.isKept ? msg.kept() : msg.keep()}</button>
      </span>
    </header>
    <Unkept {desk} />

    <section class="panel p-3" aria-label={msg.piece()}>
      <Strip {sections} {hits} beatsPerBar={desk.piece.beatsPerBar} range={{ from: 1, to: Math.max(1, desk.bars) }} />
    </section>

    {#if recording}<RecordingPanel {desk} {recording} bind:audio={recorded} bind:at />{/if}

    <div class="grid gap-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <section class="panel p-4" aria-label={msg.thePieceAsALine()}>
        <h2 class="text-xl">{msg.writeItAsALine()}</h2>
        <p class="text-soft">{msg.partsWithTheirBarsThe()}</p>
        <textarea
          class="field mt-2 min-h-56 w-full lg:min-h-[28rem] py-2 text-lg leading-snug"
          aria-label={msg.thePieceAsALine()}
          maxlength="4000"
          value={desk.text}
          oninput={(event) => desk!.typeLine(event.currentTarget.value)}
          onchange={() => desk!.accept()}></textarea>
        {#each desk.line?.sentences ?? [] as sentence, at (at)}<p class="mt-1 text-madder" role="status">{sentence}</p>{/each}
        {#each desk.line?.leftovers ?? [] as left (left.from)}<p class="mt-1 text-madder" role="status">{msg.wasNotUnderstoodAndIs({ text: left.text })}</p>{/each}
      </section>
      <div class="flex flex-col gap-3">
        <section class="panel p-4" aria-label={msg.listen()}>
          <h2 class="text-xl">{msg.listen()}</h2>
          {#if desk.isKept}
            <audio
              preload="none"
              bind:this={audio}
              src={`/api/pieces/${desk.piece.id}/sound.wav`}
              onplay={() => (playing = true)}
              onpause={() => (playing = false)}
              ontimeupdate={() => (heard = audio?.currentTime ?? 0)}
            ></audio>
            <p class="mt-2 flex flex-wrap items-center gap-3">
              <button class="act act-main min-h-12 min-w-28" title={msg.playPauseSpace()} onclick={play}
                >{#if playing}<Pause width={20} height={20} />{common.pause()}{:else}<Play width={20} height={20} />{common.play()}{/if}</button
              >
              <span class="font-title text-xl font-semibold">{minutes(heard)} <span class="text-soft">{msg.of2({ seconds: minutes(desk.seconds) })}</span></span>
            </p>
            <p class="mt-2 flex gap-2">
              <a class="act" href={`/api/pieces/${desk.piece.id}/sound.wav`} download={`${desk.piece.id}.wav`}>{msg.soundFile()}</a>
              <a class="act" href={`/api/pieces/${desk.piece.id}/notes.mid`} download={`${desk.piece.id}.mid`}>{common.notes()}</a>
            </p>
          {:else}
            <p class="text-soft">{msg.saveItAndTheBand()}</p>
          {/if}
          <label class="act mt-3 cursor-pointer">{msg.importFromAMidiFile()}<input class="sr-only" type="file" accept=".mid,.midi,audio/midi" onchange={takeFile} /></label>
        </section>
        <TapPad {desk} />
        <fieldset class="panel p-4">
          <legend class="float-left mb-1 font-title text-xl font-semibold">{msg.dancesOfThePiece()}</legend>
          <div class="clear-both flex flex-wrap gap-x-4 gap-y-1">
            {#each reference.dances.filter((dance) => dance.beatsPerBar === desk!.piece.beatsPerBar) as dance (dance.id)}
              {@const suited = desk.piece.dances ?? []}
              <label class="flex items-center gap-2">
                <input
                  type="checkbox"
                  class="size-5 accent-ink"
                  checked={suited.includes(dance.id)}
                  onchange={(event) => desk!.suits(event.currentTarget.checked ? [...suited, dance.id] : suited.filter((each) => each !== dance.id))}
                />
                {dance.title}
              </label>
            {/each}
          </div>
        </fieldset>
      </div>
    </div>
  </div>
{/if}
