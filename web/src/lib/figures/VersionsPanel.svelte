<script lang="ts">
  import msg from '$lib/messages/figures';
  import { api, required, type FigureDifference, type FigureVersion } from '$lib/api/client';
  import { momentOf } from '$lib/ui/moment';
  import { VersionList } from '$lib/versions/VersionList.svelte';
  import Versions from '$lib/versions/Versions.svelte';
  import DifferenceTable from './DifferenceTable.svelte';
  import type { FigureSheet } from './FigureSheet.svelte';

  interface Props {
    sheet: FigureSheet;
  }
  let { sheet }: Props = $props();

  const list = new VersionList<FigureVersion, FigureDifference[]>(
    async (before) => required(await api.GET('/api/figures/{id}/versions', { params: { path: { id: sheet.figure.id }, query: { before } } })),
    async (version) => required(await api.POST('/api/figure-differences', { body: { before: version.figure, after: sheet.figure } })),
  );

  function restore({ figure }: FigureVersion, withTitle: boolean) {
    sheet.restore(withTitle ? figure : { ...figure, title: sheet.figure.title });
    list.close();
  }
</script>

{#if sheet.isNew}
  <p>{msg.noSavedVersionsYet()}</p>
{:else}
  <Versions {list} titleOf={({ figure }) => figure.title} title={sheet.figure.title} onrestore={restore}>
    {#snippet about(version)}{msg.andSteps({ title: version.figure.title, count: version.figure.man.length, count2: version.figure.lady.length })}{/snippet}
    {#snippet difference(version, differences)}
      {#if differences.length === 0}
        <p><strong>{momentOf(version.kept)}</strong>{msg.sameAsNow()}</p>
      {:else}
        <DifferenceTable {differences} before={momentOf(version.kept)} after={msg.versionNow()} />
      {/if}
    {/snippet}
  </Versions>
{/if}
