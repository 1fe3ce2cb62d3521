<script lang="ts">
  import msg from '$lib/messages/ui';
  import Redo2 from '~icons/lucide/redo-2';
  import Undo2 from '~icons/lucide/undo-2';

  interface Props {
    desk: { canUndo: boolean; canRedo: boolean; undo(): void; redo(): void };
  }
  let { desk }: Props = $props();
</script>

<button class="act" aria-label={msg.undo()} title={msg.undoCtrlZ()} disabled={!desk.canUndo} onclick={() => desk.undo()}><Undo2 width={18} height={18} /></button>
<button class="act" aria-label={msg.redo()} title={msg.redoCtrlY()} disabled={!desk.canRedo} onclick={() => desk.redo()}><Redo2 width={18} height={18} /></button>
