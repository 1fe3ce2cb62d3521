<script lang="ts">
  import msg from '$lib/messages/ui';
  import Choice from './Choice.svelte';
  import { speakOf, speech } from './speech';
</script>

<Choice
  label={msg.nameTheParts()}
  value={speech.titles}
  options={[
    { value: 'man-lady', label: msg.manAndLady() },
    { value: 'leader-follower', label: msg.leaderAndFollower() },
  ]}
  onchange={speakOf}
/>
