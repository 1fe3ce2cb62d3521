<script lang="ts">
  import type { Reading } from '$lib/api/client';

  interface Props {
    rows: Reading['repeats'];
  }
  let { rows }: Props = $props();
</script>

{#if rows.length > 0}
  <table class="mt-2 w-full border-collapse text-left">
    <thead>
      <tr class="text-sm text-soft"
        ><th class="font-semibold">Times</th><th class="font-semibold">Beats</th><th class="font-semibold">Man free</th><th class="font-semibold">Lady free</th><th
          class="font-semibold">He faces</th
        ><th class="font-semibold">Fits</th></tr
      >
    </thead>
    <tbody>
      {#each rows as row (row.times)}
        <tr class="border-t border-line">
          <td class="font-title text-lg font-semibold">{row.times}</td>
          <td>{row.beats}</td>
          <td>{row.manFree}</td>
          <td>{row.ladyFree}</td>
          <td>{row.facing.name}</td>
          <td class={row.fits ? '' : 'font-semibold text-madder'}>{row.fits ? 'yes' : 'no'}</td>
        </tr>
        {#if row.mend}
          <tr><td></td><td colspan="5" class="pb-1 text-sm text-soft">To mend it, {row.mend}.</td></tr>
        {/if}
      {/each}
    </tbody>
  </table>
{/if}
