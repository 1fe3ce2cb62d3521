<script lang="ts">
  import type { Part, PlaceOnFloor } from '$lib/api/client';

  interface Props {
    part: Part;
    place: PlaceOnFloor;
  }
  let { part, place }: Props = $props();
  let colour = $derived(part === 'man' ? 'var(--ff-spruce)' : 'var(--ff-madder)');
</script>

<!-- Shoulders seen from above, with a point where the chest looks. -->
<g transform={`translate(${place.x} ${place.y}) rotate(${place.degrees})`}>
  <path
    d="M-0.07 -0.21 Q0.06 -0.22 0.07 -0.08 L0.15 0 L0.07 0.08 Q0.06 0.22 -0.07 0.21 Q-0.1 0 -0.07 -0.21 Z"
    fill={colour}
    fill-opacity={part === 'man' ? 0.42 : 0.14}
    stroke={colour}
    stroke-width="0.02"
    stroke-dasharray={part === 'man' ? undefined : '0.05 0.03'}
  />
</g>
