<script lang="ts">
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import type { Chain, Detour, Escape, Repair, Verdict } from '$lib/api/client';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';
  import PathPicture from './PathPicture.svelte';
  import VerdictView from './VerdictView.svelte';

  interface Props {
    verdict: Verdict;
    repairs: Repair[];
    bridges: Chain[] | undefined;
    detours: Detour[] | undefined;
    escapes: Escape[];
    onrepair: (repair: Repair) => void;
    onbridges: () => void;
    onbridge: (chain: Chain) => void;
    onfill: () => void;
    onblocked: () => void;
    onescapes: (detours: Detour[]) => void;
  }
  let { verdict, repairs, bridges, detours, escapes, onrepair, onbridges, onbridge, onfill, onblocked, onescapes }: Props = $props();
  let wanting = $derived(verdict.comparisons.filter((comparison) => comparison.outcome !== 'holds'));
  let agreeing = $derived(verdict.comparisons.filter((comparison) => comparison.outcome === 'holds'));
</script>

<div class="mb-2 flex flex-wrap gap-2">
  <button class="act" title={msg.shortestBridgesB()} onclick={onbridges}>{msg.bridgeTheGap()}</button>
  <button class="act" title={msg.composeBetweenG()} onclick={onfill}>{msg.fillThisGap()}</button>
  <button class="act" title={msg.waysRoundAnObstacleD()} onclick={onblocked}>{msg.blockedHere()}</button>
</div>
{#if detours}
  <section aria-label={msg.waysRound()} class="mb-3 rounded-lg border-[1.5px] border-line p-2">
    <ul class="space-y-2">
      {#each detours as detour, at (at)}
        <li class="grid grid-cols-[1fr_auto] items-start gap-3">
          <span class="leading-snug">{detour.sentence}</span>
          <PathPicture path={detour.path} label={detour.kind} />
        </li>
      {/each}
    </ul>
    <button class="act act-main mt-2" onclick={() => onescapes(detours)}>{msg.saveWithTheRoutine()}</button>
  </section>
{:else if escapes.length > 0}
  <section aria-label={msg.escapePlan()} class="mb-3 rounded-lg border-[1.5px] border-line p-2">
    <h4 class="font-semibold">{msg.ifTheWayIsBlocked()}</h4>
    <ul class="mt-1 space-y-1">
      {#each escapes as escape, at (at)}<li class="leading-snug">{escape.sentence}</li>{/each}
    </ul>
    <button class="act mt-2" onclick={() => onescapes([])}>{common.deleteIt()}</button>
  </section>
{/if}
{#if bridges}
  <ul class="mb-2 space-y-1" aria-label={msg.bridges()}>
    {#each bridges as chain, at (at)}
      <li>
        <button
          class="flex w-full cursor-pointer items-baseline justify-between gap-2 rounded-lg border-[1.5px] border-line px-2 py-1.5 text-left hover:border-ink"
          onclick={() => onbridge(chain)}
        >
          <span>{chain.wording}</span><span class="shrink-0 text-soft">{msg.beats({ beats: chain.beats })}</span>
        </button>
      </li>
    {:else}
      <li class="text-soft">{msg.noChainOfFiguresBridges()}</li>
    {/each}
  </ul>
{/if}
{#if verdict.outcome !== 'holds'}<p class="mb-2 text-lg leading-snug font-semibold">{verdict.sentence}</p>{/if}
<VerdictView comparisons={wanting} />
{#if verdict.outcome !== 'holds'}
  <h4 class="mt-2 font-semibold">{msg.suggestedFixes()}</h4>
  <ul class="mt-1 space-y-1" aria-label={msg.suggestedFixes()}>
    {#each repairs as repair, at (at)}
      <li class="arriving">
        <button
          class="flex w-full cursor-pointer items-center gap-2 rounded-lg border-[1.5px] border-line px-2 py-1.5 text-left hover:border-ink"
          data-repair={repair.kind}
          onclick={() => onrepair(repair)}
        >
          <SeamMark outcome={repair.verdict.outcome} size={22} />
          <span class="leading-snug"
            ><span class="block first-letter:uppercase">{repair.label}</span><span class="block text-sm text-soft first-letter:uppercase">{repair.effect}</span></span
          >
        </button>
      </li>
    {:else}
      <li class="text-soft">{msg.noFixWasFoundIn()}</li>
    {/each}
  </ul>
  <h4 class="mt-2 mb-1 font-semibold">{msg.whatMatches()}</h4>
{/if}
<VerdictView comparisons={agreeing} />
