<script lang="ts">
  import type { Part, PlaceOnFloor } from '$lib/api/client';

  interface Props {
    part: Part;
    place: PlaceOnFloor;
    /** How far risen, from 0 to 1: who rises comes nearer to the eye above. */
    height?: number;
  }
  let { part, place, height = 0 }: Props = $props();
  let colour = $derived(part === 'man' ? 'var(--ff-spruce)' : 'var(--ff-madder)');
  let dash = $derived(part === 'man' ? undefined : '0.045 0.03');
</script>

<!-- Shoulders and head seen from above; the notch before the head is where the chest looks. -->
<g transform={`translate(${place.x} ${place.y}) rotate(${place.degrees}) scale(${1 + 0.14 * height})`}>
  <ellipse rx="0.085" ry="0.215" fill={colour} fill-opacity="0.16" stroke={colour} stroke-width="0.016" stroke-dasharray={dash} />
  <path d="M0.085 -0.05 L0.16 0 L0.085 0.05 Z" fill={colour} />
  <circle r="0.07" fill={part === 'man' ? colour : 'var(--ff-board)'} fill-opacity="0.55" stroke={colour} stroke-width="0.016" />
</g>
