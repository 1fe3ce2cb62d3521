<script lang="ts" generics="T extends { id: string; title: string }">
  import common from '$lib/messages/common';
  import TitleField from '$lib/ui/TitleField.svelte';
  import type { PlainDesk } from '$lib/ui/PlainDesk.svelte';
  import UndoRedo from '$lib/ui/UndoRedo.svelte';
  import Unkept from '$lib/ui/Unkept.svelte';
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
    <UndoRedo {desk} />
    <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => desk.keep()}>{desk.isKept ? common.saved() : common.save()}</button>
  </span>
</header>
<Unkept {desk} />
