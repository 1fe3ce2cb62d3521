<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import TitleField from '$lib/ui/TitleField.svelte';
  import UndoRedo from '$lib/ui/UndoRedo.svelte';
  import { narrow } from '$lib/ui/narrow';
  import { tempoOutsideOf } from '$lib/reference/danceWords';
  import { reference } from '$lib/reference/reference.svelte';
  import Archive from '~icons/lucide/archive';
  import ArchiveRestore from '~icons/lucide/archive-restore';
  import Copy from '~icons/lucide/copy';
  import Footprints from '~icons/lucide/footprints';
  import HistoryIcon from '~icons/lucide/history';
  import Maximize from '~icons/lucide/maximize';
  import Trash2 from '~icons/lucide/trash-2';
  import { push } from 'svelte-spa-router';
  import ConditionFields from './ConditionFields.svelte';
  import type { DeskView } from './DeskView.svelte';
  import { copyOf } from './routineStore';
  import type { Standing } from './standing';

  interface Props {
    view: DeskView;
    standing: Standing;
  }
  let { view, standing }: Props = $props();

  let desk = $derived(view.desk);
  /** On a phone all that is not needed at once is behind one button. */
  let more = $state(false);
  let dance = $derived(reference.dance(desk.routine.dance));
  let seconds = $derived(desk.score?.seconds ?? 0);
</script>

<header class="flex flex-wrap items-center gap-x-4 gap-y-2">
  <a class="hidden text-soft hover:text-ink sm:inline" href={`#/dances/${desk.routine.dance}`}>{reference.danceTitle(desk.routine.dance)}</a>
  <TitleField label={msg.routineTitle()} title={desk.routine.title} quiet ontype={(title) => desk.typeTitle(title)} ondone={() => desk.accept()} />
  {#if narrow.current}
    {@render moreAndKeep()}
    {@render state()}
  {/if}
  {#if !narrow.current || more}
    <label class="inline-flex items-center gap-2">
      <input
        class="field w-20 font-semibold"
        type="number"
        {...limits.Routine.tempo}
        value={desk.routine.tempo}
        onchange={(event) => desk.setTempo(event.currentTarget.valueAsNumber)}
      />
      <span class="text-soft">{common.barsMin()}</span>
      {#if desk.score?.usualTempo === false && dance}<span class="font-semibold text-madder">{tempoOutsideOf(dance)}</span>{/if}
    </label>
    <ConditionFields routine={desk.routine} kind={desk.score?.kind ?? ''} onchange={(conditions) => desk.bind(conditions)} />
    {#if !narrow.current}<span class="flex w-full items-center justify-between gap-4">{@render state()}{@render keep()}</span>{/if}
    <span class="flex flex-wrap items-center gap-2">
      <button class="act" title={msg.composeK()} onclick={() => view.compose()}>{msg.compose()}</button>
      {#if desk.broken > 0}<button class="act" title={msg.suggestedFixesForEverySeam()} onclick={() => view.open('mend')}>{msg.fixAll()}</button>{/if}
      <a class="act" title={common.rehearseR()} href={`#/routines/${desk.routine.id}/rehearse?figure=${desk.selected}`}><Footprints width={18} height={18} />{common.rehearse()}</a>
      <button class="act" title={msg.floorF()} onclick={() => view.open('floor')}><Maximize width={18} height={18} />{msg.floor()}</button>
      <a class="act" title={msg.rulesCheckS()} href={`#/routines/${desk.routine.id}/rules`}>{msg.rules()}</a>
      <a class="act" title={msg.musicU()} href={`#/routines/${desk.routine.id}/music`}>{common.music()}</a>
      <a class="act" title={msg.printOrSaveAsPdf()} href={`#/routines/${desk.routine.id}/card`}>{msg.handOut()}</a>
      <button class="act" title={msg.pasteAListOrShow()} onclick={() => view.open('list')}>{msg.list()}</button>
      <button class="act" title={msg.checkTheLoopL()} disabled={desk.placements.length === 0} onclick={() => desk.tryLoop()}>{msg.checkLoop()}</button>
      <UndoRedo {desk} />
      {#if !desk.isNew}
        <button class="act" aria-label={msg.versions()} title={msg.savedVersionsV()} onclick={() => view.open('versions')}><HistoryIcon width={18} height={18} /></button>
        <button
          class="act"
          aria-label={desk.routine.archived ? msg.restoreFromArchive() : msg.archive()}
          title={desk.routine.archived ? msg.restoreFromArchive() : msg.archive()}
          onclick={() => desk.archive(!desk.routine.archived)}
        >
          {#if desk.routine.archived}<ArchiveRestore width={18} height={18} />{:else}<Archive width={18} height={18} />{/if}
        </button>
        <button class="act" aria-label={common.deleteIt()} title={msg.deleteTheRoutine()} onclick={() => view.delete()}><Trash2 width={18} height={18} /></button>
      {/if}
      <button class="act" aria-label={msg.duplicate()} title={msg.duplicateTheRoutine()} onclick={() => push(`/routines/${copyOf(desk.routine)}`)}
        ><Copy width={18} height={18} /></button
      >
    </span>
  {/if}
</header>

{#snippet state()}
  <span class={['flex flex-wrap items-baseline gap-x-4', narrow.current && 'w-full']}>
    <span class="text-soft">{Math.floor(seconds / 60)}:{String(Math.round(seconds % 60)).padStart(2, '0')}</span>
    <span class={['font-semibold', standing.good ? 'text-spruce' : 'text-madder']} data-testid="standing" title={desk.score?.unsound.join(', ')}>{standing.words}</span>
  </span>
{/snippet}

{#snippet keep()}
  <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => view.keep()}>
    {desk.isKept ? common.saved() : common.save()}
  </button>
{/snippet}

{#snippet moreAndKeep()}
  <button class="act" aria-expanded={more} onclick={() => (more = !more)}>{more ? msg.less() : msg.more()}</button>
  {#if !desk.isKept}{@render keep()}{/if}
{/snippet}
