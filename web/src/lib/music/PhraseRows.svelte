<script lang="ts">
  import msg from '$lib/messages/music';
  import type { Fit, LaidPassage } from '$lib/api/client';
  import { MARKS } from './strip';

  interface Props {
    fit: Fit;
    onchoose: (passage: LaidPassage) => void;
  }
  let { fit, onchoose }: Props = $props();

  /** One row a phrase, with what begins in it. */
  let rows = $derived(
    fit.phraseStarts.map((bar, index) => {
      const end = fit.phraseStarts[index + 1] ?? fit.bars + 1;
      const within = (at: number) => at >= (bar - 1) * fit.beatsPerBar && at < (end - 1) * fit.beatsPerBar;
      return {
        bar,
        end,
        section: fit.sections.find((section) => section.bar === bar),
        passages: fit.passages.map((passage, number) => ({ passage, number: number + 1 })).filter(({ passage }) => within(passage.at)),
        hits: [...fit.hits, ...fit.otherHits].filter((hit) => within(hit.at)),
        misfits: fit.misfits.filter((misfit) => misfit.bar >= bar && misfit.bar < end),
      };
    }),
  );
</script>

<ol class="flex flex-col gap-2">
  {#each rows as row (row.bar)}
    <li class="panel p-3">
      {#if row.section}<h2 class="text-lg">{row.section.title}</h2>{/if}
      <p class="text-soft">
        {msg.bars({ bar: row.bar, end: row.end - 1 })}{#each row.hits as hit (hit.at)}<span class="text-madder">
            {msg.bar2({ MARKS: MARKS[hit.kind] ?? '', kind: hit.kind, bar: hit.bar })}</span
          >{/each}
      </p>
      <ul>
        {#each row.passages as { passage, number } (number)}
          <li><button class="w-full cursor-pointer py-1 text-left" onclick={() => onchoose(passage)}><strong>{msg.bar({ bar: passage.bar })}</strong>, {passage.title}</button></li>
        {/each}
      </ul>
      {#each row.misfits as misfit, at (at)}<p class="text-madder">✕ {misfit.sentence}</p>{/each}
    </li>
  {/each}
</ol>
