<script lang="ts">
  /** How something went or stands, told by shape and word: an empty ring, a broken one, a half and a full one. */
  interface Props {
    value: string;
    size?: number;
  }
  let { value, size = 22 }: Props = $props();

  const FILLED: Record<string, number> = { 'not shown': 0, lost: 0, shown: 1, shaky: 1, coming: 2, good: 2, steady: 3, secure: 4 };
  let filled = $derived(FILLED[value] ?? 0);
</script>

<svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true" class="shrink-0">
  {#each [0, 1, 2, 3] as bar (bar)}
    <rect x={2 + bar * 5.4} y={16 - bar * 4} width="4" height={6 + bar * 4} rx="1" fill={bar < filled ? 'currentColor' : 'none'} stroke="currentColor" stroke-width="1.4" />
  {/each}
</svg>
