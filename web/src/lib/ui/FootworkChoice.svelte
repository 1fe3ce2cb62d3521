<script lang="ts">
  import msg from '$lib/messages/ui';
  import Choice from './Choice.svelte';
  import { settings } from './settings.svelte';
</script>

<Choice
  label={msg.footworkIn()}
  value={settings.footwork}
  options={[
    { value: 'edges', label: msg.ballsFlatsAndEdges() },
    { value: 'classic', label: msg.heelsAndToes() },
  ]}
  onchange={(school) => settings.sayFootwork(school)}
/>
