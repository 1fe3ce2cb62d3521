<script lang="ts">
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import type { LooseSeam, SeamKey } from '$lib/api/client';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { MendingPlan } from './MendingPlan.svelte';
  import type { RoutineDesk } from './RoutineDesk.svelte';
  import { untrack } from 'svelte';

  interface Props {
    desk: RoutineDesk;
    onclose: () => void;
  }
  let { desk, onclose }: Props = $props();

  let mending = $derived.by(() => {
    const { routine } = desk;
    return untrack(() => new MendingPlan(routine));
  });
  let steps = $derived(mending.plan?.steps ?? []);
  let left = $derived(mending.plan?.left ?? []);

  function keyOf({ placement, round }: SeamKey) {
    return `${placement}/${round}`;
  }

  function accept() {
    const { placements } = mending;
    if (placements) desk.takePlan(placements);
    onclose();
  }

  function focused(button: HTMLButtonElement) {
    button.focus();
  }
</script>

{#snippet where(broken: LooseSeam)}
  <strong>{msg.barTo({ bar: broken.bar, before: broken.before, next: broken.next })}</strong>
  <span class="block text-sm leading-snug text-soft">{broken.reason}</span>
{/snippet}

<section class="space-y-3" aria-label={msg.suggestedFixes()}>
  <div class="flex items-baseline justify-between gap-2">
    <h2 class="text-xl">{msg.suggestedFixes()}</h2>
    <button class="text-soft underline" onclick={onclose}>{common.close()}</button>
  </div>
  {#if mending.failure}
    <Message sentence={mending.failure} />
  {:else if !mending.plan}
    <p class="text-soft">{msg.checkingEachSeam()}</p>
  {:else}
    {#if steps.length > 0}
      <ol class="space-y-2">
        {#each steps as step (keyOf(step.seam))}
          <li class="rounded-lg border-[1.5px] border-line p-2">
            <label class="flex cursor-pointer gap-2">
              <input type="checkbox" class="mt-1 size-5 shrink-0 accent-ink" checked onchange={() => mending.leaveOut(step)} />
              <span class="min-w-0">
                {@render where(step.broken)}
                <span class="mt-1 flex items-center gap-1.5 leading-snug"
                  ><SeamMark outcome={step.repair.verdict.outcome} size={20} /><span class="first-letter:uppercase">{step.repair.label}</span></span
                >
              </span>
            </label>
          </li>
        {/each}
      </ol>
    {/if}
    {#each mending.skipped as skipped (keyOf(skipped.seam))}
      <label class="flex cursor-pointer gap-2 rounded-lg border-[1.5px] border-dashed border-line p-2 text-soft">
        <input type="checkbox" class="mt-1 size-5 shrink-0 accent-ink" onchange={() => mending.takeIn(skipped)} />
        <span>{@render where(skipped.broken)}{msg.noChange()}</span>
      </label>
    {/each}
    {#each left as { seam, broken } (keyOf(seam))}
      <div class="rounded-lg bg-madder-wash p-2">
        {@render where(broken)}
        <span class="mt-1 block leading-snug">{msg.noFixKeepsYourCorners()}</span>
      </div>
    {/each}
    {#if steps.length === 0 && left.length === 0 && mending.skipped.length === 0}<p>{msg.everySeamCanBeDanced()}</p>{/if}
    <p class="text-sm text-soft">{msg.cornersHighlightsNotesAndThe()}</p>
    <div class="flex gap-2">
      {#if steps.length > 0}
        <button class="act act-main" {@attach focused} onclick={accept}>{msg.applyFixes({ fixes: steps.length })}</button>
      {/if}
      <button class="act" onclick={onclose}>{common.cancel()}</button>
    </div>
  {/if}
</section>
