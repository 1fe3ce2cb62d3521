<script lang="ts">
  import msg from '$lib/messages/look';
  import common from '$lib/messages/common';
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
    { name: 'floor', use: msg.theGroundEverythingStandsOn() },
    { name: 'board', use: msg.panelsWhatIsReadAnd() },
    { name: 'line', use: msg.edgesTheWall() },
    { name: 'ink', use: msg.textAndTheMainAction() },
    { name: 'soft', use: msg.whatExplainsTheRest() },
    { name: 'spruce', use: msg.manHoldsAddsUp() },
    { name: 'madder', use: msg.ladyBreaksToFix() },
    { name: 'brass', use: msg.timePhrasesTheCountWhat() },
    { name: 'brass-deep', use: msg.bendsCornersToCheck() },
  ];
  const SIZES = [
    { look: 'font-title text-6xl font-bold', title: msg.theCountTheMetre() },
    { look: 'font-title text-4xl font-semibold', title: msg.titleOfAView() },
    { look: 'font-title text-2xl font-semibold', title: msg.titleOfAPanelA() },
    { look: 'text-lg', title: msg.whatIsReadStanding() },
    { look: '', title: msg.whatIsReadSitting() },
    { look: 'text-sm', title: msg.theLeastThereIs() },
  ];
  const HEADINGS: Heading[] = [
    { name: 'LOD', wording: msg.lineOfDance(), degrees: 0 },
    { name: 'DC', wording: msg.diagonallyToCentre(), degrees: 45 },
    { name: 'C', wording: 'centre', degrees: 90 },
    { name: 'DW', wording: msg.diagonallyToWall(), degrees: -45 },
    { name: 'ALOD', wording: msg.againstLineOfDance(), degrees: 180 },
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
  <h1 class="text-4xl max-sm:text-2xl">{common.symbolsAndColours()}</h1>
  <p class="max-w-[60rem] text-lg leading-snug">
    {msg.everySymbolOfTheProgram()}
  </p>
  <div class="grid items-start gap-4 lg:grid-cols-2">
    <section class="panel p-5" aria-label={msg.groundsAndColours()}>
      <h2 class="text-2xl">{msg.groundsAndColours()}</h2>
      <ul class="mt-2 grid gap-x-4 gap-y-1.5 sm:grid-cols-2">
        {#each COLOURS as { name, use } (name)}
          <li class="flex items-center gap-3">
            <span class="size-9 shrink-0 rounded-lg border-[1.5px] border-line" style:background={`var(--ff-${name})`}></span>
            <span class="leading-tight"><strong class="block">{name}</strong><span class="text-soft">{use}</span></span>
          </li>
        {/each}
      </ul>
    </section>
    <section class="panel p-5" aria-label={msg.typeAndSpacing()}>
      <h2 class="text-2xl">{msg.typeAndSpacing()}</h2>
      <ul class="mt-1">
        {#each SIZES as { look, title } (title)}<li class={['leading-tight', look]}>{title}</li>{/each}
      </ul>
      <p class="mt-2 leading-snug text-soft">
        {msg.allSpacingIsInSteps()}
      </p>
    </section>
    <section class="panel p-5" aria-label={msg.verdicts()}>
      <h2 class="text-2xl">{msg.verdicts()}</h2>
      <ul class="mt-2 flex flex-wrap gap-6">
        {#each [['holds', msg.theHalvesHaveClosed()], ['bends', msg.theyStrainPastEachOther()], ['breaks', msg.theyGape()]] as const as [outcome, title] (outcome)}
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
    <section class="panel p-5" aria-label={msg.alignments()}>
      <h2 class="text-2xl">{msg.alignments()}</h2>
      <p class="leading-snug text-soft">{msg.theWedgeIsTheBody()}</p>
      <ul class="mt-2 flex flex-wrap gap-5">
        {#each HEADINGS as heading (heading.name)}<li class="flex flex-col items-center"><AlignmentGlyph {heading} size={44} /><span>{heading.name}</span></li>{/each}
      </ul>
      <p class="mt-3"><EndMark end={END as never} label={msg.anEnd()} /></p>
    </section>
    <section class="panel p-5 lg:col-span-2" aria-label={msg.manAndLady()}>
      <h2 class="text-2xl">{msg.manAndLady()}</h2>
      <p class="leading-snug text-soft">
        {msg.theManIsFilledWith()}
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
        {@render drawn(msg.hisFootHeelThenToe(), FOOT, hisFoot)}
        {@render drawn(msg.herFootHeelThenToe(), FOOT, herFoot)}
        {@render drawn(msg.littleWeight(), FOOT, light)}
        {@render drawn(msg.insideEdgeOfTheBall(), FOOT, edge)}
        {@render drawn(msg.hisBody(), DANCER, him)}
        {@render drawn(msg.herBody(), DANCER, her)}
        {@render drawn(msg.n38ToTheLeft(), DANCER, hisTurn)}
        {@render drawn(msg.n38ToTheRight(), DANCER, herTurn)}
      </div>
    </section>
    <section class="panel p-5 lg:col-span-2" aria-label={msg.controls()}>
      <h2 class="text-2xl">{msg.controls()}</h2>
      <div class="mt-2 flex flex-wrap items-center gap-3">
        <button class="act act-main">{msg.mainAction()}</button>
        <button class="act">{msg.otherAction()}</button>
        <Choice label={common.level()} value={level} options={['bronze', 'silver', 'gold'].map((value) => ({ value, label: value }))} onchange={(chosen) => (level = chosen)} />
        <Toggle label={msg.aSwitch()} {on} onchange={(now) => (on = now)} />
        <input class="field" aria-label={msg.aField()} value="a field" />
        <kbd class="key">K</kbd>
      </div>
      <p class="mt-2 leading-snug text-soft">
        {msg.movementShowsWhatHasChanged()}
      </p>
    </section>
  </div>
</div>
