<script lang="ts">
  import { isLeft, leave } from './progress';

  let left = $state(isLeft());
</script>

{#if !left}
  <p class="panel flex flex-wrap items-center gap-3 border-brass px-4 py-2 text-lg">
    <span class="min-w-60 flex-1"><strong>New here?</strong> Describe, check, link, compose and rehearse something of your own.</span>
    <a class="act act-main" href="#/first-hour">Your first hour</a>
    <button class="act" onclick={() => (leave(), (left = true))}>Not now</button>
  </p>
{/if}
