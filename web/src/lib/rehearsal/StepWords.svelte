<script lang="ts">
  import msg from '$lib/messages/rehearsal';
  import common from '$lib/messages/common';
  import type { Part, ScoreStep } from '$lib/api/client';
  import AlignmentGlyph from '$lib/glyphs/AlignmentGlyph.svelte';

  interface Props {
    part: Part;
    now: ScoreStep | undefined;
    next: ScoreStep | undefined;
  }
  let { part, now, next }: Props = $props();
  let tone = $derived(part === 'man' ? ('spruce' as const) : ('madder' as const));
</script>

<section class="panel flex gap-2 p-2 lg:gap-3 lg:p-3" aria-label={part === 'man' ? common.man2() : common.lady2()}>
  {#if now}<AlignmentGlyph heading={now.facing} size={52} {tone} />{/if}
  <div class="min-w-0 flex-1">
    <h2 class={['text-sm lg:text-base', part === 'man' ? 'text-spruce' : 'text-madder']}>{part === 'man' ? common.man2() : common.lady2()}</h2>
    <p class="leading-tight font-semibold lg:text-lg" data-testid={`now-${part}`}>{now ? now.wording : common.ready()}</p>
    {#if next}<p class="mt-1 text-sm leading-snug text-soft lg:text-base">{msg.then({ wording: next.wording })}</p>{/if}
    {#if now}
      <p class="mt-1 text-sm leading-snug text-soft">{msg.freeHold({ freeFoot: now.freeFoot, position: now.position, hold: now.hold })}</p>
    {/if}
  </div>
</section>
