<script lang="ts">
  import type { Routine } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';

  interface Props {
    routine: Routine;
    onchange: (conditions: Pick<Routine, 'syllabus' | 'level'>) => void;
  }
  let { routine, onchange }: Props = $props();
  const OPEN = 'open';
</script>

<span class="inline-flex items-center gap-2">
  <select
    class="field px-2"
    aria-label="Highest level"
    value={routine.level ?? OPEN}
    onchange={(event) => onchange({ syllabus: routine.syllabus, level: event.currentTarget.value === OPEN ? undefined : event.currentTarget.value })}
  >
    {#each reference.notation.levels as level (level.shorthand)}
      <option value={level.shorthand}>{level.shorthand === OPEN ? 'any level' : `up to ${level.wording}`}</option>
    {/each}
  </select>
  <label class="inline-flex items-center gap-1" title="Only neighbours that the syllabus lists may follow each other">
    <input
      type="checkbox"
      class="size-5 accent-ink"
      checked={routine.syllabus ?? false}
      onchange={(event) => onchange({ syllabus: event.currentTarget.checked || undefined, level: routine.level })}
    />
    syllabus
  </label>
</span>
