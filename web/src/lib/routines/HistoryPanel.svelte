<script lang="ts">
  import { api, required, sentenceOf, type Difference, type Version } from '$lib/api/client';
  import Message from '$lib/ui/Message.svelte';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    desk: RoutineDesk;
    onclose: () => void;
  }
  let { desk, onclose }: Props = $props();

  let versions = $state.raw<Version[]>([]);
  let compared = $state.raw<{ version: Version; difference: Difference }>();
  let failure = $state<string>();

  $effect(() => {
    api.GET('/api/routines/{id}/versions', { params: { path: { id: desk.routine.id } } }).then(
      (answer) => {
        try {
          versions = required(answer);
        } catch (thrown) {
          failure = sentenceOf(thrown);
        }
      },
      (thrown) => (failure = sentenceOf(thrown)),
    );
  });

  async function compare(version: Version) {
    try {
      const body = { before: version.routine, after: desk.routine };
      compared = { version, difference: required(await api.POST('/api/differences', { body })) };
      failure = undefined;
    } catch (thrown) {
      failure = sentenceOf(thrown);
    }
  }

  function restore(version: Version) {
    desk.restore(version.routine);
    onclose();
  }

  function when(version: Version) {
    return new Date(version.kept).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
  }

  function standing({ bars, broken }: Difference['before']) {
    return `${bars} ${bars === '1' ? 'bar' : 'bars'}, ${broken === 0 ? 'every seam danceable' : `${broken} broken`}`;
  }
</script>

<section class="space-y-3" aria-label="Versions">
  <div class="flex items-baseline justify-between">
    <h2 class="text-xl">Kept versions</h2>
    <button class="text-soft underline" onclick={onclose}>close</button>
  </div>
  {#if failure}<Message sentence={failure} />{/if}
  {#if compared}
    <table class="w-full border-collapse text-left text-[0.95rem] leading-snug">
      <thead>
        <tr>
          <th scope="col" class="w-1/2 pb-1 font-semibold">{when(compared.version)}<span class="block text-sm font-normal text-soft">{standing(compared.difference.before)}</span></th>
          <th scope="col" class="pb-1 font-semibold">now<span class="block text-sm font-normal text-soft">{standing(compared.difference.after)}</span></th>
        </tr>
      </thead>
      <tbody>
        {#each compared.difference.lines as line, index (index)}
          <tr class={['border-t border-line', !line.same && 'bg-floor font-semibold']}>
            <td class="py-0.5 pr-1">{line.before || '–'}</td>
            <td class="py-0.5">{line.after || '–'}</td>
          </tr>
        {/each}
      </tbody>
    </table>
    <div class="flex gap-2">
      <button class="act act-main" onclick={() => restore(compared!.version)}>Restore it</button>
      <button class="act" onclick={() => (compared = undefined)}>All versions</button>
    </div>
  {:else}
    <ol class="space-y-1">
      {#each versions as version, index (version.number)}
        <li class="flex items-center justify-between gap-2 border-t border-line pt-1">
          <span>{when(version)}<span class="block text-sm text-soft">{version.routine.placements.length} figures{index === 0 ? ', the latest' : ''}</span></span>
          <button class="act" onclick={() => compare(version)}>Compare</button>
        </li>
      {:else}
        <li class="text-soft">Nothing has been kept yet.</li>
      {/each}
    </ol>
  {/if}
</section>
