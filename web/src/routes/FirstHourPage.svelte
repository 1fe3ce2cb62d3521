<script lang="ts">
  import msg from '$lib/messages/firsthour';
  import common from '$lib/messages/common';
  import { sentenceOf } from '$lib/api/client';
  import { FirstHour, type Task } from '$lib/firsthour/FirstHour.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Check from '~icons/lucide/check';
  import { push } from 'svelte-spa-router';

  const hour = new FirstHour();
  void hour.look();
  let asksToThrow = $state(false);

  async function go(task: Task) {
    try {
      await push(await hour.addressOf(task));
    } catch (thrown) {
      hour.failure = sentenceOf(thrown);
    }
  }
</script>

<div class="mx-auto flex max-w-4xl flex-col gap-4 px-6 py-5 max-sm:px-4">
  <h1 class="text-4xl max-sm:text-2xl">{common.yourFirstHour()}</h1>
  <p class="text-lg leading-snug">
    {msg.fiveTasksOnAFigure()}
  </p>
  {#if hour.failure}<Message sentence={hour.failure}><button class="act" onclick={() => hour.look()}>{msg.checkAgain()}</button></Message>{/if}
  <ol class="flex flex-col gap-3" aria-busy={hour.busy}>
    {#each hour.steps as step, index (step.task)}
      {@const isNext = hour.next?.task === step.task}
      <li class={['panel grid grid-cols-[3rem_1fr] gap-x-4 p-4 sm:grid-cols-[3rem_1fr_auto] sm:items-center', isNext && 'border-ink outline-1 outline-ink']}>
        <span class={['grid size-12 place-items-center rounded-full font-title text-2xl font-bold', step.done ? 'bg-spruce text-floor' : 'bg-line']}>
          {#if step.done}<Check width={26} height={26} aria-hidden="true" /><span class="sr-only">{msg.done()}</span>{:else}{index + 1}{/if}
        </span>
        <div>
          <h2 class="text-2xl">{step.title}</h2>
          <p class="text-lg leading-snug">{step.how}</p>
          {#if step.wants}<p class="font-semibold text-madder">{step.wants}</p>{/if}
        </div>
        <button class={['act max-sm:col-start-2 max-sm:mt-2 max-sm:justify-self-start', isNext && 'act-main']} onclick={() => go(step.task)}>
          {step.done ? msg.doItAgain() : common.start()}
        </button>
      </li>
    {/each}
  </ol>
  {#if !hour.busy && !hour.next}
    <p class="text-xl font-semibold text-spruce" role="status">
      {msg.thatIsEverythingNowAdd()} <a class="underline" href="#/people">{common.people()}</a>{msg.andTodayShowsWhatPractice()}
    </p>
  {/if}
  <p class="flex flex-wrap gap-2">
    <a class="act" href="#/today">{msg.backToToday()}</a>
    {#if hour.isBegun}
      {#if asksToThrow}
        <button class="act act-main" onclick={() => ((asksToThrow = false), void hour.throwAway())}>{msg.yesDeleteBoth()}</button>
        <button class="act" onclick={() => (asksToThrow = false)}>{common.cancel()}</button>
      {:else}
        <button class="act" disabled={hour.busy} onclick={() => (asksToThrow = true)}>{msg.deleteWhatIMade()}</button>
      {/if}
    {/if}
  </p>
</div>
