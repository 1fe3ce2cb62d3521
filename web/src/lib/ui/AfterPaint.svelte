<script lang="ts">
  import type { Snippet } from 'svelte';
  import { painted } from './painted';

  interface Props {
    children: Snippet;
  }
  /** Draws what it holds once what the page shows without it has been painted: what is long, and seen only further down. */
  let { children }: Props = $props();
  const seen = painted();
</script>

{#await seen then}{@render children()}{/await}
