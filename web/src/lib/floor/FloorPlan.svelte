<script lang="ts">
  import msg from '$lib/messages/floor';
  import type { Floor, RoomReport, Score } from '$lib/api/client';
  import Couple from './Couple.svelte';
  import { floorPoint, placedWithin } from './dragging';
  import { poseAt } from './motion';
  import { centreAt, stretchesOf } from './path';

  interface Props {
    score: Score;
    beat: number;
    selected: number;
    /** What is wrong with the room, and what circles. */
    report?: RoomReport;
    /** Which section a placement belongs to, counted from 0. */
    sectionOf?: (placement: number) => number;
    /** For paper: the way alone, with the bars at which phrases begin, and no close-up of the couple. */
    printed?: boolean;
    /** What becomes of the floor when the start or an obstacle is dragged; nothing can be dragged without it. */
    ondrag?: (change: Partial<Floor>) => void;
  }
  let { score, beat, selected, report, sectionOf = () => 0, printed = false, ondrag }: Props = $props();

  const MARGIN = 0.5;
  /** Pixels that words are high, however much floor is shown. */
  const WORDS = 14;
  /** Metres that the close-up of the couple shows. */
  const CLOSE_UP = 2;
  /** Metres from the middle to the edge of the handle on the start. */
  const HANDLE = 0.42;
  interface Spot {
    x: number;
    y: number;
  }
  const SECTIONS = ['var(--ff-soft)', 'var(--ff-spruce)', 'var(--ff-madder)', 'var(--ff-brass-deep)'];

  let stretches = $derived(stretchesOf(score, sectionOf));
  let poses = $derived(score.motion ? { man: poseAt(score.motion.man, beat), lady: poseAt(score.motion.lady, beat) } : undefined);
  let spot = $derived(poses && { x: (poses.man.body.x + poses.lady.body.x) / 2, y: (poses.man.body.y + poses.lady.body.y) / 2 });
  let { length, width } = $derived(score.floor);
  /** The floor, and what of the way lies outside it. */
  let box = $derived.by(() => {
    const bodies = score.steps.map((step) => step.stance.body);
    return {
      left: Math.min(0, ...bodies.map(({ x }) => x)) - MARGIN,
      right: Math.max(length, ...bodies.map(({ x }) => x)) + MARGIN,
      bottom: Math.min(0, ...bodies.map(({ y }) => y)) - MARGIN,
      top: Math.max(width, ...bodies.map(({ y }) => y)) + MARGIN,
    };
  });
  let across = $state(0);
  let down = $state(0);
  let metresPerPixel = $derived(across > 0 && down > 0 ? Math.max((box.right - box.left) / across, (box.top - box.bottom) / down) : 0.03);
  let words = $derived(WORDS * metresPerPixel);
  let corners = $derived(score.placements.filter((placement) => placement.cornerAfter).flatMap((placement) => centre(placement.onset + placement.beats)));
  let hits = $derived((report?.collisions ?? []).flatMap((collision) => centre(collision.beat)));

  function centre(at: number) {
    return score.motion ? [centreAt(score.motion, at)] : [];
  }

  /** What is held, and where it is while it is dragged: an obstacle by its number, or the start. */
  let held = $state.raw<{ what: number | 'start'; grip: Spot; at: Spot }>();
  let plan = $state<SVGGElement>();
  let obstacles = $derived((score.floor.obstacles ?? []).map((obstacle, index) => (held?.what === index ? { ...obstacle, ...held.at } : obstacle)));
  let start = $derived(held?.what === 'start' ? held.at : score.floor.start);

  function take(event: PointerEvent, what: number | 'start', from: Spot) {
    const point = plan && ondrag && floorPoint(plan, event);
    if (!point) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held = { what, grip: { x: point.x - from.x, y: point.y - from.y }, at: from };
  }

  function drag(event: PointerEvent) {
    const point = held && plan && floorPoint(plan, event);
    if (!held || !point) return;
    const size = held.what === 'start' ? undefined : score.floor.obstacles?.[held.what];
    held = { ...held, at: placedWithin(score.floor, { x: point.x - held.grip.x, y: point.y - held.grip.y }, size) };
  }

  function drop() {
    if (!held) return;
    const { what, at } = held;
    if (what === 'start') ondrag?.({ start: at });
    else ondrag?.({ obstacles: (score.floor.obstacles ?? []).map((obstacle, index) => (index === what ? { ...obstacle, ...at } : obstacle)) });
    held = undefined;
  }

  let circle = $derived(report?.circles.find((each) => each.placement === selected));
</script>

<div class="relative h-full w-full" bind:clientWidth={across} bind:clientHeight={down}>
  <svg viewBox={`${box.left} ${-box.top} ${box.right - box.left} ${box.top - box.bottom}`} class="h-full w-full" role="img" aria-label={msg.floorOfByMetresWith({ length, width })}>
    <g transform="scale(1 -1)" bind:this={plan}>
      <rect x="0" y="0" width={length} height={width} fill="var(--ff-floor)" stroke="var(--ff-soft)" stroke-width="0.09" />
      {#each { length: Math.ceil(width) - 1 }, row (row)}
        <path d={`M0 ${row + 1}H${length}`} stroke="var(--ff-line)" stroke-width="0.018" />
      {/each}
      {#each obstacles as obstacle, index (index)}
        <!-- Dragged by the pointer; typed in the fields beside the plan. -->
        <rect
          x={obstacle.x}
          y={obstacle.y}
          width={obstacle.length}
          height={obstacle.width}
          fill="var(--ff-line)"
          stroke="var(--ff-soft)"
          stroke-width="0.05"
          class={ondrag && 'cursor-grab touch-none'}
          role="presentation"
          data-obstacle={index}
          onpointerdown={(event) => take(event, index, obstacle)}
          onpointermove={drag}
          onpointerup={drop}
          onpointercancel={() => (held = undefined)}
        />
      {/each}
      {#each stretches as stretch, index (index)}
        <path
          d={stretch.path}
          fill="none"
          stroke={index === selected ? 'var(--ff-brass)' : SECTIONS[stretch.section % SECTIONS.length]}
          stroke-width={index === selected ? 0.17 : 0.075}
          stroke-linecap="round"
          stroke-dasharray={stretch.side % 2 === 1 && index !== selected ? '0.22 0.14' : undefined}
        />
      {/each}
      {#each corners as corner, index (index)}
        <path d={`M${corner.x - 0.22} ${corner.y}h0.44v0.44`} fill="none" stroke="var(--ff-ink)" stroke-width="0.08" />
      {/each}
      {#if circle}
        <circle cx={circle.x} cy={circle.y} r={circle.man} fill="none" stroke="var(--ff-spruce)" stroke-width="0.05" />
        <circle cx={circle.x} cy={circle.y} r={circle.lady} fill="none" stroke="var(--ff-madder)" stroke-width="0.05" stroke-dasharray="0.12 0.08" />
        <circle cx={circle.x} cy={circle.y} r="0.07" fill="var(--ff-ink)" />
      {/if}
      {#each hits as hit, index (index)}
        <path d={`M${hit.x - 0.25} ${hit.y - 0.25}l0.5 0.5m0 -0.5l-0.5 0.5`} stroke="var(--ff-madder)" stroke-width="0.13" stroke-linecap="round" />
      {/each}
      {#if poses && !printed}<Couple {poses} />{/if}
      {#if ondrag && start}
        <g
          class="cursor-grab touch-none"
          role="presentation"
          data-start
          transform={`translate(${start.x} ${start.y})`}
          onpointerdown={(event) => take(event, 'start', start)}
          onpointermove={drag}
          onpointerup={drop}
          onpointercancel={() => (held = undefined)}
        >
          <circle r={HANDLE} fill="var(--ff-brass)" fill-opacity="0.25" stroke="var(--ff-brass-deep)" stroke-width="0.07" />
          <path d="M-0.2 0h0.4M0 -0.2v0.4" stroke="var(--ff-brass-deep)" stroke-width="0.07" stroke-linecap="round" />
        </g>
      {/if}
    </g>
    {#if printed && score.motion}
      {#each score.phrases as onset (onset)}
        {@const at = centreAt(score.motion, onset)}
        <g transform={`translate(${at.x} ${-at.y})`}>
          <circle r={words * 0.75} fill="var(--ff-board)" stroke="var(--ff-ink)" stroke-width={words / 12} />
          <text text-anchor="middle" dominant-baseline="central" font-size={words * 0.85} font-weight="700" fill="var(--ff-ink)">{Math.floor(onset / score.beatsPerBar) + 1}</text>
        </g>
      {/each}
    {/if}
    {#each obstacles as obstacle, index (index)}
      <text
        class="pointer-events-none"
        x={obstacle.x + obstacle.length / 2}
        y={-obstacle.y - obstacle.width / 2}
        text-anchor="middle"
        dominant-baseline="central"
        font-size={words}
        fill="var(--ff-ink)"
      >
        {obstacle.title}
      </text>
    {/each}
    <text x={length - 0.3} y={-words / 2} text-anchor="end" font-size={words} fill="var(--ff-soft)">{msg.wallLineOfDance()}</text>
    <text x={words / 2} y={-width + words * 1.2} font-size={words} fill="var(--ff-soft)">{length} × {width} m</text>
  </svg>
  {#if poses && spot && !report && !printed}
    <svg
      viewBox={`${spot.x - CLOSE_UP / 2} ${-spot.y - CLOSE_UP / 2} ${CLOSE_UP} ${CLOSE_UP}`}
      class="panel absolute top-[14%] left-[6%] aspect-square h-[46%] max-h-64 shadow-lg"
      aria-hidden="true"
    >
      <g transform="scale(1 -1)"><Couple {poses} /></g>
    </svg>
  {/if}
</div>
