<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/classes';
  import Message from '$lib/ui/Message.svelte';
  import type { PartnerBoard, Roll } from './PartnerBoard.svelte';

  interface Props {
    board: PartnerBoard;
  }
  let { board }: Props = $props();
  const LISTS: { key: keyof Roll; label: string; hint: string }[] = [
    { key: 'men', label: msg.men(), hint: msg.oneNamePerLine() },
    { key: 'ladies', label: msg.ladies(), hint: msg.oneNamePerLine() },
    { key: 'either', label: msg.eitherPart(), hint: msg.whoDancesBoth() },
    { key: 'together', label: msg.stayTogether(), hint: msg.nedAndAnn() },
    { key: 'apart', label: msg.neverTogether(), hint: msg.tomAndBea() },
  ];
  let numbers = $state('');
  let wrong = $state(false);

  function count(event: SubmitEvent) {
    event.preventDefault();
    wrong = !board.count(numbers);
  }

  let given = $derived(Object.entries(board.parts));
</script>

<div class="grid gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
  <section class="panel p-5" aria-label={msg.round()}>
    {#if board.failure}<Message sentence={board.failure} />{/if}
    {#if board.round}
      {@const round = board.round}
      <div class="flex flex-wrap items-center gap-3">
        <h2 class="flex-1 text-3xl">{msg.roundOf({ done: board.done + 1, done2: board.done + board.rounds.length })}</h2>
        <button class="act act-main min-h-14 px-6 text-xl print:hidden" title={msg.theNextPartnersN()} onclick={() => board.next()}>{msg.changePartners()}</button>
      </div>
      <p class="text-soft">{msg.thisIsTheMinimumOne({ fewest: board.fewest })}</p>
      <ul class="mt-4 grid gap-x-6 gap-y-2 text-2xl sm:grid-cols-2" aria-label={msg.pairsInThisRound()}>
        {#each round.pairs as { man, lady } (man)}<li><span class="text-spruce">{man}</span> – <span class="text-madder">{lady}</span></li>{/each}
      </ul>
      {#if round.resting.length > 0}<p class="mt-4 text-xl">{msg.sittingOut({ join: round.resting.join(', ') })}</p>{/if}
      {#if given.length > 0}<p class="mt-2 text-soft">{given.map(([name, part]) => msg.dancesThe({ name, part: nameOf(part) })).join(', ')}.</p>{/if}
    {:else if board.done > 0}
      <h2 class="text-3xl">{msg.everyoneHasDancedWithEveryone()}</h2>
      <button class="act mt-3" onclick={() => board.again()}>{msg.startAgain()}</button>
    {:else}
      <p class="text-xl text-soft">
        {msg.listWhoIsHereThe()}
      </p>
    {/if}
  </section>
  <section class="space-y-3 print:hidden" aria-label={msg.peoplePresent()}>
    <form class="flex flex-wrap gap-2" onsubmit={count}>
      <input class="field min-w-0 flex-1" aria-label={msg.howMany()} placeholder={msg.howMany()} maxlength="20" bind:value={numbers} />
      <button class="act">{msg.fillIn()}</button>
      {#if wrong}<p class="w-full text-madder" role="alert">{msg.howManyWrong()}</p>{/if}
    </form>
    {#each LISTS as { key, label, hint } (key)}
      <label class="block">
        <span class="font-semibold">{label}</span>
        <textarea
          class="field w-full py-1.5"
          rows={key === 'men' || key === 'ladies' ? 5 : 2}
          placeholder={hint}
          value={board.roll[key]}
          onchange={(event) => board.write({ [key]: event.currentTarget.value })}></textarea>
      </label>
    {/each}
    {#if board.done > 0}<button class="act" onclick={() => board.again()}>{msg.startAgain()}</button>{/if}
  </section>
</div>
