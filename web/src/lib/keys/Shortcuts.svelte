<script lang="ts">
  import msg from '$lib/messages/keys';
  import common from '$lib/messages/common';
  import { Dialog } from 'bits-ui';
  import { VIEWS } from './shortcuts';

  interface Props {
    open: boolean;
  }
  let { open = $bindable() }: Props = $props();
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content class="panel fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[min(60rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto p-6 shadow-2xl">
      <Dialog.Title class="font-title text-2xl font-semibold">{msg.shortcuts()}</Dialog.Title>
      <Dialog.Description class="text-soft">{msg.everythingCanBeDoneWith()}</Dialog.Description>
      <div class="mt-4 grid gap-6 sm:grid-cols-3">
        {#each VIEWS as view (view.title)}
          <section>
            <h3 class="mb-2 text-lg">{view.title}</h3>
            <dl class="grid grid-cols-[auto_1fr] items-baseline gap-x-3 gap-y-2">
              {#each Object.values(view.shortcuts) as { keys, does } (keys)}
                <dt><span class="key">{keys}</span></dt>
                <dd>{does}</dd>
              {/each}
            </dl>
          </section>
        {/each}
      </div>
      <Dialog.Close class="act mt-6">{common.close()}</Dialog.Close>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
