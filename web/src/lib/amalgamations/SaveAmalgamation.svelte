<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/amalgamations';
  import type { RoutineDesk } from '$lib/routines/RoutineDesk.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { uses } from './AmalgamationShelf.svelte';
  import { NewAmalgamation } from './NewAmalgamation.svelte';

  interface Props {
    desk: RoutineDesk;
  }
  let { desk }: Props = $props();

  let made = $derived(new NewAmalgamation(desk));
</script>

<details class="mt-2">
  <summary class="act w-fit cursor-pointer list-none">{msg.saveAsAnAmalgamation()}</summary>
  <form
    class="mt-2 flex flex-col gap-2"
    aria-label={msg.saveAsAnAmalgamation()}
    onsubmit={(event) => {
      event.preventDefault();
      void made.save();
    }}
  >
    <Choice label={msg.upTo()} value={String(made.last)} options={made.ends} onchange={(end) => (made.last = Number(end))} />
    <input class="field" aria-label={msg.title()} placeholder={made.usualTitle} {...limits.Amalgamation.title} bind:value={made.title} />
    <span class="flex flex-wrap gap-2">
      <Choice label={msg.use()} value={made.use} options={uses().map((use) => ({ value: use, label: use }))} onchange={(use) => (made.use = use)} />
      <Choice
        label={msg.energyLabel()}
        value={String(made.energy)}
        options={[1, 2, 3, 4, 5].map((energy) => ({ value: String(energy), label: String(energy) }))}
        onchange={(energy) => (made.energy = Number(energy))}
      />
    </span>
    <textarea class="field py-2 leading-snug" rows="2" aria-label={msg.why()} placeholder={msg.why()} {...limits.Amalgamation.why} bind:value={made.why}></textarea>
    {#if made.failure}<Message sentence={made.failure} />{/if}
    <button class="act act-main w-fit" disabled={made.busy}>{msg.saveIt()}</button>
  </form>
</details>
