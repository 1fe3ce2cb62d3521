<script lang="ts">
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import type { RoutineEffect } from '$lib/api/client';
  import { Dialog } from 'bits-ui';
  import { bends, breaks } from './FigureSheet.svelte';

  interface Props {
    title: string;
    effects: RoutineEffect[];
    onkeep: () => void;
    oncopy: () => void;
    oncancel: () => void;
  }
  let { title, effects, onkeep, oncopy, oncancel }: Props = $props();

  let broken = $derived(effects.filter(breaks));
  let bent = $derived(effects.filter(bends));
  let unharmed = $derived(effects.filter((effect) => !breaks(effect) && !bends(effect)));

  function seams(effect: RoutineEffect) {
    const breaking = effect.seams.filter(({ outcome }) => outcome === 'breaks').length;
    const bending = effect.seams.length - breaking;
    return [breaking > 0 && msg.seamsWouldBreak({ seams: breaking }), bending > 0 && msg.seamsWouldBend({ seams: bending })].filter(Boolean).join(', ');
  }
</script>

<Dialog.Root open onOpenChange={(open) => !open && oncancel()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/40" />
    <Dialog.Content class="panel fixed top-1/2 left-1/2 z-50 flex max-h-[90vh] w-[min(44rem,94vw)] -translate-x-1/2 -translate-y-1/2 flex-col gap-3 p-5 shadow-2xl">
      <Dialog.Title class="font-title text-2xl font-semibold">{msg.routinesUseThisFigure()}</Dialog.Title>
      <Dialog.Description class="leading-snug">
        {broken.length < effects.length ? msg.usedInSomeBreak({ title, routines: effects.length, broken: broken.length }) : msg.usedIn({ title, routines: effects.length })}
      </Dialog.Description>
      <ul class="min-h-0 flex-1 space-y-3 overflow-y-auto" aria-label={msg.seamsThatWouldBreak()}>
        {#each [...broken, ...bent] as effect (effect.routine)}
          <li class={['rounded-lg p-3', breaks(effect) ? 'bg-madder-wash' : 'bg-brass/15']}>
            <p class="flex flex-wrap items-baseline justify-between gap-2">
              <strong>{effect.title}{effect.seams.length > 0 ? `: ${seams(effect)}` : ''}</strong>
              <a class="underline" href={`#/routines/${effect.routine}${effect.seams[0] ? `?figure=${effect.seams[0].after}` : ''}`}>{msg.open()}</a>
            </p>
            <ul class="mt-1 space-y-1 leading-snug">
              {#each effect.seams as seam (seam.after)}
                <li>{msg.barTo({ bar: seam.bar, before: seam.before, next: seam.next })} <span class="text-soft">{seam.reason}</span></li>
              {/each}
              {#each effect.problems as problem, index (index)}<li>{msg.theRoutineCouldNotBe({ problem })}</li>{/each}
            </ul>
          </li>
        {/each}
        {#if unharmed.length > 0}<li class="text-soft">{msg.unchanged({ join: unharmed.map((effect) => effect.title).join(', ') })}</li>{/if}
      </ul>
      <div class="flex flex-wrap gap-2">
        <button class="act act-main" onclick={oncopy}>{msg.saveAsACopy()}</button>
        <button class="act" onclick={onkeep}>{msg.saveAndMarkTheRoutines()}</button>
        <button class="act" onclick={oncancel}>{common.cancel()}</button>
      </div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
