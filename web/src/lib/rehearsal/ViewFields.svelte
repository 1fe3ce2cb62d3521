<script lang="ts">
  import Toggle from '$lib/ui/Toggle.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import type { Options } from './options';
  import type { Rehearsal } from './Rehearsal.svelte';

  interface Props {
    rehearsal: Rehearsal;
  }
  let { rehearsal }: Props = $props();
  let options = $derived(rehearsal.options);
</script>

<div class="flex flex-wrap items-center gap-2">
  <Choice
    label="Show"
    options={[
      { value: 'both', label: 'both' },
      { value: 'man', label: 'the man' },
      { value: 'lady', label: 'the lady' },
    ]}
    value={options.shown}
    onchange={(shown) => rehearsal.set({ shown: shown as Options['shown'] })}
  />
  <Choice
    label="Wall up"
    options={['1', '2', '3', '4'].map((value) => ({ value, label: `side ${value}` }))}
    value={String(options.wallUp)}
    onchange={(wallUp) => rehearsal.set({ wallUp: Number(wallUp) })}
  />
  <Toggle label="Mirrored" on={options.mirrored} onchange={(mirrored) => rehearsal.set({ mirrored })} />
  <Toggle label="Follow the couple" on={options.follow} onchange={(follow) => rehearsal.set({ follow })} />
</div>
