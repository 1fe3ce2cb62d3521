<script lang="ts">
  import msg from '$lib/messages/floor';
  import type { Part, Reading, Stance } from '$lib/api/client';
  import Body from './Body.svelte';
  import Print from './Print.svelte';
  import TurnArc from './TurnArc.svelte';

  interface Props {
    reading: Reading;
    /** How many onsets have been danced; 0 is the start. */
    at: number;
    onsets: number[];
  }
  let { reading, at, onsets }: Props = $props();

  const MARGIN = 0.32;
  /** Metres that a step's number is high, and the pixels that it has at least. */
  const NUMBER = 0.13;
  const LEAST_NUMBER = 12;
  const FADED = 0.3;
  const WEIGHTS: Record<string, number> = { full: 1, part: 0.4, none: 0 };

  interface Shown {
    part: Part;
    foot: 'left' | 'right';
    place: Stance['body'];
    label: string;
    strength: number;
    weight: number;
  }

  let beat = $derived(at === 0 ? -1 : (onsets[at - 1] ?? -1));

  function danced(part: Part) {
    const rows = reading[part];
    const stances = reading.stances?.[part] ?? [];
    return rows.flatMap((row, index) => {
      const stance = stances[index];
      return row.onset !== undefined && row.onset <= beat && stance ? [{ row, index, stance }] : [];
    });
  }

  function prints(part: Part): Shown[] {
    const start = reading.stances!.start[part];
    const shown: Shown[] = [
      { part, foot: 'left', place: start.left, label: '', strength: FADED, weight: 1 },
      { part, foot: 'right', place: start.right, label: '', strength: FADED, weight: 1 },
    ];
    const steps = danced(part);
    for (const { row, index, stance } of steps) {
      for (const foot of ['left', 'right'] as const) {
        const moved = row.shorthand.foot === 'both' || row.shorthand.foot === (foot === 'left' ? 'LF' : 'RF');
        if (moved) {
          const last = !steps.some((later) => later.index > index && later.row.shorthand.foot === row.shorthand.foot);
          shown.push({ part, foot, place: stance[foot], label: String(index + 1), strength: last ? 1 : FADED, weight: WEIGHTS[row.weight] ?? 1 });
        }
      }
    }
    return shown;
  }

  function current(part: Part): Stance {
    return danced(part).at(-1)?.stance ?? reading.stances!.start[part];
  }

  let box = $derived.by(() => {
    const stances = reading.stances;
    if (!stances) return { x: 0, y: 0, width: 3, height: 2 };
    const places = [stances.start.man, stances.start.lady, ...stances.man, ...stances.lady].flatMap((stance) => [stance.body, stance.left, stance.right]);
    const xs = places.map((place) => place.x);
    const ys = places.map((place) => place.y);
    const x = Math.min(...xs) - MARGIN;
    const y = Math.min(...ys) - MARGIN;
    return { x, y, width: Math.max(...xs) + MARGIN - x, height: Math.max(...ys) + MARGIN - y };
  });

  let across = $state(0);
  let down = $state(0);
  let labelSize = $derived(across > 0 && down > 0 ? Math.max(NUMBER, LEAST_NUMBER * Math.max(box.width / across, box.height / down)) : NUMBER);
</script>

{#if reading.stances}
  <div class="h-full w-full" bind:clientWidth={across} bind:clientHeight={down}>
    <svg viewBox={`${box.x} ${-box.y - box.height} ${box.width} ${box.height}`} class="h-full w-full" role="img" aria-label={msg.stepsOnTheFloorOf({ at, count: onsets.length })}>
      <g transform="scale(1 -1)">
        <Body part="man" place={current('man').body} />
        <Body part="lady" place={current('lady').body} />
        {#each ['man', 'lady'] as const as part (part)}
          {@const now = danced(part).at(-1)}
          {#if now && now.row.onset === beat && now.row.degrees !== 0}
            <TurnArc {part} place={now.stance.body} degrees={now.row.degrees} />
          {/if}
        {/each}
        {#each [...prints('man'), ...prints('lady')] as print, index (index)}
          <Print {...print} {labelSize} />
        {/each}
      </g>
    </svg>
  </div>
{:else}
  <p class="grid h-full place-items-center p-6 text-center text-soft">{msg.stepsAppearHereOnceBoth()}</p>
{/if}
