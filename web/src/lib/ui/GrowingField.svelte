<script lang="ts">
  import type { HTMLTextareaAttributes } from 'svelte/elements';

  interface Props extends HTMLTextareaAttributes {
    label: string;
    value: string;
    /** What is typed, on one line however it is broken on the screen. */
    ontype: (text: string) => void;
    ondone: () => void;
  }
  let { label, value, ontype, ondone, class: look, ...rest }: Props = $props();
</script>

<textarea
  {...rest}
  rows="1"
  class={['resize-none field-sizing-content', look]}
  aria-label={label}
  {value}
  oninput={(event) => ontype(event.currentTarget.value.replaceAll(/\s*\n\s*/g, ' '))}
  onkeydown={(event) => {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    event.currentTarget.blur();
  }}
  onblur={() => ondone()}></textarea>
