<script lang="ts">
  import msg from '$lib/messages/routines';
  import { whileShown } from '$lib/ui/whileShown';
  import common from '$lib/messages/common';
  import { api, type Figure, type Placement } from '$lib/api/client';
  import Choice from '$lib/ui/Choice.svelte';

  interface Props {
    placement: Placement;
    onchange: (way: Partial<Placement>) => void;
  }
  let { placement, onchange }: Props = $props();
  let figure = $state.raw<Figure>();

  $effect(() => {
    const id = placement.figure;
    figure = undefined;
    if (!id) return;
    return whileShown(
      api.GET('/api/figures/{id}', { params: { path: { id } } }),
      (answer) => (figure = answer.data),
      () => (figure = undefined),
    );
  });

  const LISTS = [
    { key: 'split', list: 'splits', label: common.part(), any: 'all' },
    { key: 'entry', list: 'entries', label: msg.entry(), any: 'charted' },
    { key: 'finish', list: 'finishes', label: msg.finish(), any: 'charted' },
    { key: 'timing', list: 'timings', label: msg.timing(), any: 'charted' },
    { key: 'school', list: 'schools', label: msg.school(), any: 'charted' },
  ] as const;

  function times(text: string): string[] {
    return text.split(',').flatMap((piece) => {
      const [first, last] = piece.split('-').map((number) => Number(number.trim()));
      return Array.from({ length: (last ?? first ?? 1) - (first ?? 1) + 1 }, (_, index) => String((first ?? 1) + index));
    });
  }
</script>

{#if figure}
  <div class="mt-2 flex flex-wrap gap-2">
    {#each LISTS as { key, list, label, any } (key)}
      {#if figure[list]?.length}
        <Choice
          {label}
          {any}
          options={figure[list].map(({ name }) => ({ value: name, label: name }))}
          value={placement[key] ?? ''}
          onchange={(name) => onchange({ [key]: name || undefined })}
        />
      {/if}
    {/each}
    {#if figure.eitherFoot}
      <Choice
        label={msg.foot()}
        any={msg.charted()}
        options={[{ value: 'other', label: msg.theOther() }]}
        value={placement.otherFoot ? 'other' : ''}
        onchange={(chosen) => onchange({ otherFoot: chosen === 'other' || undefined })}
      />
    {/if}
    {#if figure.repeat}
      <Choice
        label={msg.times2()}
        options={times(figure.repeat.times).map((value) => ({ value, label: value }))}
        value={String(placement.repeats ?? 1)}
        onchange={(chosen) => onchange({ repeats: Number(chosen) > 1 ? Number(chosen) : undefined })}
      />
    {/if}
  </div>
{/if}
