<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { NextAmalgamation } from '$lib/api/client';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';

  interface Props {
    offers: NextAmalgamation[];
    onadd: (offer: NextAmalgamation) => void;
  }
  let { offers, onadd }: Props = $props();

  const FIRST = 3;
  let showsAll = $state(false);
</script>

<ul class="mb-2 border-b border-line pb-2" aria-label={msg.amalgamationsThatCanCome()}>
  {#each showsAll ? offers : offers.slice(0, FIRST) as offer (offer.id)}
    <li>
      <button class="flex w-full cursor-pointer items-start gap-3 rounded-lg px-2 py-1.5 text-left hover:bg-floor" onclick={() => onadd(offer)}>
        <span class="pt-0.5"><SeamMark outcome={offer.in ?? 'holds'} size={26} /></span>
        <span class="min-w-0">
          <span class="block leading-snug font-semibold">{offer.title}</span>
          <span class="block text-sm leading-snug text-soft"
            >{msg.aboutAnAmalgamation({
              bars: offer.bars,
              level: offer.level,
              uses: offer.uses.join(', '),
              phrase: offer.endsPhrase ? 'ends' : 'other',
            })}</span
          >
          {#if offer.out === 'breaks'}<span class="block text-sm leading-snug text-madder">{msg.whatFollowsNoLongerFits()}</span>{/if}
          {#if offer.why}<span class="block text-sm leading-snug text-soft">{offer.why}</span>{/if}
        </span>
      </button>
    </li>
  {/each}
</ul>
{#if offers.length > FIRST}<button class="act mt-1" aria-expanded={showsAll} onclick={() => (showsAll = !showsAll)}
    >{msg.allAmalgamations({ act: showsAll ? 'fewer' : 'all', amalgamations: offers.length })}</button
  >{/if}
