<script lang="ts">
  import msg from '$lib/messages/questions';
  import common from '$lib/messages/common';
  import type { Question } from '$lib/api/client';
  import ShownChart from './ShownChart.svelte';

  interface Props {
    title: string;
    questions: Question[];
    minutes: number;
    marks: number;
    withAnswers: boolean;
  }
  let { title, questions, minutes, marks, withAnswers }: Props = $props();
</script>

<article class="hidden text-black print:block" aria-label={msg.questionsOnPaper()}>
  <h1 class="text-3xl">{title}</h1>
  <p class="mt-1">
    {withAnswers
      ? msg.paperAnswers({ questions: questions.length, marks: questions.length * marks, minutes })
      : msg.paperQuestions({ questions: questions.length, marks: questions.length * marks, minutes })}
    {#if !withAnswers}<span class="inline-block w-64 border-b-[1.5px] border-black">&nbsp;</span>{/if}
  </p>
  <ol class="mt-4 list-decimal space-y-4 pl-6">
    {#each questions as question (question.key)}
      <li class="break-inside-avoid">
        <p class="font-semibold">{question.prompt} <span class="font-normal">({marks})</span></p>
        {#if question.rows.length > 0}<ShownChart rows={question.rows} heading={common.step()} />{/if}
        {#if question.options.length > 0}
          <ul class="mt-1">
            {#each question.options as option, index (option)}<li class="flex items-center gap-2">
                <span class="inline-block size-4 border-[1.5px] border-black"></span>{index + 1}
                {option}
              </li>{/each}
          </ul>
        {/if}
        {#if withAnswers}
          <p class="mt-1">{msg.answer()} <strong>{question.answer}</strong></p>
          {#each question.explanation as sentence, at (at)}<p class="text-sm">{sentence}</p>{/each}
        {:else if question.options.length === 0}
          <p class="mt-5 border-b-[1.5px] border-black">&nbsp;</p>
        {/if}
      </li>
    {/each}
  </ol>
</article>
