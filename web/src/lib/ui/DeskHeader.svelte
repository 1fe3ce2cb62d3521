<script lang="ts" generics="T extends { id: string; title: string }">
  import TitleField from '$lib/ui/TitleField.svelte';
  import type { PlainDesk } from '$lib/ui/PlainDesk.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Redo2 from '~icons/lucide/redo-2';
  import Undo2 from '~icons/lucide/undo-2';
  import type { Snippet } from 'svelte';

  interface Props {
    desk: PlainDesk<T>;
    label: string;
    children?: Snippet;
  }
  let { desk, label, children }: Props = $props();
</script>

<header class="flex flex-wrap items-center gap-x-3 gap-y-2">
  <TitleField {label} title={desk.value.title} ontype={(title) => desk.type({ title } as Partial<T>)} ondone={() => desk.accept()} />
  <span class="flex flex-wrap items-center gap-2">
    {@render children?.()}
    <button class="act" aria-label="Undo" title="Undo (Ctrl Z)" disabled={!desk.canUndo} onclick={() => desk.undo()}><Undo2 width={18} height={18} /></button>
    <button class="act" aria-label="Redo" title="Redo (Ctrl Y)" disabled={!desk.canRedo} onclick={() => desk.redo()}><Redo2 width={18} height={18} /></button>
    <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => desk.keep()}>{desk.isKept ? 'Kept' : 'Keep'}</button>
  </span>
</header>
{#if desk.failure}
  <Message sentence={desk.failure} faults={desk.faults}>
    {#if desk.conflict}
      <button class="act" onclick={() => desk.takeStored()}>Take the stored one</button>
      <button class="act" onclick={() => desk.keepOver()}>Keep mine over it</button>
    {/if}
  </Message>
{/if}
{#if desk.recovered}
  <Message sentence="What you had not kept is here again."><button class="act" onclick={() => desk.discardRecovered()}>Let it go</button></Message>
{/if}
