<script lang="ts">
  import msg from '$lib/messages/studio';
  import common from '$lib/messages/common';
  import { momentOf } from '$lib/ui/moment';
  import { Dialog } from 'bits-ui';
  import type { Studio, Wanted } from './Studio.svelte';

  interface Props {
    studio: Studio;
    wanted: Wanted;
  }
  let { studio, wanted }: Props = $props();

  /** What cannot be done by a stroke too many waits for the coach. */
  let cancel = $state<HTMLElement>();

  function close() {
    studio.wanted = undefined;
  }
</script>

<Dialog.Root open onOpenChange={(open) => !open && close()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/40" />
    <Dialog.Content
      onOpenAutoFocus={(event) => {
        event.preventDefault();
        cancel?.focus();
      }}
      class="panel fixed top-1/2 left-1/2 z-50 flex max-h-[90vh] w-[min(36rem,94vw)] -translate-x-1/2 -translate-y-1/2 flex-col gap-3 p-5 shadow-2xl"
    >
      <Dialog.Title class="font-title text-2xl font-semibold break-words">{msg.restoreTitle({ name: wanted.name })}</Dialog.Title>
      <Dialog.Description class="leading-snug">{msg.madeOn({ made: momentOf(wanted.contents.made) })}</Dialog.Description>
      <div class="min-h-0 flex-1 overflow-y-auto">
        <table class="w-full" aria-label={msg.kindsOfBackup()}>
          <thead>
            <tr class="text-left text-soft">
              <th></th>
              <th scope="col" class="py-1 pl-3 text-right font-semibold">{msg.inTheBackup()}</th>
              <th scope="col" class="py-1 pl-3 text-right font-semibold">{msg.youHaveNow()}</th>
            </tr>
          </thead>
          <tbody>
            {#each wanted.contents.kinds as { kind, backup, here } (kind)}
              <tr class={['border-t border-line', backup !== here && 'font-semibold']}>
                <th scope="row" class={['py-1 text-left', backup === here && 'font-normal']}>{msg.kindIn({ kind })}</th>
                <td class="py-1 pl-3 text-right tabular-nums">{backup}</td>
                <td class="py-1 pl-3 text-right tabular-nums">{here}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      <p class="text-sm leading-snug text-soft">{msg.versionsToo()}</p>
      <div class="flex flex-wrap gap-2">
        <button class="act act-main" onclick={() => studio.restore(wanted.from)}>{msg.yesRestoreIt()}</button>
        <button class="act" bind:this={cancel} onclick={close}>{common.cancel()}</button>
      </div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
