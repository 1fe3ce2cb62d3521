<script lang="ts">
  import msg from '$lib/messages/rehearsal';
  import common from '$lib/messages/common';
  import Toggle from '$lib/ui/Toggle.svelte';
  import { fileOf, sentenceOf } from '$lib/api/client';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { saveFile } from '$lib/ui/saveFile';
  import type { Options } from './options';
  import type { Rehearsal } from './Rehearsal.svelte';

  interface Props {
    rehearsal: Rehearsal;
  }
  let { rehearsal }: Props = $props();
  let options = $derived(rehearsal.options);
  let music = $derived(rehearsal.music);

  async function download(path: '/api/tracks/wav' | '/api/tracks/midi', ending: string) {
    try {
      saveFile(await fileOf(path, rehearsal.fileQuestion), `${rehearsal.routine.id}${ending}`);
    } catch (thrown) {
      rehearsal.failure = sentenceOf(thrown);
    }
  }

  async function open(input: HTMLInputElement) {
    const file = input.files?.[0];
    if (file) await music.open(file);
    input.value = '';
  }
</script>

<div class="flex flex-wrap items-center gap-2">
  <Choice
    label={msg.count()}
    options={[
      { value: 'steps', label: msg.theSteps() },
      { value: 'beats', label: msg.everyBeat() },
      { value: 'bars', label: msg.beatsAndBars() },
    ]}
    value={options.counting}
    onchange={(counting) => rehearsal.set({ counting: counting as Options['counting'] })}
  />
  <Choice
    label={msg.of()}
    options={[
      { value: 'man', label: common.theMan() },
      { value: 'lady', label: common.theLady() },
    ]}
    value={options.counted}
    onchange={(counted) => rehearsal.set({ counted: counted as Options['counted'] })}
  />
  <Toggle label={msg.voice()} on={options.voice} onchange={(voice) => rehearsal.set({ voice })} />
  <Toggle label={msg.clicks()} on={options.clicks} onchange={(clicks) => rehearsal.set({ clicks })} />
  <Toggle label={msg.band()} on={options.music} onchange={(music) => rehearsal.set({ music })} />
  <button class="act" onclick={() => download('/api/tracks/wav', '.wav')}>{msg.saveAsWav()}</button>
  <button class="act" onclick={() => download('/api/tracks/midi', '.mid')}>{msg.saveCountAsMidi()}</button>
  <label class="act cursor-pointer focus-within:outline-3 focus-within:outline-brass">
    {msg.ownMusic2()}
    <input class="sr-only" type="file" accept="audio/*" onchange={(event) => open(event.currentTarget)} />
  </label>
</div>
{#if music.failure}<div class="mt-2"><Message sentence={music.failure} /></div>{/if}
{#if music.name !== undefined}
  <div class="mt-2 flex flex-wrap items-center gap-2" role="group" aria-label={msg.ownMusic()}>
    <strong class="truncate">{music.name}</strong>
    <button class="act" onclick={() => music.listen()}>{msg.playFromTheStart()}</button>
    <button class="act act-main" title={msg.tapEachBeatStartingWith()} onclick={() => music.tap()}>{msg.tap({ count: music.taps.length || '' })}</button>
    <NumberField
      before={msg.firstBeatAt()}
      after={msg.unitSeconds()}
      min={0}
      max={3600}
      step={0.01}
      width="w-24"
      value={music.firstBeat}
      onchange={(seconds) => (music.firstBeat = seconds)}
    />
    <NumberField
      label={msg.beatsPerMinute()}
      after={msg.beatsMin()}
      min={20}
      max={400}
      step={0.1}
      width="w-24"
      value={music.beatsPerMinute}
      onchange={(beats) => (music.beatsPerMinute = beats)}
    />
    <button class="act" onclick={() => music.close()}>{common.close()}</button>
    {#if !music.ready}<p class="w-full text-soft">{msg.playTheMusicAndTap()}</p>{/if}
  </div>
{/if}
