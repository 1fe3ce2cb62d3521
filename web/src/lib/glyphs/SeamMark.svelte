<script lang="ts">
  interface Props {
    outcome: string;
    size?: number;
  }
  let { outcome, size = 34 }: Props = $props();

  const GAP: Record<string, number> = { holds: 0, bends: 3, breaks: 7 };
  const SHIFT: Record<string, number> = { holds: 0, bends: 4, breaks: 0 };
  let gap = $derived(GAP[outcome] ?? 0);
  let shift = $derived(SHIFT[outcome] ?? 0);
  let colour = $derived(outcome === 'holds' ? 'spruce' : outcome === 'bends' ? 'brass-deep' : 'madder');
</script>

<!-- Two half-marks that close where the link holds, strain past each other where it bends and gape where it breaks. -->
<svg width={size} height={size} viewBox="0 0 40 40" aria-hidden="true" class="shrink-0">
  <g fill={`var(--ff-${colour})`}>
    <path d="M18.8 6 A14 14 0 0 0 18.8 34 V25.5 L24.3 20 L18.8 14.5 Z" class="moving" style:transform={`translate(${-gap}px, ${-shift}px)`} />
    <path d="M21.2 6 A14 14 0 0 1 21.2 34 V26.2 L27.3 20 L21.2 13.8 Z" class="moving" style:transform={`translate(${gap}px, ${shift}px)`} />
  </g>
  {#if outcome === 'breaks'}
    <path d="M20 3 l-2.5 8 5 6 -5 6 5 6 -2.5 8" fill="none" stroke="var(--ff-madder)" stroke-width="1.8" />
  {/if}
</svg>
