<script lang="ts">
  import msg from '$lib/messages/rules';
  import common from '$lib/messages/common';
  import type { Limits } from '$lib/api/client';

  interface Props {
    label: string;
    unit: string;
    value: Limits | undefined;
    onchange: (value: Limits | undefined) => void;
  }
  let { label, unit, value, onchange }: Props = $props();

  function take(change: Limits) {
    const next = { ...value, ...change };
    onchange(next.least === undefined && next.most === undefined ? undefined : next);
  }

  function number(input: HTMLInputElement) {
    return Number.isNaN(input.valueAsNumber) ? undefined : input.valueAsNumber;
  }
</script>

<span class="inline-flex items-center gap-2">
  <span class="text-soft">{label}</span>
  <input
    class="field w-20 px-2"
    type="number"
    min="0"
    max="10000"
    step="any"
    placeholder={common.any()}
    aria-label={msg.atLeast({ label })}
    value={value?.least}
    onchange={(event) => take({ least: number(event.currentTarget) })}
  />
  <span class="text-soft">{common.to()}</span>
  <input
    class="field w-20 px-2"
    type="number"
    min="0"
    max="10000"
    step="any"
    placeholder={common.any()}
    aria-label={msg.atMost({ label })}
    value={value?.most}
    onchange={(event) => take({ most: number(event.currentTarget) })}
  />
  <span class="text-soft">{unit}</span>
</span>
