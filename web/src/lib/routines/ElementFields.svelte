<script lang="ts">
  import type { RoutineElement } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';

  interface Props {
    element?: RoutineElement;
    label: string;
    onsubmit: (element: RoutineElement) => void;
  }
  let { element, label, onsubmit }: Props = $props();

  let kind = $derived(element?.kind ?? 'hold');
  let length = $derived(element?.bars ?? element?.beats ?? 1);
  let unit = $derived<'beats' | 'bars'>(element?.beats ? 'beats' : 'bars');
  let caution = $derived(reference.notation.elements.find((term) => term.shorthand === kind)?.caution);
  let part = $derived(element?.part ?? '');
  let to = $derived(element?.to ?? '');
  let turn = $derived(element?.turn ?? '');

  function submit(event: SubmitEvent) {
    event.preventDefault();
    onsubmit({ kind, [unit]: length, part: part || undefined, to: to.trim() || undefined, turn: turn.trim() || undefined });
  }
</script>

<form class="mt-2 space-y-2" onsubmit={submit} aria-label={element ? 'This element' : 'A new element'}>
  <div class="flex flex-wrap items-center gap-2">
    <Choice
      quiet
      id={element ? undefined : 'element-kind'}
      label="Element"
      value={kind}
      options={reference.notation.elements.map(({ shorthand, wording }) => ({ value: shorthand, label: wording }))}
      onchange={(chosen) => (kind = chosen)}
    />
    <input class="field w-16 px-2" type="number" min="1" max="256" aria-label="How long" required bind:value={length} />
    <Choice
      quiet
      label="Beats or bars"
      value={unit}
      options={[
        { value: 'bars', label: length === 1 ? 'bar' : 'bars' },
        { value: 'beats', label: length === 1 ? 'beat' : 'beats' },
      ]}
      onchange={(chosen) => (unit = chosen as 'beats' | 'bars')}
    />
    <button class="act">{label}</button>
  </div>
  {#if caution}<p class="leading-snug text-madder">{caution}</p>{/if}
  <details open={part !== '' || to !== '' || turn !== ''}>
    <summary class="cursor-pointer text-soft">who, into what, turning</summary>
    <div class="mt-1 grid grid-cols-3 gap-2">
      <Choice
        quiet
        label="Who does it"
        any="both"
        value={part}
        options={[
          { value: 'man', label: 'man' },
          { value: 'lady', label: 'lady' },
        ]}
        onchange={(chosen) => (part = chosen)}
      />
      <input class="field px-2" placeholder="into PP" aria-label="Into which position and hold" maxlength="60" bind:value={to} />
      <input class="field px-2" placeholder="1/2 R" aria-label="How far they turn" maxlength="20" bind:value={turn} />
    </div>
  </details>
</form>
