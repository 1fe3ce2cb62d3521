<script lang="ts">
  import type { Composition, Routine } from '$lib/api/client';

  interface Props {
    path: Composition['path'];
    floor: Routine['floor'];
    label: string;
  }
  let { path, floor, label }: Props = $props();

  /** The hall a routine without a floor of its own is danced in, metres. */
  const HALL = { length: 18, width: 11 };
  const WIDTH = 108;
  let length = $derived(floor?.length ?? HALL.length);
  let width = $derived(floor?.width ?? HALL.width);
  let scale = $derived(WIDTH / length);
  /** The first side runs along the lower edge, as on the floor plan. */
  let points = $derived(path.map(({ x, y }) => `${(x * scale).toFixed(1)},${((width - y) * scale).toFixed(1)}`).join(' '));
  let start = $derived(path[0]);
</script>

<svg width={WIDTH} height={width * scale} viewBox={`0 0 ${WIDTH} ${width * scale}`} role="img" aria-label={label} class="rounded border-[1.5px] border-line bg-board">
  <polyline {points} fill="none" stroke="currentColor" stroke-width="2" stroke-linejoin="round" />
  {#if start}<circle cx={start.x * scale} cy={(width - start.y) * scale} r="3.5" fill="currentColor" />{/if}
</svg>
