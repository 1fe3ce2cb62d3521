<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import type { FigureSummary } from '$lib/api/client';
  import Message from '$lib/ui/Message.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import { untrack } from 'svelte';
  import { Composing, type Fullness, type Where } from './Composing.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import FigureWishes from './FigureWishes.svelte';
  import WeightFields from './WeightFields.svelte';
  import PathPicture from './PathPicture.svelte';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    desk: RoutineDesk;
    figures: FigureSummary[];
    fillsGap: boolean;
    onclose: () => void;
  }
  let { desk, figures, fillsGap, onclose }: Props = $props();
  const composing = new Composing(() => desk);
  composing.meetsNext = untrack(() => fillsGap);
  let travels = $derived(reference.dance(desk.routine.dance)?.travels ?? false);
  let bars = $derived(desk.score?.placements[desk.selected]?.bar ?? 0);
  composing.toBar = untrack(() => (fillsGap ? bars + 6 : (Math.floor(bars / 8) + 2) * 8));
  let section = $derived(desk.section);
  let hasNext = $derived(desk.selected + 1 < (desk.score?.placements.length ?? 0));

  const TASTE = [
    { key: 'opening', label: msg.startWithAFigureThat() },
    { key: 'ending', label: msg.endWithAFigureThat() },
    { key: 'parts', label: msg.wholeFiguresPartsOnlyAs() },
    { key: 'corners', label: msg.cornersOnlyAtTheEnd() },
    { key: 'required', label: msg.requiredFiguresComeWhole() },
    { key: 'often', label: msg.noFigureTooOften() },
    { key: 'thrice', label: msg.noFigureThreeTimesRunning() },
  ];

  /** The first of what is hit, and how much else. */
  function hitWords([first, ...more]: string[]) {
    return more.length === 0 ? msg.tooTight({ place: first ?? '' }) : msg.tooTightIn({ place: first ?? '', more: more.length });
  }

  function take(index: number) {
    const composition = composing.answer?.compositions[index];
    if (composition?.whole) desk.takePlan(composition.whole);
    else if (composition) desk.insert(composition.placements);
    onclose();
  }
</script>

<section class="space-y-3" aria-label={msg.compose()}>
  <h2 class="text-xl">{desk.placements.length === 0 ? msg.composeTheOpening() : msg.composeWhatFollows()}</h2>
  <form
    class="space-y-2"
    onsubmit={(event) => {
      event.preventDefault();
      void composing.ask();
    }}
  >
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 text-lg">
      {#if section}
        <Choice
          label={msg.where()}
          any={msg.afterThisFigure()}
          value={composing.where}
          options={[
            { value: 'once more', label: msg.againWithALongerEnding({ title: section.title }) },
            ...(section.times > 1 ? [{ value: 'last time', label: msg.theLastWithALonger({ title: section.title }) }] : []),
          ]}
          onchange={(where) => (composing.where = where as Where)}
        />
      {/if}
      {#if composing.where !== ''}
        <label class="inline-flex items-center gap-2">{msg.moreBars()} <input class="field w-20 px-2" type="number" min="1" max="64" bind:value={composing.added} /></label>
      {:else}
        <label class="inline-flex items-center gap-2"
          >{msg.lengthToBar()} <input class="field w-20 px-2" type="number" {...limits.CompositionQuestion.toBar} bind:value={composing.toBar} /></label
        >
      {/if}
      {#if travels}
        <label class="inline-flex items-center gap-2">
          {msg.corners()} <input class="field w-20 px-2" type="number" {...limits.CompositionQuestion.corners} placeholder={msg.auto()} bind:value={composing.corners} />
        </label>
      {/if}
    </div>
    <label class="flex items-center gap-2"><input type="checkbox" class="size-5 accent-ink" bind:checked={composing.bends} /> {msg.allowSeamsThatBend()}</label>
    {#if hasNext && composing.where === ''}
      <label class="flex items-center gap-2"><input type="checkbox" class="size-5 accent-ink" bind:checked={composing.meetsNext} /> {msg.leadIntoTheNextFigure()}</label>
    {/if}
    {#if travels}
      <label class="flex items-center gap-2"><input type="checkbox" class="size-5 accent-ink" bind:checked={composing.fitsRoom} /> {msg.stayWithinTheFloor()}</label>
    {/if}
    <details>
      <summary class="cursor-pointer font-semibold">{msg.rules()}</summary>
      <ul class="mt-1">
        {#each TASTE as { key, label } (key)}
          <li>
            <label class="flex items-center gap-2 py-0.5">
              <input
                type="checkbox"
                class="size-5 accent-ink"
                checked={!composing.lifted.includes(key)}
                onchange={(event) => (composing.lifted = event.currentTarget.checked ? composing.lifted.filter((each) => each !== key) : [...composing.lifted, key])}
              />
              {label}
            </label>
          </li>
        {/each}
      </ul>
    </details>
    <details>
      <summary class="cursor-pointer font-semibold">{common.music()}</summary>
      <p class="mt-1 text-sm text-soft">{composing.where === '' ? msg.barsOfTheRoutine() : msg.barsCountedFrom1Where()}</p>
      <label class="mt-1 grid grid-cols-[9.5rem_minmax(0,1fr)] items-center gap-2"
        >{msg.figuresStartOnBars()} <input class="field w-full px-2" placeholder="9, 17" bind:value={composing.boundaries} /></label
      >
      <label class="mt-1 grid grid-cols-[9.5rem_minmax(0,1fr)] items-center gap-2"
        >{msg.hitsInBars()} <input class="field w-full px-2" placeholder="5, 13" bind:value={composing.hits} /></label
      >
      <p class="mt-2 font-semibold">{msg.fewerOrMoreSteps()}</p>
      <ul>
        {#each composing.stretches as { title, from } (from)}
          <li class="grid grid-cols-[1fr_auto] items-center gap-2 py-0.5">
            <span class="first-letter:uppercase">{title}</span>
            <Choice
              quiet
              label={title}
              any={msg.asUsual()}
              value={composing.fullnessFrom(from)}
              options={[
                { value: 'sparse', label: msg.fewSteps() },
                { value: 'full', label: msg.manySteps() },
              ]}
              onchange={(fullness) => composing.fill(from, fullness as Fullness | '')}
            />
          </li>
        {/each}
      </ul>
    </details>
    <details>
      <summary class="cursor-pointer font-semibold">{msg.priorities()}</summary>
      <WeightFields usual={composing.usualWeights} bind:weights={composing.weights} />
    </details>
    <details>
      <summary class="cursor-pointer font-semibold">{msg.mustIncludeMustAvoid()}</summary>
      <FigureWishes {figures} wishes={composing.wishes} onwish={(figure, wish) => composing.want(figure, wish)} />
    </details>
    <div class="flex gap-2">
      {#if composing.busy}
        <button type="button" class="act act-main" onclick={() => composing.stop()}>{msg.stop()}</button>
        <span class="self-center text-soft" role="status">
          {msg.composing()}
          {#if composing.progress}{msg.sequencesTried({ sequences: composing.progress.sequences, found: composing.progress.found })}{/if}
        </span>
      {:else}
        <button class="act act-main">{msg.compose()}</button>
        <button type="button" class="act" onclick={onclose}>{common.cancel()}</button>
      {/if}
    </div>
  </form>
  {#if composing.failure}<Message sentence={composing.failure} />{/if}
  {#if composing.answer}
    {@const answer = composing.answer}
    <p class="text-soft" role="status" {@attach (line) => line.scrollIntoView({ block: 'start' })}>
      {#if answer.compositions.length === 0}
        {answer.exact ? msg.noSequenceMeetsTheseWishes() : msg.noSequenceWasFoundIn()}
      {:else if answer.exact}
        {msg.theseAreTheBestPossible()}
      {:else}
        {msg.bestFoundNoSequenceCan({ bound: answer.bound })}
      {/if}
    </p>
    {#each answer.notes as note, at (at)}<p class="text-soft">{note}</p>{/each}
    <ol class="space-y-2" aria-label={msg.compositions()}>
      {#each answer.compositions as composition, index (index)}
        <li class="rounded-lg border-[1.5px] border-line p-3">
          <div class="grid grid-cols-[1fr_auto] items-start gap-3">
            <p class="text-lg leading-snug font-semibold">{composition.difference}</p>
            <PathPicture path={composition.path} floor={desk.score?.floor} label={msg.pathOfAnswer({ index: index + 1 })} />
          </div>
          <p class="mt-1 leading-snug">{composition.titles.join(' · ')}</p>
          {#if composition.hits.length > 0}
            <p class="mt-1 rounded-lg bg-madder-wash px-2 py-1 leading-snug">✕ {hitWords(composition.hits)}</p>
          {/if}
          <p class="mt-1 text-sm text-soft">
            {msg.pointsFor({
              points: composition.points,
              reasons:
                Object.entries(composition.reasons)
                  .map(([reason, points]) => `${reason} ${points > 0 ? '+' : ''}${points}`)
                  .join(', ') || msg.nothingSpecial(),
            })}
          </p>
          <button class="act mt-1" onclick={() => take(index)}>{msg.useThis()}</button>
        </li>
      {/each}
    </ol>
    {#if answer.relaxations.length > 0}
      <h3 class="text-base">{msg.changesThatWouldHelp()}</h3>
      <ul aria-label={msg.relaxations()}>
        {#each answer.relaxations as { labels, question } (labels.join())}
          <li class="flex flex-wrap items-center gap-2 py-1">
            <span class="flex-1">{labels.join(msg.and())}</span>
            {#if question}<button class="act min-h-10 px-3" onclick={() => composing.relax(question)}>{msg.applyAndCompose()}</button>{/if}
          </li>
        {/each}
      </ul>
    {/if}
  {/if}
</section>
