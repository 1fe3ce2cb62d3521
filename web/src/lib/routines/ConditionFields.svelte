<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { Routine } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { KINDS } from './kinds';

  interface Props {
    routine: Routine;
    onchange: (conditions: Partial<Pick<Routine, 'syllabus' | 'level' | 'kind'>>) => void;
    /** What it is for, as its placements tell where nothing is said. */
    kind: string;
  }
  let { routine, kind, onchange }: Props = $props();
  const OPEN = 'open';
</script>

<span class="inline-flex flex-wrap items-center gap-2">
  <Choice quiet label={msg.kind()} value={routine.kind ?? kind} options={KINDS} onchange={(chosen) => onchange({ kind: chosen as Routine['kind'] })} />
  <Choice
    quiet
    label={msg.highestLevel()}
    value={routine.level ?? OPEN}
    options={reference.notation.levels.map(({ shorthand, wording }) => ({ value: shorthand, label: shorthand === OPEN ? msg.anyLevel() : msg.upTo({ wording }) }))}
    onchange={(level) => onchange({ level: level === OPEN ? undefined : level })}
  />
  <label class="inline-flex items-center gap-1" title={msg.onlyFiguresListedAsNeighbours()}>
    <input type="checkbox" class="size-5 accent-ink" checked={routine.syllabus ?? false} onchange={(event) => onchange({ syllabus: event.currentTarget.checked || undefined })} />
    {msg.syllabus()}
  </label>
</span>
