<script lang="ts">
  import type { FigurePath } from '$lib/api/client';
  import { thumbnailOf } from './thumbnail';

  let { path }: { path: FigurePath } = $props();

  let drawn = $derived(thumbnailOf(path));
</script>

<svg class="h-14 w-24" viewBox={drawn.box} aria-hidden="true">
  <path d={drawn.lady} fill="none" stroke="var(--ff-madder)" stroke-width="2" stroke-dasharray="3 2.5" vector-effect="non-scaling-stroke" />
  <path d={drawn.man} fill="none" stroke="var(--ff-spruce)" stroke-width="2.5" vector-effect="non-scaling-stroke" stroke-linejoin="round" />
  <circle cx={drawn.start.x} cy={drawn.start.y} r={drawn.dot} fill="var(--ff-board)" stroke="var(--ff-spruce)" stroke-width="2" vector-effect="non-scaling-stroke" />
  <circle cx={drawn.end.x} cy={drawn.end.y} r={drawn.dot} fill="var(--ff-spruce)" />
</svg>
