<script lang="ts">
  import type { Contact, Part, PlaceOnFloor } from '$lib/api/client';

  interface Props {
    part: Part;
    foot: 'left' | 'right';
    place: PlaceOnFloor;
    /** From 0 for gone to 1. */
    strength?: number;
    /** Share of the weight that is on it, from 0 to 1. */
    weight?: number;
    label?: string;
    /** How high the label is, metres. */
    labelSize?: number;
    /** The parts of the foot that meet the floor, in order. */
    contacts?: Contact[];
  }
  const NONE: Contact[] = [];
  let { part, foot, place, strength = 1, weight = 1, label, labelSize = 0.13, contacts = NONE }: Props = $props();

  /** Where each part of the foot is, metres from its middle. */
  const SURFACES: Record<string, { x: number; rx: number }[]> = {
    heel: [{ x: -0.095, rx: 0.03 }],
    flat: [{ x: -0.095, rx: 0.03 }],
    ball: [{ x: 0.045, rx: 0.034 }],
    toe: [{ x: 0.098, rx: 0.024 }],
    whole: [
      { x: -0.095, rx: 0.03 },
      { x: 0.045, rx: 0.034 },
    ],
  };
  const EDGES: Record<string, number> = { inside: -0.034, outside: 0.03 };

  let flip = $derived(foot === 'left' ? 1 : -1);
  let filled = $derived((0.12 + 0.88 * weight) * strength);
  let outlined = $derived((0.35 + 0.65 * weight) * strength);
  let zones = $derived(
    contacts.flatMap(({ surface, edge }, index) =>
      (SURFACES[surface] ?? []).map((zone) => ({ ...zone, y: edge ? (EDGES[edge] ?? 0) : -0.004, ry: edge ? 0.014 : 0.03, order: index + 1 })),
    ),
  );
</script>

<!-- Drawn in metres, pointing along x. His print is solid and blunt; hers is an outline with the heel apart. -->
<g transform={`translate(${place.x} ${place.y}) rotate(${place.degrees}) scale(1 ${flip})`}>
  {#if part === 'man'}
    <path
      d="M-0.135 -0.025 Q-0.135 -0.045 -0.11 -0.045 L0.02 -0.05 L0.1 -0.058 Q0.135 -0.055 0.135 -0.01 Q0.135 0.04 0.09 0.045 L-0.1 0.036 Q-0.135 0.034 -0.135 0.005 Z"
      fill="var(--ff-spruce)"
      fill-opacity={filled}
      stroke="var(--ff-spruce)"
      stroke-width="0.012"
      stroke-opacity={strength}
    />
  {:else}
    <path
      d="M-0.03 -0.03 Q0.04 -0.055 0.1 -0.04 Q0.135 -0.025 0.12 0.0 Q0.09 0.04 0.03 0.04 Q-0.01 0.038 -0.03 0.02 Z"
      fill="var(--ff-board)"
      stroke="var(--ff-madder)"
      stroke-width="0.018"
      stroke-opacity={outlined}
      fill-opacity={strength}
    />
    <circle cx="-0.105" cy="-0.002" r="0.024" fill="var(--ff-board)" fill-opacity={strength} stroke="var(--ff-madder)" stroke-width="0.018" stroke-opacity={outlined} />
  {/if}
  {#each zones as zone, index (index)}
    <ellipse cx={zone.x} cy={zone.y} rx={zone.rx} ry={zone.ry} fill="var(--ff-brass)" fill-opacity={(zone.order === 1 ? 1 : 0.55) * strength} />
  {/each}
  {#if label}
    <text
      transform={`scale(1 ${flip}) rotate(${-place.degrees}) scale(1 -1)`}
      font-size={labelSize}
      text-anchor="middle"
      dominant-baseline="central"
      font-weight="700"
      fill={part === 'man' ? (weight < 1 ? 'var(--ff-spruce)' : 'var(--ff-floor)') : 'var(--ff-madder)'}>{label}</text
    >
  {/if}
</g>
