<script lang="ts">
  import msg from '$lib/messages/postures';
  import type { Body, PostureReading } from '$lib/api/client';
  import { frameOf, line, seen, type View } from './views';

  interface Props {
    reading: PostureReading;
    view: View;
  }
  let { reading, view }: Props = $props();

  const TITLES: Record<View, string> = { front: msg.fromBehindTheMan(), side: msg.fromTheMansRight(), above: msg.fromAboveTheMansBack() };
  let frame = $derived(frameOf(view, [reading.man, reading.lady]));
  let both = $derived(view === 'side' ? [reading.lady, reading.man] : [reading.man, reading.lady]);
  const isMan = (body: Body) => body === reading.man;
  let middles = $derived([reading.man, reading.lady].map((body) => seen(view, body.spine[0]!)));
</script>

<figure class="flex min-w-0 flex-col justify-end">
  <svg viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`} class="max-h-[26rem] w-full" role="img" aria-label={msg.theCouple({ view: TITLES[view] })}>
    {#if view !== 'above'}<line x1={frame.x} x2={frame.x + frame.width} y1="0" y2="0" stroke="var(--ff-line)" stroke-width="0.015" />{/if}
    {#each view === 'front' ? [reading.lady, reading.man] : both as body (isMan(body))}
      {@const man = isMan(body)}
      {@const colour = man ? 'var(--ff-spruce)' : 'var(--ff-madder)'}
      <g fill="none" stroke={colour} stroke-width={man ? 0.035 : 0.02} stroke-linecap="round" stroke-linejoin="round">
        {#if view !== 'above'}
          <polyline points={line(view, body.spine)} />
          <polyline points={line(view, body.leftLeg)} />
          <polyline points={line(view, body.rightLeg)} />
          <polyline points={line(view, [body.leftLeg[0]!, body.rightLeg[0]!])} />
        {:else}
          <polyline points={line(view, body.leftLeg.slice(2))} stroke-dasharray="0.03 0.03" />
          <polyline points={line(view, body.rightLeg.slice(2))} stroke-dasharray="0.03 0.03" />
        {/if}
        <polyline points={line(view, [body.leftArm[0]!, body.rightArm[0]!])} />
        <polyline points={line(view, body.leftArm)} />
        <polyline points={line(view, body.rightArm)} />
        {#each [body.leftArm[1]!, body.rightArm[1]!] as elbow, index (index)}{@const at = seen(view, elbow)}<circle
            cx={at.x}
            cy={at.y}
            r="0.022"
            fill={man ? colour : 'var(--ff-board)'}
            stroke-width="0.015"
          />{/each}
      </g>
      {@const head = seen(view, body.head)}
      {@const nose = seen(view, body.nose)}
      <circle cx={head.x} cy={head.y} r={body.headSize / 2} fill={man ? colour : 'var(--ff-board)'} stroke={colour} stroke-width="0.02" />
      <line x1={head.x} y1={head.y} x2={nose.x} y2={nose.y} stroke={man ? 'var(--ff-ink)' : colour} stroke-width="0.018" />
    {/each}
    {#if view === 'above'}
      <line x1={middles[0]!.x} y1={middles[0]!.y} x2={middles[1]!.x} y2={middles[1]!.y} stroke="var(--ff-brass)" stroke-width="0.012" stroke-dasharray="0.03 0.02" />
    {/if}
    {#if view === 'side' && reading.handsHigh > 0}
      <line x1={frame.x} x2={frame.x + frame.width} y1={-reading.handsHigh} y2={-reading.handsHigh} stroke="var(--ff-brass)" stroke-width="0.01" stroke-dasharray="0.03 0.03" />
    {/if}
  </svg>
  <figcaption class="text-center text-soft">
    {TITLES[view]}{#if view === 'side' && reading.handsHigh > 0}{msg.handsAtCm({ round: Math.round(reading.handsHigh * 100) })}{/if}{#if view === 'above'}{msg.cmApart({
        round: Math.round(reading.distance * 100),
      })}{#if Math.abs(reading.offset) >= 0.01}{msg.offset({ centimetres: Math.abs(Math.round(reading.offset * 100)), side: reading.offset > 0 ? 'right' : 'left' })}{/if}{/if}
  </figcaption>
</figure>
