<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { FigureSummary } from '$lib/api/client';
  import { untrack } from 'svelte';
  import ComposeAnswers from './ComposeAnswers.svelte';
  import ComposeForm from './ComposeForm.svelte';
  import { Composing } from './Composing.svelte';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    desk: RoutineDesk;
    figures: FigureSummary[];
    /** Whether it leads into the figure that follows now; then it stands beside the floor, else it has the view to itself. */
    fillsGap: boolean;
    onclose: () => void;
  }
  let { desk, figures, fillsGap, onclose }: Props = $props();
  const composing = new Composing(() => desk);
  composing.meetsNext = untrack(() => fillsGap);
  let bars = $derived(desk.score?.placements[desk.selected]?.bar ?? 0);
  composing.toBar = untrack(() => (fillsGap ? bars + 6 : desk.placements.length === 0 ? 32 : (Math.floor(bars / 8) + 2) * 8));
</script>

<section class={fillsGap ? 'space-y-3' : 'grid min-h-0 flex-1 gap-4 lg:grid-cols-[23rem_minmax(0,1fr)]'} aria-label={msg.compose()}>
  <div class={fillsGap ? 'space-y-3' : 'panel space-y-3 p-3 lg:overflow-y-auto'}>
    <h2 class="text-xl">{desk.placements.length === 0 ? msg.composeTheOpening() : msg.composeWhatFollows()}</h2>
    <ComposeForm {desk} {composing} {figures} {onclose} />
  </div>
  <div class={fillsGap ? 'space-y-3' : 'space-y-3 lg:overflow-y-auto lg:pr-1'}>
    {#if !fillsGap && !composing.answer && !composing.busy}<p class="p-6 text-lg text-soft">{msg.sayWhatYouWant()}</p>{/if}
    <ComposeAnswers {desk} {composing} {onclose} />
  </div>
</section>
