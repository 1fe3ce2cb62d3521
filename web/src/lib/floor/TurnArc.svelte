<script lang="ts">
  import type { Part, PlaceOnFloor } from '$lib/api/client';

  interface Props {
    part: Part;
    /** Where the dancer is and looks after the turn. */
    place: PlaceOnFloor;
    /** How far the foot has turned, to the left positive. */
    degrees: number;
  }
  let { part, place, degrees }: Props = $props();

  const RADIUS = 0.3;
  const HEAD = 14;

  function at(angle: number, radius: number) {
    const radians = (angle * Math.PI) / 180;
    return `${radius * Math.cos(radians)} ${radius * Math.sin(radians)}`;
  }

  let shown = $derived(Math.sign(degrees) * Math.min(Math.abs(degrees), 330));
  let sweep = $derived(shown > 0 ? 1 : 0);
  let colour = $derived(part === 'man' ? 'var(--ff-spruce)' : 'var(--ff-madder)');
  let back = $derived(-Math.sign(shown) * HEAD);
</script>

<g transform={`translate(${place.x} ${place.y}) rotate(${place.degrees})`} fill="none" stroke={colour} stroke-width="0.022" stroke-linecap="round">
  <path
    d={`M${at(-shown, RADIUS)} A${RADIUS} ${RADIUS} 0 ${Math.abs(shown) > 180 ? 1 : 0} ${sweep} ${at(0, RADIUS)}`}
    stroke-dasharray={part === 'man' ? undefined : '0.05 0.045'}
  />
  <path d={`M${at(back, RADIUS - 0.045)} L${at(0, RADIUS)} L${at(back, RADIUS + 0.045)}`} />
</g>
