<script lang="ts">
  import common from '$lib/messages/common';
  import msg from '$lib/messages/figures';
  import type { FigureDifference } from '$lib/api/client';

  interface Props {
    differences: FigureDifference[];
    /** What the two sides are called. */
    before: string;
    after: string;
  }
  let { differences, before, after }: Props = $props();
</script>

<table class="mt-2 w-full text-left" aria-label={msg.differences()}>
  <thead><tr class="text-soft"><th class="pr-3 font-normal">{msg.where()}</th><th class="pr-3 font-normal">{after}</th><th class="font-normal">{before}</th></tr></thead>
  <tbody>
    {#each differences as difference (difference.place)}
      <tr class="border-t-[1.5px] border-line align-top">
        <td class="py-1 pr-3">{difference.place}</td>
        <td class="py-1 pr-3 font-semibold">{difference.after || common.nothing()}</td>
        <td class="py-1">{difference.before || common.nothing()}</td>
      </tr>
    {/each}
  </tbody>
</table>
