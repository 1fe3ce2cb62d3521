<script lang="ts">
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
    <span class="font-semibold">Say what is different</span>
    <input class="field" maxlength="1000" autocomplete="off" placeholder="step five, pointing diag centre · lady four heel turn · make it an eighth less" bind:value={said} />
  </label>
  <button class="act" disabled={said.trim() === ''}>Change it</button>
</form>
{#if failure}<p class="mt-2 text-madder" role="alert">{failure}</p>{/if}
{#if done}
  <div class="mt-2 rounded-lg bg-floor p-2"><ToldText text={done.text} description={done.description} /></div>
  {#if done.description.taken.length === 0}<p class="mt-1 text-soft">Nothing was changed.</p>{/if}
{/if}

<section class="mt-4 border-t-[1.5px] border-line pt-3" aria-label="Read aloud">
  <div class="flex flex-wrap items-center gap-2">
    <h3 class="text-base">Read aloud</h3>
    <Choice
      label="Whose part"
      value={part}
      options={[
        { value: 'both', label: 'both' },
        { value: 'man', label: 'the man' },
        { value: 'lady', label: 'the lady' },
      ]}
      onchange={(chosen) => (part = chosen)}
    />
    <Choice
      label="How much"
      value={length}
      options={[
        { value: 'teacher', label: 'everything' },
        { value: 'beginner', label: 'for beginners' },
      ]}
      onchange={(chosen) => (length = chosen)}
    />
    <button class="act" onclick={read}>Say it</button>
    {#if aloud}<button class="act" onclick={() => navigator.clipboard.writeText(aloud ?? '')}>Copy</button>{/if}
  </div>
  {#if aloud}<p class="mt-2 leading-relaxed whitespace-pre-wrap" data-testid="aloud">{aloud}</p>{/if}
</section>
