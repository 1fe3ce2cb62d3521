<script lang="ts">
  import { Select } from 'bits-ui';
  import Check from '~icons/lucide/check';
  import ChevronDown from '~icons/lucide/chevron-down';

  interface Option {
    value: string;
    label: string;
  }
  interface Props {
    label: string;
    options: Option[];
    value: string;
    /** What the choice of nothing is called. */
    any?: string;
    /** Where the place of the field says what is chosen: the label is spoken, not shown. */
    quiet?: boolean;
    id?: string;
    onchange: (value: string) => void;
  }
  let { label, options, value, any, quiet = false, id, onchange }: Props = $props();

  const ANY = '*';
  let all = $derived(any === undefined ? options : [{ value: ANY, label: any }, ...options]);
  let shown = $derived(value === '' ? ANY : value);
  let shownLabel = $derived(all.find((option) => option.value === shown)?.label ?? value);
</script>

<Select.Root type="single" value={shown} items={all} onValueChange={(chosen) => onchange(chosen === ANY ? '' : chosen)}>
  <Select.Trigger {id} class="field inline-flex h-auto min-w-0 cursor-pointer items-center justify-between gap-2 text-left" aria-label={`${label}: ${shownLabel}`}>
    {#if !quiet}<span class="text-soft">{label}</span>{/if}
    <span class={quiet ? '' : 'font-semibold'}>{shownLabel}</span>
    <ChevronDown width={16} height={16} class="shrink-0" aria-hidden="true" />
  </Select.Trigger>
  <Select.Portal>
    <Select.Content sideOffset={6} class="panel z-30 max-h-96 min-w-44 overflow-y-auto p-1 shadow-xl">
      {#each all as option (option.value)}
        <Select.Item value={option.value} label={option.label} class="flex cursor-pointer items-center justify-between gap-4 rounded-lg px-3 py-2 data-highlighted:bg-line">
          {#snippet children({ selected })}
            {option.label}
            {#if selected}<Check width={16} height={16} aria-hidden="true" />{/if}
          {/snippet}
        </Select.Item>
      {/each}
    </Select.Content>
  </Select.Portal>
</Select.Root>
