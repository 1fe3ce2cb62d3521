<script lang="ts">
  import common from '$lib/messages/common';
  import msg from '$lib/messages/figures';
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
        ><th class="font-semibold">{msg.times()}</th><th class="font-semibold">{msg.beats()}</th><th class="font-semibold">{msg.manFree()}</th><th class="font-semibold"
          >{msg.ladyFree()}</th
        ><th class="font-semibold">{msg.manFaces()}</th><th class="font-semibold">{msg.fits()}</th></tr
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
          <td class={row.fits ? '' : 'font-semibold text-madder'}>{row.fits ? common.yes() : common.no()}</td>
        </tr>
        {#if row.mend}
          <tr><td></td><td colspan="5" class="pb-1 text-sm text-soft">{msg.toFixIt({ fix: row.mend })}</td></tr>
        {/if}
      {/each}
    </tbody>
  </table>
{/if}
