<script lang="ts">
  import Choice from './Choice.svelte';
  import { settings } from './settings.svelte';
</script>

<Choice
  label="Footwork in"
  value={settings.footwork}
  options={[
    { value: 'edges', label: 'balls, flats and edges' },
    { value: 'classic', label: 'heels and toes' },
  ]}
  onchange={(school) => settings.sayFootwork(school)}
/>
