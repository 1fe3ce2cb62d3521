<script lang="ts">
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import { reference } from '$lib/reference/reference.svelte';
  import { today } from '$lib/ui/moment';
  import ListField from '$lib/ui/ListField.svelte';
  import type { FigureSheet } from './FigureSheet.svelte';

  interface Props {
    sheet: FigureSheet;
  }
  let { sheet }: Props = $props();

  const LISTS = [
    { key: 'cues', label: msg.cues(), hint: msg.howToDanceItWell() },
    { key: 'faults', label: common.faults(), hint: msg.commonMistakesOnePerLine() },
    { key: 'drills', label: msg.drills(), hint: msg.exercisesOnePerLine() },
    { key: 'follows', label: msg.follows(), hint: msg.idsOfFiguresListedBefore() },
    { key: 'precedes', label: msg.precedes(), hint: msg.idsOfFiguresListedAfter() },
  ] as const;

  function heed(tag: string, on: boolean) {
    const others = (sheet.figure.cautions ?? []).filter((other) => other !== tag);
    sheet.set({ cautions: on ? [...others, tag] : others });
  }
</script>

<div class="space-y-4">
  {#each LISTS as { key, label, hint } (key)}
    <ListField id={`field-${key}`} {label} {hint} value={sheet.figure[key] ?? []} onchange={(lines) => sheet.set({ [key]: lines })} />
  {/each}
  <fieldset id="field-cautions" tabindex="-1">
    <legend class="font-semibold">{msg.cautions()}</legend>
    {#each reference.notation.cautions as caution (caution.shorthand)}
      <label class="mt-1 flex gap-2">
        <input
          type="checkbox"
          class="mt-0.5 size-5 shrink-0 accent-ink"
          checked={sheet.figure.cautions?.includes(caution.shorthand)}
          onchange={(event) => heed(caution.shorthand, event.currentTarget.checked)}
        />
        <span><strong>{caution.shorthand}</strong> <span class="text-soft">{caution.wording}</span></span>
      </label>
    {/each}
  </fieldset>
  <div class="flex flex-wrap items-end gap-2">
    <label class="block" for="field-lastRead"
      ><span class="font-semibold">{msg.lastCheckedAgainstTechnique()}</span>
      <input
        id="field-lastRead"
        type="date"
        class="field mt-1 block"
        value={sheet.figure.lastRead ?? ''}
        onchange={(event) => sheet.set({ lastRead: event.currentTarget.value || undefined })}
      /></label
    >
    <button type="button" class="act" onclick={() => sheet.set({ lastRead: today() })}>{msg.checkedToday()}</button>
  </div>
</div>
