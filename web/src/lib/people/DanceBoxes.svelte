<script lang="ts">
  import msg from '$lib/messages/people';
  import { reference } from '$lib/reference/reference.svelte';

  interface Props {
    chosen: string[];
    onchange: (dances: string[]) => void;
  }
  let { chosen, onchange }: Props = $props();

  const toggle = (id: string) => onchange(reference.dances.map((dance) => dance.id).filter((dance) => chosen.includes(dance) !== (dance === id)));
</script>

<div class="flex flex-wrap gap-1.5" role="group" aria-label={msg.dances()}>
  {#each reference.dances as dance (dance.id)}
    <button class={['act min-h-10 px-3', chosen.includes(dance.id) && 'act-main']} aria-pressed={chosen.includes(dance.id)} onclick={() => toggle(dance.id)}>{dance.title}</button>
  {/each}
</div>
