<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import type { FigureSummary } from '$lib/api/client';
  import Message from '$lib/ui/Message.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import { ENERGIES, type Composing, type Energy, type Fullness, type Where } from './Composing.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import FigureWishes from './FigureWishes.svelte';
  import WeightFields from './WeightFields.svelte';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    desk: RoutineDesk;
    composing: Composing;
    figures: FigureSummary[];
    onclose: () => void;
  }
  let { desk, composing, figures, onclose }: Props = $props();
  let travels = $derived(reference.dance(desk.routine.dance)?.travels ?? false);
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
</script>

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
  {#if !composing.meetsNext}
    <Choice
      label={msg.energyOverTheRoutine()}
      value={composing.energy}
      options={Object.keys(ENERGIES).map((energy) => ({ value: energy, label: msg.energyCurve({ energy }) }))}
      onchange={(energy) => (composing.energy = energy as Energy)}
    />
  {/if}
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
