<script lang="ts">
  import common from '$lib/messages/common';
  import { readTime } from './clock';

  interface Props {
    before?: string;
    label: string;
    value: string;
    /** Whether it may be left empty. */
    open?: boolean;
    large?: boolean;
    onchange: (value: string) => void;
  }
  let { before, label, value, open = false, large = false, onchange }: Props = $props();

  function take(input: HTMLInputElement) {
    const typed = input.value.trim();
    const time = typed === '' && open ? '' : readTime(typed);
    if (time === undefined) input.value = value;
    else onchange(time);
  }
</script>

<label class="inline-flex items-center gap-2">
  {#if before}<span class="text-soft">{before}</span>{/if}
  <input
    class={['field px-2', large ? 'w-24 font-title text-lg font-semibold' : 'w-20']}
    inputmode="numeric"
    placeholder={open ? common.any() : '09:30'}
    aria-label={label}
    {value}
    onchange={(event) => take(event.currentTarget)}
    onkeydown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
  />
</label>
