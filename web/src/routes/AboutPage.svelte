<script lang="ts">
  import { api, required, sentenceOf, type About } from '$lib/api/client';
  import Message from '$lib/ui/Message.svelte';

  const LICENCES = [
    { title: 'Fonts and icons', address: './licences/drawn.txt' },
    { title: 'Pages', address: './licences/pages.txt' },
    { title: 'Libraries', address: './licences/libraries.txt' },
  ];
  let about = $state.raw<About>();
  let failure = $state<string>();
  api.GET('/api/about').then(
    (answer) => (about = required(answer)),
    (thrown) => (failure = sentenceOf(thrown)),
  );
</script>

<div class="mx-auto flex max-w-[60rem] flex-col gap-4 px-6 py-5">
  <h1 class="text-4xl max-sm:text-2xl">About Fluid Frame</h1>
  {#if failure}<Message sentence={failure} />{/if}
  {#if about}
    <dl class="panel grid gap-x-6 gap-y-2 p-5 sm:grid-cols-[auto_1fr]">
      <dt class="text-soft">Version</dt>
      <dd class="font-semibold">{about.version}</dd>
      <dt class="text-soft">Your data</dt>
      <dd class="font-semibold break-all">{about.dataFolder}</dd>
      <dt class="text-soft">Sounds</dt>
      <dd>Clicks, count and band are made by the program itself; nothing in them is recorded.</dd>
    </dl>
    <section class="panel p-5">
      <h2 class="text-2xl">What it is made of</h2>
      <p class="mt-1 leading-snug text-soft">Others’ work goes into it, with their licences.</p>
      <ul class="mt-3 flex flex-wrap gap-3">
        {#each LICENCES as { title, address } (title)}
          <li><a class="act" href={address} target="_blank" rel="noreferrer">{title}</a></li>
        {/each}
      </ul>
    </section>
    <p><a class="act" href="#/look">How things are drawn</a> <a class="act" href="#/first-hour">Your first hour</a></p>
    <p class="leading-snug text-soft">
      Dance with care: warm up, stop when it hurts, learn spins and lunges with a qualified teacher present. The rules of your venue and organiser stand above this program.
    </p>
  {:else if !failure}
    <p class="p-10 text-center text-xl text-soft">Looking for what it is made of …</p>
  {/if}
</div>
