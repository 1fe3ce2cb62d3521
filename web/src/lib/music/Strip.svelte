<script lang="ts">
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

  function left(bar: number) {
    return `${(100 * (bar - range.from)) / bars}%`;
  }
  function width(count: number) {
    return `${(100 * count) / bars}%`;
  }
</script>

<div class="relative h-10" aria-label="Sections" role="group">
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
      title={`${section.title}, bars ${section.bar} to ${section.bar + section.bars - 1}`}
      aria-label={`${section.title}, bars ${section.bar} to ${section.bar + section.bars - 1}`}
      onclick={() => onlook?.(section.bar, section.bar + section.bars - 1)}
    >
      {#if (to - from) / bars > section.title.length / 150}{section.title}{/if}
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
<div class="relative h-6" role="list" aria-label="Hits">
  {#each hits as hit (hit.at)}
    {@const at = hit.at / beatsPerBar + 1}
    {#if at >= range.from && at < range.to + 1}
      <span
        role="listitem"
        class="absolute -translate-x-1/2 text-madder"
        style={`left: ${left(at)}`}
        title={`${hit.kind}, bar ${Math.floor(at)}`}
        aria-label={`${hit.kind} in bar ${Math.floor(at)}, beat ${Math.round(10 * ((hit.at % beatsPerBar) + 1)) / 10}`}
        >{MARKS[hit.kind] ?? '▼'}{#if bars <= 34}<span class="pl-1 text-sm">{hit.kind}</span>{/if}</span
      >
    {/if}
  {/each}
</div>
