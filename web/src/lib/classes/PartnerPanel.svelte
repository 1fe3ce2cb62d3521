<script lang="ts">
  import Message from '$lib/ui/Message.svelte';
  import type { PartnerBoard, Roll } from './PartnerBoard.svelte';

  interface Props {
    board: PartnerBoard;
  }
  let { board }: Props = $props();
  const LISTS: { key: keyof Roll; label: string; hint: string }[] = [
    { key: 'men', label: 'Men', hint: 'a name a line' },
    { key: 'ladies', label: 'Ladies', hint: 'a name a line' },
    { key: 'either', label: 'Either part', hint: 'who dances both' },
    { key: 'together', label: 'Stay together', hint: 'Ned and Ann' },
    { key: 'apart', label: 'Never together', hint: 'Tom and Bea' },
  ];
  let given = $derived(Object.entries(board.parts));
</script>

<div class="grid gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
  <section class="panel p-5" aria-label="The round">
    {#if board.failure}<Message sentence={board.failure} />{/if}
    {#if board.round}
      {@const round = board.round}
      <div class="flex flex-wrap items-center gap-3">
        <h2 class="flex-1 text-3xl">Round {board.done + 1} of {board.done + board.rounds.length}</h2>
        <button class="act act-main min-h-14 px-6 text-xl print:hidden" title="The next partners (N)" onclick={() => board.next()}>Change partners</button>
      </div>
      <p class="text-soft">Fewer there cannot be: somebody has {board.fewest} to meet.</p>
      <ul class="mt-4 grid gap-x-6 gap-y-2 text-2xl sm:grid-cols-2" aria-label="Who dances with whom">
        {#each round.pairs as { man, lady } (man)}<li><span class="text-spruce">{man}</span> – <span class="text-madder">{lady}</span></li>{/each}
      </ul>
      {#if round.resting.length > 0}<p class="mt-4 text-xl">Rest: {round.resting.join(', ')}</p>{/if}
      {#if given.length > 0}<p class="mt-2 text-soft">{given.map(([name, part]) => `${name} dances the ${part}`).join(', ')}.</p>{/if}
    {:else if board.done > 0}
      <h2 class="text-3xl">Everyone has met everyone.</h2>
      <button class="act mt-3" onclick={() => board.again()}>From the beginning</button>
    {:else}
      <p class="text-xl text-soft">
        Write down who is there: everyone meets everyone in the fewest rounds there can be. Whoever comes late or leaves is written down or taken out; what is left is planned anew.
      </p>
    {/if}
  </section>
  <section class="space-y-3 print:hidden" aria-label="Who is there">
    {#each LISTS as { key, label, hint } (key)}
      <label class="block">
        <span class="font-semibold">{label}</span>
        <textarea
          class="field w-full py-1.5"
          rows={key === 'men' || key === 'ladies' ? 5 : 2}
          placeholder={hint}
          value={board.roll[key]}
          onchange={(event) => board.write({ [key]: event.currentTarget.value })}></textarea>
      </label>
    {/each}
    {#if board.done > 0}<button class="act" onclick={() => board.again()}>From the beginning</button>{/if}
  </section>
</div>
