<script lang="ts">
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
    { key: 'opening', label: 'begins with a figure that can open a routine' },
    { key: 'ending', label: 'ends on one that can close it' },
    { key: 'parts', label: 'whole figures, parts only as links' },
    { key: 'corners', label: 'corners only where a side is danced' },
    { key: 'required', label: 'what must come, comes whole' },
    { key: 'often', label: 'no figure again and again' },
    { key: 'thrice', label: 'none three times running' },
  ];

  /** The first of what is hit, and how much else. */
  function hitWords([first, ...more]: string[]) {
    return `Too tight in ${first}${more.length === 0 ? '' : `, and in ${more.length} more ${more.length === 1 ? 'place' : 'places'}`}.`;
  }

  function take(index: number) {
    const composition = composing.answer?.compositions[index];
    if (composition?.whole) desk.takePlan(composition.whole);
    else if (composition) desk.insert(composition.placements);
    onclose();
  }
</script>

<section class="space-y-3" aria-label="Compose">
  <h2 class="text-xl">{desk.placements.length === 0 ? 'Compose a beginning' : 'Compose what follows'}</h2>
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
          label="where"
          any="after this figure"
          value={composing.where}
          options={[
            { value: 'once more', label: `${section.title} again, with more at its end` },
            ...(section.times > 1 ? [{ value: 'last time', label: `the last ${section.title}, with more at its end` }] : []),
          ]}
          onchange={(where) => (composing.where = where as Where)}
        />
      {/if}
      {#if composing.where !== ''}
        <label class="inline-flex items-center gap-2">bars more <input class="field w-20 px-2" type="number" min="1" max="64" bind:value={composing.added} /></label>
      {:else}
        <label class="inline-flex items-center gap-2">fill to bar <input class="field w-20 px-2" type="number" min="1" max="256" bind:value={composing.toBar} /></label>
      {/if}
      {#if travels}
        <label class="inline-flex items-center gap-2">
          corners <input class="field w-20 px-2" type="number" min="0" max="8" placeholder="auto" bind:value={composing.corners} />
        </label>
      {/if}
    </div>
    <label class="flex items-center gap-2"><input type="checkbox" class="size-5 accent-ink" bind:checked={composing.bends} /> links may bend</label>
    {#if hasNext && composing.where === ''}
      <label class="flex items-center gap-2"><input type="checkbox" class="size-5 accent-ink" bind:checked={composing.meetsNext} /> it leads into what follows now</label>
    {/if}
    {#if travels}
      <label class="flex items-center gap-2"><input type="checkbox" class="size-5 accent-ink" bind:checked={composing.fitsRoom} /> in the room there is</label>
    {/if}
    <details>
      <summary class="cursor-pointer font-semibold">What it keeps to</summary>
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
      <summary class="cursor-pointer font-semibold">What the music asks</summary>
      <p class="mt-1 text-sm text-soft">{composing.where === '' ? 'Bars of the routine.' : 'Bars counted from 1 where the addition begins.'}</p>
      <label class="mt-1 grid grid-cols-[9.5rem_minmax(0,1fr)] items-center gap-2"
        >a figure begins with bar <input class="field w-full px-2" placeholder="9, 17" bind:value={composing.boundaries} /></label
      >
      <label class="mt-1 grid grid-cols-[9.5rem_minmax(0,1fr)] items-center gap-2"
        >the music strikes at bar <input class="field w-full px-2" placeholder="5, 13" bind:value={composing.hits} /></label
      >
      <p class="mt-2 font-semibold">Sparse or full</p>
      <ul>
        {#each composing.stretches as { title, from } (from)}
          <li class="grid grid-cols-[1fr_auto] items-center gap-2 py-0.5">
            <span class="first-letter:uppercase">{title}</span>
            <Choice
              quiet
              label={title}
              any="as usual"
              value={composing.fullnessFrom(from)}
              options={[
                { value: 'sparse', label: 'few steps' },
                { value: 'full', label: 'many steps' },
              ]}
              onchange={(fullness) => composing.fill(from, fullness as Fullness | '')}
            />
          </li>
        {/each}
      </ul>
    </details>
    <details>
      <summary class="cursor-pointer font-semibold">What counts how much</summary>
      <WeightFields usual={composing.usualWeights} bind:weights={composing.weights} />
    </details>
    <details>
      <summary class="cursor-pointer font-semibold">Figures that must or must not come</summary>
      <FigureWishes {figures} wishes={composing.wishes} onwish={(figure, wish) => composing.want(figure, wish)} />
    </details>
    <div class="flex gap-2">
      {#if composing.busy}
        <button type="button" class="act act-main" onclick={() => composing.stop()}>Stop</button>
        <span class="self-center text-soft" role="status">
          Composing … {#if composing.progress}{composing.progress.sequences.toLocaleString('en')} sequences looked at, {composing.progress.found} found{/if}
        </span>
      {:else}
        <button class="act act-main">Compose</button>
        <button type="button" class="act" onclick={onclose}>Leave it</button>
      {/if}
    </div>
  </form>
  {#if composing.failure}<Message sentence={composing.failure} />{/if}
  {#if composing.answer}
    {@const answer = composing.answer}
    <p class="text-soft" role="status" {@attach (line) => line.scrollIntoView({ block: 'start' })}>
      {#if answer.compositions.length === 0}
        {answer.exact ? 'There is no such sequence.' : 'None was found in time.'}
      {:else if answer.exact}
        These are the best there are.
      {:else}
        The best found; none can have more than {answer.bound} points.
      {/if}
    </p>
    {#each answer.notes as note, at (at)}<p class="text-soft">{note}</p>{/each}
    <ol class="space-y-2" aria-label="Compositions">
      {#each answer.compositions as composition, index (index)}
        <li class="rounded-lg border-[1.5px] border-line p-3">
          <div class="grid grid-cols-[1fr_auto] items-start gap-3">
            <p class="text-lg leading-snug font-semibold">{composition.difference}</p>
            <PathPicture path={composition.path} floor={desk.score?.floor} label={`The way of answer ${index + 1}`} />
          </div>
          <p class="mt-1 leading-snug">{composition.titles.join(' · ')}</p>
          {#if composition.hits.length > 0}
            <p class="mt-1 rounded-lg bg-madder-wash px-2 py-1 leading-snug">✕ {hitWords(composition.hits)}</p>
          {/if}
          <p class="mt-1 text-sm text-soft">
            {composition.points} points:
            {Object.entries(composition.reasons)
              .map(([reason, points]) => `${reason} ${points > 0 ? '+' : ''}${points}`)
              .join(', ') || 'nothing special'}
          </p>
          <button class="act mt-1" onclick={() => take(index)}>Take it</button>
        </li>
      {/each}
    </ol>
    {#if answer.relaxations.length > 0}
      <h3 class="text-base">It would go if you</h3>
      <ul class="list-disc pl-5" aria-label="Relaxations">
        {#each answer.relaxations as labels (labels.join())}<li>{labels.join(' and ')}</li>{/each}
      </ul>
    {/if}
  {/if}
</section>
