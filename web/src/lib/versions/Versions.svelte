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
    /** What a version is called, and what it is called now. */
    titleOf: (version: V) => string;
    title: string;
    /** Told what is to be called as the version was; otherwise it is called as now. */
    onrestore: (version: V, withTitle: boolean) => void;
  }
  let { list, about, difference, titleOf, title, onrestore }: Props = $props();

  onMount(() => void list.more());
</script>

<div class="space-y-3">
  {#if list.failure}<Message sentence={list.failure} />{/if}
  {#if list.compared}
    {@render difference(list.compared.version, list.compared.difference)}
    <div class="flex flex-wrap gap-2">
      <button class="act act-main" onclick={() => onrestore(list.compared!.version, false)}>{msg.restoreThisVersion()}</button>
      {#if titleOf(list.compared.version) !== title}
        <button class="act" onclick={() => onrestore(list.compared!.version, true)}>{msg.restoreWithItsTitle({ title: titleOf(list.compared.version) })}</button>
      {/if}
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
