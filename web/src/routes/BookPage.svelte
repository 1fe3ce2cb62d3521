<script lang="ts">
  import common from '$lib/messages/common';
  import msg from '$lib/messages/figures';
  import { intoView } from '$lib/ui/intoView';
  import { api, required, sentenceOf, type BookReport } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { ageOf } from '$lib/ui/moment';

  let report = $state.raw<BookReport>();
  let failure = $state<string>();
  let opened = $state('');
  let levels = $derived(reference.notation.levels.map(({ shorthand }) => shorthand));
  const SHADES = ['bg-board', 'bg-line', 'bg-brass evening:text-floor', 'bg-soft text-floor', 'bg-ink text-floor'];
  let shown = $derived(levels.filter((level) => report?.dances.some((dance) => (dance.figures[level] ?? 0) > 0)));
  let most = $derived(Math.max(1, ...(report?.dances.map((dance) => dance.all) ?? [])));

  async function load() {
    try {
      report = required(await api.GET('/api/book-report'));
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }
  void load();

  let looked = $derived(report?.dances.find((dance) => dance.dance === opened));

  function lacking(each: BookReport['dances'][number]['each']) {
    const count = each.filter((figure) => figure.lacks.length > 0).length;
    return count === 0 ? msg.nothingMissing() : msg.incomplete({ count });
  }

  function parts(components: Record<string, number>) {
    const torn = Object.entries(components).filter(([, count]) => count > 1);
    return torn.length === 0 ? msg.wholeDance() : torn.map(([level, count]) => msg.partsAt({ count, level })).join(', ');
  }
</script>

<div class="mx-auto flex max-w-[88rem] flex-col gap-3 px-6 py-5">
  <h1 class="text-4xl max-sm:text-2xl">{msg.theBook()}</h1>
  {#if failure}
    <Message sentence={failure} />
  {:else if !report}
    <p class="p-10 text-center text-xl text-soft" role="status">{msg.checkingFiguresAndLinks()}</p>
  {:else}
    <p class="text-lg">
      <strong class="font-title text-2xl">{report.figures}</strong>
      {msg.figuresInDances({ count: report.dances.length })}
      <strong>{report.errors}</strong>
      {msg.thatCannotBeDanced()} <strong>{report.warnings}</strong>
      {msg.placesToCheckOnAverage()}
      <strong>{report.holdingPerFigure.toFixed(1)}</strong>
      {msg.figuresCanFollowAFigure()}
    </p>
    <ul class="flex flex-wrap gap-x-4 gap-y-1 text-sm" aria-label={msg.levels()}>
      {#each shown as level (level)}<li class="inline-flex items-center gap-1.5">
          <span class={['inline-block h-4 w-6 rounded border-[1.5px] border-line', SHADES[levels.indexOf(level)]]}></span>{level}
        </li>{/each}
    </ul>
    <div class="panel overflow-x-auto">
      <table class="w-full min-w-[56rem] text-left tabular-nums">
        <thead>
          <tr class="text-soft">
            <th class="px-3 py-2 font-normal">{msg.dance()}</th>
            <th class="px-3 py-2 font-normal">{msg.figuresByLevel()}</th>
            <th class="px-3 py-2 text-right font-normal">{msg.steps()}</th>
            <th class="px-3 py-2 text-right font-normal" title={msg.partsFinishesTimingsRepeatsAnd()}>{msg.ways2()}</th>
            <th class="px-3 py-2 text-right font-normal" title={msg.cuesFaultsAndDrills()}>{msg.teaching2()}</th>
            <th class="px-3 py-2 font-normal">{msg.audits()}</th>
            <th class="px-3 py-2 font-normal">{msg.figureByFigure2()}</th>
            <th class="px-3 py-2 font-normal" title={msg.howManyFiguresCanFollow()}>{msg.linksPerFigure()}</th>
          </tr>
        </thead>
        <tbody>
          {#each report.dances as dance (dance.dance)}
            <tr class="border-t-[1.5px] border-line">
              <th class="px-3 py-1.5 font-semibold whitespace-nowrap"
                ><a class="underline decoration-line underline-offset-4 hover:decoration-ink" href={`#/figures?dance=${dance.dance}`}>{reference.danceTitle(dance.dance)}</a></th
              >
              <td class="w-[22rem] px-3 py-1.5">
                <span class="flex" style:width={`${Math.max(12, (100 * dance.all) / most)}%`}>
                  {#each levels as level, index (level)}
                    {@const count = dance.figures[level] ?? 0}
                    {#if count > 0}
                      <a
                        class={[
                          'min-w-5 border-y-[1.5px] border-r-[1.5px] border-line text-center text-sm leading-6 font-semibold first:rounded-l first:border-l-[1.5px] last:rounded-r',
                          SHADES[index],
                        ]}
                        style:flex-grow={count}
                        href={`#/figures?dance=${dance.dance}&level=${level}`}
                        aria-label={`${count} ${level}`}>{count}</a
                      >
                    {/if}
                  {/each}
                </span>
              </td>
              <td class="px-3 py-1.5 text-right">{dance.steps}</td>
              <td class="px-3 py-1.5 text-right">{dance.splits + dance.finishes + dance.timings + dance.repeats + dance.schools}</td>
              <td class="px-3 py-1.5 text-right">{dance.cues + dance.faults + dance.drills}</td>
              <td class="px-3 py-1.5 whitespace-nowrap">
                {dance.errors > 0 ? msg.wrong({ errors: dance.errors }) : dance.warnings === 0 ? common.nothing() : msg.toCheck({ warnings: dance.warnings })}{dance.mutes > 0
                  ? msg.muted({ mutes: dance.mutes })
                  : ''}
              </td>
              <td class="px-3 py-1.5 whitespace-nowrap">
                <button
                  type="button"
                  class="underline decoration-line underline-offset-4 hover:decoration-ink"
                  aria-expanded={opened === dance.dance}
                  onclick={() => (opened = opened === dance.dance ? '' : dance.dance)}>{lacking(dance.each)}</button
                >
              </td>
              <td class="px-3 py-1.5"
                ><a class="underline decoration-line underline-offset-4 hover:decoration-ink" href={`#/map?dance=${dance.dance}`}
                  >{dance.holdingPerFigure.toFixed(1)}, {parts(dance.components)}</a
                ></td
              >
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    {#if looked}
      <section class="panel overflow-x-auto" aria-labelledby="each" {@attach intoView}>
        <h2 id="each" class="px-3 pt-3 text-2xl">{msg.figureByFigure({ dance: reference.danceTitle(looked.dance) })}</h2>
        <table class="w-full min-w-[44rem] text-left">
          <thead>
            <tr class="text-soft">
              <th class="px-3 py-2 font-normal">{msg.figure()}</th>
              <th class="px-3 py-2 font-normal">{msg.level()}</th>
              <th class="px-3 py-2 font-normal">{msg.missing()}</th>
              <th class="px-3 py-2 font-normal">{msg.audits()}</th>
              <th class="px-3 py-2 font-normal">{msg.lastChecked()}</th>
            </tr>
          </thead>
          <tbody>
            {#each looked.each as figure (figure.id)}
              <tr class="border-t-[1.5px] border-line">
                <th class="px-3 py-1.5 font-semibold"
                  ><a class="underline decoration-line underline-offset-4 hover:decoration-ink" href={`#/figures/${figure.id}`}>{figure.title}</a></th
                >
                <td class="px-3 py-1.5 whitespace-nowrap">{figure.level}</td>
                <td class="px-3 py-1.5">{figure.lacks.join(', ') || msg.complete()}</td>
                <td class="px-3 py-1.5 whitespace-nowrap"
                  >{figure.errors > 0 ? msg.wrong({ errors: figure.errors }) : figure.warnings > 0 ? msg.toCheck({ warnings: figure.warnings }) : common.nothing()}</td
                >
                <td class="px-3 py-1.5 whitespace-nowrap">{ageOf(figure.lastRead)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </section>
    {/if}
  {/if}
</div>
