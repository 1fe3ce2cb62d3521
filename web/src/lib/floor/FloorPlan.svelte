<script lang="ts">
  import type { Part, PlaceOnFloor, Score } from '$lib/api/client';
  import { curveCatmullRom, line } from 'd3-shape';
  import Body from './Body.svelte';
  import Print from './Print.svelte';
  import { stanceAt, type TimedStance } from './stance';

  interface Props {
    score: Score;
    beat: number;
    selected: number;
  }
  let { score, beat, selected }: Props = $props();

  const MARGIN = 0.5;
  /** Metres that the close-up of the couple shows. */
  const CLOSE_UP = 2;
  const draw = line<PlaceOnFloor>(
    (place) => place.x,
    (place) => place.y,
  ).curve(curveCatmullRom);

  function stances(part: Part): TimedStance[] {
    return score.steps.filter((step) => step.part === part).map(({ onset, stance }) => ({ onset, stance }));
  }

  let timed = $derived({ man: stances('man'), lady: stances('lady') });
  let stretches = $derived(
    score.placements.map((placement, index) => {
      const man = score.steps.filter((step) => step.part === 'man');
      const own = man.filter((step) => step.placement === index).map((step) => step.stance.body);
      const before = man.findLast((step) => step.placement < index)?.stance.body ?? score.start?.man.body;
      return { path: draw(before ? [before, ...own] : own) ?? '', side: placement.side };
    }),
  );
  let man = $derived(score.start && stanceAt(score.start.man, timed.man, beat));
  let lady = $derived(score.start && stanceAt(score.start.lady, timed.lady, beat));
  let spot = $derived(man && lady && { x: (man.body.x + lady.body.x) / 2, y: (man.body.y + lady.body.y) / 2 });
  let { length, width } = $derived(score.floor);
</script>

<div class="relative h-full w-full">
  <svg
    viewBox={`${-MARGIN} ${-width - MARGIN} ${length + 2 * MARGIN} ${width + 2 * MARGIN}`}
    class="h-full w-full"
    role="img"
    aria-label={`Floor of ${length} by ${width} metres with the path of the routine`}
  >
    <g transform="scale(1 -1)">
      <rect x="0" y="0" width={length} height={width} fill="var(--ff-floor)" stroke="var(--ff-soft)" stroke-width="0.09" />
      {#each { length: Math.ceil(width) - 1 }, row (row)}
        <path d={`M0 ${row + 1}H${length}`} stroke="var(--ff-line)" stroke-width="0.018" />
      {/each}
      {#each stretches as stretch, index (index)}
        <path
          d={stretch.path}
          fill="none"
          stroke={index === selected ? 'var(--ff-brass)' : 'var(--ff-soft)'}
          stroke-width={index === selected ? 0.16 : 0.07}
          stroke-linecap="round"
        />
      {/each}
      {#if man && lady}
        <Body part="man" place={man.body} />
        <Body part="lady" place={lady.body} />
        <Print part="man" foot="left" place={man.left} />
        <Print part="man" foot="right" place={man.right} />
        <Print part="lady" foot="left" place={lady.left} />
        <Print part="lady" foot="right" place={lady.right} />
      {/if}
    </g>
    <text x={length - 0.3} y={-0.3} text-anchor="end" font-size="0.42" fill="var(--ff-soft)">wall, line of dance →</text>
    <text x="0.3" y={-width + 0.6} font-size="0.42" fill="var(--ff-soft)">{length} × {width} m</text>
  </svg>
  {#if man && lady && spot}
    <svg
      viewBox={`${spot.x - CLOSE_UP / 2} ${-spot.y - CLOSE_UP / 2} ${CLOSE_UP} ${CLOSE_UP}`}
      class="panel absolute top-[14%] left-[6%] aspect-square h-[46%] max-h-64 shadow-lg"
      aria-hidden="true"
    >
      <g transform="scale(1 -1)">
        <Body part="man" place={man.body} />
        <Body part="lady" place={lady.body} />
        <Print part="man" foot="left" place={man.left} />
        <Print part="man" foot="right" place={man.right} />
        <Print part="lady" foot="left" place={lady.left} />
        <Print part="lady" foot="right" place={lady.right} />
      </g>
    </svg>
  {/if}
</div>
