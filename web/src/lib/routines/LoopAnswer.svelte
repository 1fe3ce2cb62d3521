<script lang="ts">
  import type { Chain, Loop } from '$lib/api/client';

  interface Props {
    loop: Loop;
    onclose: (chain: Chain) => void;
  }
  let { loop, onclose }: Props = $props();

  let sentence = $derived(
    loop.verdict.outcome === 'holds'
      ? 'It loops.'
      : loop.roundCorner.outcome === 'holds'
        ? 'It loops round a corner.'
        : `From the end to the beginning it ${loop.verdict.outcome}.`,
  );
</script>

<section class="mb-3 rounded-lg bg-floor p-2" aria-label="Loop">
  <p class="font-semibold">{sentence}</p>
  {#each loop.completions as chain, at (at)}
    <button class="act mt-1 h-auto w-full justify-start py-1 text-left whitespace-normal" onclick={() => onclose(chain)}>
      Close it with {chain.wording}
    </button>
  {/each}
</section>
