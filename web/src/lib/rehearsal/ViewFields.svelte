<script lang="ts">
  import msg from '$lib/messages/rehearsal';
  import common from '$lib/messages/common';
  import Toggle from '$lib/ui/Toggle.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import type { Options } from './options';
  import type { Rehearsal } from './Rehearsal.svelte';

  interface Props {
    rehearsal: Rehearsal;
  }
  let { rehearsal }: Props = $props();
  let options = $derived(rehearsal.options);
</script>

<div class="flex flex-wrap items-center gap-2">
  <Choice
    label={msg.show()}
    options={[
      { value: 'both', label: common.both() },
      { value: 'man', label: common.theMan() },
      { value: 'lady', label: common.theLady() },
    ]}
    value={options.shown}
    onchange={(shown) => rehearsal.set({ shown: shown as Options['shown'] })}
  />
  <Choice
    label={msg.wallUp()}
    options={['1', '2', '3', '4'].map((value) => ({ value, label: msg.side({ value }) }))}
    value={String(options.wallUp)}
    onchange={(wallUp) => rehearsal.set({ wallUp: Number(wallUp) })}
  />
  <Toggle label={msg.mirrored2()} on={options.mirrored} onchange={(mirrored) => rehearsal.set({ mirrored })} />
  <Toggle label={msg.followTheCouple()} on={options.follow} onchange={(follow) => rehearsal.set({ follow })} />
</div>
