<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Fault } from '$lib/api/client';

  interface Props {
    sentence: string;
    faults?: Fault[];
    children?: Snippet;
  }
  let { sentence, faults = [], children }: Props = $props();
</script>

<div role="alert" class="rounded-xl border-l-8 border-madder bg-madder-wash px-4 py-3">
  <p class="font-semibold">{sentence}</p>
  {#if faults.length > 1}
    <ul class="mt-1 list-disc pl-5">
      {#each faults.slice(0, 8) as fault, index (index)}<li>{fault.sentence}</li>{/each}
    </ul>
  {/if}
  {#if children}<div class="mt-2 flex flex-wrap gap-2">{@render children()}</div>{/if}
</div>
