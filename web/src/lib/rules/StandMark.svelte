<script lang="ts">
  interface Props {
    /** holds, near or breaks. */
    stand: string;
    large?: boolean;
  }
  let { stand, large = false }: Props = $props();
  const MARKS: Record<string, { glyph: string; colour: string }> = {
    holds: { glyph: '✓', colour: 'text-spruce' },
    near: { glyph: '≈', colour: 'text-brass-deep' },
    breaks: { glyph: '✕', colour: 'text-madder' },
  };
  let mark = $derived(MARKS[stand] ?? MARKS.breaks!);
</script>

<strong class={[mark.colour, large && 'font-title text-2xl', 'whitespace-nowrap']}><span aria-hidden="true">{mark.glyph}</span> {stand}</strong>
