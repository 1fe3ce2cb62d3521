<script lang="ts">
  import msg from '$lib/messages/firsthour';
  import common from '$lib/messages/common';
  import { isLeft, leave } from './progress';

  let left = $state(isLeft());
</script>

{#if !left}
  <p class="panel flex flex-wrap items-center gap-3 border-brass px-4 py-2 text-lg">
    <span class="min-w-60 flex-1"><strong>{msg.newHere()}</strong> {msg.describeCheckLinkComposeAnd()}</span>
    <a class="act act-main" href="#/first-hour">{common.yourFirstHour()}</a>
    <button class="act" onclick={() => (leave(), (left = true))}>{msg.notNow()}</button>
  </p>
{/if}
