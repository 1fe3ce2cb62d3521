<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/tellings';
  import type { Figure, Part, Row } from '$lib/api/client';

  interface Props {
    figure: Figure;
    part: Part;
  }
  let { figure, part }: Props = $props();

  /** A row in one line, its count and foot apart. */
  function rest(row: Row) {
    const { count, foot, ...others } = row;
    void count;
    void foot;
    return Object.entries(others).filter(([, text]) => text) as [string, string][];
  }

  function isDerived(row: number, column: string) {
    return figure.derived?.includes(`/${part}/${row}/${column}`) ?? false;
  }
</script>

<section aria-label={msg.theSSteps({ part: nameOf(part) })}>
  <h2 class={['text-lg capitalize', part === 'man' ? 'text-spruce' : 'text-madder']}>{part}</h2>
  <ol>
    {#each figure[part] as row, index (index)}
      <li class="grid grid-cols-[2.2rem_2.2rem_1fr] gap-2 border-t border-line py-1 leading-snug">
        <span class={['font-semibold', isDerived(index, 'count') && 'text-soft italic']}>{row.count ?? ''}</span>
        <span class={['font-semibold', isDerived(index, 'foot') && 'text-soft italic']}>{row.foot ?? ''}</span>
        <span>
          {#each rest(row) as [column, text], at (column)}<span class={[isDerived(index, column) && 'text-soft italic']}>{at > 0 ? ' · ' : ''}{text}</span>{/each}
        </span>
      </li>
    {/each}
  </ol>
</section>
