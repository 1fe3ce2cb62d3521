<script lang="ts">
  import { barsWords } from '$lib/ui/barsWords';
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import { api, required, type Difference, type Version } from '$lib/api/client';
  import { momentOf } from '$lib/ui/moment';
  import { VersionList } from '$lib/versions/VersionList.svelte';
  import Versions from '$lib/versions/Versions.svelte';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    desk: RoutineDesk;
    onclose: () => void;
  }
  let { desk, onclose }: Props = $props();

  const list = new VersionList<Version, Difference>(
    async (before) => required(await api.GET('/api/routines/{id}/versions', { params: { path: { id: desk.routine.id }, query: { before } } })),
    async (version) => required(await api.POST('/api/differences', { body: { before: version.routine, after: desk.routine } })),
  );

  function restore({ routine }: Version, withTitle: boolean) {
    desk.restore(withTitle ? routine : { ...routine, title: desk.routine.title });
    onclose();
  }

  function standing({ bars, broken }: Difference['before']) {
    return `${barsWords(bars)}, ${broken === 0 ? msg.everySeamDanceable() : msg.broken({ broken })}`;
  }
</script>

<section class="space-y-3" aria-label={msg.versions()}>
  <div class="flex items-baseline justify-between">
    <h2 class="text-xl">{msg.savedVersions()}</h2>
    <button class="text-soft underline" onclick={onclose}>{common.close()}</button>
  </div>
  <Versions {list} titleOf={({ routine }) => routine.title} title={desk.routine.title} onrestore={restore}>
    {#snippet about(version)}{msg.figures({ count: version.routine.placements.length })}{/snippet}
    {#snippet difference(version, found)}
      <table class="w-full border-collapse text-left text-[0.95rem] leading-snug">
        <thead>
          <tr>
            <th scope="col" class="w-1/2 pb-1 font-semibold">{momentOf(version.kept)}<span class="block text-sm font-normal text-soft">{standing(found.before)}</span></th>
            <th scope="col" class="pb-1 font-semibold">{msg.now()}<span class="block text-sm font-normal text-soft">{standing(found.after)}</span></th>
          </tr>
        </thead>
        <tbody>
          {#each found.lines as line, index (index)}
            <tr class={['border-t border-line', !line.same && 'bg-floor font-semibold']}>
              <td class="py-0.5 pr-1">{line.before || '–'}</td>
              <td class="py-0.5">{line.after || '–'}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/snippet}
  </Versions>
</section>
