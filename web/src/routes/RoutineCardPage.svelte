<script lang="ts">
  import msg from '$lib/messages/routines';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type LegendEntry, type Part, type Piece, type Routine, type Score } from '$lib/api/client';
  import { minutes } from '$lib/music/minutes';
  import { reference } from '$lib/reference/reference.svelte';
  import { cardLines, printedLegend, sayingOf } from '$lib/routines/RoutineCard';
  import { asked, changedQuery, queryOf } from '$lib/ui/address';
  import Choice from '$lib/ui/Choice.svelte';
  import FootworkChoice from '$lib/ui/FootworkChoice.svelte';
  import { settings } from '$lib/ui/settings.svelte';
  import FloorPlan from '$lib/floor/FloorPlan.svelte';
  import Toggle from '$lib/ui/Toggle.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { replace, router } from 'svelte-spa-router';

  let routine = $state.raw<Routine>();
  let score = $state.raw<Score>();
  let legend = $state.raw<LegendEntry[]>([]);
  let piece = $state.raw<Piece>();
  let failure = $state<string>();
  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let query = $derived(asked(router.querystring));
  let parts = $derived<Part[]>(query.steps === 'man' ? ['man'] : query.steps === 'lady' ? ['lady'] : query.steps === 'both' ? ['man', 'lady'] : []);

  $effect(() => {
    const path = { id };
    return whileShown(
      Promise.all([
        api.GET('/api/routines/{id}', { params: { path } }),
        api.GET('/api/routines/{id}/score', { params: { path } }),
        api.GET('/api/routines/{id}/legend', { params: { path, query: { footwork: settings.footwork } } }),
        reference.load(),
      ]),
      ([stored, laid, codes]) => {
        routine = required(stored);
        score = required(laid);
        legend = required(codes);
        void hear(routine);
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
  });

  /** The piece it is danced to; the page does not wait for it. */
  async function hear({ music }: Routine) {
    if (!music?.piece) return;
    try {
      piece = required(await api.GET('/api/pieces/{id}', { params: { path: { id: music.piece } } }));
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  function ask(change: Record<string, string>) {
    void replace(`/routines/${id}/card?${changedQuery(new URLSearchParams(router.querystring), change)}`);
  }

  let lines = $derived(score ? cardLines(score) : []);
  const sectionOf = (index: number) => routine?.placements[index]?.section?.title;
  let say = $derived(sayingOf(legend, query.words === 'yes'));
  let printed = $derived(query.words === 'yes' ? [] : printedLegend(legend, lines, parts));
  let notes = $derived(lines.map((line) => routine?.placements[line.placement.index]?.note ?? ''));
</script>

<div class="mx-auto max-w-4xl px-6 py-5 max-sm:px-3 print:max-w-none print:p-0">
  <div class="mb-4 flex flex-wrap items-center gap-2 print:hidden">
    <a class="act" href={`#/routines/${id}`}>{common.desk()}</a>
    <a class="act" href={`#/routines/${id}/rehearse`}>{common.rehearse()}</a>
    <Choice
      label={msg.stepsOf()}
      any={msg.nobody()}
      value={query.steps ?? ''}
      options={[
        { value: 'man', label: common.theMan() },
        { value: 'lady', label: common.theLady() },
        { value: 'both', label: common.both() },
      ]}
      onchange={(steps) => ask({ steps })}
    />
    <Toggle label={msg.inWords()} title={msg.codesAreWrittenOut()} on={query.words === 'yes'} onchange={(on) => ask({ words: on ? 'yes' : '' })} />
    {#if parts.length > 0}<FootworkChoice />{/if}
    <Toggle label={msg.floorPath()} on={query.path !== 'no'} onchange={(on) => ask({ path: on ? '' : 'no' })} />
    <input
      class="field min-w-40 flex-1"
      placeholder={msg.hallDayForWhom()}
      aria-label={msg.subtitle()}
      maxlength="120"
      value={query.for ?? ''}
      oninput={(event) => ask({ for: event.currentTarget.value })}
    />
    <button class="act act-main ml-auto" title={msg.printOrSaveAsPdf2()} onclick={() => window.print()}>{msg.printOrPdf()}</button>
  </div>
  {#if failure}
    <Message sentence={failure}><a class="act" href="#/routines">{common.backToRoutines()}</a></Message>
  {/if}
  {#if routine && score}
    <h1 class="text-4xl max-sm:text-2xl">{routine.title}</h1>
    {#if query.for}<p class="text-xl font-semibold">{query.for}</p>{/if}
    <p class="text-lg text-soft print:text-ink">
      {msg.barsMinBarsFloorM({
        title: reference.dances.find((dance) => dance.id === score!.dance)?.title ?? score.dance,
        tempo: score.tempo,
        ceil: Math.ceil(score.beats / score.beatsPerBar),
        minutes: minutes(Math.round(score.seconds)),
        count: score.floor.length,
        width: score.floor.width,
      })}{#if piece}{msg.to({ title: piece.title })}{#if (routine.music?.from ?? 1) > 1}
          {msg.fromItsBar({ from: routine.music?.from ?? '' })}{/if}{/if}
    </p>
    {#if query.path !== 'no' && score.motion}
      <figure class="mt-3 break-inside-avoid">
        <div class="h-80 print:h-72"><FloorPlan {score} beat={0} selected={-1} printed /></div>
        <figcaption class="text-sm text-soft print:text-ink">{msg.pathOverTheFloorDashed()}</figcaption>
      </figure>
    {/if}
    <ol class="mt-4">
      {#each lines as line, index (index)}
        {#if sectionOf(line.placement.index) && sectionOf(line.placement.index) !== (index > 0 ? sectionOf(lines[index - 1]!.placement.index) : undefined)}
          <li class="mt-4 border-b-2 border-ink pb-1 font-title text-xl">{sectionOf(line.placement.index)}</li>
        {/if}
        <li class="grid break-inside-avoid grid-cols-[3.5rem_minmax(0,1fr)] gap-x-3 border-b border-line py-2 print:border-ink/30">
          <span class="text-right font-title text-2xl font-bold"
            >{line.placement.bar}{#if line.placement.beat > 1}<span class="text-base font-normal text-soft">·{line.placement.beat}</span>{/if}</span
          >
          <div class="min-w-0">
            <p class="flex flex-wrap items-baseline gap-x-3">
              <strong class="text-xl leading-tight">{line.placement.highlight ? '★ ' : ''}{line.placement.title}</strong>
              {#if line.placement.way}<span>{line.placement.way}</span>{/if}
              <span class="ml-auto font-semibold">{line.counts}</span>
            </p>
            <p class="leading-snug text-soft print:text-ink">
              {[line.begins && msg.begins({ begins: say('alignment', line.begins) }), line.ends && line.ends !== line.begins && msg.ends({ ends: say('alignment', line.ends) })]
                .filter(Boolean)
                .join(' · ')}
              {#if line.hold}· <a class="underline" href={`#/postures?${queryOf({ dance: score.dance, position: line.position, hold: line.hold })}`}
                  >{say('position', line.position)}, {say('hold', line.hold)}</a
                >{/if}
            </p>
            {#if notes[index]}<p class="leading-snug">{notes[index]}</p>{/if}
            {#each parts as part (part)}
              {#if line.steps[part].length > 0}
                <p class="mt-1 font-semibold">{part}</p>
                <ol class="leading-snug">
                  {#each line.steps[part] as step, at (at)}<li class="flex gap-2">
                      <span class="min-w-8 font-semibold">{step.count}</span><span class="flex-1">{step.wording}</span><strong class="min-w-10 text-right"
                        >{say('footwork', step.footwork)}</strong
                      >
                    </li>{/each}
                </ol>
              {/if}
            {/each}
            {#if line.placement.cornerAfter}<p class="mt-1 font-semibold text-brass-deep print:text-ink">{msg.corner2()}</p>{/if}
          </div>
        </li>
      {/each}
    </ol>
    {#if printed.length > 0}
      <section class="mt-5 break-inside-avoid" aria-labelledby="legend">
        <h2 id="legend" class="text-lg">{msg.whatTheCodesMean()}</h2>
        <dl class="mt-1 columns-3 gap-6 text-sm leading-snug max-sm:columns-1">
          {#each printed as { kind, code, meaning } (kind + code)}
            <div class="flex break-inside-avoid gap-2">
              <dt class="min-w-16 font-semibold">{code}</dt>
              <dd>{meaning}</dd>
            </div>
          {/each}
        </dl>
      </section>
    {/if}
  {:else if !failure}
    <p class="p-10 text-center text-xl text-soft">{msg.preparingTheCard()}</p>
  {/if}
</div>
