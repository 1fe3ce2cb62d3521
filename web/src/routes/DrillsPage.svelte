<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/questions';
  import common from '$lib/messages/common';
  import type { DrillSheet } from '$lib/api/client';
  import { DrillDesk } from '$lib/questions/DrillDesk.svelte';
  import { asked, queryOf } from '$lib/ui/address';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { router } from 'svelte-spa-router';

  const DEGREES: Record<string, number[]> = { all: [], three: [25, 50, 100], four: [25, 50, 75, 100] };
  let id = $derived(asked(router.querystring).figure ?? '');
  let desk = $derived(new DrillDesk(id));
  $effect(() => {
    if (id) void desk.load();
  });
</script>

{#snippet card(each: DrillSheet)}
  <article class="panel flex flex-col gap-1 p-4 break-inside-avoid" aria-label={each.title}>
    <h2 class="text-xl">{each.title}</h2>
    <ul class="list-disc pl-5 leading-snug">
      {#each each.sentences as sentence, index (index)}<li>{sentence}</li>{/each}
    </ul>
    {#each each.cautions as caution, at (at)}<p class="text-soft">{caution}</p>{/each}
    <a class="act mt-2 self-start print:hidden" href={`#/drills/rehearse?${queryOf({ drill: JSON.stringify(each.drill) })}`}>{common.rehearse()}</a>
  </article>
{/snippet}

<div class="mx-auto flex max-w-[76rem] flex-col gap-4 px-6 py-5 max-sm:px-3">
  {#if desk.failure || !id}
    <Message sentence={desk.failure ?? msg.exercisesBelongToAFigure()}><a class="act" href="#/figures">{common.goToFigures()}</a></Message>
  {:else if desk.figure && desk.own && (desk.sheet || desk.refusal)}
    {@const { figure, own, range } = desk}
    <header class="flex flex-wrap items-center gap-2">
      <h1 class="flex-1 text-4xl max-sm:text-2xl">{msg.exercisesOn({ title: figure.title })}</h1>
      <a class="act print:hidden" href={`#/figures/${id}`}>{common.sheet()}</a>
      <button class="act print:hidden" onclick={() => window.print()}>{common.print()}</button>
    </header>
    {#if figure.drills && figure.drills.length > 0}
      <section class="border-l-8 border-brass pl-4" aria-label={msg.inTheCoachsWords()}>
        {#each figure.drills as drill, at (at)}<p class="text-lg leading-snug">{drill}</p>{/each}
      </section>
    {/if}
    <section class="panel flex flex-col gap-3 p-4 print:hidden" aria-label={msg.yourOwnExercise()}>
      <div class="flex flex-wrap items-center gap-2">
        <span class="font-semibold">{msg.steps()}</span>
        {#each figure.man as row, index (index)}
          {@const inside = index + 1 >= range[0] && index + 1 <= range[1]}
          <button class={['act min-h-11 min-w-11 justify-center px-2', inside && 'act-main']} aria-pressed={inside} title={row.count} onclick={() => desk.tapStep(index + 1)}
            >{index + 1}</button
          >
        {/each}
        <button class="act min-h-11" onclick={() => desk.danceWhole()}>{msg.wholeFigure()}</button>
        {#if desk.whole && desk.whole.rightTimes.length > 1}
          <Choice
            label={msg.itsUnit()}
            any={msg.once()}
            value={String(own.figures[0]?.repeats ?? '')}
            options={desk.whole.rightTimes.filter((times) => times > 1).map((times) => ({ value: String(times), label: msg.times({ times }) }))}
            onchange={(times) => desk.danceWhole(times ? Number(times) : undefined)}
          />
        {/if}
        <Choice
          label={msg.into()}
          any={msg.nothing()}
          value={own.figures[1]?.figure ?? ''}
          options={desk.others.map((other) => ({ value: other.id, label: other.title }))}
          onchange={(other) => desk.leadInto(other)}
        />
      </div>
      <div class="flex flex-wrap items-center gap-2">
        <Choice
          label={msg.dancedBy()}
          value={own.alone ?? ''}
          any={msg.theCouple()}
          options={[
            { value: 'man', label: msg.theManAlone() },
            { value: 'lady', label: msg.theLadyAlone() },
          ]}
          onchange={(alone) => desk.change({ alone: alone || undefined })}
        />
        <Choice
          label={msg.degrees()}
          value={Object.keys(DEGREES).find((key) => JSON.stringify(DEGREES[key]) === JSON.stringify(own.degrees ?? [])) ?? 'all'}
          options={[
            { value: 'all', label: msg.allAtOnce() },
            { value: 'three', label: '25, 50, 100 %' },
            { value: 'four', label: '25, 50, 75, 100 %' },
          ]}
          onchange={(key) => desk.change({ degrees: DEGREES[key] })}
        />
        <label class="inline-flex min-h-11 items-center gap-2"
          ><input class="size-5 accent-(--ff-ink)" type="checkbox" checked={own.flatShoes ?? false} onchange={(event) => desk.change({ flatShoes: event.currentTarget.checked })} />
          {msg.flatShoesFirst()}</label
        >
        <label class="inline-flex items-center gap-2"
          >{msg.withIt()}
          <input
            class="field w-44"
            {...limits.Drill.prop}
            placeholder={msg.aScarfAWall()}
            value={own.prop ?? ''}
            onchange={(event) => desk.change({ prop: event.currentTarget.value || undefined })}
          /></label
        >
        {#each [['from', msg.atFirst()], ['to', msg.atLast()], ['step', msg.eachTime()], ['every', msg.timesAtEach()]] as const as [key, label] (key)}
          <label class="inline-flex items-center gap-1"
            ><input class="field w-18 px-2" type="number" value={own[key]} onchange={(event) => desk.change({ [key]: event.currentTarget.valueAsNumber || 1 })} />{label}</label
          >
        {/each}
      </div>
      {#if desk.refusal}<Message sentence={desk.refusal} />{/if}
      {#if desk.sheet}{@render card(desk.sheet)}{/if}
    </section>
    <section class="grid items-start gap-3 md:grid-cols-2" aria-label={msg.suggestedByTheCharts()}>
      {#each desk.suggested as each, index (index)}{@render card(each)}{/each}
    </section>
  {:else}
    <p class="p-10 text-center text-xl text-soft">{msg.loadingExercises()}</p>
  {/if}
</div>
