<script lang="ts">
  import type { Part, PlaceOnFloor } from '$lib/api/client';

  interface Props {
    part: Part;
    foot: 'left' | 'right';
    place: PlaceOnFloor;
    faded?: boolean;
    /** How much of the weight is on it: full, part or none. */
    weight?: string;
    label?: string;
  }
  let { part, foot, place, faded = false, weight = 'full', label }: Props = $props();
  let flip = $derived(foot === 'left' ? 1 : -1);
  let filled = $derived(weight === 'none' ? 0 : weight === 'part' ? 0.4 : 1);
</script>

<!-- Drawn in metres, pointing along x. His print is solid and blunt; hers is an outline with the heel apart. -->
<g transform={`translate(${place.x} ${place.y}) rotate(${place.degrees}) scale(1 ${flip})`} opacity={faded ? 0.3 : 1}>
  {#if part === 'man'}
    <path
      d="M-0.135 -0.025 Q-0.135 -0.045 -0.11 -0.045 L0.02 -0.05 L0.1 -0.058 Q0.135 -0.055 0.135 -0.01 Q0.135 0.04 0.09 0.045 L-0.1 0.036 Q-0.135 0.034 -0.135 0.005 Z"
      fill="var(--ff-spruce)"
      fill-opacity={filled}
      stroke="var(--ff-spruce)"
      stroke-width={filled < 1 ? 0.016 : 0}
      stroke-dasharray="0.03 0.02"
    />
  {:else}
    <path
      d="M-0.03 -0.03 Q0.04 -0.055 0.1 -0.04 Q0.135 -0.025 0.12 0.0 Q0.09 0.04 0.03 0.04 Q-0.01 0.038 -0.03 0.02 Z"
      fill="var(--ff-board)"
      stroke="var(--ff-madder)"
      stroke-width="0.018"
      stroke-dasharray={filled < 1 ? '0.03 0.02' : undefined}
    />
    <circle cx="-0.105" cy="-0.002" r="0.024" fill="var(--ff-board)" stroke="var(--ff-madder)" stroke-width="0.018" />
  {/if}
  {#if label}
    <text
      transform={`scale(1 ${flip}) rotate(${-place.degrees}) scale(1 -1)`}
      font-size="0.13"
      text-anchor="middle"
      dominant-baseline="central"
      font-weight="700"
      fill={part === 'man' ? (filled < 1 ? 'var(--ff-spruce)' : 'var(--ff-floor)') : 'var(--ff-madder)'}>{label}</text
    >
  {/if}
</g>
