<script lang="ts">
  import type { ColumnKey, Row } from '$lib/api/client';
  import { columnsFor } from '$lib/figures/columns';
  import { reference } from '$lib/reference/reference.svelte';

  interface Props {
    rows: Row[];
    /** What a row is called: a step in its order, or a letter of what is out of order. */
    heading: string;
    /** The row that is pointed out, from 0. */
    marked?: number;
    onchoose?: (row: number) => void;
  }
  let { rows, heading, marked, onchoose }: Props = $props();
  let columns = $derived(columnsFor(false, true).filter((column: ColumnKey) => rows.some((row) => row[column])));
</script>

<div class="overflow-x-auto">
  <table class="border-collapse text-lg">
    <thead>
      <tr class="text-left text-base text-soft">
        <th class="px-3 py-1 font-semibold">{heading}</th>
        {#each columns as column (column)}<th class="px-3 py-1 font-semibold">{reference.columnTitle(column)}</th>{/each}
      </tr>
    </thead>
    <tbody>
      {#each rows as row, index (index)}
        <tr class={['border-t-[1.5px] border-line', marked === index && 'bg-spruce-wash']}>
          <th class="px-2 py-1 text-left">
            {#if onchoose}
              <button type="button" class="act min-h-9 px-3" onclick={() => onchoose(index)}>{index + 1}</button>
            {:else}
              <span class="px-1">{index + 1}</span>
            {/if}
          </th>
          {#each columns as column (column)}<td class="px-3 py-1.5">{row[column] ?? ''}</td>{/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
