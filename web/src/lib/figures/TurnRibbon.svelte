<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/figures';
  import type { Part, RowReading } from '$lib/api/client';
  import AlignmentGlyph from '$lib/glyphs/AlignmentGlyph.svelte';

  interface Props {
    part: Part;
    rows: RowReading[];
  }
  let { part, rows }: Props = $props();
</script>

<ol class="flex flex-wrap items-stretch" aria-label={msg.turnsOfThe({ part: nameOf(part) })}>
  {#each rows as row, index (index)}
    <li class="flex min-w-[3.2rem] flex-1 flex-col items-center px-0.5" title={`${row.wording.turn ? `${row.wording.turn}, ` : ''}${row.heading.wording}, ${row.heading.degrees}°`}>
      <span class={['h-5 text-sm font-semibold', row.agrees ? 'text-ink' : 'underline decoration-madder decoration-2']}>
        {row.turned || '·'}
      </span>
      <span class={['rounded-lg p-0.5', !row.agrees && 'bg-madder-wash outline-2 outline-madder']}>
        <AlignmentGlyph heading={row.heading} tone={part === 'man' ? 'spruce' : 'madder'} />
      </span>
      <span class="text-sm leading-tight">{row.heading.name}</span>
    </li>
  {/each}
</ol>
