<script lang="ts">
  import msg from '$lib/messages/studio';
  import common from '$lib/messages/common';
  import type { Backup } from '$lib/api/client';
  import BookPanel from '$lib/studio/BookPanel.svelte';
  import RestoreDialog from '$lib/studio/RestoreDialog.svelte';
  import { Studio } from '$lib/studio/Studio.svelte';
  import FootworkChoice from '$lib/ui/FootworkChoice.svelte';
  import TitlesChoice from '$lib/ui/TitlesChoice.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { dayOf, momentOf } from '$lib/ui/moment';
  import Archive from '~icons/lucide/archive';
  import Download from '~icons/lucide/download';
  import Trash2 from '~icons/lucide/trash-2';

  const KILOBYTE = 1024;
  const studio = new Studio();
  void studio.load();
  /** What has been asked for and is not done before it is said again. */
  let deleting = $state<string>();

  function throwAway(name: string) {
    deleting = undefined;
    void studio.throwAway(name);
  }

  function size({ bytes }: Backup) {
    return bytes < KILOBYTE * KILOBYTE ? msg.kb({ ceil: Math.ceil(bytes / KILOBYTE) }) : msg.mb({ toFixed: (bytes / KILOBYTE / KILOBYTE).toFixed(1) });
  }

  function restoreFile(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (file) void studio.askToRestore(file);
  }
</script>

<div class="mx-auto flex max-w-[70rem] flex-col gap-4 px-6 py-5">
  <h1 class="text-4xl max-sm:text-2xl">{msg.studio()}</h1>
  {#if studio.failure}<Message sentence={studio.failure} />{/if}
  {#if studio.busy}<p class="rounded-xl bg-board px-4 py-2 font-semibold" role="status">{studio.busy}</p>{/if}
  <div class="grid items-start gap-4 lg:grid-cols-2">
    <section class="panel p-5" aria-label={msg.backups()}>
      <div class="flex flex-wrap items-center justify-between gap-2">
        <h2 class="text-2xl">{msg.backups()}</h2>
        <button class="act act-main" disabled={studio.busy !== undefined} onclick={() => studio.backUp()}><Archive width={18} height={18} />{msg.backUpNow()}</button>
      </div>
      <p class="mt-1 leading-snug text-soft">
        {msg.everythingInOneFileFigures()}
      </p>
      <ul class="mt-3">
        {#each studio.backups ?? [] as backup (backup.name)}
          <li class="flex flex-wrap items-center justify-between gap-2 border-t border-line py-2">
            <span
              ><strong>{momentOf(backup.made)}</strong><span class="block text-sm text-soft"
                >{msg.until({ name: backup.name, backup: size(backup), until: dayOf(backup.until) })}</span
              ></span
            >
            <span class="flex gap-2">
              {#if deleting === backup.name}
                <button class="act act-main" onclick={() => throwAway(backup.name)}>{msg.yesDeleteIt()}</button>
                <button class="act" onclick={() => (deleting = undefined)}>{common.cancel()}</button>
              {:else}
                <a class="act px-2" href={`/api/backups/${backup.name}`} download={backup.name} aria-label={msg.save({ name: backup.name })} title={msg.saveTheFile()}
                  ><Download width={18} height={18} /></a
                >
                <button
                  class="act px-2"
                  disabled={studio.busy !== undefined}
                  aria-label={msg.deleteNamed({ name: backup.name })}
                  title={common.deleteIt()}
                  onclick={() => (deleting = backup.name)}><Trash2 width={18} height={18} /></button
                >
                <button class="act" disabled={studio.busy !== undefined} onclick={() => studio.askToRestore(backup.name)}>{msg.restore()}</button>
              {/if}
            </span>
          </li>
        {:else}
          <li class="border-t border-line py-2 text-soft">{studio.backups ? msg.noBackupsYet() : msg.loadingBackups()}</li>
        {/each}
      </ul>
      <label class="act mt-2">{msg.restoreFromAFile()}<input type="file" class="sr-only" accept=".zip,application/zip" onchange={restoreFile} /></label>
    </section>
    {#if studio.wanted}<RestoreDialog {studio} wanted={studio.wanted} />{/if}

    <div class="flex flex-col gap-4">
      <BookPanel {studio} />
      <section class="panel p-5" aria-label={msg.wordsInThisBrowser()}>
        <h2 class="text-2xl">{msg.wordsInThisBrowser()}</h2>
        <div class="mt-3 flex flex-wrap gap-4"><TitlesChoice /><FootworkChoice /></div>
      </section>
      <section class="panel p-5" aria-label={msg.deletedItems()}>
        <h2 class="text-2xl">{msg.deletedItems()}</h2>
        <ul class="mt-2">
          {#each studio.deletions as deletion (`${deletion.kind}/${deletion.id}`)}
            <li class="flex items-center justify-between gap-2 border-t border-line py-2">
              <span><strong>{deletion.title}</strong><span class="block text-sm text-soft">{deletion.kind}, {momentOf(deletion.deleted)}</span></span>
              <button class="act" onclick={() => studio.bringBack(deletion)}>{msg.restore()}</button>
            </li>
          {:else}
            <li class="text-soft">{msg.noDeletedItems()}</li>
          {/each}
        </ul>
      </section>
    </div>
  </div>
  <p><a class="font-semibold underline" href="#/about">{msg.aboutFluidFrame()}</a>{msg.versionDataLocationAndComponents()}</p>
</div>
