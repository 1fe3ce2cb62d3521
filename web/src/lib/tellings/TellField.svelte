<script lang="ts">
  import msg from '$lib/messages/tellings';
  import type { Telling } from './Telling.svelte';
  import ToldChart from './ToldChart.svelte';
  import ToldText from './ToldText.svelte';

  interface Props {
    telling: Telling;
  }
  let { telling }: Props = $props();
</script>

<label class="flex flex-col gap-1">
  <span class="font-semibold">{msg.describeItStepByStep()}</span>
  <textarea
    class="field min-h-44 py-2 leading-relaxed"
    maxlength="20000"
    value={telling.text}
    placeholder={msg.rightFootForwardFacingDiagonal()}
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
    <span class="border-b-2 border-spruce">{msg.understood()}</span>, <span class="border-b-2 border-dashed border-brass">{msg.likely()}</span>,
    <span class="italic">{msg.derived()}</span>{msg.derivedFromWhatYouSaid()}
  </p>
{/if}
