<script lang="ts">
  import { limits } from '$lib/api/limits';
  import { faultWords } from './subject';
  import msg from '$lib/messages/logbook';
  import common from '$lib/messages/common';
  import { api, type FigureSummary } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import GradeMark from './GradeMark.svelte';
  import { GRADES, type LessonRun } from './LessonRun.svelte';

  interface Props {
    run: LessonRun;
    dances: string[];
  }
  let { run, dances }: Props = $props();

  const CELLS = ['footPosition', 'alignment', 'turn', 'rise', 'footwork', 'sway', 'cbm', 'body', 'count', 'lead'];
  let words = $state('');
  let homework = $state(false);
  let own = $state('');
  let wanted = $state('');
  let figures = $state.raw<FigureSummary[]>([]);
  let found = $derived(wanted.trim().length < 2 ? [] : figures.filter((figure) => figure.title.toLowerCase().includes(wanted.trim().toLowerCase())).slice(0, 8));

  async function look() {
    if (figures.length > 0) return;
    const lists = await Promise.all(dances.map((dance) => api.GET('/api/figures', { params: { query: { dance } } }).catch(() => undefined)));
    figures = lists.flatMap((list) => list?.data ?? []);
  }

  async function say(event: SubmitEvent) {
    event.preventDefault();
    await run.say(words, homework);
    words = '';
  }

  function addFault(event: SubmitEvent) {
    event.preventDefault();
    run.fault(own);
    own = '';
  }

  const columnTitle = (key: string) => reference.notation.columns.find((column) => column.key === key)?.title ?? key;
</script>

<section class="flex flex-col gap-3" aria-label={msg.whatIsDanced()}>
  <ul class="flex flex-col gap-2">
    {#each run.danceables as each (each.subject)}
      {@const open = run.subject === each.subject}
      <li class={['panel overflow-hidden', open && 'border-ink']}>
        <button
          class="flex min-h-14 w-full cursor-pointer items-center px-4 text-left font-title text-xl font-semibold"
          aria-expanded={open}
          onclick={() => run.dance(each.subject)}>{each.title}</button
        >
        {#if open}
          <div class="flex flex-col gap-3 px-3 pb-3">
            <div class="grid grid-cols-4 gap-2" role="group" aria-label={msg.result()}>
              {#each GRADES as grade (grade)}
                <button
                  class={[
                    'flex min-h-18 cursor-pointer flex-col items-center justify-center gap-1 rounded-xl border-[1.5px] text-lg font-semibold hover:border-ink',
                    run.attempt?.grade === grade ? 'border-ink bg-brass/30' : 'border-line bg-floor',
                  ]}
                  aria-pressed={run.attempt?.grade === grade}
                  onclick={() => run.grade(grade)}><GradeMark value={grade} size={26} />{grade}</button
                >
              {/each}
            </div>
            {#if run.attempt}
              <p class="flex items-center gap-3 text-soft">
                <span class="flex-1" role="status">{msg.savedWithThisTry()}</span>
                <button class="act min-h-11" onclick={() => run.nextTry()}>{msg.nextTry()}</button>
              </p>
            {/if}
            {#if run.figure}
              <div class="flex flex-col gap-1.5" role="group" aria-label={msg.knownFaults()}>
                {#each run.knownFaults as fault, at (at)}
                  <button
                    class={[
                      'flex min-h-12 cursor-pointer items-center rounded-xl border-[1.5px] px-3 text-left leading-snug',
                      run.sees(fault) ? 'border-madder bg-madder-wash font-semibold' : 'border-line',
                    ]}
                    aria-pressed={run.sees(fault)}
                    onclick={() => run.fault(fault)}>{fault}</button
                  >
                {/each}
              </div>
              <p class="flex gap-4">
                <a class="py-2 font-semibold underline" href={`#/figures/${run.figure.id}/card`}>{msg.card()}</a><a
                  class="py-2 font-semibold underline"
                  href={`#/drills?figure=${run.figure.id}`}>{common.exercises()}</a
                >
              </p>
              <details>
                <summary class="cursor-pointer py-2 font-semibold"
                  >{msg.where({
                    place: [run.pin.part, run.pin.step ? msg.step({ step: run.pin.step }) : '', run.pin.cell ? columnTitle(run.pin.cell).toLowerCase() : '']
                      .filter((each) => each)
                      .join(', '),
                  })}</summary
                >
                <div class="flex flex-wrap gap-1.5" role="group" aria-label={common.part()}>
                  {#each ['man', 'lady'] as const as part (part)}<button
                      class={['act min-h-11', run.pin.part === part && 'act-main']}
                      aria-pressed={run.pin.part === part}
                      onclick={() => (run.pin = { ...run.pin, part, step: 0 })}>{part}</button
                    >{/each}
                </div>
                <div class="mt-2 flex flex-wrap gap-1.5" role="group" aria-label={common.step()}>
                  <button class={['act min-h-11', run.pin.step === 0 && 'act-main']} aria-pressed={run.pin.step === 0} onclick={() => (run.pin = { ...run.pin, step: 0 })}
                    >{msg.wholeFigure()}</button
                  >
                  {#each { length: run.steps }, index (index)}<button
                      class={['act min-h-11 min-w-11 justify-center px-2', run.pin.step === index + 1 && 'act-main']}
                      aria-pressed={run.pin.step === index + 1}
                      onclick={() => (run.pin = { ...run.pin, step: index + 1 })}>{index + 1}</button
                    >{/each}
                </div>
                <div class="mt-2 flex flex-wrap gap-1.5" role="group" aria-label={msg.aspect()}>
                  <button class={['act min-h-11', run.pin.cell === '' && 'act-main']} aria-pressed={run.pin.cell === ''} onclick={() => (run.pin = { ...run.pin, cell: '' })}
                    >{msg.anyAspect()}</button
                  >
                  {#each CELLS as cell (cell)}<button
                      class={['act min-h-11', run.pin.cell === cell && 'act-main']}
                      aria-pressed={run.pin.cell === cell}
                      onclick={() => (run.pin = { ...run.pin, cell })}>{columnTitle(cell)}</button
                    >{/each}
                </div>
              </details>
              <form class="flex gap-2" onsubmit={addFault}>
                <input class="field min-w-0 flex-1" aria-label={msg.anotherFault()} placeholder={msg.anotherFaultInYourWords()} maxlength="200" bind:value={own} />
                <button class="act" disabled={own.trim() === ''}>{msg.addFault()}</button>
              </form>
              {#each run.faults.filter((fault) => !run.knownFaults.includes(faultWords(fault))) as fault, at (at)}
                <button
                  class="flex min-h-12 cursor-pointer items-center rounded-xl border-[1.5px] border-madder bg-madder-wash px-3 text-left font-semibold"
                  aria-pressed="true"
                  onclick={() => run.fault(faultWords(fault))}>{faultWords(fault)}</button
                >
              {/each}
            {/if}
          </div>
        {/if}
      </li>
    {/each}
  </ul>
  <div class="panel p-3">
    <label class="flex flex-wrap items-center gap-2"
      ><span class="font-semibold">{msg.otherFiguresDanced()}</span><input class="field min-w-0 flex-1" placeholder={msg.aFigure()} bind:value={wanted} onfocus={look} /></label
    >
    {#if found.length > 0}<div class="mt-2 flex flex-wrap gap-1.5">
        {#each found as figure (figure.id)}<button
            class="act min-h-11"
            onclick={() => {
              run.add(figure);
              wanted = '';
            }}>{figure.title}</button
          >{/each}
      </div>{/if}
  </div>
  <form class="panel flex flex-wrap items-center gap-2 p-3" onsubmit={say}>
    <textarea class="field min-h-12 w-full py-2" rows="2" {...limits.Note.words} aria-label={msg.words()} placeholder={msg.anythingElseInYourWords()} bind:value={words}></textarea>
    <label class="inline-flex min-h-11 items-center gap-2"><input class="size-6 accent-(--ff-ink)" type="checkbox" bind:checked={homework} /> {msg.homework2()}</label>
    <span class="flex-1"></span>
    <button class="act act-main min-h-11" disabled={words.trim() === ''}>{msg.addNote()}</button>
  </form>
</section>
