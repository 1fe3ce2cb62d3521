<script lang="ts">
  import msg from '$lib/messages/shell';
  import Message from '$lib/ui/Message.svelte';
  import { Command, Dialog } from 'bits-ui';
  import { push } from 'svelte-spa-router';
  import { Anywhere, type Place } from './Anywhere.svelte';

  const id = $props.id();

  interface Props {
    open: boolean;
    /** The views and commands. */
    fixed: Place[];
  }
  let { open = $bindable(), fixed }: Props = $props();

  let anywhere = $derived(new Anywhere(fixed));
  let words = $state('');
  let chosen = $state('');
  let kinds = $derived([...new Set(anywhere.found.map(({ kind }) => kind))]);
  let lit = $derived(anywhere.found.findIndex((place) => valueOf(place) === chosen));

  const valueOf = ({ kind, path, title }: Place) => `${kind} ${path ?? title}`;
  const idOf = (place: Place) => `${id}-${anywhere.found.indexOf(place)}`;

  $effect(() => {
    if (!open) return;
    words = '';
    void anywhere.open();
  });

  $effect(() => {
    const [first] = anywhere.found;
    if (lit < 0 && first) chosen = valueOf(first);
  });

  function choose({ path, does }: Place) {
    open = false;
    if (path) void push(path);
    else does?.();
  }
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content class="panel fixed top-[8vh] left-1/2 z-50 flex max-h-[84vh] w-[min(44rem,94vw)] -translate-x-1/2 flex-col shadow-2xl">
      <Dialog.Title class="sr-only">{msg.goTo()}</Dialog.Title>
      <Dialog.Description class="sr-only">{msg.typeWordsToSearchUse()}</Dialog.Description>
      <Command.Root shouldFilter={false} vimBindings={false} loop bind:value={chosen} label={msg.goTo()} class="flex min-h-0 flex-col">
        <Command.Input bind:value={() => words, (text) => ((words = text), void anywhere.ask(text))}>
          {#snippet child({ props })}
            <input
              {...props}
              class="w-full border-b-[1.5px] border-line bg-transparent px-5 py-4 text-2xl outline-none! placeholder:text-soft"
              placeholder={msg.aFigureRoutinePersonLesson()}
              aria-label={msg.goTo()}
              aria-labelledby={undefined}
              aria-activedescendant={lit < 0 ? undefined : `${id}-${lit}`}
              bind:value={() => words, (text) => ((words = text), void anywhere.ask(text))}
            />
          {/snippet}
        </Command.Input>
        {#if anywhere.failure}<div class="p-3"><Message sentence={anywhere.failure} /></div>{/if}
        <Command.List class="min-h-0 overflow-y-auto p-2" aria-label={msg.places()}>
          <Command.Viewport>
            {#each kinds as kind (kind)}
              <Command.Group>
                <Command.GroupHeading class="px-3 pt-2 text-sm font-semibold text-soft">{kind}</Command.GroupHeading>
                <Command.GroupItems>
                  {#each anywhere.found.filter((place) => place.kind === kind) as place (place.path ?? place.title)}
                    <Command.Item
                      id={idOf(place)}
                      value={valueOf(place)}
                      onSelect={() => choose(place)}
                      class="flex cursor-pointer items-baseline justify-between gap-4 rounded-lg px-3 py-2 text-lg data-selected:bg-spruce-wash data-selected:outline-2 data-selected:outline-spruce"
                    >
                      <span class="font-semibold">{place.title}</span>
                      {#if place.more}<span class="text-base text-soft">{place.more}</span>{/if}
                    </Command.Item>
                  {/each}
                </Command.GroupItems>
              </Command.Group>
            {/each}
          </Command.Viewport>
        </Command.List>
        {#if kinds.length === 0}<p class="px-5 pb-4 text-lg text-soft" role="status">{msg.noResultsTryFewerWords()}</p>{/if}
      </Command.Root>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
