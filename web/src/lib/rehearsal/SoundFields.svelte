<script lang="ts">
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
    label="Count"
    options={[
      { value: 'steps', label: 'the steps' },
      { value: 'beats', label: 'every beat' },
      { value: 'bars', label: 'beats and bars' },
    ]}
    value={options.counting}
    onchange={(counting) => rehearsal.set({ counting: counting as Options['counting'] })}
  />
  <Choice
    label="of"
    options={[
      { value: 'man', label: 'the man' },
      { value: 'lady', label: 'the lady' },
    ]}
    value={options.counted}
    onchange={(counted) => rehearsal.set({ counted: counted as Options['counted'] })}
  />
  <Toggle label="Voice" on={options.voice} onchange={(voice) => rehearsal.set({ voice })} />
  <Toggle label="Clicks" on={options.clicks} onchange={(clicks) => rehearsal.set({ clicks })} />
  <Toggle label="Band" on={options.music} onchange={(music) => rehearsal.set({ music })} />
  <button class="act" onclick={() => download('/api/tracks/wav', '.wav')}>Save as WAV</button>
  <button class="act" onclick={() => download('/api/tracks/midi', '.mid')}>Save count as MIDI</button>
  <label class="act cursor-pointer focus-within:outline-3 focus-within:outline-brass">
    Own music …
    <input class="sr-only" type="file" accept="audio/*" onchange={(event) => open(event.currentTarget)} />
  </label>
</div>
{#if music.failure}<div class="mt-2"><Message sentence={music.failure} /></div>{/if}
{#if music.name !== undefined}
  <div class="mt-2 flex flex-wrap items-center gap-2" role="group" aria-label="Own music">
    <strong class="truncate">{music.name}</strong>
    <button class="act" onclick={() => music.listen()}>Listen from its start</button>
    <button class="act act-main" title="Tap each beat from the first that is danced (T)" onclick={() => music.tap()}>Tap {music.taps.length || ''}</button>
    <NumberField before="first beat at" after="s" min={0} max={3600} step={0.01} width="w-24" value={music.firstBeat} onchange={(seconds) => (music.firstBeat = seconds)} />
    <NumberField
      label="Beats a minute"
      after="beats a minute"
      min={20}
      max={400}
      step={0.1}
      width="w-24"
      value={music.beatsPerMinute}
      onchange={(beats) => (music.beatsPerMinute = beats)}
    />
    <button class="act" onclick={() => music.close()}>Close it</button>
    {#if !music.ready}<p class="w-full text-soft">Listen, and tap every beat from the first that is danced; after four taps the picture can follow.</p>{/if}
  </div>
{/if}
