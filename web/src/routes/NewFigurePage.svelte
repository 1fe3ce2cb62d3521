<script lang="ts">
  import { limits } from '$lib/api/limits';
  import { whileShown } from '$lib/ui/whileShown';
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import Choice from '$lib/ui/Choice.svelte';
  import { api, Problem, required, sentenceOf, type Fault, type FigureSummary } from '$lib/api/client';
  import { begin, blankFigure } from '$lib/figures/newFigure';
  import { reference } from '$lib/reference/reference.svelte';
  import TellField from '$lib/tellings/TellField.svelte';
  import { Telling } from '$lib/tellings/Telling.svelte';
  import { focused } from '$lib/ui/focused';
  import Message from '$lib/ui/Message.svelte';
  import { push, router } from 'svelte-spa-router';

  const query = new URLSearchParams(router.querystring ?? '');
  let dance = $state(query.get('dance') || reference.lastDance);
  void reference.load().then(() => (dance ||= reference.lastDance));
  let from = $state('blank');
  let copyOf = $state('');
  let csv = $state<string>();
  let figures = $state.raw<FigureSummary[]>([]);
  let title = $state('');
  const telling = new Telling(() => blankFigure(dance, title || msg.toldFigure()));
  let failure = $state<string>();
  let faults = $state.raw<Fault[]>([]);

  $effect(() => {
    if (!dance) return;
    return whileShown(
      api.GET('/api/figures', { params: { query: { dance } } }),
      (answer) => {
        figures = required(answer);
        copyOf = query.get('copy') ?? figures[0]?.id ?? '';
        if (query.get('copy')) from = 'copy';
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
  });

  async function submit(event: SubmitEvent) {
    event.preventDefault();
    const form = new FormData(event.currentTarget as HTMLFormElement);
    failure = undefined;
    faults = [];
    try {
      await reference.load();
      const id = await begin({
        title: String(form.get('title')),
        dance,
        bars: String(form.get('bars') ?? '1'),
        steps: Math.min(64, Math.max(1, Number(form.get('steps')) || 1)),
        copyOf: from === 'copy' ? copyOf : undefined,
        csv: from === 'csv' ? csv : undefined,
        told: from === 'told' ? (await telling.settled())?.figure : undefined,
      });
      await push(`/figures/${id}?focus=first`);
    } catch (thrown) {
      failure = sentenceOf(thrown);
      faults = thrown instanceof Problem ? thrown.faults : [];
    }
  }

  async function readFile(event: Event) {
    csv = await (event.currentTarget as HTMLInputElement).files?.[0]?.text();
  }

  const WAYS = [
    { value: 'blank', label: msg.blankCharts() },
    { value: 'told', label: msg.yourOwnWords() },
    { value: 'copy', label: msg.copyOfAFigure() },
    { value: 'csv', label: msg.csvFileOfBothCharts() },
  ];
</script>

<form class={['mx-auto flex flex-col gap-5 px-6 py-8', from === 'told' ? 'max-w-5xl' : 'max-w-2xl']} onsubmit={submit}>
  <h1 class="text-4xl max-sm:text-2xl">{msg.newFigure()}</h1>
  <label class="flex flex-col gap-1">
    <span class="font-semibold">{msg.title()}</span>
    <input class="field text-2xl" name={msg.title2()} required {...limits.Figure.title} autocomplete="off" bind:value={title} {@attach focused} />
  </label>
  <div class="flex flex-col items-start gap-1">
    <span class="font-semibold" aria-hidden="true">{common.dance()}</span>
    <Choice quiet label={common.dance()} value={dance} options={reference.dances.map((each) => ({ value: each.id, label: each.title }))} onchange={(chosen) => (dance = chosen)} />
  </div>
  <fieldset class="flex flex-col gap-2">
    <legend class="mb-1 font-semibold">{msg.startFrom()}</legend>
    {#each WAYS as way (way.value)}
      <label class="flex items-center gap-2"><input type="radio" class="size-5 accent-ink" name={msg.from()} value={way.value} bind:group={from} /> {way.label}</label>
    {/each}
  </fieldset>
  {#if from === 'blank'}
    <div class="flex gap-4">
      <label class="flex flex-col gap-1"><span class="font-semibold">{msg.steps2()}</span><input class="field w-24" name={msg.steps()} inputmode="numeric" value="6" /></label>
      <label class="flex flex-col gap-1"><span class="font-semibold">{msg.bars2()}</span><input class="field w-24" name={msg.bars3()} value="2" /></label>
    </div>
  {:else if from === 'told'}
    <TellField {telling} />
  {:else if from === 'copy'}
    <div class="flex flex-col items-start gap-1">
      <span class="font-semibold" aria-hidden="true">{common.figure()}</span>
      <Choice
        quiet
        label={common.figure()}
        value={copyOf}
        options={figures.map((figure) => ({ value: figure.id, label: figure.title }))}
        onchange={(chosen) => (copyOf = chosen)}
      />
    </div>
  {:else}
    <label class="flex flex-col gap-1">
      <span class="font-semibold">{msg.csvFile()}</span>
      <input class="field py-2" type="file" accept=".csv,text/csv" onchange={readFile} required />
      <span class="text-soft">{msg.oneLinePerStepOf()}</span>
    </label>
    <label class="flex flex-col gap-1"><span class="font-semibold">{msg.bars2()}</span><input class="field w-24" name={msg.bars3()} value="2" /></label>
  {/if}
  {#if failure}<Message sentence={failure} {faults} />{/if}
  <div class="flex gap-2">
    <button class="act act-main">{msg.createFigure()}</button>
    <a class="act" href={`#/figures?dance=${dance}`}>{msg.back()}</a>
  </div>
</form>
