<script lang="ts">
  import msg from '$lib/messages/tellings';
  import type { Description } from '$lib/api/client';
  import { spansOf } from './spans';

  interface Props {
    text: string;
    description: Description;
  }
  let { text, description }: Props = $props();

  let spans = $derived(spansOf(text, description.taken, description.leftovers));
</script>

<p class="leading-relaxed whitespace-pre-wrap" data-testid="told">
  {#each spans as span, index (index)}<span
      title={span.says}
      class={[
        span.kind === 'taken' && 'border-b-2 border-spruce',
        span.kind === 'derived' && 'border-b-2 border-dashed border-brass',
        span.kind === 'left' && 'rounded bg-madder-wash font-semibold text-ink underline decoration-madder decoration-wavy',
      ]}>{span.text}</span
    >{/each}
</p>
{#if description.leftovers.length > 0}
  <p class="mt-2 font-semibold text-madder" role="status">
    {msg.notUnderstood({ join: description.leftovers.map((leftover) => `“${leftover.text}”`).join(', ') })}
  </p>
{/if}
