<script lang="ts">
  import { barsWords } from '$lib/ui/barsWords';
  import msg from '$lib/messages/routines';
  import AlignmentGlyph from '$lib/glyphs/AlignmentGlyph.svelte';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';
  import CornerMark from '~icons/lucide/corner-left-up';
  import Star from '~icons/lucide/star';
  import { FirstScreen } from '$lib/ui/FirstScreen.svelte';
  import { Reordering } from '$lib/ui/Reordering.svelte';
  import { ordinal } from '$lib/ui/ordinal';
  import type { Collision } from '$lib/api/client';
  import { intoView } from '$lib/ui/intoView';
  import { saidAt } from './where';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    desk: RoutineDesk;
    beat: number;
    /** What is hit, by passage. */
    hits: Collision[];
    onchoose: (placement: number) => void;
    onseam: (placement: number) => void;
  }
  let { desk, beat, hits, onchoose, onseam }: Props = $props();

  const REM_PER_BAR = 4.5;
  const CARDS_SEEN = 8;
  const screen = new FirstScreen(CARDS_SEEN);
  const reordering = new Reordering((from, to) => desk.move(from, to));
  let placements = $derived(desk.score?.placements ?? []);
  let hasSections = $derived(desk.placements.some(({ section }) => section));
  let beatsPerBar = $derived(desk.score?.beatsPerBar ?? 4);

  function width(beats: number) {
    return `${Math.max(8.25, (beats / beatsPerBar) * REM_PER_BAR)}rem`;
  }

  function startsPhrase(onset: number) {
    return desk.score?.phrases.includes(onset) ?? false;
  }
</script>

<ol class="flex min-h-40 items-stretch overflow-x-auto px-1 pt-1 pb-3" aria-label={msg.reelOfFigures()}>
  {#each screen.of(placements) as placement, index (index)}
    {@const seam = desk.seamAfter(index)}
    {@const section = desk.sectionOf(placement.index)}
    {@const before = placements[index - 1]}
    {@const opens = section !== undefined && (before?.round !== placement.round || section !== desk.sectionOf(before?.index ?? -1))}
    {@const dancing = beat > 0 && beat >= placement.onset && beat < placement.onset + placement.beats}
    <li class={['relative flex items-stretch', hasSections && 'border-t-4 pt-6', section ? 'border-brass/50' : 'border-transparent']}>
      {#if opens && section}
        <span class="absolute -top-0.5 left-0 z-10 max-w-44 truncate font-title font-semibold whitespace-nowrap">
          {section.title}{#if section.times > 1}<span class="text-brass-deep">{msg.of({ round: ordinal(placement.round), times: section.times })}</span>{/if}
        </span>
      {/if}
      <button
        id={`placement-${index}`}
        {...reordering.of(index, placement.title)}
        {@attach index === desk.selected && intoView}
        style={`width: ${width(placement.beats)}`}
        class={[
          'panel relative flex cursor-pointer flex-col items-start gap-1 overflow-hidden px-2.5 py-2 text-left',
          index === desk.selected && 'border-ink outline-2 outline-ink',
          dancing && 'bg-spruce-wash',
          reordering.isOver(index) && 'outline-4 outline-brass',
          desk.placements[placement.index]?.element && 'border-dashed',
        ]}
        aria-pressed={index === desk.selected}
        aria-label={saidAt(placement)}
        onclick={() => onchoose(index)}
      >
        {#if startsPhrase(placement.onset)}
          <span class="absolute top-0 left-0 h-1.5 w-full bg-brass" title={msg.aPhraseStartsHere()}></span>
        {/if}
        <span class="flex w-full items-baseline justify-between gap-1">
          <span class="font-title text-2xl leading-none font-bold">{placement.bar}{placement.beat > 1 ? `·${placement.beat}` : ''}</span>
          <span class="text-sm whitespace-nowrap text-soft">{barsWords(placement.bars)}</span>
        </span>
        <span class="leading-tight font-semibold wrap-break-word">{placement.title}</span>
        {#if placement.way}<span class="text-sm leading-tight text-soft">{placement.way}</span>{/if}
        {#each hits.filter((hit) => hit.placement === index).slice(0, 1) as hit, at (at)}
          <span class="text-sm leading-tight font-semibold text-madder">✕ {hit.wall ? msg.intoTheWall() : hit.what}</span>
        {/each}
        <span class="mt-auto flex w-full items-center justify-between">
          <AlignmentGlyph heading={placement.entry} size={26} />
          {#if placement.highlight}<Star width={16} height={16} class="fill-brass text-brass" aria-label={msg.highlight2()} />{/if}
          <AlignmentGlyph heading={placement.exit} size={26} />
        </span>
        {#if desk.placements[placement.index]?.rounds}<span class="sr-only">{msg.onlyTime({ rounds: desk.placements[placement.index]?.rounds ?? '' })}</span>{/if}
      </button>
      {#if seam}
        <button
          class="flex w-15 cursor-pointer flex-col items-center justify-center rounded-lg text-sm font-semibold hover:bg-board"
          data-outcome={seam.verdict.outcome}
          aria-label={(seam.corner ? msg.seamWithCorner : msg.seamAfter)({ title: placement.title, outcome: seam.verdict.outcome })}
          onclick={() => onseam(index)}
        >
          {#if seam.corner}<span class="flex items-center gap-0.5 text-brass-deep"><CornerMark width={15} height={15} />{msg.corner()}</span>{/if}
          <SeamMark outcome={seam.verdict.outcome} />
          <span class={seam.verdict.outcome === 'breaks' ? 'text-madder' : seam.verdict.outcome === 'bends' ? 'text-brass-deep' : 'text-spruce'}>
            {seam.verdict.outcome}
          </span>
        </button>
      {/if}
    </li>
  {:else}
    <li class="grid flex-1 place-items-center rounded-xl border-2 border-dashed border-line p-6 text-center text-lg text-soft">
      {msg.thisRoutineIsEmptyChoose()}
    </li>
  {/each}
</ol>
