<script lang="ts">
  import msg from '$lib/messages/events';
  import type { EventDesk } from './EventDesk.svelte';
  import { letterOf, minutesOf, timeOf } from './clock';

  interface Props {
    desk: EventDesk;
    chosen: string | undefined;
    onchoose: (round: string) => void;
  }
  let { desk, chosen, onchoose }: Props = $props();

  const HOUR = 60;

  let day = $derived(desk.day);
  let calls = $derived(day?.calls ?? []);
  let from = $derived(Math.floor(Math.min(minutesOf(desk.keeps.begins), ...calls.map((call) => minutesOf(call.start))) / HOUR) * HOUR);
  let to = $derived(Math.ceil(Math.max(minutesOf(day?.ends ?? desk.keeps.begins), ...calls.map((call) => minutesOf(call.end)), from + HOUR) / HOUR) * HOUR);
  let step = $derived(to - from > 5 * HOUR ? HOUR : HOUR / 2);
  let ticks = $derived(Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, index) => from + index * step));
  let floors = $derived(desk.event.floors.map((floor) => floor.title));
  let troubled = $derived(new Set(day?.conflicts.flatMap((conflict) => conflict.rounds) ?? []));

  function at(time: string) {
    return ((minutesOf(time) - from) / (to - from)) * 100;
  }

  let blocks = $derived(
    (day?.plan ?? []).map((planned, index) => {
      const heats = calls.filter((call) => call.round === planned.round);
      const end = heats.at(-1)?.end ?? planned.start;
      return {
        round: planned.round,
        letter: letterOf(index),
        title: desk.round(planned.round)?.title ?? planned.round,
        floor: heats[0]?.floor ?? '',
        start: planned.start,
        end,
        heats,
      };
    }),
  );
</script>

<div class="overflow-x-auto">
  <div class="grid min-w-[44rem] grid-cols-[6.5rem_minmax(0,1fr)] gap-y-2">
    <span></span>
    <div class="relative h-6 text-sm text-soft" aria-hidden="true">
      {#each ticks as tick (tick)}<span class="absolute -translate-x-1/2 first:translate-x-0 last:-translate-x-full" style:left={`${((tick - from) / (to - from)) * 100}%`}
          >{timeOf(tick)}</span
        >{/each}
    </div>
    {#each floors as floor (floor)}
      <strong class="self-center pr-2 leading-tight">{floor}</strong>
      <div class="relative h-32 rounded-lg bg-line/30">
        {#each ticks as tick (tick)}<span class="absolute inset-y-0 w-px bg-line" style:left={`${((tick - from) / (to - from)) * 100}%`}></span>{/each}
        {#each blocks.filter((block) => block.floor === floor) as block (block.round)}
          <button
            class={[
              '@container absolute inset-y-1 cursor-pointer overflow-hidden rounded-lg border-2 bg-board text-left',
              troubled.has(block.round) ? 'border-madder' : chosen === block.round ? 'border-ink' : 'border-soft/60 hover:border-ink',
            ]}
            style:left={`${at(block.start)}%`}
            style:width={`${at(block.end) - at(block.start)}%`}
            title={msg.to({ title: block.title, start: block.start, end: block.end })}
            aria-pressed={chosen === block.round}
            onclick={() => onchoose(block.round)}
          >
            <span class="absolute inset-x-0 top-0 bottom-9 px-1.5 leading-tight">
              <strong class="font-title text-2xl">{block.letter}</strong>
              <span class="hidden text-sm font-semibold @min-[3.4rem]:inline">{block.start}</span>
              <span class="hidden text-sm font-semibold @min-[7rem]:block">{block.title}</span>
            </span>
            <span class="absolute inset-x-0 bottom-0 flex h-9" aria-hidden="true">
              {#each block.heats as heat (`${heat.dance} ${heat.heat}`)}
                <span
                  class={[
                    'h-full flex-1 border-l border-board',
                    heat.heat === 1 && 'border-l-4',
                    heat.couples.some((called) => desk.isOwn(called.couple)) ? 'bg-brass' : 'bg-line',
                  ]}
                ></span>
              {/each}
            </span>
          </button>
        {/each}
      </div>
    {/each}
    {#if (day?.warmUps.length ?? 0) > 0}
      <strong class="self-center pr-2 leading-tight">{msg.warmUp()}</strong>
      <div class="relative h-12 rounded-lg bg-line/30">
        {#each day?.warmUps ?? [] as warmUp (warmUp.round)}
          <span
            class="absolute inset-y-1 overflow-hidden rounded-md border-2 border-brass bg-board px-1 text-xs leading-tight"
            style:left={`${at(warmUp.start)}%`}
            style:width={`${at(warmUp.end) - at(warmUp.start)}%`}
            title={`${warmUp.start}: ${warmUp.couples.map((id) => desk.couple(id)?.title).join(', ')}`}>{warmUp.start}</span
          >
        {/each}
      </div>
    {/if}
  </div>
</div>
<p class="mt-2 text-sm text-soft"><span class="inline-block size-3 bg-brass align-middle"></span> {msg.aHeatWithOneOf()}</p>
