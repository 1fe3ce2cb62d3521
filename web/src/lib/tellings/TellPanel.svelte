<script lang="ts">
  import msg from '$lib/messages/tellings';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type Description } from '$lib/api/client';
  import type { FigureSheet } from '$lib/figures/FigureSheet.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import ToldText from './ToldText.svelte';

  interface Props {
    sheet: FigureSheet;
  }
  let { sheet }: Props = $props();

  let said = $state('');
  let done = $state.raw<{ text: string; description: Description }>();
  let part = $state('both');
  let length = $state('teacher');
  let aloud = $state<string>();
  let failure = $state<string>();

  async function correct(event: SubmitEvent) {
    event.preventDefault();
    try {
      const description = required(await api.POST('/api/descriptions', { body: { figure: sheet.figure, text: said, amends: true } }));
      failure = undefined;
      done = { text: said, description };
      if (description.taken.length > 0) sheet.set(description.figure);
      said = description.leftovers.length > 0 ? said : '';
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  async function read() {
    try {
      aloud = required(await api.POST('/api/tellings', { body: { figure: sheet.figure, part, length } })).text;
      failure = undefined;
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
</script>

<form class="space-y-2" onsubmit={correct}>
  <label class="flex flex-col gap-1">
    <span class="font-semibold">{msg.describeTheChange()}</span>
    <input class="field" maxlength="1000" autocomplete="off" placeholder={msg.stepFivePointingDiagCentre()} bind:value={said} />
  </label>
  <button class="act" disabled={said.trim() === ''}>{msg.apply()}</button>
</form>
{#if failure}<p class="mt-2 text-madder" role="alert">{failure}</p>{/if}
{#if done}
  <div class="mt-2 rounded-lg bg-floor p-2"><ToldText text={done.text} description={done.description} /></div>
  {#if done.description.taken.length === 0}<p class="mt-1 text-soft">{msg.nothingWasChanged()}</p>{/if}
{/if}

<section class="mt-4 border-t-[1.5px] border-line pt-3" aria-label={msg.readAloud()}>
  <div class="flex flex-wrap items-center gap-2">
    <h3 class="text-base">{msg.readAloud()}</h3>
    <Choice
      label={common.part()}
      value={part}
      options={[
        { value: 'both', label: common.both() },
        { value: 'man', label: common.theMan() },
        { value: 'lady', label: common.theLady() },
      ]}
      onchange={(chosen) => (part = chosen)}
    />
    <Choice
      label={msg.detail()}
      value={length}
      options={[
        { value: 'teacher', label: msg.everything() },
        { value: 'beginner', label: msg.forBeginners() },
      ]}
      onchange={(chosen) => (length = chosen)}
    />
    <button class="act" onclick={read}>{common.play()}</button>
    {#if aloud}<button class="act" onclick={() => navigator.clipboard.writeText(aloud ?? '')}>{msg.copy()}</button>{/if}
  </div>
  {#if aloud}<p class="mt-2 leading-relaxed whitespace-pre-wrap" data-testid="aloud">{aloud}</p>{/if}
</section>
