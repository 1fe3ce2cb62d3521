<script lang="ts">
  import TitleField from '$lib/ui/TitleField.svelte';
  import UndoRedo from '$lib/ui/UndoRedo.svelte';
  import { narrow } from '$lib/ui/narrow';
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
  let seconds = $derived(desk.score?.seconds ?? 0);
</script>

<header class="flex flex-wrap items-center gap-x-4 gap-y-2">
  <a class="hidden text-soft hover:text-ink sm:inline" href={`#/dances/${desk.routine.dance}`}>{reference.danceTitle(desk.routine.dance)}</a>
  <TitleField label="Title of the routine" title={desk.routine.title} quiet ontype={(title) => desk.typeTitle(title)} ondone={() => desk.accept()} />
  {#if narrow.current}
    {@render moreAndKeep()}
    {@render state()}
  {/if}
  {#if !narrow.current || more}
    <label class="inline-flex items-center gap-2">
      <input class="field w-20 font-semibold" type="number" min="1" max="400" value={desk.routine.tempo} onchange={(event) => desk.setTempo(event.currentTarget.valueAsNumber)} />
      <span class="text-soft">bars a minute</span>
    </label>
    <ConditionFields routine={desk.routine} onchange={(conditions) => desk.bind(conditions)} />
    {#if !narrow.current}<span class="flex w-full items-center justify-between gap-4">{@render state()}{@render keep()}</span>{/if}
    <span class="flex flex-wrap items-center gap-2">
      <button class="act" title="Compose (K)" onclick={() => view.compose()}>Compose</button>
      {#if desk.broken > 0}<button class="act" title="What would mend every seam (M)" onclick={() => view.open('mend')}>Mend all</button>{/if}
      <a class="act" title="Rehearse (R)" href={`#/routines/${desk.routine.id}/rehearse?figure=${desk.selected}`}><Footprints width={18} height={18} />Rehearse</a>
      <button class="act" title="The floor (F)" onclick={() => view.open('floor')}><Maximize width={18} height={18} />Floor</button>
      <a class="act" title="How it stands up to the rules of events (S)" href={`#/routines/${desk.routine.id}/rules`}>Rules</a>
      <a class="act" title="The music it is danced to (U)" href={`#/routines/${desk.routine.id}/music`}>Music</a>
      <a class="act" title="The routine on paper, or as a PDF (O)" href={`#/routines/${desk.routine.id}/card`}>Hand out</a>
      <button class="act" title="Paste a list, or write this one (T)" onclick={() => view.open('list')}>List</button>
      <button class="act" title="Does it loop? (L)" disabled={desk.placements.length === 0} onclick={() => desk.tryLoop()}>Loop?</button>
      <UndoRedo {desk} />
      {#if !desk.isNew}
        <button class="act" aria-label="Versions" title="Kept versions (V)" onclick={() => view.open('versions')}><HistoryIcon width={18} height={18} /></button>
        <button
          class="act"
          aria-label={desk.routine.archived ? 'Take out of the archive' : 'Archive'}
          title={desk.routine.archived ? 'Take out of the archive' : 'Put away'}
          onclick={() => desk.archive(!desk.routine.archived)}
        >
          {#if desk.routine.archived}<ArchiveRestore width={18} height={18} />{:else}<Archive width={18} height={18} />{/if}
        </button>
        <button class="act" aria-label="Delete" title="Delete the routine" onclick={() => view.delete()}><Trash2 width={18} height={18} /></button>
      {/if}
      <button class="act" aria-label="Copy" title="Begin a copy" onclick={() => push(`/routines/${copyOf(desk.routine)}`)}><Copy width={18} height={18} /></button>
    </span>
  {/if}
</header>

{#snippet state()}
  <span class={['flex flex-wrap items-baseline gap-x-4', narrow.current && 'w-full']}>
    <span class="text-soft">{Math.floor(seconds / 60)}:{String(Math.round(seconds % 60)).padStart(2, '0')}</span>
    <span class={['font-semibold', standing.good ? 'text-spruce' : 'text-madder']} data-testid="standing">{standing.words}</span>
  </span>
{/snippet}

{#snippet keep()}
  <button class="act act-main" disabled={desk.isKept || desk.keeping} onclick={() => view.keep()}>
    {desk.isKept ? 'Kept' : 'Keep'}
  </button>
{/snippet}

{#snippet moreAndKeep()}
  <button class="act" aria-expanded={more} onclick={() => (more = !more)}>{more ? 'Less' : 'More'}</button>
  {#if !desk.isKept}{@render keep()}{/if}
{/snippet}
