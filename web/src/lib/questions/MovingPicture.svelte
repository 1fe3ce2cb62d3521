<script lang="ts">
  import msg from '$lib/messages/questions';
  import { whileShown } from '$lib/ui/whileShown';
  import { api, required, sentenceOf, type Reading } from '$lib/api/client';
  import StepDrawing from '$lib/floor/StepDrawing.svelte';
  import { distinct } from '$lib/ui/distinct';

  interface Props {
    figure: string;
  }
  let { figure }: Props = $props();

  const STEP_MILLISECONDS = 900;
  let reading = $state.raw<Reading>();
  let at = $state(0);
  let failure = $state<string>();
  let onsets = $derived(distinct([...(reading?.man ?? []), ...(reading?.lady ?? [])].flatMap((row) => (row.onset === undefined ? [] : [row.onset]))));

  $effect(() => {
    const id = figure;
    reading = undefined;
    at = 0;
    const leave = whileShown(
      api.GET('/api/figures/{id}', { params: { path: { id } } }).then(async (answer) => required(await api.POST('/api/readings', { body: required(answer) }))),
      (read) => (reading = read),
      (thrown) => (failure = sentenceOf(thrown)),
    );
    const timer = setInterval(() => (at = at >= onsets.length + 1 ? 0 : at + 1), STEP_MILLISECONDS);
    return () => {
      leave();
      clearInterval(timer);
    };
  });
</script>

<div class="panel mt-4 h-88 overflow-hidden" role="img" aria-label={msg.aFigureBeingDancedStep()}>
  {#if reading?.stances}<StepDrawing {reading} at={Math.min(at, onsets.length)} {onsets} />{:else if failure}<p class="p-4">{failure}</p>{/if}
</div>
