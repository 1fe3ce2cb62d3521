<script lang="ts">
  import type { FloorWay } from '$lib/api/client';
  import { wayOf } from './thumbnail';

  let { way }: { way: FloorWay } = $props();

  let drawn = $derived(wayOf(way));
</script>

<svg class="h-14 w-24 shrink-0" viewBox={drawn.box} aria-hidden="true">
  <rect width={way.length} height={way.width} y={-way.width} rx="0.3" fill="var(--ff-board)" stroke="var(--ff-line)" stroke-width="2" vector-effect="non-scaling-stroke" />
  <path d={drawn.line} fill="none" stroke="var(--ff-spruce)" stroke-width="2" vector-effect="non-scaling-stroke" stroke-linejoin="round" />
  {#if drawn.start && drawn.end}
    <circle cx={drawn.start.x} cy={drawn.start.y} r={drawn.dot} fill="var(--ff-board)" stroke="var(--ff-spruce)" stroke-width="2" vector-effect="non-scaling-stroke" />
    <circle cx={drawn.end.x} cy={drawn.end.y} r={drawn.dot} fill="var(--ff-spruce)" />
  {/if}
</svg>
