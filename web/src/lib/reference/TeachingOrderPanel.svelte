<script lang="ts">
  import msg from '$lib/messages/dances';
  import common from '$lib/messages/common';
  import { Reordering } from '$lib/ui/Reordering.svelte';
  import Message from '$lib/ui/Message.svelte';
  import ChevronDown from '~icons/lucide/chevron-down';
  import ChevronUp from '~icons/lucide/chevron-up';
  import { reference } from './reference.svelte';
  import type { TeachingOrder } from './TeachingOrder.svelte';

  interface Props {
    order: TeachingOrder;
    busy: boolean;
  }
  let { order, busy }: Props = $props();

  const reordering = new Reordering((from, to) => void order.move(from, to));

  const levelOf = (level: string) => reference.notation.levels.find(({ shorthand }) => shorthand === level)?.wording ?? level;
</script>

<div class="flex flex-wrap items-baseline gap-x-3">
  <h2 class="flex-1 text-2xl">{msg.teachingOrder()}</h2>
  {#if order.isOwn}<span class="text-soft">{msg.ownOrder()}</span><button class="act" disabled={busy} onclick={() => order.usual()}>{msg.usualOrder()}</button>{/if}
</div>
<p class="mt-1 leading-snug text-soft">{msg.teachingNote()}</p>
{#if order.failure}<Message sentence={order.failure} />{/if}
<ol class="mt-2 max-h-[34rem] overflow-y-auto" aria-label={msg.teachingOrder()}>
  {#each order.steps as step, index (step.figure)}
    <li
      class={['grid grid-cols-[2rem_minmax(0,1fr)_auto] items-center gap-2 border-t border-line py-1', reordering.isOver(index) && 'outline-2 outline-brass']}
      {...reordering.of(index, step.title)}
    >
      <span class="text-right font-title text-lg text-soft">{index + 1}</span>
      <span class="min-w-0 leading-tight"
        ><a class="inline-block font-semibold hover:underline max-sm:py-2" href={`#/figures/${step.figure}`}>{step.title}</a>
        <span class="text-soft">{levelOf(step.level)}</span>{#if step.learns.length > 0}<span class="block text-sm text-soft">{msg.newIn({ join: step.learns.join(', ') })}</span
          >{/if}</span
      >
      <span class="flex">
        <button
          class="inline-flex size-10 cursor-pointer items-center justify-center rounded-lg hover:bg-line disabled:opacity-30"
          disabled={busy || index === 0}
          aria-label={msg.moveUp({ title: step.title })}
          onclick={() => order.move(index, index - 1)}><ChevronUp width={18} height={18} /></button
        >
        <button
          class="inline-flex size-10 cursor-pointer items-center justify-center rounded-lg hover:bg-line disabled:opacity-30"
          disabled={busy || index === order.steps.length - 1}
          aria-label={msg.moveDown({ title: step.title })}
          onclick={() => order.move(index, index + 1)}><ChevronDown width={18} height={18} /></button
        >
      </span>
    </li>
  {:else}
    <li class="text-soft">{common.loading()}</li>
  {/each}
</ol>
