<script lang="ts">
  import type { Backup } from '$lib/api/client';
  import BookPanel from '$lib/studio/BookPanel.svelte';
  import { Studio } from '$lib/studio/Studio.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { dayOf, momentOf } from '$lib/ui/moment';
  import Archive from '~icons/lucide/archive';
  import Download from '~icons/lucide/download';
  import Trash2 from '~icons/lucide/trash-2';

  const KILOBYTE = 1024;
  const studio = new Studio();
  void studio.load();
  /** What has been asked for and is not done before it is said again. */
  let asked = $state<{ name: string; act: 'restore' | 'throw away' }>();
  let sent = $state.raw<File>();

  function confirm() {
    const { name, act } = asked!;
    asked = undefined;
    void (act === 'restore' ? studio.restore(name) : studio.throwAway(name));
  }

  function size({ bytes }: Backup) {
    return bytes < KILOBYTE * KILOBYTE ? `${Math.ceil(bytes / KILOBYTE)} kB` : `${(bytes / KILOBYTE / KILOBYTE).toFixed(1)} MB`;
  }

  function restoreFile(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    sent = file;
  }
</script>

<div class="mx-auto flex max-w-[70rem] flex-col gap-4 px-6 py-5">
  <h1 class="text-4xl max-sm:text-2xl">Studio</h1>
  {#if studio.failure}<Message sentence={studio.failure} />{/if}
  {#if studio.busy}<p class="rounded-xl bg-board px-4 py-2 font-semibold" role="status">{studio.busy}</p>{/if}
  <div class="grid items-start gap-4 lg:grid-cols-2">
    <section class="panel p-5" aria-label="Backups">
      <div class="flex flex-wrap items-center justify-between gap-2">
        <h2 class="text-2xl">Backups</h2>
        <button class="act act-main" disabled={studio.busy !== undefined} onclick={() => studio.backUp()}><Archive width={18} height={18} />Back up now</button>
      </div>
      <p class="mt-1 leading-snug text-soft">
        Everything in one file: figures, routines and all their versions, people and lessons too. One is made every day; those of the last seven days and of four weeks stay, and
        those you make yourself for ninety days. Until then they hold the names of people you erase: throw away what you do not need. Nobody you have erased comes back with an
        older backup.
      </p>
      <ul class="mt-3">
        {#each studio.backups ?? [] as backup (backup.name)}
          <li class="flex flex-wrap items-center justify-between gap-2 border-t border-line py-2">
            <span><strong>{momentOf(backup.made)}</strong><span class="block text-sm text-soft">{backup.name}, {size(backup)}, until {dayOf(backup.until)}</span></span>
            <span class="flex gap-2">
              {#if asked?.name === backup.name}
                <button class="act act-main" onclick={confirm}>{asked.act === 'restore' ? 'Yes, put it back' : 'Yes, throw it away'}</button>
                <button class="act" onclick={() => (asked = undefined)}>No</button>
              {:else}
                <a class="act px-2" href={`/api/backups/${backup.name}`} download={backup.name} aria-label={`Save ${backup.name}`} title="Save the file"
                  ><Download width={18} height={18} /></a
                >
                <button
                  class="act px-2"
                  disabled={studio.busy !== undefined}
                  aria-label={`Throw away ${backup.name}`}
                  title="Throw it away"
                  onclick={() => (asked = { name: backup.name, act: 'throw away' })}><Trash2 width={18} height={18} /></button
                >
                <button class="act" disabled={studio.busy !== undefined} onclick={() => (asked = { name: backup.name, act: 'restore' })}>Put back</button>
              {/if}
            </span>
          </li>
        {:else}
          <li class="border-t border-line py-2 text-soft">{studio.backups ? 'None yet.' : 'Looking for backups …'}</li>
        {/each}
      </ul>
      {#if sent}
        <p class="mt-3 rounded-xl bg-board p-4 leading-snug">
          Everything there is now will be replaced by what is in <strong>{sent.name}</strong>. What there is now is backed up first.
          <span class="mt-2 flex gap-2">
            <button class="act act-main" onclick={() => ((file) => ((sent = undefined), studio.restoreFile(file)))(sent!)}>Yes, put it back</button>
            <button class="act" onclick={() => (sent = undefined)}>No</button>
          </span>
        </p>
      {/if}
      <label class="act mt-2">Put back from a file …<input type="file" class="sr-only" accept=".zip,application/zip" onchange={restoreFile} /></label>
    </section>

    <div class="flex flex-col gap-4">
      <BookPanel {studio} />
      <section class="panel p-5" aria-label="Deleted">
        <h2 class="text-2xl">Deleted</h2>
        <ul class="mt-2">
          {#each studio.deletions as deletion (`${deletion.kind}/${deletion.id}`)}
            <li class="flex items-center justify-between gap-2 border-t border-line py-2">
              <span><strong>{deletion.title}</strong><span class="block text-sm text-soft">{deletion.kind}, {momentOf(deletion.deleted)}</span></span>
              <button class="act" onclick={() => studio.bringBack(deletion)}>Bring it back</button>
            </li>
          {:else}
            <li class="text-soft">Nothing has been deleted.</li>
          {/each}
        </ul>
      </section>
    </div>
  </div>
  <p><a class="font-semibold underline" href="#/about">About Fluid Frame</a>: its version, where your data is, and what it is made of.</p>
</div>
