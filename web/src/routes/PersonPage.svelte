<script lang="ts">
  import { limits } from '$lib/api/limits';
  import { whileShown } from '$lib/ui/whileShown';
  import msg from '$lib/messages/people';
  import common from '$lib/messages/common';
  import { sentenceOf, type Person } from '$lib/api/client';
  import { keysFor } from '$lib/keys/keys';
  import { KEEPING } from '$lib/keys/shortcuts';
  import DanceBoxes from '$lib/people/DanceBoxes.svelte';
  import { personStore } from '$lib/people/peopleStore';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import DeskHeader from '$lib/ui/DeskHeader.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { standby } from '$lib/studio/Standby.svelte';
  import { notices } from '$lib/ui/Notices.svelte';
  import { dropRecovered } from '$lib/ui/recovered';
  import { PlainDesk } from '$lib/ui/PlainDesk.svelte';
  import { push, router } from 'svelte-spa-router';

  let desk = $state.raw<PlainDesk<Person>>();
  let failure = $state<string>();
  let erasing = $state(false);
  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');

  $effect(() => {
    desk = undefined;
    return whileShown(
      Promise.all([PlainDesk.open(personStore, id), reference.load()]),
      ([opened]) => (desk = opened),
      (thrown) => (failure = sentenceOf(thrown)),
      ([opened]) => opened.leave(),
    );
  });

  /** Nothing is offered to bring them back, nor to take back what was kept of them: who is erased is gone. */
  async function erase() {
    try {
      const { tag } = await personStore.load(id);
      await personStore.remove(id, tag);
      dropRecovered('person', id);
      notices.dismiss();
      await standby.look();
      await push('/people');
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  let keys = $derived(desk && keysFor(KEEPING, { undo: () => desk!.undo(), redo: () => desk!.redo(), keep: () => void desk!.keep() }));
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10"><Message sentence={failure}><a class="act" href="#/people">{msg.backToPeople()}</a></Message></div>
{:else if desk}
  {@const person = desk.value}
  <div class="mx-auto flex max-w-3xl flex-col gap-4 px-6 py-5 max-sm:px-3">
    <DeskHeader {desk} label={msg.name()} />
    <div class="flex flex-wrap items-center gap-3">
      <Choice
        label={common.level()}
        any={msg.notSet()}
        value={person.level ?? ''}
        options={reference.notation.levels.map((level) => ({ value: level.shorthand, label: level.wording }))}
        onchange={(level) => desk!.set({ level: level || undefined })}
      />
      <label class="inline-flex items-center gap-2"
        >{msg.height()}
        <input
          class="field w-24 px-2"
          type="number"
          {...limits.Person.height}
          step="0.01"
          value={person.height ?? ''}
          onchange={(event) => desk!.set({ height: Number.isNaN(event.currentTarget.valueAsNumber) ? undefined : event.currentTarget.valueAsNumber })}
        /> m</label
      >
      <label class="inline-flex flex-1 items-center gap-2"
        >{msg.shoes()}
        <input
          class="field min-w-0 flex-1"
          {...limits.Person.shoes}
          value={person.shoes ?? ''}
          onchange={(event) => desk!.set({ shoes: event.currentTarget.value || undefined })}
        /></label
      >
    </div>
    <DanceBoxes chosen={person.dances ?? []} onchange={(dances) => desk!.set({ dances })} />
    <label class="block"
      ><span class="font-semibold">{common.notes()}</span><textarea
        class="field mt-1 w-full py-2"
        rows="3"
        {...limits.Person.note}
        value={person.note ?? ''}
        onchange={(event) => desk!.set({ note: event.currentTarget.value || undefined })}></textarea></label
    >
    <label class="block rounded-xl border-2 border-dashed border-line p-3 print:hidden"
      ><span class="font-semibold">{msg.injuries()}</span>
      <span class="text-soft">{msg.privateNeverPrintedSharedOr()}</span><textarea
        class="field mt-1 w-full py-2"
        rows="2"
        {...limits.Person.note}
        value={person.injuries ?? ''}
        onchange={(event) => desk!.set({ injuries: event.currentTarget.value || undefined })}></textarea></label
    >
    <div class="flex flex-wrap items-center gap-2 border-t border-line pt-4 print:hidden">
      <a class="act" href={`/api/people/${id}/record`} download={`${id}.json`}>{msg.exportEverythingAbout({ title: person.title })}</a>
      <button class="act" onclick={() => (erasing = !erasing)}>{msg.erase({ title: person.title })}</button>
    </div>
    {#if erasing}
      <Message sentence={msg.wouldBeRemovedFromEverything({ title: person.title })}>
        <p class="w-full">{msg.existingBackupsStillHoldThe()}</p>
        <button class="act act-main" onclick={erase}>{msg.erasePermanently()}</button>
        <button class="act" onclick={() => (erasing = false)}>{common.cancel()}</button>
      </Message>
    {/if}
  </div>
{:else}
  <p class="p-10 text-center text-xl text-soft">{common.loading()}</p>
{/if}
