<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import type { ColumnKey, Part, Row, Variation } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Trash2 from '~icons/lucide/trash-2';

  interface Props {
    /** Where it stands in the figure, for naming its fields. */
    pointer: string;
    variation: Variation;
    /** The names it may have; any if there are none. */
    names?: string[];
    onchange: (variation: Variation) => void;
    onremove: () => void;
  }
  let { pointer, variation, names, onchange, onremove }: Props = $props();

  const PARTS: Part[] = ['man', 'lady'];
  interface Line {
    part: Part;
    row: number;
    column: ColumnKey;
    text: string;
  }
  let lines = $derived<Line[]>(
    PARTS.flatMap((part) =>
      (variation[part] ?? []).flatMap(({ row, cells }) => Object.entries(cells).map(([column, text]) => ({ part, row, column: column as ColumnKey, text: text ?? '' }))),
    ),
  );

  function write(next: Line[]) {
    const rows = (part: Part) => {
      const own = next.filter((line) => line.part === part);
      return [...new Set(own.map((line) => line.row))]
        .sort((a, b) => a - b)
        .map((row) => ({
          row,
          cells: Object.fromEntries(own.filter((line) => line.row === row).map((line) => [line.column, line.text])) as Row,
        }));
    };
    onchange({ ...variation, man: rows('man'), lady: rows('lady') });
  }

  function amend(index: number, change: Partial<Line>) {
    write(lines.with(index, { ...lines[index]!, ...change }));
  }

  function add() {
    const taken = lines.filter((line) => line.part === 'man').map((line) => line.row);
    const row = taken.length === 0 ? 1 : Math.max(...taken);
    const used = lines.filter((line) => line.part === 'man' && line.row === row).map((line) => line.column);
    const column = (['turn', 'alignment', 'footwork', 'body', 'relation'] as const).find((key) => !used.includes(key)) ?? 'note';
    write([...lines, { part: 'man', row, column, text: '' }]);
  }
</script>

<fieldset class="rounded-lg border-[1.5px] border-line p-2" id={`field-${pointer}`} tabindex="-1">
  <legend class="sr-only">{variation.name}</legend>
  <div class="flex gap-2">
    {#if names}
      <span class="grid flex-1">
        <Choice
          quiet
          label={msg.school()}
          value={variation.name}
          options={names.map((name) => ({ value: name, label: name }))}
          onchange={(name) => onchange({ ...variation, name })}
        />
      </span>
    {:else}
      <input class="field min-w-0 flex-1" aria-label={msg.name()} value={variation.name} onchange={(event) => onchange({ ...variation, name: event.currentTarget.value })} />
    {/if}
    <button class="act" aria-label={msg.remove({ name: variation.name })} onclick={onremove}><Trash2 width={16} height={16} /></button>
  </div>
  {#each lines as line, index (index)}
    <div class="mt-1 grid grid-cols-[5rem_3.5rem_1fr_1.2fr_auto] gap-1">
      <Choice
        quiet
        label={common.part()}
        value={line.part}
        options={PARTS.map((part) => ({ value: part, label: nameOf(part) }))}
        onchange={(part) => amend(index, { part: part as Part })}
      />
      <input
        class="field px-2"
        aria-label={common.step()}
        inputmode="numeric"
        value={line.row}
        onchange={(event) => amend(index, { row: Number(event.currentTarget.value) || 1 })}
      />
      <Choice
        quiet
        label={msg.column()}
        value={line.column}
        options={reference.notation.columns.map(({ key, title }) => ({ value: key, label: title }))}
        onchange={(column) => amend(index, { column: column as ColumnKey })}
      />
      <input class="field min-w-0 px-2" aria-label={msg.newValue()} value={line.text} onchange={(event) => amend(index, { text: event.currentTarget.value })} />
      <button class="act px-2" aria-label={msg.removeThisChange()} onclick={() => write(lines.toSpliced(index, 1))}><Trash2 width={14} height={14} /></button>
    </div>
  {/each}
  <button class="act mt-1" onclick={add}>{msg.changeACell()}</button>
</fieldset>
