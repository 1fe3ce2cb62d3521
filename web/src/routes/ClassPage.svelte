<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/classes';
  import common from '$lib/messages/common';
  import type { Level } from '$lib/api/client';
  import { ClassDesk } from '$lib/classes/ClassDesk.svelte';
  import { ClassRun, type Wish } from '$lib/classes/ClassRun.svelte';
  import PartnerPanel from '$lib/classes/PartnerPanel.svelte';
  import { PartnerBoard } from '$lib/classes/PartnerBoard.svelte';
  import { keysFor } from '$lib/keys/keys';
  import { CLASS } from '$lib/keys/shortcuts';
  import { minutes as clock } from '$lib/music/minutes';
  import { reference } from '$lib/reference/reference.svelte';
  import { asked, changedQuery, queryOf } from '$lib/ui/address';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import Pause from '~icons/lucide/pause';
  import Play from '~icons/lucide/play';
  import Printer from '~icons/lucide/printer';
  import Trash2 from '~icons/lucide/trash-2';
  import X from '~icons/lucide/x';
  import { replace, router } from 'svelte-spa-router';

  const USUAL = { level: 'bronze', minutes: '45', men: '8', ladies: '8' };
  const run = new ClassRun();
  const board = new PartnerBoard();
  const desk = new ClassDesk(run, board);
  let address = $derived({ ...USUAL, ...asked(router.querystring) } as Record<string, string | undefined>);
  let dance = $derived(address.dance ?? '');
  let showsPartners = $derived(address.show === 'partners');
  let wish = $derived<Wish>({
    figures: address.figures?.split(',').filter((id) => id !== '') ?? [],
    level: (address.level ?? USUAL.level) as Level,
    minutes: Number(address.minutes),
    men: Number(address.men),
    ladies: Number(address.ladies),
    known: address.known?.split(',').filter((id) => id !== '') ?? [],
  });
  let put = $derived(JSON.stringify(wish));
  $effect(() => {
    void run.ask(JSON.parse(put) as Wish);
  });
  $effect(() => {
    if (dance) void desk.loadFigures(dance);
  });
  $effect(() => () => run.clock.reset());

  const open = (id: string) =>
    desk.open(id, ({ figures, level, minutes, men, ladies }, of) =>
      replace(`/classes?${queryOf({ dance: of ?? dance, figures: figures.join(','), level, minutes: String(minutes), men: String(men), ladies: String(ladies) })}`),
    );
  if (!router.querystring) void reference.load().then(() => replace(`/classes?dance=${reference.lastDance}`));

  function change(changed: Record<string, string>) {
    void replace(`/classes?${changedQuery(new URLSearchParams(router.querystring ?? ''), changed)}`);
  }

  function toggle() {
    if (showsPartners || !run.plan) return false;
    run.clock.toggle();
  }

  const keys = keysFor(CLASS, {
    run: toggle,
    next: () => (showsPartners ? board.next() : run.clock.skip(1)),
    print: () => window.print(),
  });
</script>

<svelte:window onkeydown={keys} />

<div class="mx-auto flex max-w-[76rem] flex-col gap-4 px-6 py-5 max-sm:px-3 print:p-0">
  <header class="flex flex-wrap items-center gap-2">
    <h1 class="mr-4 flex-1 text-4xl max-sm:text-2xl">{run.plan && !showsPartners ? run.plan.title : msg.classes()}</h1>
    <div class="flex gap-1 print:hidden" role="tablist" aria-label={msg.viewsOfTheClass()}>
      <button role="tab" aria-selected={!showsPartners} class={['act', !showsPartners && 'act-main']} onclick={() => change({ show: '' })}>{msg.plan()}</button>
      <button role="tab" aria-selected={showsPartners} class={['act', showsPartners && 'act-main']} onclick={() => change({ show: 'partners' })}>{msg.partners()}</button>
    </div>
  </header>

  {#if desk.failure}<Message sentence={desk.failure} />{/if}
  {#if desk.saved.length > 0 || run.plan}
    <div class="flex flex-wrap items-center gap-2 print:hidden">
      {#if desk.saved.length > 0}<Choice
          label={msg.savedClasses()}
          any={msg.openAClass()}
          value={desk.opened?.id ?? ''}
          options={desk.saved.map((each) => ({ value: each.id, label: msg.minutes({ title: each.title, minutes: each.minutes }) }))}
          onchange={(id) => id && open(id)}
        />{/if}
      {#if run.plan}<button class="act" onclick={() => desk.save(wish)}>{desk.opened ? msg.saveChanges() : msg.saveThisClass()}</button>{/if}
      {#if desk.opened}<button class="act" onclick={() => desk.delete()}>{common.deleteIt()}</button>{/if}
    </div>
  {/if}
  {#if showsPartners}
    <PartnerPanel {board} />
  {:else}
    <div class="flex flex-wrap items-center gap-2 print:hidden">
      <Choice
        label={common.dance()}
        value={dance}
        options={reference.dances.map((each) => ({ value: each.id, label: each.title }))}
        onchange={(chosen) => change({ dance: chosen, figures: '', known: '' })}
      />
      <Choice
        label={common.level()}
        value={wish.level}
        options={reference.notation.levels.map((level) => ({ value: level.shorthand, label: level.wording }))}
        onchange={(level) => change({ level })}
      />
      <label class="inline-flex items-center gap-2"
        >{common.minutes()}
        <input
          class="field w-20 px-2"
          type="number"
          {...limits.ClassWish.minutes}
          value={wish.minutes}
          onchange={(event) => change({ minutes: event.currentTarget.value })}
        /></label
      >
      <label class="inline-flex items-center gap-2"
        >{msg.men2()}
        <input class="field w-18 px-2" type="number" {...limits.ClassWish.men} value={wish.men} onchange={(event) => change({ men: event.currentTarget.value })} /></label
      >
      <label class="inline-flex items-center gap-2"
        >{msg.ladies2()}
        <input class="field w-18 px-2" type="number" {...limits.ClassWish.ladies} value={wish.ladies} onchange={(event) => change({ ladies: event.currentTarget.value })} /></label
      >
    </div>
    <div class="flex flex-wrap items-center gap-2 print:hidden" aria-label={msg.figuresOfTheClass()} role="group">
      {#each wish.figures as id, index (index)}
        <button class="act" aria-label={msg.remove({ id: desk.titleOf(id) })} onclick={() => change({ figures: wish.figures.filter((_, at) => at !== index).join(',') })}
          >{desk.titleOf(id)}<X width={16} height={16} aria-hidden="true" /></button
        >
      {/each}
      {#if wish.figures.length < 8}
        <Choice
          label={wish.figures.length === 0 ? msg.topic() : msg.then()}
          any={msg.chooseAFigure()}
          value=""
          options={desk.figures.map((figure) => ({ value: figure.id, label: `${figure.title} (${figure.level})` }))}
          onchange={(id) => id && change({ figures: [...wish.figures, id].join(',') })}
        />
      {/if}
    </div>
    {#if run.failure}<Message sentence={run.failure} />{/if}
    {#if run.learning.length > 0}
      <section class="print:hidden" aria-label={msg.newInThisClass()}>
        <ol class="flex flex-wrap gap-2">
          {#each run.learning as step (step.figure)}
            {@const first = !wish.figures.includes(step.figure)}
            <li class={['panel flex items-center gap-2 px-3 py-2', first && 'border-dashed']}>
              <span>
                <strong>{first ? msg.teachFirst({ title: step.title }) : step.title}</strong>
                <span class="text-soft">{step.learns.length === 0 ? msg.nothingNew() : msg.newIt({ join: step.learns.join(', ') })}</span>
              </span>
              {#if first}<button class="act min-h-9 px-3" onclick={() => change({ known: [...wish.known, step.figure].join(',') })}>{msg.markAsKnown()}</button>{/if}
            </li>
          {/each}
          {#each wish.known as id (id)}
            <li class="panel flex items-center gap-2 px-3 py-2">
              <span class="text-soft">{msg.known({ id: desk.titleOf(id) })}</span>
              <button
                class="act min-h-9 px-3"
                aria-label={msg.markAsUnknown({ id: desk.titleOf(id) })}
                onclick={() => change({ known: wish.known.filter((other) => other !== id).join(',') })}><X width={16} height={16} aria-hidden="true" /></button
              >
            </li>
          {/each}
        </ol>
      </section>
    {/if}
    {#if run.plan}
      {@const plan = run.plan}
      {#each plan.notes as note, at (at)}<p class="border-l-8 border-brass pl-3 text-lg">{note}</p>{/each}
      <section class="panel flex flex-wrap items-center gap-4 p-4 print:hidden" aria-label={msg.clock()}>
        <button class="act act-main min-h-14 px-6 text-xl" title={msg.startPauseSpace()} onclick={toggle}
          >{#if run.clock.running}<Pause width={20} height={20} aria-hidden="true" />{common.pause()}{:else}<Play width={20} height={20} aria-hidden="true" />{run.clock.isBegun
              ? msg.continue()
              : common.start()}{/if}</button
        >
        {#if run.clock.isBegun}
          <p class="text-5xl font-semibold tabular-nums">{clock(run.clock.left)}</p>
          <p class="min-w-0 flex-1 text-2xl">{plan.parts[run.clock.at]?.title ?? msg.timeIsUp()}</p>
          <button class="act" title={msg.nextPartN()} onclick={() => run.clock.skip(1)}>{msg.nextPart()}</button>
        {:else}
          <p class="min-w-0 flex-1 text-xl">{msg.minutesInParts({ minutes: run.minutes, count: plan.parts.length })}</p>
        {/if}
        <button class="act" title={msg.printP()} onclick={() => window.print()}><Printer width={18} height={18} aria-hidden="true" />{common.print()}</button>
      </section>
      <p class="hidden print:block">{msg.minutesMenLadies({ minutes: run.minutes, men: wish.men, ladies: wish.ladies })}</p>
      <ol class="flex flex-col gap-2" aria-label={msg.partsOfTheClass()}>
        {#each plan.parts as part, index (index)}
          <li
            class={[
              'panel grid grid-cols-[6.5rem_minmax(0,1fr)_auto] max-sm:grid-cols-[minmax(0,1fr)_auto] items-start gap-3 p-4 break-inside-avoid',
              run.clock.isBegun && run.clock.at === index && 'border-ink bg-spruce-wash',
            ]}
            aria-current={run.clock.isBegun && run.clock.at === index ? 'step' : undefined}
          >
            <label class="flex items-center gap-1 text-lg"
              ><input
                class="field w-14 px-1.5 text-lg print:border-0"
                type="number"
                {...limits.ClassPart.minutes}
                aria-label={msg.minutesOf({ title: part.title })}
                value={part.minutes}
                onchange={(event) => run.change(index, { minutes: Math.max(1, event.currentTarget.valueAsNumber || 1) })}
              />{msg.min()}</label
            >
            <div>
              <h2 class="text-2xl">{part.title}{part.percent > 0 && part.percent < 100 ? `, ${part.percent} %` : ''}</h2>
              <div
                class="mt-0.5 text-lg leading-snug"
                contenteditable="plaintext-only"
                role="textbox"
                tabindex="0"
                aria-label={msg.activity({ title: part.title })}
                onblur={(event) => run.change(index, { what: event.currentTarget.textContent })}
              >
                {part.what}
              </div>
              {#if part.count}<p class="mt-1 text-xl font-semibold">{part.count}</p>{/if}
            </div>
            <button class="act print:hidden" aria-label={common.remove2({ title: part.title })} onclick={() => run.drop(index)}><Trash2 width={18} height={18} /></button>
          </li>
        {/each}
      </ol>
      {#each plan.cautions as caution, at (at)}<p class="text-soft">{caution}</p>{/each}
    {:else if wish.figures.length === 0}
      <p class="text-xl text-soft">
        {msg.chooseAFigureOrSeveral()}
      </p>
    {/if}
  {/if}
</div>
