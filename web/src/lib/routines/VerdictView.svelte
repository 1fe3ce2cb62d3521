<script lang="ts">
  import type { Verdict } from '$lib/api/client';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';

  interface Props {
    comparisons: Verdict['comparisons'];
  }
  let { comparisons }: Props = $props();
</script>

<ul class="space-y-1.5">
  {#each comparisons as comparison (comparison.aspect)}
    <li class="grid grid-cols-[1.6rem_1fr] items-start gap-2">
      <SeamMark outcome={comparison.outcome} size={24} />
      <span class="leading-snug">
        <span class="font-semibold">{comparison.title}:</span>
        {comparison.given} → {comparison.needed}
        {#if comparison.outcome !== 'holds'}<span class="block">{comparison.reason}</span>{/if}
      </span>
    </li>
  {/each}
</ul>
