<script lang="ts">
  import { named } from './subject';
  import msg from '$lib/messages/logbook';
  import type { Due } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import TriangleAlert from '~icons/lucide/triangle-alert';
  import GradeMark from './GradeMark.svelte';

  interface Props {
    due: Due[];
    /** How many are shown before the others are asked for; all where it is not said. */
    first?: number;
    /** Without what else is due in the same figure. */
    brief?: boolean;
  }
  let { due, first, brief = false }: Props = $props();

  let showsAll = $state(false);
  let shown = $derived(first === undefined || showsAll ? due : due.slice(0, first));
</script>

<ol class="flex flex-col">
  {#each shown as each, index (each.subject)}
    <li class="grid grid-cols-[2rem_minmax(0,1fr)_auto] items-baseline gap-2 border-t border-line py-2 first:border-t-0">
      <span class="text-right font-title text-xl text-soft">{index + 1}</span>
      <div class="min-w-0">
        {#if each.figure}<a class="text-lg leading-tight font-semibold hover:underline" href={`#/figures/${each.figure}/card`}>{each.title}</a>
        {:else}<span class="text-lg leading-tight font-semibold">{each.title}</span>{/if}
        {#if each.dance}<span class="text-soft">{reference.dance(each.dance)?.title ?? ''}</span>{/if}
        {#if each.detail}<p class="leading-snug">{each.detail}</p>{/if}
        <p class="leading-snug text-soft">{each.reasons.join(' · ')}</p>
        {#if !brief && each.also.length > 0}<p class="leading-snug text-soft">{msg.alsoInIt({ join: each.also.join('; ') })}</p>{/if}
      </div>
      <span class="inline-flex items-center gap-1 whitespace-nowrap"
        >{#if named(each.subject).kind === 'fault'}<TriangleAlert width={18} height={18} aria-hidden="true" />{msg.fault()}{:else}<GradeMark
            value={each.stage}
          />{each.stage}{/if}</span
      >
    </li>
  {:else}
    <li class="py-3 text-soft">{msg.noPracticeIsDueEverything()}</li>
  {/each}
</ol>
{#if first !== undefined && due.length > first}
  <button class="act mt-1" aria-expanded={showsAll} onclick={() => (showsAll = !showsAll)}>{showsAll ? msg.showLess() : msg.whatCanWait({ count: due.length - first })}</button>
{/if}
