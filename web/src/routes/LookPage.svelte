<script lang="ts">
  import type { Contact, Heading, PlaceOnFloor } from '$lib/api/client';
  import EndMark from '$lib/figures/EndMark.svelte';
  import Body from '$lib/floor/Body.svelte';
  import Print from '$lib/floor/Print.svelte';
  import TurnArc from '$lib/floor/TurnArc.svelte';
  import AlignmentGlyph from '$lib/glyphs/AlignmentGlyph.svelte';
  import AuditMark from '$lib/glyphs/AuditMark.svelte';
  import SeamMark from '$lib/glyphs/SeamMark.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Toggle from '$lib/ui/Toggle.svelte';

  const COLOURS = [
    { name: 'floor', use: 'the ground everything stands on' },
    { name: 'board', use: 'panels: what is read and written' },
    { name: 'line', use: 'edges, the wall' },
    { name: 'ink', use: 'letters, and the one act that matters here' },
    { name: 'soft', use: 'what explains the rest' },
    { name: 'spruce', use: 'man; holds; adds up' },
    { name: 'madder', use: 'lady; breaks; to mend' },
    { name: 'brass', use: 'time: phrases, the count, what is chosen on the floor' },
    { name: 'brass-deep', use: 'bends; corners; to look at' },
  ];
  const SIZES = [
    { look: 'font-title text-6xl font-bold', title: 'the count, the metre' },
    { look: 'font-title text-4xl font-semibold', title: 'title of a view' },
    { look: 'font-title text-2xl font-semibold', title: 'title of a panel, a bar' },
    { look: 'text-lg', title: 'what is read standing' },
    { look: '', title: 'what is read sitting' },
    { look: 'text-sm', title: 'the least there is' },
  ];
  const HEADINGS: Heading[] = [
    { name: 'LOD', wording: 'line of dance', degrees: 0 },
    { name: 'DC', wording: 'diagonally to centre', degrees: 45 },
    { name: 'C', wording: 'centre', degrees: 90 },
    { name: 'DW', wording: 'diagonally to wall', degrees: -45 },
    { name: 'ALOD', wording: 'against line of dance', degrees: 180 },
  ] as Heading[];
  const HERE: PlaceOnFloor = { x: 0, y: 0, degrees: 0 };
  const HEEL: Contact[] = [{ surface: 'heel' }, { surface: 'toe' }];
  const EDGE: Contact[] = [{ surface: 'ball', edge: 'inside' }];
  const FOOT = '-0.22 -0.22 0.44 0.44';
  const DANCER = '-0.42 -0.42 0.84 0.84';
  const END = { foot: 'RF', position: 'closed', facings: HEADINGS.slice(1, 3) };

  let level = $state('bronze');
  let on = $state(true);
</script>

{#snippet drawn(title: string, box: string, picture: import('svelte').Snippet)}
  <figure class="flex w-36 flex-col items-center gap-1 text-center">
    <svg viewBox={box} class="h-24 w-24" aria-hidden="true"><g transform="scale(1 -1)">{@render picture()}</g></svg>
    <figcaption class="leading-tight">{title}</figcaption>
  </figure>
{/snippet}

<div class="mx-auto flex max-w-[76rem] flex-col gap-4 px-6 py-5 max-sm:px-4">
  <h1 class="text-4xl max-sm:text-2xl">How things are drawn</h1>
  <p class="max-w-[60rem] text-lg leading-snug">
    Every mark of the program, drawn by the parts that draw it elsewhere. No mark speaks by its colour alone: shape says the same, so that it can be read in black and white and by
    every eye.
  </p>
  <div class="grid items-start gap-4 lg:grid-cols-2">
    <section class="panel p-5" aria-label="Grounds and colours">
      <h2 class="text-2xl">Grounds and colours</h2>
      <ul class="mt-2 grid gap-x-4 gap-y-1.5 sm:grid-cols-2">
        {#each COLOURS as { name, use } (name)}
          <li class="flex items-center gap-3">
            <span class="size-9 shrink-0 rounded-lg border-[1.5px] border-line" style:background={`var(--ff-${name})`}></span>
            <span class="leading-tight"><strong class="block">{name}</strong><span class="text-soft">{use}</span></span>
          </li>
        {/each}
      </ul>
    </section>
    <section class="panel p-5" aria-label="Letters and spaces">
      <h2 class="text-2xl">Letters and spaces</h2>
      <ul class="mt-1">
        {#each SIZES as { look, title } (title)}<li class={['leading-tight', look]}>{title}</li>{/each}
      </ul>
      <p class="mt-2 leading-snug text-soft">
        All spaces are steps of a quarter of a letter’s height: 4, 8, 12, 16 and 20 points. Edges are one and a half points, corners round by ten.
      </p>
    </section>
    <section class="panel p-5" aria-label="Verdicts">
      <h2 class="text-2xl">Verdicts</h2>
      <ul class="mt-2 flex flex-wrap gap-6">
        {#each [['holds', 'the halves have closed'], ['bends', 'they strain past each other'], ['breaks', 'they gape']] as const as [outcome, title] (outcome)}
          <li class="flex items-center gap-2">
            <SeamMark {outcome} /><span class="leading-tight"><strong class="block">{outcome}</strong><span class="text-soft">{title}</span></span>
          </li>
        {/each}
      </ul>
      <ul class="mt-3 flex flex-wrap gap-6">
        <li><AuditMark errors={0} warnings={0} /></li>
        <li><AuditMark errors={0} warnings={2} /></li>
        <li><AuditMark errors={1} warnings={0} /></li>
      </ul>
    </section>
    <section class="panel p-5" aria-label="Alignments">
      <h2 class="text-2xl">Alignments</h2>
      <p class="leading-snug text-soft">The wedge is the body seen from above, the bar is the wall, its arrow the line of dance.</p>
      <ul class="mt-2 flex flex-wrap gap-5">
        {#each HEADINGS as heading (heading.name)}<li class="flex flex-col items-center"><AlignmentGlyph {heading} size={44} /><span>{heading.name}</span></li>{/each}
      </ul>
      <p class="mt-3"><EndMark end={END as never} label="An end" /></p>
    </section>
    <section class="panel p-5 lg:col-span-2" aria-label="Man and lady">
      <h2 class="text-2xl">Man and lady</h2>
      <p class="leading-snug text-soft">
        He is filled and drawn through, she is outlined and dashed; his print is blunt, hers has the heel apart. Brass in a print is what of the foot meets the floor; the paler the
        print, the less weight.
      </p>
      <div class="mt-3 flex flex-wrap gap-4">
        {#snippet hisFoot()}<Print part="man" foot="right" place={HERE} contacts={HEEL} />{/snippet}
        {#snippet herFoot()}<Print part="lady" foot="left" place={HERE} contacts={HEEL} />{/snippet}
        {#snippet light()}<Print part="man" foot="right" place={HERE} weight={0.2} />{/snippet}
        {#snippet edge()}<Print part="lady" foot="left" place={HERE} contacts={EDGE} />{/snippet}
        {#snippet him()}<Body part="man" place={HERE} />{/snippet}
        {#snippet her()}<Body part="lady" place={HERE} />{/snippet}
        {#snippet hisTurn()}<Body part="man" place={HERE} /><TurnArc part="man" place={HERE} degrees={135} />{/snippet}
        {#snippet herTurn()}<Body part="lady" place={HERE} /><TurnArc part="lady" place={HERE} degrees={-135} />{/snippet}
        {@render drawn('his foot, heel then toe', FOOT, hisFoot)}
        {@render drawn('her foot, heel then toe', FOOT, herFoot)}
        {@render drawn('little weight', FOOT, light)}
        {@render drawn('inside edge of the ball', FOOT, edge)}
        {@render drawn('his body', DANCER, him)}
        {@render drawn('her body', DANCER, her)}
        {@render drawn('3/8 to the left', DANCER, hisTurn)}
        {@render drawn('3/8 to the right', DANCER, herTurn)}
      </div>
    </section>
    <section class="panel p-5 lg:col-span-2" aria-label="What is pressed and chosen">
      <h2 class="text-2xl">What is pressed and chosen</h2>
      <div class="mt-2 flex flex-wrap items-center gap-3">
        <button class="act act-main">The act that matters</button>
        <button class="act">Another act</button>
        <Choice label="Level" value={level} options={['bronze', 'silver', 'gold'].map((value) => ({ value, label: value }))} onchange={(chosen) => (level = chosen)} />
        <Toggle label="A switch" {on} onchange={(now) => (on = now)} />
        <input class="field" aria-label="A field" value="a field" />
        <kbd class="key">K</kbd>
      </div>
      <p class="mt-2 leading-snug text-soft">
        What moves says what has changed, within a fifth of a second: a seam closes, a repair slides in. Where the system asks for less motion nothing moves.
      </p>
    </section>
  </div>
</div>
