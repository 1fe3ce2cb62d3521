<script lang="ts">
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import FloorPlan from '$lib/floor/FloorPlan.svelte';
  import Pause from '~icons/lucide/pause';
  import Play from '~icons/lucide/play';
  import SkipBack from '~icons/lucide/skip-back';
  import SkipForward from '~icons/lucide/skip-forward';
  import type { DeskView } from './DeskView.svelte';

  interface Props {
    view: DeskView;
    /** Whether anything in the room is hit, so that the room's report is drawn though its panel is closed. */
    hit: boolean;
  }
  let { view, hit }: Props = $props();

  let playback = $derived(view.playback);
  let score = $derived(view.room.triedScore ?? view.desk.score);
  let man = $derived(playback.current('man'));
  let lady = $derived(playback.current('lady'));

  /** Which section a placement belongs to, counted from 0. */
  function sectionOf(placement: number) {
    const index = view.desk.score?.placements[placement]?.index ?? 0;
    return view.desk.placements.slice(0, index + 1).filter((each) => each.section).length;
  }
</script>

<section class="panel flex min-h-96 flex-col overflow-hidden lg:min-h-0" aria-label={msg.floor()}>
  <div class="flex flex-wrap items-center gap-3 border-b-[1.5px] border-line px-3 py-2">
    <button class="act" aria-label={common.previousStep()} onclick={() => view.step(-1)}><SkipBack width={18} height={18} /></button>
    <button class="act act-main w-28 justify-center" onclick={() => playback.toggle()}>
      {#if playback.playing}<Pause width={18} height={18} /> {common.pause()}{:else}<Play width={18} height={18} /> {common.play()}{/if}
    </button>
    <button class="act" aria-label={common.nextStep()} onclick={() => view.step(1)}><SkipForward width={18} height={18} /></button>
    <span class="min-w-16 text-center font-title text-5xl leading-none font-bold" data-testid="count">{man?.count ?? '–'}</span>
    <span class="leading-tight text-soft">{msg.bar2()}<span class="block font-title text-xl font-semibold text-ink">{man?.bar ?? '–'}</span></span>
    <span class="min-w-60 flex-1 leading-snug">
      <span class="block"><strong class="text-spruce">{common.man2()}</strong> {man?.wording ?? common.ready()}</span>
      <span class="block"><strong class="text-madder">{common.lady2()}</strong> {lady?.wording ?? common.ready()}</span>
      {#if man && lady}
        <span class="block text-sm leading-tight text-soft" data-testid="where">
          {msg.sFreeAndFacingAnd({
            toFixed: man.seconds.toFixed(1),
            freeFoot: man.freeFoot,
            freeFoot2: lady.freeFoot,
            name: man.facing.name,
            name2: lady.facing.name,
          })}{#if man.roundCorner && lady.roundCorner}
            {msg.afterTheCornerAnd({ name: man.roundCorner.name, name2: lady.roundCorner.name })}{/if}
          {msg.hold({ position: man.position, hold: man.hold })}
        </span>
      {/if}
    </span>
  </div>
  <div class="min-h-0 flex-1 p-2">
    {#if score && view.complete}
      <FloorPlan
        {score}
        beat={playback.beat}
        selected={view.desk.selected}
        report={view.panel === 'floor' || hit ? view.room.report : undefined}
        {sectionOf}
        ondrag={view.panel === 'floor' && !view.room.tried ? (change) => view.desk.standOn({ ...score.floor, ...view.desk.routine.floor, ...change }) : undefined}
      />
    {/if}
  </div>
</section>
