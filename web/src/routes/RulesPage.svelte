<script lang="ts">
  import { limits } from '$lib/api/limits';
  import { whileShown } from '$lib/ui/whileShown';
  import msg from '$lib/messages/rules';
  import common from '$lib/messages/common';
  import TitleField from '$lib/ui/TitleField.svelte';
  import UndoRedo from '$lib/ui/UndoRedo.svelte';
  import Unkept from '$lib/ui/Unkept.svelte';
  import { api, required, sentenceOf, type FigureSummary } from '$lib/api/client';
  import { keysFor } from '$lib/keys/keys';
  import { KEEPING } from '$lib/keys/shortcuts';
  import { reference } from '$lib/reference/reference.svelte';
  import DivisionFields from '$lib/rules/DivisionFields.svelte';
  import OrganiserLine from '$lib/rules/OrganiserLine.svelte';
  import { ProfileDesk } from '$lib/rules/ProfileDesk.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Trash2 from '~icons/lucide/trash-2';
  import { push, router } from 'svelte-spa-router';

  let desk = $state.raw<ProfileDesk>();
  let figures = $state.raw<FigureSummary[]>([]);
  let failure = $state<string>();
  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');

  $effect(() => {
    desk = undefined;
    failure = undefined;
    return whileShown(
      Promise.all([ProfileDesk.open(id), api.GET('/api/figures'), reference.load()]),
      ([opened, list]) => {
        figures = required(list);
        desk = opened;
      },
      (thrown) => (failure = sentenceOf(thrown)),
      ([opened]) => opened.leave(),
    );
  });

  async function remove() {
    if (await desk?.delete()) await push('/events');
  }

  let keys = $derived(desk && keysFor(KEEPING, { undo: () => desk!.undo(), redo: () => desk!.redo(), keep: () => void desk!.keep() }));
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10"><Message sentence={failure}><a class="act" href="#/events">{msg.backToEvents()}</a></Message></div>
{:else if !desk}
  <p class="p-10 text-center text-xl text-soft">{msg.loadingTheRules()}</p>
{:else}
  <div class="mx-auto flex max-w-[76rem] flex-col gap-3 px-4 py-4">
    <header class="flex flex-wrap items-center gap-x-3 gap-y-2">
      <TitleField label={msg.rulesTitle()} title={desk.profile.title} ontype={(title) => desk!.type({ title })} ondone={() => desk!.accept()} />
      <a class="act" href={`/api/profiles/${desk.profile.id}/book`} download={`${desk.profile.id}.json`}>{msg.exportIt()}</a>
      <UndoRedo {desk} />
      <button class="act" aria-label={common.deleteIt()} title={msg.deleteTheRules()} onclick={remove}><Trash2 width={18} height={18} /></button>
      <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => desk!.keep()}>{desk.isKept ? msg.kept() : msg.keep()}</button>
    </header>
    <Unkept {desk} />
    <OrganiserLine />
    <textarea
      class="field w-full py-2 leading-snug"
      rows="2"
      {...limits.RuleProfile.note}
      aria-label={common.notes()}
      placeholder={common.notes()}
      value={desk.profile.note ?? ''}
      oninput={(event) => desk!.type({ note: event.currentTarget.value })}
      onchange={() => desk!.accept()}></textarea>
    {#each desk.profile.divisions as division, index (index)}
      <DivisionFields {division} {figures} onchange={(change) => desk!.setDivision(index, change)} ondrop={() => desk!.dropDivision(index)} />
    {/each}
    <button class="act self-start" onclick={() => desk!.addDivision()}>{msg.addADivision()}</button>
  </div>
{/if}
