<script lang="ts">
  import { heftOf } from './heft';

  interface Props {
    usual: Record<string, number>;
    weights: Record<string, number>;
  }
  let { usual, weights = $bindable() }: Props = $props();

  /** How many times the usual weight the slider goes to. */
  const MOST = 3;
</script>

<ul class="mt-1 space-y-1">
  {#each Object.keys(weights) as reason (reason)}
    <li>
      <label class="grid grid-cols-[1fr_auto] items-baseline gap-x-3">
        <span class="first-letter:uppercase">{reason}</span>
        <span class="text-soft">{heftOf(weights[reason]!, usual[reason]!)}</span>
        <input
          class="col-span-2 w-full accent-ink"
          type="range"
          min="0"
          max={usual[reason]! * MOST}
          aria-valuetext={heftOf(weights[reason]!, usual[reason]!)}
          bind:value={weights[reason]}
        />
      </label>
    </li>
  {/each}
</ul>
