<script lang="ts">
  import type { Contact, Part } from '$lib/api/client';
  import Body from './Body.svelte';
  import type { Pose } from './motion';
  import Print from './Print.svelte';

  interface Props {
    poses: Partial<Record<Part, Pose>>;
    /** What of the foot that stepped last meets the floor. */
    contacts?: Partial<Record<Part, { foot: string; contacts: Contact[] }>>;
  }
  let { poses, contacts = {} }: Props = $props();

  const NONE: Contact[] = [];
</script>

{#each ['man', 'lady'] as const as part (part)}
  {@const pose = poses[part]}
  {@const stepped = contacts[part]}
  {#if pose}
    <Body {part} place={pose.body} height={pose.height} />
    <Print {part} foot="left" place={pose.left} weight={pose.weight} contacts={stepped?.foot === 'LF' ? stepped.contacts : NONE} />
    <Print {part} foot="right" place={pose.right} weight={1 - pose.weight} contacts={stepped?.foot === 'RF' ? stepped.contacts : NONE} />
  {/if}
{/each}
