<script lang="ts">
  import msg from '$lib/messages/ui';
  import X from '~icons/lucide/x';
  import Undo2 from '~icons/lucide/undo-2';
  import { notices } from './Notices.svelte';
</script>

<div role="status" aria-live="polite" class="pointer-events-none fixed inset-x-0 bottom-20 z-40 flex justify-center px-3 sm:bottom-4 sm:left-22 sm:justify-start print:hidden">
  {#if notices.current}
    <div class="pointer-events-auto flex max-w-3xl items-center gap-3 rounded-xl bg-ink px-4 py-2 text-floor shadow-xl evening:text-board" data-testid="notice">
      <span class="leading-snug">{notices.current.sentence}</span>
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
