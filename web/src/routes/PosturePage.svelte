<script lang="ts">
  import { limits } from '$lib/api/limits';
  import { whileShown } from '$lib/ui/whileShown';
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/postures';
  import common from '$lib/messages/common';
  import { api, sentenceOf } from '$lib/api/client';
  import { keysFor } from '$lib/keys/keys';
  import { KEEPING } from '$lib/keys/shortcuts';
  import { PostureDesk } from '$lib/postures/PostureDesk.svelte';
  import PosturePicture from '$lib/postures/PosturePicture.svelte';
  import { frameOf } from '$lib/postures/views';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import ListField from '$lib/ui/ListField.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Unkept from '$lib/ui/Unkept.svelte';
  import { push, router } from 'svelte-spa-router';

  /** All at one scale: each as wide as what it shows. */
  const VIEWS = ['front', 'side', 'above'] as const;
  const CELLS = ['feet', 'weight', 'knees', 'hips', 'ribs', 'shoulders', 'head'] as const;
  let desk = $state.raw<PostureDesk>();
  let failure = $state<string>();
  let editing = $state(false);
  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');

  $effect(() => {
    desk = undefined;
    return whileShown(
      Promise.all([PostureDesk.open(id), reference.load()]),
      ([opened]) => (desk = opened),
      (thrown) => (failure = sentenceOf(thrown)),
      ([opened]) => opened.leave(),
    );
  });

  /** Couples whose heights are known. */
  let pairs = $state.raw<{ title: string; man: number; lady: number }[]>([]);
  Promise.all([api.GET('/api/couples'), api.GET('/api/people')]).then(
    ([couples, people]) => {
      const heightOf = (id: string | undefined) => people.data?.find((person) => person.id === id)?.height;
      pairs = (couples.data ?? []).flatMap(({ title, members }) => {
        const man = heightOf(members.find((member) => member.part === 'man')?.person);
        const lady = heightOf(members.find((member) => member.part === 'lady')?.person);
        return man && lady ? [{ title, man, lady }] : [];
      });
    },
    () => (pairs = []),
  );

  async function remove() {
    if (await desk?.delete()) await push('/postures');
  }

  let keys = $derived(desk && keysFor(KEEPING, { undo: () => desk!.undo(), redo: () => desk!.redo(), keep: () => void desk!.keep() }));
</script>

<svelte:window onkeydown={keys} />

{#snippet words(title: string, lines: string[] | undefined, ordered: boolean)}
  {#if lines && lines.length > 0}
    <section class="panel p-4 break-inside-avoid" aria-label={title}>
      <h2 class="text-xl">{title}</h2>
      <svelte:element this={ordered ? 'ol' : 'ul'} class={[ordered ? 'list-decimal' : 'list-disc', 'mt-1 pl-6 text-lg leading-snug']}>
        {#each lines as line, index (index)}<li class="py-0.5">{line}</li>{/each}
      </svelte:element>
    </section>
  {/if}
{/snippet}

{#if failure}
  <div class="mx-auto max-w-2xl p-10"><Message sentence={failure}><a class="act" href="#/postures">{msg.backToPostureAndHold()}</a></Message></div>
{:else if desk}
  {@const sheet = desk.sheet}
  <div class="mx-auto flex max-w-[84rem] flex-col gap-3 px-6 py-4 max-sm:px-3">
    <header class="flex flex-wrap items-center gap-2">
      <div class="min-w-0 flex-1">
        <h1 class="text-3xl leading-tight">{sheet.title}</h1>
        <p class="text-soft">{desk.reading?.stands ?? ''} · {sheet.dances.map((dance) => reference.danceTitle(dance)).join(', ')}</p>
      </div>
      <span class="flex flex-wrap gap-2 print:hidden">
        <button class="act" aria-pressed={editing} onclick={() => (editing = !editing)}>{editing ? common.view() : common.edit()}</button>
        <button class="act" onclick={() => window.print()}>{common.print()}</button>
        <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => desk!.keep()}>{desk.isKept ? common.saved() : common.save()}</button>
      </span>
    </header>
    <Unkept {desk} />
    {#if desk.reading}
      {@const reading = desk.reading}
      {#each reading.findings as finding, at (at)}
        <p class={['rounded-xl border-l-8 px-4 py-2', finding.severity === 'error' ? 'border-madder bg-madder-wash font-semibold' : 'border-brass bg-board']} role="status">
          {finding.sentence}
        </p>
      {/each}
      <div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
        <section class="panel overflow-x-auto p-4" aria-label={msg.fromTheFeetUp()}>
          <table class="w-full border-collapse text-left text-lg leading-snug">
            <thead><tr><td></td><th scope="col" class="px-2 text-spruce">{common.man2()}</th><th scope="col" class="px-2 text-madder">{common.lady2()}</th></tr></thead>
            <tbody>
              {#if editing}
                {#each CELLS as cell (cell)}
                  <tr class="border-t border-line"
                    ><th scope="row" class="py-1 pr-2 font-semibold capitalize">{cell}</th>
                    {#each ['man', 'lady'] as const as part (part)}<td class="px-1 py-1"
                        ><Choice label="" value={sheet[part][cell]} options={desk.options(cell)} onchange={(value) => desk!.stand(part, cell, value)} /></td
                      >{/each}
                  </tr>
                {/each}
                <tr class="border-t border-line"
                  ><th scope="row" class="py-1 pr-2 font-semibold">{msg.lean()}</th>
                  {#each ['man', 'lady'] as const as part (part)}<td class="px-1 py-1"
                      ><input
                        class="field w-20 px-2"
                        type="number"
                        {...limits.Posture.lean}
                        aria-label={msg.leanOfTheDegrees({ part: nameOf(part) })}
                        value={sheet[part].lean}
                        onchange={(event) => desk!.stand(part, 'lean', event.currentTarget.valueAsNumber || 0)}
                      />°</td
                    >{/each}
                </tr>
              {:else}
                {#each reading.rows as row (row.part)}
                  <tr class="border-t border-line"
                    ><th scope="row" class="py-1.5 pr-2 font-semibold">{row.part}</th><td class="px-2">{row.man}</td><td class="px-2">{row.lady}</td></tr
                  >
                {/each}
                {#if sheet.man.note || sheet.lady.note}<tr class="border-t border-line align-top"
                    ><th scope="row" class="py-1.5 pr-2 font-semibold">{msg.also()}</th><td class="px-2 text-soft">{sheet.man.note ?? ''}</td><td class="px-2 text-soft"
                      >{sheet.lady.note ?? ''}</td
                    ></tr
                  >{/if}
              {/if}
            </tbody>
          </table>
          <h2 class="mt-4 mb-1 text-xl">{common.hold()}</h2>
          {#if editing}
            <div class="flex flex-wrap items-center gap-2">
              <Choice label={msg.position()} value={sheet.position} options={desk.options('position')} onchange={(position) => desk!.set({ position })} />
              <Choice label={common.hold()} value={sheet.hold} options={desk.options('hold')} onchange={(hold) => desk!.set({ hold })} />
              <Choice label={msg.distance()} value={sheet.proximity ?? 'close'} options={desk.options('proximity')} onchange={(proximity) => desk!.set({ proximity })} />
              <Choice label={msg.hands()} value={sheet.frame.hands} options={desk.options('hands')} onchange={(hands) => desk!.join('hands', hands)} />
              <Choice label={msg.tracks()} value={sheet.frame.tracks} options={desk.options('tracks')} onchange={(tracks) => desk!.join('tracks', tracks)} />
              {#each [['distance', msg.cmApart2(), 0, 300], ['offset', msg.cmToHisRight(), -80, 80], ['out', msg.cmHandsOut(), 0, 80], ['elbows', msg.elbowsDown(), 0, 90]] as const as [cell, label, min, max] (cell)}
                <label class="inline-flex items-center gap-1"
                  ><input
                    class="field w-20 px-2"
                    type="number"
                    {min}
                    {max}
                    value={sheet.frame[cell]}
                    onchange={(event) => desk!.join(cell, event.currentTarget.valueAsNumber || 0)}
                  />{label}</label
                >
              {/each}
            </div>
          {:else}
            <dl class="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 text-lg leading-snug">
              {#each reading.frame as row (row.part)}<dt class="border-t border-line py-1 font-semibold">{row.part}</dt>
                <dd class="border-t border-line py-1">{row.man === row.lady ? row.man : `${row.man}, ${row.lady}`}</dd>{/each}
            </dl>
          {/if}
        </section>
        <section class="panel p-3" aria-label={msg.howItLooks()}>
          <div
            class="grid items-end gap-2 max-sm:grid-cols-1! sm:grid-cols-(--views)"
            style:--views={VIEWS.map((view) => `minmax(0,${frameOf(view, [reading.man, reading.lady]).width.toFixed(2)}fr)`).join(' ')}
          >
            {#each VIEWS as view (view)}<PosturePicture {reading} {view} />{/each}
          </div>
          {#if pairs.length > 0}
            <div class="mt-2 print:hidden">
              <Choice
                label={msg.heightsOf()}
                any={msg.anyone()}
                value={pairs.find((pair) => pair.man === desk!.man && pair.lady === desk!.lady)?.title ?? ''}
                options={pairs.map((pair) => ({ value: pair.title, label: pair.title }))}
                onchange={(title) => {
                  const pair = pairs.find((each) => each.title === title);
                  if (pair) desk!.grow(pair);
                }}
              />
            </div>
          {/if}
          <div class="mt-2 flex flex-wrap items-center gap-4 print:hidden">
            {#each ['man', 'lady'] as const as part (part)}
              <label class="inline-flex flex-1 items-center gap-2 whitespace-nowrap"
                ><span class={part === 'man' ? 'text-spruce' : 'text-madder'}>{part} {desk[part].toFixed(2)} m</span><input
                  class="min-w-24 flex-1 accent-(--ff-ink)"
                  type="range"
                  min="1.4"
                  max="2"
                  step="0.01"
                  aria-label={msg.heightOfTheMetres({ part: nameOf(part) })}
                  value={desk[part]}
                  oninput={(event) => desk!.grow({ [part]: event.currentTarget.valueAsNumber })}
                /></label
              >
            {/each}
          </div>
        </section>
      </div>
      {#if editing}
        <div class="grid gap-3 md:grid-cols-2">
          <ListField id="build" label={msg.stepsToBuildIt()} hint={msg.inOrderOnePerLine()} value={sheet.build ?? []} onchange={(build) => desk!.set({ build })} />
          <ListField id="faults" label={common.faults()} hint={msg.onePerLine()} value={sheet.faults ?? []} onchange={(faults) => desk!.set({ faults })} />
          <ListField id="drills" label={common.exercises()} hint={msg.onePerLine()} value={sheet.drills ?? []} onchange={(drills) => desk!.set({ drills })} />
          <ListField id="schools" label={msg.schools()} hint={msg.whereTheyDiffer()} value={sheet.schools ?? []} onchange={(schools) => desk!.set({ schools })} />
        </div>
        <button class="act self-start" onclick={remove}>{msg.deleteTheSheet()}</button>
      {:else}
        <div class="grid items-start gap-3 md:grid-cols-2">
          {@render words(msg.howToBuildIt(), sheet.build, true)}
          <div class="flex flex-col gap-3">
            {@render words(msg.commonFaults(), sheet.faults, false)}
            {@render words(common.exercises(), sheet.drills, false)}
            {@render words(msg.whereSchoolsDiffer(), sheet.schools, false)}
          </div>
        </div>
        {#each sheet.cautions ?? [] as caution, at (at)}<p class="text-soft">{reference.cautionWords(caution)}</p>{/each}
      {/if}
    {/if}
  </div>
{:else}
  <p class="p-10 text-center text-xl text-soft">{msg.loadingTheSheet()}</p>
{/if}
