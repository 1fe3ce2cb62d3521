<script lang="ts">
  import msg from '$lib/messages/routines';
  import type { FigureSummary } from '$lib/api/client';
  import { hasWords } from '$lib/finding/plain';
  import X from '~icons/lucide/x';

  interface Props {
    figures: FigureSummary[];
    wishes: [figure: string, wish: string][];
    /** Nothing wished takes a wish back. */
    onwish: (figure: string, wish: string) => void;
  }
  let { figures, wishes, onwish }: Props = $props();

  const WISHES = [
    { wish: 'required', title: msg.mustInclude() },
    { wish: 'favourite', title: msg.preferred() },
    { wish: 'highlight', title: msg.onAHit() },
    { wish: 'forbidden', title: msg.mustAvoid() },
  ];
  const MOST = 6;
  let words = $state('');
  let found = $derived(words.trim() === '' ? [] : figures.filter(({ title, otherNames }) => hasWords([title, ...otherNames].join(' '), words)));

  const titleOf = (id: string) => figures.find((figure) => figure.id === id)?.title ?? id;
  const wordOf = (wish: string) => WISHES.find((each) => each.wish === wish)?.title ?? wish;
</script>

{#if wishes.length > 0}
  <ul class="mt-2 flex flex-wrap gap-1.5" aria-label={msg.wishes()}>
    {#each wishes as [figure, wish] (figure)}
      <li
        class={[
          'inline-flex items-center gap-1 rounded-full border-[1.5px] py-0.5 pr-1 pl-3',
          wish === 'forbidden' ? 'border-madder bg-madder-wash' : 'border-spruce bg-spruce-wash',
        ]}
      >
        <span><strong>{wordOf(wish)}</strong> {titleOf(figure)}</span>
        <button type="button" class="cursor-pointer rounded-full p-1 hover:bg-line" aria-label={msg.removeWish({ figure: titleOf(figure) })} onclick={() => onwish(figure, '')}
          ><X width={16} height={16} /></button
        >
      </li>
    {/each}
  </ul>
{/if}
<input
  class="field mt-2 w-full"
  placeholder={msg.figureName()}
  aria-label={msg.findAFigure()}
  maxlength="100"
  bind:value={words}
  onkeydown={(event) => event.key === 'Enter' && event.preventDefault()}
/>
<ul class="mt-1 space-y-1">
  {#each found.slice(0, MOST) as { id, title, level } (id)}
    <li class="rounded-lg bg-floor px-2 py-1.5">
      <span class="leading-tight"><strong>{title}</strong> <span class="text-soft">{level}</span></span>
      <span class="mt-1 flex flex-wrap gap-1">
        {#each WISHES as { wish, title: word } (wish)}
          {@const isWished = wishes.some(([figure, other]) => figure === id && other === wish)}
          <button type="button" class="act min-h-8 px-2" aria-pressed={isWished} aria-label={`${word} ${title}`} onclick={() => onwish(id, isWished ? '' : wish)}>{word}</button>
        {/each}
      </span>
    </li>
  {/each}
</ul>
{#if found.length > MOST}<p class="mt-1 text-soft">{msg.andMoreAddAWord({ count: found.length - MOST })}</p>{/if}
{#if words.trim() !== '' && found.length === 0}<p class="mt-1 text-soft" role="status">{msg.noResultsTryAnotherName()}</p>{/if}
