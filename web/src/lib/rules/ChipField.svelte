<script lang="ts">
  import msg from '$lib/messages/rules';
  import Choice from '$lib/ui/Choice.svelte';

  interface Props {
    label: string;
    /** What the offer to add one says: "a figure". */
    one: string;
    options: { value: string; label: string }[];
    value: string[] | undefined;
    onchange: (value: string[]) => void;
  }
  let { label, one, options, value, onchange }: Props = $props();
  let chosen = $derived(value ?? []);
</script>

<div class="flex flex-wrap items-center gap-1.5">
  <span class="text-soft">{label}</span>
  {#each chosen as each (each)}
    {@const name = options.find((option) => option.value === each)?.label ?? each}
    <span class="inline-flex items-center rounded-lg border-[1.5px] border-line pl-2"
      >{name}<button
        class="cursor-pointer px-1.5 text-soft hover:text-madder"
        aria-label={msg.remove({ label, name })}
        onclick={() => onchange(chosen.filter((other) => other !== each))}>×</button
      ></span
    >
  {/each}
  <Choice label={msg.add()} value="" any={one} options={options.filter((option) => !chosen.includes(option.value))} onchange={(added) => added && onchange([...chosen, added])} />
</div>
