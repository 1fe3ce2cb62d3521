<script lang="ts">
  import type { Successor } from '$lib/api/client';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';

  interface Props {
    next: Successor[];
    onadd: (figure: string) => void;
  }
  let { next, onadd }: Props = $props();
  let showsBreaks = $state(false);
  let fitting = $derived(next.filter((figure) => figure.verdict.outcome !== 'breaks'));
  let breaking = $derived(next.filter((figure) => figure.verdict.outcome === 'breaks'));

  function reason(figure: Successor) {
    return figure.verdict.comparisons.find((comparison) => comparison.outcome === figure.verdict.outcome && comparison.outcome !== 'holds')
      ?.reason;
  }
</script>

{#snippet choice(figure: Successor)}
  <li>
    <button
      class="flex w-full cursor-pointer items-center gap-3 rounded-lg px-2 py-1.5 text-left hover:bg-floor"
      onclick={() => onadd(figure.id)}
    >
      <SeamMark outcome={figure.verdict.outcome} size={26} />
      <span class="min-w-0">
        <span class="block font-semibold">{figure.title} <span class="font-normal text-soft">{figure.level}</span></span>
        {#if reason(figure)}<span class="block text-sm leading-snug text-soft">{reason(figure)}</span>{/if}
      </span>
    </button>
  </li>
{/snippet}

<ul aria-label="What may come next" id="next-figures">
  {#each fitting as figure (figure.id)}{@render choice(figure)}{:else}
    <li class="px-2 text-soft">Nothing follows from here without a step between.</li>
  {/each}
</ul>
{#if breaking.length > 0}
  <button class="act mt-2" aria-expanded={showsBreaks} onclick={() => (showsBreaks = !showsBreaks)}>
    {showsBreaks ? 'Hide' : 'Show'} the {breaking.length} that cannot follow
  </button>
  {#if showsBreaks}
    <ul class="mt-1" aria-label="What cannot come next">
      {#each breaking as figure (figure.id)}{@render choice(figure)}{/each}
    </ul>
  {/if}
{/if}
