<script lang="ts">
  interface Props {
    /** What stands before the number, and after it. */
    before?: string;
    after?: string;
    /** What it is called, where that is not said beside it. */
    label?: string;
    value: number;
    min: number;
    max: number;
    step?: number;
    width?: string;
    /** Told only of numbers between the least and the most. */
    onchange: (value: number) => void;
  }
  let { before, after, label, value, min, max, step = 1, width = 'w-16', onchange }: Props = $props();

  function take(input: HTMLInputElement) {
    const number = input.valueAsNumber;
    if (Number.isFinite(number)) onchange(Math.min(max, Math.max(min, step >= 1 ? Math.round(number) : number)));
    else input.value = String(value);
  }
</script>

<label class="inline-flex items-center gap-2">
  {#if before}<span class="text-soft">{before}</span>{/if}
  <input class={['field px-2', width]} type="number" {min} {max} {step} {value} aria-label={label} onchange={(event) => take(event.currentTarget)} />
  {#if after}<span class="text-soft">{after}</span>{/if}
</label>
