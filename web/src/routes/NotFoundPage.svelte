<script lang="ts">
  import msg from '$lib/messages/shell';
  import common from '$lib/messages/common';
</script>

<div class="grid h-full place-items-center p-10 text-center">
  <div>
    <h1 class="text-4xl max-sm:text-2xl">{msg.pageNotFound()}</h1>
    <p class="mt-2 text-soft">{msg.thisAddressDoesNotExist()}</p>
    <a class="act mt-4" href="#/figures">{common.goToFigures()}</a>
  </div>
</div>
