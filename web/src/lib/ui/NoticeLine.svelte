<script lang="ts">
  import msg from '$lib/messages/ui';
  import X from '~icons/lucide/x';
  import Undo2 from '~icons/lucide/undo-2';
  import { notices } from './Notices.svelte';
</script>

<!-- It takes room of its own below the page, so that it covers nothing that could be pressed. -->
<div role="status" aria-live="polite" class="shrink-0 print:hidden">
  {#if notices.current}
    <div
      class="flex items-center gap-3 border-t-[1.5px] border-line bg-ink py-1.5 pr-2 pl-4 text-floor evening:bg-board evening:text-ink"
      role="group"
      data-testid="notice"
      onmouseenter={() => notices.hold()}
      onmouseleave={() => notices.resume()}
      onfocusin={() => notices.hold()}
      onfocusout={() => notices.resume()}
    >
      <span class="min-w-0 flex-1 leading-snug">{notices.current.sentence}</span>
      {#if notices.current.undo}
        <button class="inline-flex min-h-10 shrink-0 cursor-pointer items-center gap-1 rounded-lg border-[1.5px] border-current px-3 font-semibold" onclick={() => notices.undo()}>
          <Undo2 width={17} height={17} />{msg.undo()}
        </button>
      {/if}
      <button class="inline-flex size-10 shrink-0 cursor-pointer items-center justify-center rounded-lg" aria-label={msg.closeThisMessage()} onclick={() => notices.dismiss()}
        ><X width={18} height={18} /></button
      >
    </div>
  {/if}
</div>
