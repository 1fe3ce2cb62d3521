<script lang="ts">
  import msg from '$lib/messages/figures';
  interface Props {
    errors: number;
    warnings: number;
  }
  let { errors, warnings }: Props = $props();
  let words = $derived(errors > 0 ? msg.toFix({ errors }) : warnings > 0 ? msg.toCheck({ warnings }) : msg.addsUp());
</script>

<span class={['inline-flex items-center gap-1.5 font-semibold', errors > 0 ? 'text-madder' : warnings > 0 ? 'text-brass-deep' : 'text-spruce']}>
  <svg width="18" height="18" viewBox="0 0 20 20" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="2.6">
    {#if errors > 0}
      <path d="M8 3H3v14h5M12 3h5v5M17 13v4h-5" />
    {:else if warnings > 0}
      <path d="M3 13c3-6 5-6 7-3s4 3 7-3" />
    {:else}
      <path d="M3 3h14v14H3zM7.5 10h5" />
    {/if}
  </svg>
  {words}
</span>
