<script lang="ts">
  import type { Telling } from './Telling.svelte';
  import ToldChart from './ToldChart.svelte';
  import ToldText from './ToldText.svelte';

  interface Props {
    telling: Telling;
  }
  let { telling }: Props = $props();
</script>

<label class="flex flex-col gap-1">
  <span class="font-semibold">Tell it, step by step or summed up</span>
  <textarea
    class="field min-h-44 py-2 leading-relaxed"
    maxlength="20000"
    value={telling.text}
    placeholder="Right foot forward facing diagonal wall, heel toe; left foot to the side, a quarter to the right, toe; right foot closes, an eighth, toe heel. Lady the natural opposite. Common fault: …"
    oninput={(event) => telling.tell(event.currentTarget.value)}></textarea>
</label>
{#if telling.failure}<p class="text-madder" role="alert">{telling.failure}</p>{/if}
{#if telling.description && telling.text.trim() !== ''}
  <div class="panel p-3"><ToldText text={telling.text} description={telling.description} /></div>
  <div class="grid gap-4 sm:grid-cols-2">
    <ToldChart figure={telling.description.figure} part="man" />
    <ToldChart figure={telling.description.figure} part="lady" />
  </div>
  <p class="text-soft">
    <span class="border-b-2 border-spruce">Understood</span>, <span class="border-b-2 border-dashed border-brass">likely</span>, <span class="italic">derived</span>: what was not
    said but follows, to be accepted or changed on the sheet.
  </p>
{/if}
