<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/events';
  import type { Division } from '$lib/api/client';
  import type { EventDesk } from './EventDesk.svelte';

  interface Props {
    desk: EventDesk;
    divisions: Division[];
  }
  let { desk, divisions }: Props = $props();

  let text = $state('');
  let asked = $derived(
    divisions.filter((division) => desk.event.rounds.some((round) => round.division === division.title && round.entries.some((entry) => desk.isOwn(entry.couple)))),
  );

  function add(event: SubmitEvent) {
    event.preventDefault();
    desk.addTask(text);
    text = '';
  }
</script>

<div class="mx-auto grid w-full max-w-4xl gap-3">
  <form class="panel flex gap-2 p-3" onsubmit={add}>
    <input class="field min-w-0 flex-1" placeholder={msg.somethingToDoOrTo()} aria-label={msg.somethingToDoOrTo()} {...limits.EventTask.text} required bind:value={text} />
    <button class="act act-main" disabled={text.trim() === ''}>{msg.add()}</button>
  </form>
  <ul class="panel divide-y divide-line px-4">
    {#each desk.event.checklist ?? [] as task, index (index)}
      <li class="flex items-center gap-3 py-2">
        <label class="flex flex-1 items-center gap-3 text-lg">
          <input type="checkbox" class="size-6 accent-ink" checked={task.done} onchange={(event) => desk.setTask(index, event.currentTarget.checked)} />
          <span class={task.done ? 'text-soft line-through' : ''}>{task.text}</span>
        </label>
        <button class="cursor-pointer px-2 text-soft hover:text-madder" aria-label={msg.remove({ text: task.text })} onclick={() => desk.dropTask(index)}>×</button>
      </li>
    {:else}
      <li class="py-6 text-center text-xl">{msg.nothingToDoOrBring()}</li>
    {/each}
  </ul>
  {#each asked as division, at (at)}
    <section class="panel p-4" aria-label={division.title}>
      <h2 class="text-xl">{msg.organisersRequirements({ title: division.title })}</h2>
      {#if division.dress}<p><strong>{msg.dress()}</strong> {division.dress}</p>{/if}
      {#if division.music}<p><strong>{msg.music()}</strong> {division.music}</p>{/if}
    </section>
  {/each}
</div>
