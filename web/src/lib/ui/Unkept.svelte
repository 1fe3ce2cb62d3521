<script lang="ts" module>
  import type { EditSession } from './EditSession.svelte';

  type Kept = EditSession<{ id: string; title: string }>;
</script>

<script lang="ts">
  import msg from '$lib/messages/ui';
  import Message from './Message.svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    /** What is worked on: why it could not be kept, or that what was not kept is here again, and what can be done about either. */
    desk: Pick<Kept, 'failure' | 'faults' | 'conflict' | 'recovered' | 'isKept' | 'isNew' | 'takeStored' | 'keepOver' | 'discardRecovered'>;
    children?: Snippet;
  }
  let { desk, children }: Props = $props();
</script>

{#if desk.failure}
  <Message sentence={desk.failure} faults={desk.faults}>
    {#if desk.conflict}
      <button class="act" onclick={() => desk.takeStored()}>{msg.showTheSavedVersion()}</button>
      <button class="act" onclick={() => desk.keepOver()}>{msg.saveMineInstead()}</button>
    {/if}
    {@render children?.()}
  </Message>
{:else if desk.recovered && !desk.isKept && !desk.isNew}
  <div class="flex items-center gap-3 rounded-xl bg-board px-4 py-2" role="status">
    <span>{msg.theseAreYourUnsavedChanges()}</span>
    <button class="act" onclick={() => desk.discardRecovered()}>{msg.discardChanges()}</button>
  </div>
{/if}
