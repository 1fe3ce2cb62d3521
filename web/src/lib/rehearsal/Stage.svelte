<script lang="ts">
  import msg from '$lib/messages/rehearsal';
  import type { Contact, Part } from '$lib/api/client';
  import Couple from '$lib/floor/Couple.svelte';
  import { poseAt, type Pose } from '$lib/floor/motion';
  import { stretchesOf } from '$lib/floor/path';
  import Print from '$lib/floor/Print.svelte';
  import type { Rehearsal } from './Rehearsal.svelte';
  import { inPicture, transformOf, viewOf } from './view';

  interface Props {
    rehearsal: Rehearsal;
  }
  let { rehearsal }: Props = $props();

  /** Metres that are seen around the couple. */
  const NEAR = 2.5;
  const MARGIN = 0.9;
  /** Prints that stay behind each dancer. */
  const TRAIL = 9;
  const WALLS = [
    { side: 1, at: (length: number) => ({ x: length / 2, y: -0.45 }) },
    { side: 2, at: (length: number, width: number) => ({ x: length + 0.45, y: width / 2 }) },
    { side: 3, at: (length: number, width: number) => ({ x: length / 2, y: width + 0.45 }) },
    { side: 4, at: (_: number, width: number) => ({ x: -0.45, y: width / 2 }) },
  ];

  let score = $derived(rehearsal.score);
  let floor = $derived(score.floor);
  let view = $derived(viewOf(rehearsal.options));
  let parts = $derived<Part[]>(rehearsal.options.shown === 'both' ? ['man', 'lady'] : [rehearsal.options.shown]);
  let poses = $derived(Object.fromEntries(parts.flatMap((part) => (score.motion ? [[part, poseAt(score.motion[part], rehearsal.beat)]] : []))) as Partial<Record<Part, Pose>>);
  let stretches = $derived(stretchesOf(score, () => 0));

  let placement = $derived(rehearsal.current('man')?.placement ?? 0);
  /** Near the couple only what they dance now and next; the whole way only in the whole room. */
  let shownStretches = $derived(stretches.flatMap((stretch, index) => (rehearsal.options.follow && (index < placement || index > placement + 1) ? [] : [{ stretch, index }])));
  let man = $derived(rehearsal.index('man'));
  let lady = $derived(rehearsal.index('lady'));
  let contacts = $derived<Partial<Record<Part, { foot: string; contacts: Contact[] }>>>({ man: rehearsal.steps('man')[man], lady: rehearsal.steps('lady')[lady] });
  let trails = $derived(parts.flatMap((part) => trail(part, part === 'man' ? man : lady)));

  /** The last prints of a part, the newest first, without those its feet stand in. */
  function trail(part: Part, at: number) {
    const steps = rehearsal.steps(part);
    const landed = [];
    for (let index = at - 1; index >= Math.max(0, at - TRAIL); index -= 1) {
      const step = steps[index]!;
      if (step.foot !== 'LF' && step.foot !== 'RF') continue;
      landed.push({
        key: `${part} ${index}`,
        part,
        foot: step.foot === 'LF' ? ('left' as const) : ('right' as const),
        place: step.foot === 'LF' ? step.stance.left : step.stance.right,
        contacts: step.contacts,
        strength: 0.5 * (1 - landed.length / TRAIL),
      });
    }
    return landed;
  }

  let centre = $derived.by(() => {
    if (!rehearsal.options.follow) return { x: floor.length / 2, y: floor.width / 2 };
    const shown = parts.flatMap((part) => poses[part]?.body ?? []);
    return { x: shown.reduce((sum, body) => sum + body.x, 0) / shown.length, y: shown.reduce((sum, body) => sum + body.y, 0) / shown.length };
  });
  let upright = $derived(view.turned % 180 === 0);
  let across = $derived(rehearsal.options.follow ? NEAR : (upright ? floor.length : floor.width) + 2 * MARGIN);
  let up = $derived(rehearsal.options.follow ? NEAR : (upright ? floor.width : floor.length) + 2 * MARGIN);
  let side = $derived(score.placements[placement]?.side ?? 0);
  let ahead = $derived(inPicture(view, Math.cos((side * Math.PI) / 2), Math.sin((side * Math.PI) / 2)));
  let columns = $derived([...Array(Math.ceil(floor.length) - 1).keys()].map((metre) => metre + 1));
  let rows = $derived([...Array(Math.ceil(floor.width) - 1).keys()].map((metre) => metre + 1));
</script>

<div class="relative h-full w-full">
  <svg
    viewBox={`${-across / 2} ${-up / 2} ${across} ${up}`}
    class="h-full w-full"
    role="img"
    aria-label={rehearsal.options.mirrored ? msg.floorMirrored({ side: rehearsal.options.wallUp }) : msg.floorFromAbove({ side: rehearsal.options.wallUp })}
    data-beat={rehearsal.beat.toFixed(4)}
    data-testid="stage"
  >
    <g transform={transformOf(view, centre.x, centre.y)}>
      <rect x="0" y="0" width={floor.length} height={floor.width} fill="var(--ff-floor)" stroke="var(--ff-soft)" stroke-width="0.08" />
      {#each columns as metre (metre)}
        <path d={`M${metre} 0V${floor.width}`} stroke="var(--ff-line)" stroke-width="0.012" />
      {/each}
      {#each rows as metre (metre)}
        <path d={`M0 ${metre}H${floor.length}`} stroke="var(--ff-line)" stroke-width="0.012" />
      {/each}
      {#each floor.obstacles ?? [] as obstacle, index (index)}
        <rect x={obstacle.x} y={obstacle.y} width={obstacle.length} height={obstacle.width} fill="var(--ff-line)" stroke="var(--ff-soft)" stroke-width="0.04" />
      {/each}
      {#each shownStretches as { stretch, index } (index)}
        {@const chosen = index >= rehearsal.first && index <= rehearsal.last}
        <path d={stretch.path} fill="none" stroke={chosen ? 'var(--ff-brass)' : 'var(--ff-line)'} stroke-width={rehearsal.options.follow ? 0.025 : 0.08} stroke-linecap="round" />
      {/each}
      {#each trails as { key, part, foot, place, contacts: touching, strength } (key)}
        <Print {part} {foot} {place} contacts={touching} {strength} />
      {/each}
      {#if !rehearsal.options.follow}
        {#each parts as part (part)}
          {@const pose = poses[part]}
          {#if pose}
            <circle cx={pose.body.x} cy={pose.body.y} r="0.55" fill={part === 'man' ? 'var(--ff-spruce)' : 'var(--ff-madder)'} fill-opacity="0.35" />
          {/if}
        {/each}
      {/if}
      <Couple {poses} {contacts} />
    </g>
    {#if !rehearsal.options.follow}
      {#each WALLS as wall (wall.side)}
        {@const at = wall.at(floor.length, floor.width)}
        {@const placed = inPicture(view, at.x - floor.length / 2, at.y - floor.width / 2)}
        <text
          x={placed.x}
          y={placed.y}
          font-size="0.5"
          font-weight="600"
          text-anchor="middle"
          dominant-baseline="central"
          fill="var(--ff-soft)"
          transform={Math.abs(placed.x) > across / 2 - 2 * MARGIN ? `rotate(-90 ${placed.x} ${placed.y})` : undefined}>{msg.wall({ side: wall.side })}</text
        >
      {/each}
    {/if}
  </svg>
  <svg viewBox="-24 -24 48 48" class="absolute top-2 left-2 size-14 rounded-full bg-board" role="img" aria-label={msg.lineOfDanceOfSide({ side: side + 1 })}>
    <path d={`M${-14 * ahead.x} ${-14 * ahead.y} L${14 * ahead.x} ${14 * ahead.y}`} stroke="var(--ff-ink)" stroke-width="3" stroke-linecap="round" />
    <path
      d="M7 -6 L15 0 L7 6"
      fill="none"
      stroke="var(--ff-ink)"
      stroke-width="3"
      stroke-linecap="round"
      stroke-linejoin="round"
      transform={`rotate(${(Math.atan2(ahead.y, ahead.x) * 180) / Math.PI})`}
    />
  </svg>
</div>
