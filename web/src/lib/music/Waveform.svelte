<script lang="ts">
  import msg from '$lib/messages/music';
  import { evening } from '$lib/ui/Appearance.svelte';

  interface Props {
    /** The loudest sample of equal parts of the recording, from nothing to one. */
    peaks: Float32Array;
    seconds: number;
    /** When each bar line is heard, seconds into the recording, and the end of the last bar. */
    barLines: number[];
    /** Bars in which a phrase begins. */
    phrases: number[];
    /** When it strikes, seconds into the recording. */
    hits: number[];
    /** Where it is being heard, seconds. */
    at: number;
    onseek: (seconds: number) => void;
    /** A bar line, counted from 1, was dragged to so many seconds into the recording. */
    onbend: (bar: number, seconds: number) => void;
  }
  let { peaks, seconds, barLines, phrases, hits, at, onseek, onbend }: Props = $props();

  const WIDEST = 30_000;
  const NUDGE = 0.01;

  let perSecond = $state(60);
  let canvas = $state<HTMLCanvasElement>();
  let scroller = $state<HTMLDivElement>();
  let dragged = $state<{ bar: number; seconds: number }>();
  let width = $derived(Math.min(WIDEST, Math.max(600, seconds * perSecond)));
  let scale = $derived(width / seconds);

  $effect(() => {
    void evening.on;
    if (!canvas) return;
    const context = canvas.getContext('2d')!;
    const middle = canvas.height / 2;
    context.clearRect(0, 0, canvas.width, canvas.height);
    context.fillStyle = getComputedStyle(canvas).getPropertyValue('--ff-brass');
    for (let x = 0; x < canvas.width; x++) {
      const peak = peaks[Math.floor((x / canvas.width) * peaks.length)] ?? 0;
      context.fillRect(x, middle - peak * middle, 1, Math.max(1, 2 * peak * middle));
    }
  });

  /** What is heard stays in sight. */
  $effect(() => {
    if (!scroller) return;
    const x = at * scale;
    if (x < scroller.scrollLeft || x > scroller.scrollLeft + scroller.clientWidth) scroller.scrollLeft = x - scroller.clientWidth / 4;
  });

  function secondsAt(event: PointerEvent | MouseEvent) {
    return (event.clientX - canvas!.getBoundingClientRect().left) / scale;
  }

  function grab(event: PointerEvent, bar: number) {
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    dragged = { bar, seconds: barLines[bar - 1] ?? 0 };
  }

  function drop() {
    if (dragged) onbend(dragged.bar, dragged.seconds);
    dragged = undefined;
  }

  function nudge(event: KeyboardEvent, bar: number) {
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    event.preventDefault();
    onbend(bar, (barLines[bar - 1] ?? 0) + (event.key === 'ArrowLeft' ? -NUDGE : NUDGE));
  }
</script>

<div class="flex items-center gap-2">
  <span class="text-soft">{msg.zoom()}</span>
  <input type="range" min="10" max="240" class="w-40 accent-ink" aria-label={msg.zoom()} bind:value={perSecond} />
  <span class="text-soft">{msg.dragABarLineTo()}</span>
</div>
<div class="mt-2 overflow-x-auto" bind:this={scroller}>
  <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
  <div class="relative h-36 select-none" style:width={`${width}px`} onclick={(event) => onseek(secondsAt(event))}>
    <canvas class="absolute inset-0 size-full rounded-lg bg-line/30" width={Math.round(width)} height="144" aria-hidden="true" bind:this={canvas}></canvas>
    {#each barLines as line, index (index)}
      {@const bar = index + 1}
      {@const shown = dragged?.bar === bar ? dragged.seconds : line}
      <button
        class={['absolute inset-y-0 w-3 -translate-x-1/2 cursor-ew-resize', phrases.includes(bar) ? 'border-l-4 border-ink' : 'border-l-2 border-ink/40 hover:border-ink']}
        style:left={`${shown * scale + 6}px`}
        title={msg.bar5({ bar })}
        aria-label={msg.barLineOfBar({ bar })}
        onpointerdown={(event) => bar > 1 && grab(event, bar)}
        onpointermove={(event) => dragged?.bar === bar && (dragged = { bar, seconds: secondsAt(event) })}
        onpointerup={drop}
        onclick={(event) => event.stopPropagation()}
        onkeydown={(event) => bar > 1 && nudge(event, bar)}
        ><span class="absolute top-0 left-1 text-xs text-soft">{perSecond > 24 || phrases.includes(bar) ? bar : ''}</span></button
      >
    {/each}
    {#each hits as hit (hit)}<span class="absolute bottom-0 -translate-x-1/2 text-madder" style:left={`${hit * scale}px`} aria-hidden="true">▲</span>{/each}
    <span class="pointer-events-none absolute inset-y-0 w-0.5 bg-madder" style:left={`${at * scale}px`}></span>
  </div>
</div>
