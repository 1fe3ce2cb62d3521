<script lang="ts">
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import type { Part } from '$lib/api/client';
  import { focused } from '$lib/ui/focused';
  import type { FigureSheet, Way } from './FigureSheet.svelte';

  interface Props {
    sheet: FigureSheet;
  }
  let { sheet }: Props = $props();

  const WAYS: (Way & { label: string })[] = [
    { kind: 'opposite', from: 'man', label: msg.ladyNaturalOppositeOfThe() },
    { kind: 'opposite', from: 'lady', label: msg.manNaturalOppositeOfThe() },
    { kind: 'partner', from: 'man', label: msg.ladysPartFromEachPosition() },
    { kind: 'partner', from: 'lady', label: msg.mansPartFromEachPosition() },
    { kind: 'mirror', label: msg.mirrorTheWholeFigure() },
  ];

  let counts = $derived({ man: spoken('man'), lady: spoken('lady') });

  function spoken(part: Part) {
    return sheet.figure[part].map((row) => row.count ?? '').join(' ');
  }
</script>

{#if sheet.proposal}
  {@const proposal = sheet.proposal}
  <section aria-label={msg.changes()}>
    <h3 class="text-base">{proposal.changes.length === 0 ? msg.nothingWouldChange() : msg.changes()}</h3>
    <ul class="mt-2 max-h-64 overflow-y-auto">
      {#each proposal.changes as change (change.pointer)}
        <li class="grid grid-cols-[1.2fr_1fr_1fr] gap-2 border-t border-line py-1">
          <span class="text-soft">{change.wording}</span>
          <span class="line-through decoration-1">{change.before || common.nothing()}</span>
          <strong>{change.after || common.nothing()}</strong>
        </li>
      {/each}
    </ul>
    {#if proposal.doubts.length > 0}
      <h3 class="mt-3 text-base">{msg.couldNotBeDerived()}</h3>
      <ul class="mt-1 max-h-40 list-disc overflow-y-auto pl-5 leading-snug">
        {#each proposal.doubts as doubt, at (at)}<li>{doubt}</li>{/each}
      </ul>
    {/if}
    <div class="mt-3 flex gap-2">
      <button class="act act-main" {@attach focused} disabled={proposal.changes.length === 0} onclick={() => sheet.acceptProposal()}>{msg.accept()}</button>
      <button class="act" onclick={() => (sheet.proposal = undefined)}>{common.cancel()}</button>
    </div>
  </section>
{:else}
  <div class="flex flex-col items-stretch gap-2">
    {#each WAYS as way (way.label)}
      <button class="act" onclick={() => sheet.propose({ kind: way.kind, from: way.from })}>{way.label}</button>
    {/each}
    <form
      class="mt-2 space-y-2 border-t-[1.5px] border-line pt-3"
      onsubmit={(event) => {
        event.preventDefault();
        const form = new FormData(event.currentTarget);
        void sheet.propose({ kind: 'retime', man: String(form.get('man')), lady: String(form.get('lady')) });
      }}
    >
      <h3 class="text-base">{msg.useTheSameStepsOn()}</h3>
      <label class="flex items-center gap-2"><span class="w-12">{common.man2()}</span><input name="man" class="field min-w-0 flex-1" value={counts.man} /></label>
      <label class="flex items-center gap-2"><span class="w-12">{common.lady2()}</span><input name="lady" class="field min-w-0 flex-1" value={counts.lady} /></label>
      <button class="act">{msg.showChanges()}</button>
    </form>
  </div>
{/if}
