<script lang="ts">
  import type { Place } from '$lib/api/client';
  import AuditMark from '$lib/glyphs/AuditMark.svelte';
  import type { FigureSheet } from './FigureSheet.svelte';

  interface Props {
    sheet: FigureSheet;
    onplace: (place: Place) => void;
  }
  let { sheet, onplace }: Props = $props();

  let errors = $derived(
    sheet.reading.unread.length + sheet.reading.findings.filter((finding) => finding.severity === 'error').length,
  );
  let warnings = $derived(sheet.reading.findings.filter((finding) => finding.severity === 'warning').length);
</script>

<section class="panel flex min-h-0 flex-col p-4" aria-label="Findings">
  <h2 class="flex items-baseline justify-between text-lg">
    What was checked <AuditMark {errors} {warnings} />
  </h2>
  <div class="mt-2 min-h-0 flex-1 space-y-3 overflow-y-auto" aria-live="polite">
    {#each sheet.reading.unread as unread (unread.place.pointer)}
      <article class="border-l-4 border-madder pl-3" data-place={unread.place.pointer}>
        <button class="cursor-pointer text-left font-semibold hover:underline" onclick={() => onplace(unread.place)}>
          {unread.place.wording}: “{unread.text}” cannot be read
        </button>
        <p class="text-soft">Expected {unread.expected}.</p>
        {#if unread.place.column}
          <div class="mt-1 flex flex-wrap gap-2">
            {#each unread.nearest as nearest (nearest)}
              <button class="act" onclick={() => sheet.put(unread.place, nearest)}>{nearest}</button>
            {/each}
          </div>
        {/if}
      </article>
    {/each}
    {#each sheet.reading.findings as finding (finding.rule + finding.place.pointer)}
      <article
        class={['border-l-4 pl-3', finding.severity === 'error' ? 'border-madder' : 'border-brass']}
        data-place={finding.place.pointer}
        data-rule={finding.rule}
      >
        <button class="cursor-pointer text-left font-semibold hover:underline" onclick={() => onplace(finding.place)}>
          {finding.place.wording}
        </button>
        <p>{finding.sentence}</p>
        <div class="mt-1 flex flex-wrap gap-2">
          {#each finding.fixes as fix (fix.label)}
            <button class="act" onclick={() => sheet.apply(fix)}>{fix.label}</button>
          {/each}
        </div>
      </article>
    {/each}
    {#if errors + warnings === 0}
      <p class="text-soft">
        The count fills its bars, the right foot is free for every step, and the turns lead to every alignment in both parts.
      </p>
    {/if}
  </div>
</section>
