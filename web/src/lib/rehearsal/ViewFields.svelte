<script lang="ts">
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
  <button class="act" aria-pressed={options.mirrored} onclick={() => rehearsal.set({ mirrored: !options.mirrored })}>
    {options.mirrored ? 'Mirrored' : 'Not mirrored'}
  </button>
  <button class="act" aria-pressed={options.follow} onclick={() => rehearsal.set({ follow: !options.follow })}>
    {options.follow ? 'Following the couple' : 'Whole room'}
  </button>
</div>
