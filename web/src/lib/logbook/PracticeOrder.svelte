<script lang="ts">
  import msg from '$lib/messages/logbook';

  interface Props {
    /** A sentence for each rule. */
    order: string[];
  }
  let { order }: Props = $props();
</script>

<details class="max-w-[60rem]">
  <summary class="inline-flex min-h-10 cursor-pointer items-center font-semibold underline">{msg.howOrdered()}</summary>
  <ul class="mb-2 list-disc space-y-1 pl-6 leading-snug">
    {#each order as rule (rule)}<li>{rule}</li>{/each}
  </ul>
</details>
