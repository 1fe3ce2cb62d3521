<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Fault } from '$lib/api/client';
  import { isWriting } from './fieldState';
  import { intoView } from './intoView';

  interface Props {
    sentence: string;
    faults?: Fault[];
    children?: Snippet;
  }
  let { sentence, faults = [], children }: Props = $props();

  /** What went wrong comes into sight, and the keyboard goes on from there unless something is being written. */
  function seen(node: HTMLElement) {
    void sentence;
    if (!isWriting()) node.focus({ preventScroll: true });
    return intoView(node);
  }
</script>

<div role="alert" tabindex="-1" {@attach seen} class="scroll-my-3 outline-none rounded-xl border-l-8 border-madder bg-madder-wash px-4 py-3">
  <p class="font-semibold">{sentence}</p>
  {#if faults.length > 1}
    <ul class="mt-1 list-disc pl-5">
      {#each faults.slice(0, 8) as fault, index (index)}<li>{fault.sentence}</li>{/each}
    </ul>
  {/if}
  {#if children}<div class="mt-2 flex flex-wrap gap-2">{@render children()}</div>{/if}
</div>
