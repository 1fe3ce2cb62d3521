<script lang="ts">
  interface Props {
    id: string;
    label: string;
    hint: string;
    value: string[];
    onchange: (value: string[]) => void;
  }
  let { id, label, hint, value, onchange }: Props = $props();

  function lines(text: string) {
    return text
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '');
  }
</script>

<label class="block">
  <span class="font-semibold">{label}</span> <span class="text-sm text-soft">{hint}</span>
  <textarea
    {id}
    class="field mt-1 w-full py-2 leading-snug"
    rows={Math.max(2, value.length + 1)}
    value={value.join('\n')}
    onchange={(event) => onchange(lines(event.currentTarget.value))}></textarea>
</label>
