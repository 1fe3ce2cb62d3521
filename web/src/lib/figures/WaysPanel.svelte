<script lang="ts">
  import { nameOf } from '$lib/ui/nameOf';
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import Choice from '$lib/ui/Choice.svelte';
  import type { Figure, Variation } from '$lib/api/client';
  import Trash2 from '~icons/lucide/trash-2';
  import type { FigureSheet } from './FigureSheet.svelte';
  import RepeatTable from './RepeatTable.svelte';
  import VariationEditor from './VariationEditor.svelte';

  interface Props {
    sheet: FigureSheet;
  }
  let { sheet }: Props = $props();

  const SCHOOLS = ['classic', 'contemporary', 'bounce', 'glide'];
  type Lists = 'timings' | 'splits' | 'entries' | 'finishes' | 'schools';

  function list<K extends Lists>(key: K): NonNullable<Figure[K]> {
    return (sheet.figure[key] ?? []) as NonNullable<Figure[K]>;
  }

  function variations(key: 'entries' | 'finishes' | 'schools', next: Variation[]) {
    sheet.set({ [key]: next });
  }

  function texts(text: string) {
    const parts = text
      .split(',')
      .map((part) => part.trim())
      .filter((part) => part !== '');
    return parts.length > 0 ? parts : undefined;
  }

  function number(text: string) {
    return Number.parseInt(text, 10) || 1;
  }

  let counts = $derived({
    man: sheet.figure.man.map((row) => row.count ?? '').join(' '),
    lady: sheet.figure.lady.map((row) => row.count ?? '').join(' '),
  });
</script>

<div class="space-y-5">
  <section aria-label={msg.otherTimings()}>
    <h3 class="text-base">{msg.otherTimingsOfTheSame()}</h3>
    {#each list('timings') as timing, index (index)}
      <div class="mt-1 grid grid-cols-[1fr_1.3fr_1.3fr_auto] gap-1">
        {#each ['name', 'man', 'lady'] as const as key (key)}
          <input
            id={`field-timings/${index}/${key}`}
            class={['field min-w-0 px-2', sheet.finding(`/timings/${index}/${key}`) && 'border-madder text-madder']}
            aria-label={msg.timing({ index: index + 1, key: key === 'name' ? msg.timingName() : nameOf(key) })}
            value={timing[key]}
            onchange={(event) => sheet.set({ timings: list('timings').with(index, { ...timing, [key]: event.currentTarget.value }) })}
          />
        {/each}
        <button class="act px-2" aria-label={msg.removeTiming()} onclick={() => sheet.set({ timings: list('timings').toSpliced(index, 1) })}
          ><Trash2 width={14} height={14} /></button
        >
      </div>
    {/each}
    <button class="act mt-1" onclick={() => sheet.set({ timings: [...list('timings'), { name: msg.anotherTiming(), ...counts }] })}>{msg.addATiming()}</button>
  </section>

  <section aria-label={msg.partsOfTheFigure()}>
    <h3 class="text-base">{msg.partsThatCanBeUsed()}</h3>
    {#each list('splits') as split, index (index)}
      <div class="mt-1 grid grid-cols-[1fr_4rem_4rem_auto] gap-1">
        <input
          class="field min-w-0 px-2"
          aria-label={msg.partName({ index: index + 1 })}
          value={split.name}
          onchange={(event) => sheet.set({ splits: list('splits').with(index, { ...split, name: event.currentTarget.value }) })}
        />
        {#each ['first', 'last'] as const as key (key)}
          <input
            class="field px-2"
            inputmode="numeric"
            aria-label={msg.partStep({ index: index + 1, key })}
            value={split[key]}
            onchange={(event) => sheet.set({ splits: list('splits').with(index, { ...split, [key]: number(event.currentTarget.value) }) })}
          />
        {/each}
        <Choice
          quiet
          label={msg.partUsedAs({ index: index + 1 })}
          any={msg.toPractise()}
          value={split.purpose ?? ''}
          options={[
            { value: 'link', label: msg.aLink() },
            { value: 'entry', label: msg.aBeginning() },
            { value: 'exit', label: msg.anEnd() },
          ]}
          onchange={(purpose) => sheet.set({ splits: list('splits').with(index, { ...split, purpose: purpose || undefined }) })}
        />
        <input
          class="field col-span-3 min-w-0 px-2"
          aria-label={msg.partMayStart({ index: index + 1 })}
          placeholder={msg.mayAlsoStartBLod()}
          value={split.startAlignments?.join(', ')}
          onchange={(event) => sheet.set({ splits: list('splits').with(index, { ...split, startAlignments: texts(event.currentTarget.value) }) })}
        />
        <button class="act justify-self-start px-2" aria-label={msg.removePart()} onclick={() => sheet.set({ splits: list('splits').toSpliced(index, 1) })}
          ><Trash2 width={14} height={14} /></button
        >
      </div>
    {/each}
    <button class="act mt-1" onclick={() => sheet.set({ splits: [...list('splits'), { name: msg.firstHalf(), first: 1, last: Math.ceil(sheet.figure.man.length / 2) }] })}
      >{msg.addAPart()}</button
    >
  </section>

  <section aria-label={msg.repeats()}>
    <h3 class="text-base">{msg.stepsThatMayBeRepeated()}</h3>
    {#if sheet.figure.repeat}
      {@const unit = sheet.figure.repeat}
      <div class="mt-1 flex flex-wrap items-center gap-2">
        {msg.from()}
        <input
          class="field w-14 px-2"
          inputmode="numeric"
          aria-label={msg.firstStep()}
          value={unit.first}
          onchange={(event) => sheet.set({ repeat: { ...unit, first: number(event.currentTarget.value) } })}
        />
        {common.to()}
        <input
          class="field w-14 px-2"
          inputmode="numeric"
          aria-label={msg.lastStep()}
          value={unit.last}
          onchange={(event) => sheet.set({ repeat: { ...unit, last: number(event.currentTarget.value) } })}
        />
        {msg.danced()}
        <input
          id="field-repeat/times"
          class={['field w-20 px-2', sheet.finding('/repeat/times') && 'border-madder text-madder']}
          aria-label={msg.times()}
          value={unit.times}
          onchange={(event) => sheet.set({ repeat: { ...unit, times: event.currentTarget.value } })}
        />
        {msg.times2()}
        <button class="act px-2" aria-label={msg.noRepeats()} onclick={() => sheet.set({ repeat: undefined })}><Trash2 width={14} height={14} /></button>
      </div>
      <RepeatTable rows={sheet.reading.repeats} />
    {:else}
      <button class="act mt-1" onclick={() => sheet.set({ repeat: { first: 1, last: sheet.figure.man.length, times: '1-4' } })}>{msg.markStepsAsRepeatable()}</button>
    {/if}
  </section>

  {#each [{ key: 'entries', title: msg.otherEntries(), add: msg.addAnEntry(), name: msg.outsidePartner() }, { key: 'finishes', title: msg.otherFinishes(), add: msg.addAFinish(), name: msg.underturned() }, { key: 'schools', title: msg.inOtherSchools(), add: msg.addASchool(), name: msg.contemporary() }] as const as kind (kind.key)}
    <section aria-label={kind.title}>
      <h3 class="text-base">{kind.title}</h3>
      <div class="mt-1 space-y-2">
        {#each list(kind.key) as variation, index (index)}
          <VariationEditor
            pointer={`${kind.key}/${index}`}
            {variation}
            names={kind.key === 'schools' ? SCHOOLS : undefined}
            onchange={(next) => variations(kind.key, list(kind.key).with(index, next))}
            onremove={() => variations(kind.key, list(kind.key).toSpliced(index, 1))}
          />
        {/each}
      </div>
      <button class="act mt-1" onclick={() => variations(kind.key, [...list(kind.key), { name: kind.name }])}>{kind.add}</button>
    </section>
  {/each}
</div>
