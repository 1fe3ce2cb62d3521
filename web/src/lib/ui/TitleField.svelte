<script lang="ts">
  import { limits } from '$lib/api/limits';
  import GrowingField from './GrowingField.svelte';

  interface Props {
    /** What the title is of: "Title of the piece". */
    label: string;
    title: string;
    /** A quieter title, where what stands beside it needs the room. */
    quiet?: boolean;
    ontype: (title: string) => void;
    ondone: () => void;
  }
  let { label, title, quiet = false, ontype, ondone }: Props = $props();
</script>

<h1 class="sr-only">{title}</h1>
<GrowingField
  class={[
    'flex-1 rounded-lg bg-transparent px-1 font-title text-2xl leading-tight font-semibold hover:bg-board',
    quiet ? 'min-w-52 sm:min-w-[26rem]' : 'min-w-0 sm:min-w-72 sm:text-3xl',
  ]}
  {label}
  {...limits.Routine.title}
  value={title}
  {ontype}
  {ondone}
/>
