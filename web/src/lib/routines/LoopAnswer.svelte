<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { Chain, Loop } from '$lib/api/client';

  interface Props {
    loop: Loop;
    onclose: (chain: Chain) => void;
  }
  let { loop, onclose }: Props = $props();

  let sentence = $derived(
    loop.verdict.outcome === 'holds' ? msg.itLoops() : loop.roundCorner.outcome === 'holds' ? msg.itLoopsRoundACorner() : msg.fromTheEndToThe({ outcome: loop.verdict.outcome }),
  );
</script>

<section class="mb-3 rounded-lg bg-floor p-2" aria-label={msg.loop()}>
  <p class="font-semibold">{sentence}</p>
  {#each loop.completions as chain, at (at)}
    <button class="act mt-1 h-auto w-full justify-start py-1 text-left whitespace-normal" onclick={() => onclose(chain)}>
      {msg.closeTheLoopWith({ wording: chain.wording })}
    </button>
  {/each}
</section>
