<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/questions';
  import common from '$lib/messages/common';
  import { keysFor } from '$lib/keys/keys';
  import { QUESTIONS } from '$lib/keys/shortcuts';
  import { noteQueue } from '$lib/logbook/NoteQueue.svelte';
  import Waiting from '$lib/logbook/Waiting.svelte';
  import { Asking } from '$lib/questions/Asking.svelte';
  import MovingPicture from '$lib/questions/MovingPicture.svelte';
  import Paper from '$lib/questions/Paper.svelte';
  import { QuestionRound, type Wish } from '$lib/questions/QuestionRound.svelte';
  import ShownChart from '$lib/questions/ShownChart.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import { asked, changedQuery } from '$lib/ui/address';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Printer from '~icons/lucide/printer';
  import { replace, router } from 'svelte-spa-router';
  import { tick } from 'svelte';

  const USUAL_COUNT = 10;
  const MOST_SEEDS = 1_000_000;
  const round = new QuestionRound(noteQueue);
  const asking = new Asking();
  void asking.loadPeople();
  let withAnswers = $state(false);
  let minutes = $state(20);
  let marks = $state(2);
  /** On a phone the kinds are folded away. */
  let kindsOpen = $state(false);

  let address = $derived(asked(router.querystring));
  let wish = $derived<Wish>({
    dance: address.dance ?? '',
    highest: address.level ?? '',
    part: address.part ?? '',
    kinds: (address.kinds?.split(',') ?? []).filter((each) => round.kinds.length === 0 || round.kinds.some(({ kind }) => kind === each)),
    figure: address.figure ?? '',
    count: Number(address.count ?? USUAL_COUNT) || USUAL_COUNT,
    seed: Number(address.seed ?? 1) || 1,
    weakOf: address.weak ? (address.who ?? '') : '',
  });
  let answering = $derived(asking.couples.find((couple) => couple.id === address.who));
  $effect(() => {
    round.asked = { couple: answering?.id ?? '', person: answering?.members.some((member) => member.person === address.person) ? (address.person ?? '') : '' };
  });
  if (!router.querystring) void reference.load().then(() => replace(`/questions?dance=${reference.lastDance}&seed=${anySeed()}`));

  let put = $derived(JSON.stringify(wish));
  $effect(() => {
    const next = JSON.parse(put) as Wish;
    if (next.dance) void round.start(next);
  });
  $effect(() => {
    if (!wish.dance) return;
    void asking.loadFigures(wish.dance);
    void round.loadKinds(wish.dance);
  });

  function anySeed() {
    return String(1 + Math.floor(Math.random() * MOST_SEEDS));
  }

  function change(changed: Record<string, string>) {
    void replace(`/questions?${changedQuery(new URLSearchParams(router.querystring ?? ''), changed)}`);
  }

  function toggle(kind: string) {
    const kinds = wish.kinds.includes(kind) ? wish.kinds.filter((each) => each !== kind) : [...wish.kinds, kind];
    change({ kinds: kinds.join(',') });
  }

  async function give(answer: string) {
    await round.give(answer);
    if (!round.isMarked) return;
    await tick();
    document.getElementById('next-question')?.focus();
  }

  async function next() {
    round.next();
    await tick();
    document.getElementById('answer')?.focus();
  }

  async function print(answers: boolean) {
    withAnswers = answers;
    await tick();
    window.print();
  }

  function choose(index: number) {
    const option = round.question?.options[index];
    if (round.question?.form !== 'option' || option === undefined) return false;
    void give(option);
  }

  function goOn() {
    if (!round.isMarked) return false;
    void next();
  }

  const keys = keysFor(QUESTIONS, {
    first: () => choose(0),
    second: () => choose(1),
    third: () => choose(2),
    fourth: () => choose(3),
    next: goOn,
    start: () => change({ seed: anySeed() }),
    print: () => void print(false),
  });

  const HINTS: Record<string, string> = {
    words: msg.inYourOwnWordsAs(),
    order: msg.theNumbersOfTheSteps(),
    step: msg.theNumberOfTheStep(),
    option: msg.aNumberOrItsName(),
  };
  const TONES: Record<string, string> = { right: 'border-spruce bg-spruce-wash', nearly: 'border-brass', wrong: 'border-madder bg-madder-wash', unread: 'border-line' };
</script>

<svelte:window onkeydown={keys} />

<div class="mx-auto flex max-w-[76rem] flex-col gap-4 px-6 py-5 print:hidden max-sm:px-3">
  <header class="flex flex-wrap items-center gap-2">
    <h1 class="mr-4 flex-1 text-4xl">{common.questions()}</h1>
    <button class="act" title={msg.newQuestionsN()} onclick={() => change({ seed: anySeed() })}>{msg.newQuestions()}</button>
    <details class="relative">
      <summary class="act list-none"><Printer width={18} height={18} aria-hidden="true" />{msg.onPaper()}</summary>
      <div class="panel absolute right-0 z-20 mt-1 w-72 space-y-2 p-3 shadow-xl">
        <label class="flex items-center justify-between gap-2"
          >{msg.questions()}
          <input
            class="field w-20 px-2"
            type="number"
            {...limits.QuestionWish.count}
            value={wish.count}
            onchange={(event) => change({ count: event.currentTarget.value })}
          /></label
        >
        <label class="flex items-center justify-between gap-2">{msg.marksEach()} <input class="field w-20 px-2" type="number" min="1" max="20" bind:value={marks} /></label>
        <label class="flex items-center justify-between gap-2">{common.minutes()} <input class="field w-20 px-2" type="number" min="1" max="300" bind:value={minutes} /></label>
        <button class="act act-main w-full justify-center" title={msg.printP()} onclick={() => print(false)}>{msg.printTheQuestions()}</button>
        <button class="act w-full justify-center" onclick={() => print(true)}>{msg.printWithAnswers()}</button>
        <p class="text-sm text-soft">{msg.setTheSameNumberGives({ seed: wish.seed })}</p>
      </div>
    </details>
    <span class="w-full"></span>
    <Choice
      label={common.dance()}
      value={wish.dance}
      options={reference.dances.map((dance) => ({ value: dance.id, label: dance.title }))}
      onchange={(dance) => change({ dance, figure: '' })}
    />
    <Choice
      label={msg.upTo()}
      any={msg.anyLevel()}
      value={wish.highest}
      options={reference.notation.levels.map((level) => ({ value: level.shorthand, label: level.wording }))}
      onchange={(level) => change({ level })}
    />
    <Choice
      label={msg.stepsOf()}
      any={common.both()}
      value={wish.part}
      options={[
        { value: 'man', label: common.theMan() },
        { value: 'lady', label: common.theLady() },
      ]}
      onchange={(part) => change({ part })}
    />
    <Choice
      label={common.figure()}
      any={common.any()}
      value={wish.figure}
      options={asking.figures.map((figure) => ({ value: figure.id, label: figure.title }))}
      onchange={(figure) => change({ figure })}
    />
    {#if asking.couples.length > 0}
      <Choice
        label={msg.answeredBy()}
        any={msg.anyone()}
        value={address.who ?? ''}
        options={asking.couples.map((couple) => ({ value: couple.id, label: couple.title }))}
        onchange={(who) => change({ who, person: '', weak: '' })}
      />
      {#if answering && answering.members.length > 1}
        <Choice
          label={msg.ofThem()}
          any={msg.together()}
          value={round.asked.person}
          options={answering.members.map((member) => ({ value: member.person, label: asking.nameOf(member.person) }))}
          onchange={(person) => change({ person })}
        />
      {/if}
      {#if answering}<button class={['act', address.weak && 'act-main']} aria-pressed={Boolean(address.weak)} onclick={() => change({ weak: address.weak ? '' : 'yes' })}
          >{msg.weakestFirst()}</button
        >{/if}
    {/if}
  </header>
  <Waiting />
  <button class="act self-start whitespace-normal sm:hidden" aria-expanded={kindsOpen} onclick={() => (kindsOpen = !kindsOpen)}>
    {wish.kinds.length === 0 ? msg.anyKindOfQuestion() : msg.questionsOn({ join: wish.kinds.join(', ') })}
  </button>
  <div class={['flex flex-wrap gap-1.5', !kindsOpen && 'max-sm:hidden']} role="group" aria-label={msg.kindsOfQuestion()}>
    {#each round.kinds as { kind, wording } (kind)}
      <button class={['act min-h-9 px-3', wish.kinds.includes(kind) && 'act-main']} aria-pressed={wish.kinds.includes(kind)} title={wording} onclick={() => toggle(kind)}
        >{kind}</button
      >
    {/each}
  </div>

  {#if asking.failure}<Message sentence={asking.failure} />{/if}
  {#if round.failure}<Message sentence={round.failure} />{/if}
  {#if round.isOver}
    <section class="panel p-6" aria-label={msg.result()}>
      <h2 class="text-3xl">{msg.of100({ score: round.score })}</h2>
      <p class="mt-1 text-xl">{msg.score({ right: round.count('right'), nearly: round.count('nearly'), wrong: round.count('wrong') })}</p>
      <div class="mt-4 flex flex-wrap gap-2">
        {#if round.count('right') < round.questions.length}<button class="act act-main" onclick={() => round.again()}>{msg.repeatTheMissedOnes()}</button>{/if}
        <button class="act" onclick={() => change({ seed: anySeed() })}>{msg.newQuestions()}</button>
      </div>
    </section>
  {:else if round.question}
    {@const question = round.question}
    <section class="panel p-6 max-sm:p-4" aria-label={msg.question()}>
      <p class="text-lg text-soft">{msg.of({ at: round.at + 1, count: round.questions.length, kind: question.kind })}</p>
      <h2 class="mt-1 text-3xl leading-snug max-sm:text-2xl">{question.prompt}</h2>
      {#if question.kind === 'picture'}<MovingPicture figure={question.figure} />{/if}
      {#if question.rows.length > 0}
        <div class="mt-4">
          <ShownChart
            rows={question.rows}
            heading={common.step()}
            marked={round.isMarked ? question.row : undefined}
            onchoose={question.form === 'step' && !round.isMarked ? (row) => give(String(row + 1)) : undefined}
          />
        </div>
      {/if}
      {#if question.form === 'option'}
        <ol class="mt-4 grid gap-2 sm:grid-cols-2">
          {#each question.options as option, index (option)}
            <li>
              <button
                class={[
                  'act min-h-14 w-full justify-start text-left text-xl whitespace-normal disabled:opacity-100',
                  round.isMarked && option === question.answer && 'border-spruce bg-spruce-wash',
                ]}
                disabled={round.isMarked}
                onclick={() => choose(index)}><span class="key">{index + 1}</span>{option}</button
              >
            </li>
          {/each}
        </ol>
      {:else if !round.isMarked}
        <form
          class="mt-4 flex flex-wrap gap-2"
          onsubmit={(event) => {
            event.preventDefault();
            void give(round.answer);
          }}
        >
          <input
            id="answer"
            class="field min-h-14 min-w-0 flex-1 text-2xl"
            aria-label={msg.yourAnswer()}
            autocomplete="off"
            {...limits.QuestionAnswer.answer}
            placeholder={HINTS[question.form]}
            bind:value={round.answer}
          />
          <button class="act act-main min-h-14 px-6 text-xl">{msg.answer2()}</button>
        </form>
      {/if}
      {#if !round.isMarked}<button class="act mt-3" onclick={() => give(msg.iDontKnow())}>{msg.iDontKnow()}</button>{/if}
      <div aria-live="polite">
        {#if round.mark}
          {@const mark = round.mark}
          <div class={['mt-4 rounded-xl border-l-8 p-4', TONES[mark.outcome]]}>
            <p class="text-2xl font-semibold">{mark.sentence}</p>
            {#if round.isMarked}
              {#each question.explanation as sentence, at (at)}<p class="mt-1 text-lg leading-snug">{sentence}</p>{/each}
              <p class="mt-2"><a class="underline" href={`#/figures/${question.figure}`}>{msg.chart()}</a></p>
            {/if}
          </div>
          {#if round.isMarked}<button id="next-question" class="act act-main mt-3 min-h-14 px-6 text-xl" onclick={next}
              >{round.at + 1 < round.questions.length ? common.next() : msg.result()}</button
            >{/if}
        {/if}
      </div>
    </section>
  {:else if round.busy}
    <p role="status" class="text-soft">{msg.loadingQuestions()}</p>
  {/if}
</div>
<Paper
  title={msg.questionsSet({ dance: reference.danceTitle(wish.dance), seed: wish.seed })}
  questions={round.questions.filter((question) => question.kind !== 'picture')}
  {minutes}
  {marks}
  {withAnswers}
/>
