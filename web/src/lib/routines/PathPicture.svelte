<script lang="ts">
  import type { Composition } from '$lib/api/client';

  interface Props {
    path: Composition['path'];
    /** The floor it lies on, metres; without one the way is shown as large as it can be. */
    floor?: { length: number; width: number };
    label: string;
    /** In pixels. */
    width?: number;
  }
  let { path, floor, label, width = 108 }: Props = $props();

  const MARGIN = 0.5;
  let around = $derived.by(() => {
    const xs = path.map(({ x }) => x);
    const ys = path.map(({ y }) => y);
    const size = Math.max(Math.max(...xs) - Math.min(...xs), (Math.max(...ys) - Math.min(...ys)) / 0.6) + 2 * MARGIN;
    return { left: (Math.min(...xs) + Math.max(...xs) - size) / 2, bottom: (Math.min(...ys) + Math.max(...ys) - size * 0.6) / 2, length: size, width: size * 0.6 };
  });
  let shown = $derived(floor ? { left: 0, bottom: 0, length: floor.length, width: floor.width } : around);
  let scale = $derived(width / shown.length);
  /** The first side runs along the lower edge, as on the floor plan. */
  let spots = $derived(path.map(({ x, y }) => ({ x: (x - shown.left) * scale, y: (shown.width - (y - shown.bottom)) * scale })));
  let points = $derived(spots.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' '));
  let start = $derived(spots[0]);
</script>

<svg {width} height={shown.width * scale} viewBox={`0 0 ${width} ${shown.width * scale}`} role="img" aria-label={label} class="rounded border-[1.5px] border-line bg-board">
  <polyline {points} fill="none" stroke="currentColor" stroke-width="2" stroke-linejoin="round" />
  {#if start}<circle cx={start.x} cy={start.y} r="3.5" fill="currentColor" />{/if}
</svg>
