<script lang="ts">
  import msg from '$lib/messages/about';
  import common from '$lib/messages/common';
  import { api, required, sentenceOf, type About } from '$lib/api/client';
  import Message from '$lib/ui/Message.svelte';

  const LICENCES = [
    { title: msg.fontsAndIcons(), address: './licences/drawn.txt' },
    { title: msg.pages(), address: './licences/pages.txt' },
    { title: msg.libraries(), address: './licences/libraries.txt' },
  ];
  let about = $state.raw<About>();
  let failure = $state<string>();
  api.GET('/api/about').then(
    (answer) => (about = required(answer)),
    (thrown) => (failure = sentenceOf(thrown)),
  );
</script>

<div class="mx-auto flex max-w-[60rem] flex-col gap-4 px-6 py-5">
  <h1 class="text-4xl max-sm:text-2xl">{msg.aboutFluidFrame()}</h1>
  {#if failure}<Message sentence={failure} />{/if}
  {#if about}
    <dl class="panel grid gap-x-6 gap-y-2 p-5 sm:grid-cols-[auto_1fr]">
      <dt class="text-soft">{msg.version()}</dt>
      <dd class="font-semibold">{about.version}</dd>
      <dt class="text-soft">{msg.yourData()}</dt>
      <dd class="font-semibold break-all">{about.dataFolder}</dd>
      <dt class="text-soft">{msg.sounds()}</dt>
      <dd>{msg.theProgramMakesClicksCount()}</dd>
    </dl>
    <section class="panel p-5">
      <h2 class="text-2xl">{msg.components()}</h2>
      <p class="mt-1 leading-snug text-soft">{msg.itIncludesTheWorkOf()}</p>
      <ul class="mt-3 flex flex-wrap gap-3">
        {#each LICENCES as { title, address } (title)}
          <li><a class="act" href={address} target="_blank" rel="noreferrer">{title}</a></li>
        {/each}
      </ul>
    </section>
    <p><a class="act" href="#/look">{common.symbolsAndColours()}</a> <a class="act" href="#/first-hour">{common.yourFirstHour()}</a></p>
    <p class="leading-snug text-soft">
      {msg.danceWithCareWarmUp()}
    </p>
  {:else if !failure}
    <p class="p-10 text-center text-xl text-soft">{msg.loadingComponents()}</p>
  {/if}
</div>
