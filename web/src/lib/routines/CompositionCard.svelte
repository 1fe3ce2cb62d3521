<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { Composition } from '$lib/api/client';
  import Pin from '~icons/lucide/pin';
  import type { Composing } from './Composing.svelte';
  import PathPicture from './PathPicture.svelte';
  import StageStrip from './StageStrip.svelte';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    composition: Composition;
    index: number;
    desk: RoutineDesk;
    composing: Composing;
    ontake: (placements?: number) => void;
  }
  let { composition, index, desk, composing, ontake }: Props = $props();
  const WIDE = 216;
  let wide = $derived(composition.stages.length > 0);
  let chosen = $state<number>();
  let stage = $derived(chosen === undefined ? undefined : composition.stages[chosen]);
  let amalgamation = $derived(stage?.amalgamation);
  let upTo = $derived(composition.stages.slice(0, (chosen ?? -1) + 1).reduce((sum, { placements }) => sum + placements, 0));
  let heading = $derived(composition.leaning ? msg.leaning({ leaning: composition.leaning === 'easy for her' ? 'easy' : composition.leaning }) : composition.difference);

  /** The first of what is hit, and how much else. */
  function hitWords([first, ...more]: string[]) {
    return more.length === 0 ? msg.tooTight({ place: first ?? '' }) : msg.tooTightIn({ place: first ?? '', more: more.length });
  }
</script>

<li class="rounded-lg border-[1.5px] border-line p-3">
  <h3 class="text-lg leading-snug font-semibold">{heading}</h3>
  {#if composition.stages.length > 0}
    <StageStrip stages={composition.stages} {chosen} held={composing.held} onchoose={(at) => (chosen = chosen === at ? undefined : at)} />
  {:else}
    <p class="mt-1 leading-snug">{composition.titles.join(' · ')}</p>
  {/if}
  {#if stage}
    <div class="mt-2 rounded-lg bg-board p-2 leading-snug">
      <p class="font-semibold">{stage.title}</p>
      {#if stage.why}<p class="text-sm text-soft">{stage.why}</p>{/if}
      <div class="mt-1 flex flex-wrap gap-2">
        {#if amalgamation}
          <button class="act min-h-10 px-3" aria-pressed={composing.held.includes(amalgamation)} onclick={() => composing.hold(amalgamation)}
            ><Pin width={16} height={16} class="mr-1 inline" />{composing.held.includes(amalgamation) ? msg.letGo() : msg.holdThis()}</button
          >
          <button class="act min-h-10 px-3" onclick={() => composing.swap(composition, amalgamation)}>{msg.somethingElseHere()}</button>
        {/if}
        {#if !composition.whole && upTo < composition.placements.length}
          <button class="act min-h-10 px-3" onclick={() => ontake(upTo)}>{msg.useUpToBar({ bar: stage.lastBar })}</button>
        {/if}
      </div>
    </div>
  {/if}
  {#if composition.hits.length > 0}
    <p class="mt-1 rounded-lg bg-madder-wash px-2 py-1 leading-snug">✕ {hitWords(composition.hits)}</p>
  {/if}
  <div class={['mt-2 gap-4', wide && 'sm:grid sm:grid-cols-[minmax(0,1fr)_auto]']}>
    <div>
      {#if composition.because.length > 0}
        <ul class="space-y-0.5 leading-snug">
          {#each composition.because as sentence (sentence)}<li>{sentence}</li>{/each}
        </ul>
      {/if}
      <button class="act mt-2" onclick={() => ontake()}>{msg.useThis()}</button>
    </div>
    <div class="max-sm:mt-2"><PathPicture path={composition.path} floor={desk.score?.floor} width={wide ? WIDE : undefined} label={msg.pathOfAnswer({ index: index + 1 })} /></div>
  </div>
</li>
