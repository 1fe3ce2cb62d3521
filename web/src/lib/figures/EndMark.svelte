<script lang="ts">
  import msg from '$lib/messages/figures';
  import type { FigureEnd } from '$lib/api/client';
  import AlignmentGlyph from '$lib/glyphs/AlignmentGlyph.svelte';

  interface Props {
    end: FigureEnd;
    label: string;
  }
  let { end, label }: Props = $props();
  let heading = $derived(end.facings[0]);
</script>

<span class="inline-flex items-center gap-2" aria-label={msg.free2({ label, foot: end.foot, position: end.position })}>
  {#if heading}<AlignmentGlyph {heading} size={38} />{/if}
  <span class="leading-tight">
    <span class="block font-semibold">
      {end.foot === 'both' ? msg.eitherFoot() : msg.free({ foot: end.foot })}{#if heading}, {heading.name}{/if}
      {#if end.facings.length > 1}<span class="text-soft">+{end.facings.length - 1}</span>{/if}
    </span>
    <span class="block text-soft">{end.position}</span>
  </span>
</span>
