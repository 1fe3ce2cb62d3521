<script lang="ts">
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

  function restore(version: FigureVersion) {
    sheet.restore(version.figure);
    list.close();
  }
</script>

{#if sheet.isNew}
  <p>Nothing has been kept yet.</p>
{:else}
  <Versions {list} onrestore={restore}>
    {#snippet about(version)}{version.figure.title}, {version.figure.man.length} and {version.figure.lady.length} steps{/snippet}
    {#snippet difference(version, differences)}
      {#if differences.length === 0}
        <p><strong>{momentOf(version.kept)}</strong>: the same as now.</p>
      {:else}
        <DifferenceTable {differences} before={momentOf(version.kept)} after="now" />
      {/if}
    {/snippet}
  </Versions>
{/if}
