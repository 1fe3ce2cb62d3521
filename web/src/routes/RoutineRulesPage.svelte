<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import { whileShown } from '$lib/ui/whileShown';
  import msg from '$lib/messages/rules';
  import common from '$lib/messages/common';
  import { sentenceOf, type RulingRepair } from '$lib/api/client';
  import { keysFor } from '$lib/keys/keys';
  import { RULES } from '$lib/keys/shortcuts';
  import { RoutineDesk } from '$lib/routines/RoutineDesk.svelte';
  import OrganiserLine from '$lib/rules/OrganiserLine.svelte';
  import StandMark from '$lib/rules/StandMark.svelte';
  import { Standings } from '$lib/rules/Standings.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Unkept from '$lib/ui/Unkept.svelte';
  import { push, router } from 'svelte-spa-router';

  const MOST_AT_FIRST = 3;

  let desk = $state.raw<RoutineDesk>();
  let failure = $state<string>();
  /** The standings that are shown, by profile and division; the first few until somebody has chosen. */
  let chosen = $state.raw<string[]>();
  const held = new Standings();

  let id = $derived((router.params as Record<string, string> | undefined)?.id ?? '');
  let all = $derived((held.standings ?? []).map((standing, index) => ({ standing, index, key: `${standing.profile}/${standing.division}` })));
  let shown = $derived(chosen ? all.filter((each) => chosen!.includes(each.key)) : all.slice(0, MOST_AT_FIRST));
  let rules = $derived(held.rules(shown.map((each) => each.standing)));
  let broken = $derived(shown.flatMap(({ standing, index }) => standing.rulings.filter((ruling) => ruling.stand === 'breaks').map((ruling) => ({ index, rule: ruling.rule }))));
  let looked = $derived.by(() => {
    const at = held.looked;
    const standing = at && held.standings?.[at.standing];
    const ruling = standing && held.ruling(standing, at.rule);
    return at && standing && ruling ? { ...at, standing: standing, ruling } : undefined;
  });

  $effect(() => {
    desk = undefined;
    failure = undefined;
    return whileShown(
      RoutineDesk.open(id),
      (opened) => (desk = opened),
      (thrown) => (failure = sentenceOf(thrown)),
      (opened) => opened.leave(),
    );
  });
  $effect(() => {
    if (desk) held.of(desk.routine);
  });

  function toggle(key: string) {
    const now = chosen ?? shown.map((each) => each.key);
    chosen = now.includes(key) ? now.filter((each) => each !== key) : [...now, key];
  }

  function look(index: number, rule: string, place = 0) {
    if (desk) void held.look(index, rule, place, desk.routine);
  }

  function mend(repair: RulingRepair) {
    if (repair.placements) desk?.takePlan(repair.placements);
    else if (repair.tempo) desk?.setTempo(repair.tempo);
  }

  let keys = $derived(
    desk &&
      keysFor(RULES, {
        undo: () => desk!.undo(),
        redo: () => desk!.redo(),
        keep: () => void desk!.keep(),
        rehearse: () => void push(`/routines/${id}/rehearse`),
        desk: () => void push(`/routines/${id}`),
        breaks: () => {
          const now = broken.findIndex((each) => each.index === held.looked?.standing && each.rule === held.looked.rule);
          const next = broken[(now + 1) % Math.max(1, broken.length)];
          if (next) look(next.index, next.rule);
        },
      }),
  );
</script>

<svelte:window onkeydown={keys} />

{#if failure}
  <div class="mx-auto max-w-2xl p-10"><Message sentence={failure}><a class="act" href="#/routines">{common.backToRoutines()}</a></Message></div>
{:else if !desk || held.standings === undefined}
  <p class="p-10 text-center text-xl text-soft">{msg.checkingTheRoutineAgainstThe()}</p>
{:else}
  <div class="mx-auto flex max-w-[84rem] flex-col gap-3 px-4 py-4">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="min-w-60 flex-1 text-3xl">{desk.routine.title}</h1>
      <a class="act" href={`#/routines/${id}`} title={msg.routineDeskD()}>{common.desk()}</a>
      <a class="act" href={`#/routines/${id}/rehearse`} title={common.rehearseR()}>{common.rehearse()}</a>
      <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => desk!.keep()}>{desk.isKept ? common.saved() : common.save()}</button>
    </header>
    <OrganiserLine />
    <Unkept {desk} />
    {#if held.failure}<Message sentence={held.failure} />{/if}

    {#if all.length === 0}
      <p class="panel p-10 text-center text-xl">{msg.noEventsRulesIncludeThis()} <a class="underline" href="#/events">{msg.createRules()}</a>.</p>
    {:else}
      <fieldset class="flex flex-wrap gap-2">
        <legend class="sr-only">{msg.rulesOf()}</legend>
        {#each all as { standing, key } (key)}
          {@const on = shown.some((each) => each.key === key)}
          <button class={['act h-auto py-1', on && 'border-ink']} aria-pressed={on} onclick={() => toggle(key)}>
            <span class="flex items-baseline gap-2"
              ><StandMark stand={standing.stand} /><span>{standing.division}</span><span class="font-normal text-soft">{standing.profileTitle}</span></span
            >
          </button>
        {/each}
      </fieldset>

      <div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div class="panel overflow-x-auto">
          <table class="w-full border-collapse text-left">
            <thead>
              <tr class="align-bottom">
                <th class="p-3"><span class="sr-only">{msg.rule()}</span></th>
                {#each shown as { standing, key } (key)}
                  <th class="p-3 leading-tight"
                    ><span class="font-title text-xl">{standing.division}</span><span class="block font-normal text-soft">{standing.profileTitle}</span></th
                  >
                {/each}
              </tr>
            </thead>
            <tbody>
              {#each rules as { rule, title } (rule)}
                <tr class="border-t border-line align-top">
                  <th class="p-3 font-semibold">{title}</th>
                  {#each shown as { standing, index, key } (key)}
                    {@const ruling = held.ruling(standing, rule)}
                    <td class={['p-3 leading-snug', held.looked?.standing === index && held.looked.rule === rule && 'bg-line/40']}>
                      {#if !ruling}
                        <span class="text-soft">{msg.notRequired()}</span>
                      {:else if ruling.stand === 'breaks'}
                        <button class="cursor-pointer text-left hover:underline" onclick={() => look(index, rule)}>
                          <StandMark stand={ruling.stand} /> <span class="block">{ruling.found}</span><span class="block text-soft">{msg.required2({ wanted: ruling.wanted })}</span
                          >
                        </button>
                      {:else}
                        <StandMark stand={ruling.stand} /> <span class="block">{ruling.found}</span><span class="block text-soft">{msg.required2({ wanted: ruling.wanted })}</span>
                      {/if}
                    </td>
                  {/each}
                </tr>
              {/each}
            </tbody>
          </table>
        </div>
        <section class="panel p-4" aria-label={msg.suggestedFixes()}>
          {#if !looked}
            <h2 class="text-xl">{msg.suggestedFixes()}</h2>
            <p class="text-soft">{broken.length === 0 ? msg.noRuleIsBrokenHere() : msg.chooseABrokenRule()}</p>
          {:else}
            <h2 class="text-xl">{looked.ruling.title}: {looked.standing.division}</h2>
            <p>{msg.required({ found: looked.ruling.found, wanted: looked.ruling.wanted })}</p>
            {#if looked.ruling.places.length > 0}
              <ul class="mt-2 flex flex-wrap gap-2">
                {#each looked.ruling.places as place, at (at)}
                  <li>
                    <button
                      class={['act h-auto py-1 text-left whitespace-normal', at === looked.place && 'border-ink']}
                      aria-pressed={at === looked.place}
                      onclick={() => look(held.looked!.standing, held.looked!.rule, at)}
                    >
                      {place.beat > 1 ? msg.placeOnBeat({ bar: place.bar, beat: place.beat, what: place.what }) : msg.placeInBar({ bar: place.bar, what: place.what })}{place.part
                        ? msg.sStep({ part: nameOf(place.part), row: (place.row ?? 0) + 1 })
                        : ''}
                    </button>
                  </li>
                {/each}
              </ul>
            {/if}
            <h3 class="mt-3 text-lg">{msg.suggestedFixes()}</h3>
            {#if held.repairs === undefined}
              <p class="text-soft">{msg.checkingTheBook()}</p>
            {:else if held.repairs.length === 0}
              <p class="text-soft">{msg.noSingleFixWasFound()}</p>
            {:else}
              <ul class="mt-1 flex flex-col gap-1">
                {#each held.repairs as repair, at (at)}
                  <li><button class="act h-auto w-full py-1 text-left whitespace-normal" onclick={() => mend(repair)}>{repair.sentence}</button></li>
                {/each}
              </ul>
            {/if}
          {/if}
        </section>
      </div>
    {/if}
  </div>
{/if}
