<script lang="ts">
  import msg from '$lib/messages/music';
  import { GROUNDS, MARKS, phraseStarts, type StripHit, type StripSection } from './strip';

  interface Props {
    sections: StripSection[];
    hits: StripHit[];
    beatsPerBar: number;
    /** The bars that are shown, from and to. */
    range: { from: number; to: number };
    onlook?: (from: number, to: number) => void;
  }
  let { sections, hits, beatsPerBar, range, onlook }: Props = $props();

  let bars = $derived(range.to - range.from + 1);
  let shown = $derived(sections.filter((section) => section.bar <= range.to && section.bar + section.bars > range.from));
  /** Every how many bars a number stands. */
  let every = $derived(bars > 140 ? 16 : bars > 70 ? 8 : bars > 34 ? 4 : bars > 17 ? 2 : 1);
  let numbered = $derived(Array.from({ length: bars }, (_, index) => range.from + index).filter((bar) => (bar - 1) % every === 0 || shown.some((section) => section.bar === bar)));

  /** About how wide a letter is, pixels: what has no room for its name is told by its colour or mark alone. */
  const LETTER = 9.5;
  let wide = $state(0);

  function fits(text: string, share: number) {
    return share * wide > (text.length + 1.5) * LETTER;
  }

  /** A hit is named where there is room before the next. */
  let marks = $derived.by(() => {
    const within = hits
      .map((hit) => ({ kind: hit.kind, at: hit.at / beatsPerBar + 1, beat: Math.round(10 * ((hit.at % beatsPerBar) + 1)) / 10 }))
      .filter((hit) => hit.at >= range.from && hit.at < range.to + 1);
    const sorted = within.sort((one, other) => one.at - other.at);
    return sorted.map((hit, index) => ({ ...hit, named: fits(`▼ ${hit.kind}`, ((sorted[index + 1]?.at ?? range.to + 1) - hit.at) / bars) }));
  });

  function left(bar: number) {
    return `${(100 * (bar - range.from)) / bars}%`;
  }
  function width(count: number) {
    return `${(100 * count) / bars}%`;
  }
</script>

<div class="relative h-10" aria-label={msg.sections()} role="group" bind:clientWidth={wide}>
  {#each shown as section (section.bar)}
    {@const from = Math.max(section.bar, range.from)}
    {@const to = Math.min(section.bar + section.bars, range.to + 1)}
    <button
      class={[
        'absolute inset-y-0 overflow-hidden rounded-md border-[1.5px] border-line px-1 text-left font-title leading-9 font-semibold whitespace-nowrap',
        GROUNDS[section.kind],
        onlook && 'cursor-pointer hover:border-ink',
      ]}
      style={`left: ${left(from)}; width: ${width(to - from)}`}
      title={msg.barsTo({ title: section.title, bar: section.bar, bar2: section.bar + section.bars - 1 })}
      aria-label={msg.barsTo({ title: section.title, bar: section.bar, bar2: section.bar + section.bars - 1 })}
      onclick={() => onlook?.(section.bar, section.bar + section.bars - 1)}
    >
      {#if fits(section.title, (to - from) / bars)}{section.title}{/if}
    </button>
  {/each}
</div>
<div class="relative h-7 text-sm" aria-hidden="true">
  {#each shown.flatMap(phraseStarts) as bar (bar)}
    {#if bar >= range.from && bar <= range.to}<span class="absolute top-0 h-7 border-l-2 border-ink" style={`left: ${left(bar)}`}></span>{/if}
  {/each}
  {#each numbered as bar (bar)}
    <span class="absolute top-1 pl-1 text-soft" style={`left: ${left(bar)}`}>{bar}</span>
  {/each}
</div>
<div class="relative h-6" role="list" aria-label={msg.hits()}>
  {#each marks as mark (mark.at)}
    <span
      role="listitem"
      class="absolute whitespace-nowrap text-madder"
      style={`left: ${left(mark.at)}`}
      title={msg.bar4({ kind: mark.kind, at: Math.floor(mark.at) })}
      aria-label={msg.inBarBeat({ kind: mark.kind, at: Math.floor(mark.at), beat: mark.beat })}
      >{MARKS[mark.kind] ?? '▼'}{#if mark.named}<span class="pl-1 text-sm">{mark.kind}</span>{/if}</span
    >
  {/each}
</div>
