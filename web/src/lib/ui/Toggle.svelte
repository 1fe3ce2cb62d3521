<script lang="ts">
  import Check from '~icons/lucide/check';

  interface Props {
    /** What it turns on; it says the same whether it is on or off. */
    label: string;
    on: boolean;
    title?: string;
    onchange: (on: boolean) => void;
  }
  let { label, on, title, onchange }: Props = $props();
</script>

<button type="button" class="act" role="switch" aria-checked={on} {title} onclick={() => onchange(!on)}>
  <span class={['grid size-5 place-items-center rounded border-[1.5px]', on ? 'border-ink bg-ink text-floor' : 'border-soft']}>
    {#if on}<Check width={15} height={15} aria-hidden="true" />{/if}
  </span>
  {label}
</button>
