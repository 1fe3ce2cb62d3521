<script lang="ts">
  import { Dialog } from 'bits-ui';

  interface Props {
    open: boolean;
  }
  let { open = $bindable() }: Props = $props();

  const GROUPS = [
    {
      title: 'Everywhere',
      keys: [
        ['?', 'this page'],
        ['N', 'new figure, on the list'],
        ['Ctrl Z', 'undo'],
        ['Ctrl Y', 'redo'],
        ['Ctrl S', 'keep'],
      ],
    },
    {
      title: 'Figure sheet',
      keys: [
        ['Tab', 'next cell of the row'],
        ['Enter', 'same cell of the next row'],
        ['↑ ↓', 'row above, row below'],
        ['Esc', 'leave the cell as it was'],
        ['Ctrl Enter', 'new row below'],
        ['Ctrl D', 'this row once more'],
        ['Alt ↑ ↓', 'move the row'],
        ['Ctrl Backspace', 'take the row out'],
        ['Ctrl .', 'mend what is found here'],
        ['Ctrl Space', 'take the first cell offered'],
        ['Alt 2 … 8', 'take another one'],
        ['Alt O', 'lady’s chart from the man’s'],
      ],
    },
    {
      title: 'Routine desk',
      keys: [
        ['← →', 'choose a figure'],
        ['Alt ← →', 'move it'],
        ['Delete', 'take it out'],
        ['C', 'turn a corner after it'],
        ['N', 'what may come next'],
        ['P', 'what may come before, or next'],
        ['I', 'what may come in its place'],
        ['K', 'compose what follows'],
        ['G', 'fill the gap to the next'],
        ['B', 'bridge to the next'],
        ['D', 'ways round, if the way is blocked'],
        ['E', 'put an element in'],
        ['M', 'what would mend every seam that breaks'],
        ['L', 'does it loop?'],
        ['V', 'kept versions'],
        ['F', 'the floor, and other floors'],
        ['R', 'rehearse from here'],
        ['Space', 'play, pause'],
        [', .', 'a step back, a step on'],
      ],
    },
    {
      title: 'Rehearsal',
      keys: [
        ['Space', 'dance, pause'],
        ['← →', 'a step back, a step on'],
        ['↑ ↓', 'faster, slower'],
        ['[ ]', 'the stretch begins, ends here'],
        ['A', 'the whole routine'],
        ['L', 'again and again, or once'],
        ['R', 'the next wall up'],
        ['M', 'mirrored, or not'],
        ['F', 'follow the couple, or the whole room'],
        ['P', 'both, the man, the lady'],
        ['T', 'tap a beat of your own music'],
      ],
    },
  ];
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content class="panel fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[min(60rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto p-6 shadow-2xl">
      <Dialog.Title class="font-title text-2xl font-semibold">Shortcuts</Dialog.Title>
      <Dialog.Description class="text-soft">Everything can be done with the keyboard.</Dialog.Description>
      <div class="mt-4 grid gap-6 sm:grid-cols-3">
        {#each GROUPS as group (group.title)}
          <section>
            <h3 class="mb-2 text-lg">{group.title}</h3>
            <dl class="grid grid-cols-[auto_1fr] items-baseline gap-x-3 gap-y-2">
              {#each group.keys as [keys, does] (keys)}
                <dt><span class="key">{keys}</span></dt>
                <dd>{does}</dd>
              {/each}
            </dl>
          </section>
        {/each}
      </div>
      <Dialog.Close class="act mt-6">Close</Dialog.Close>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
