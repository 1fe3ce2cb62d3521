<script lang="ts" generics="V extends KeptVersion, D">
  import msg from '$lib/messages/ui';
  import Message from '$lib/ui/Message.svelte';
  import { onMount, type Snippet } from 'svelte';
  import { momentOf } from '$lib/ui/moment';
  import type { KeptVersion, VersionList } from './VersionList.svelte';

  interface Props {
    list: VersionList<V, D>;
    /** What is said of a version in the list. */
    about: Snippet<[V]>;
    difference: Snippet<[V, D]>;
    onrestore: (version: V) => void;
  }
  let { list, about, difference, onrestore }: Props = $props();

  onMount(() => void list.more());
</script>

<div class="space-y-3">
  {#if list.failure}<Message sentence={list.failure} />{/if}
  {#if list.compared}
    {@render difference(list.compared.version, list.compared.difference)}
    <div class="flex gap-2">
      <button class="act act-main" onclick={() => onrestore(list.compared!.version)}>{msg.restoreThisVersion()}</button>
      <button class="act" onclick={() => list.close()}>{msg.allVersions()}</button>
    </div>
  {:else}
    <ol class="space-y-1">
      {#each list.versions ?? [] as version, index (version.number)}
        <li class="flex items-center justify-between gap-2 border-t border-line pt-1">
          <span
            >{momentOf(version.kept)}<span class="block text-sm text-soft"
              >{@render about(version)}{index === 0 ? msg.theLatest() : ''}{version.author ? msg.savedBy({ author: version.author }) : ''}</span
            ></span
          >
          <button class="act" onclick={() => list.compare(version)}>{msg.compare()}</button>
        </li>
      {:else}
        <li class="text-soft">{list.versions ? msg.noSavedVersionsYet() : msg.loadingVersions()}</li>
      {/each}
    </ol>
    {#if list.hasMore}<button class="act" onclick={() => list.more()}>{msg.olderVersions()}</button>{/if}
    <p class="text-sm text-soft">{msg.everyVersionOfTheLast()}</p>
  {/if}
</div>
