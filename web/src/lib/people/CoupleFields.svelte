<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/people';
  import common from '$lib/messages/common';
  import { type Couple, type FigureSummary, type Person, type RoutineSummary } from '$lib/api/client';
  import { routineStore } from '$lib/routines/routineStore';
  import { notices } from '$lib/ui/Notices.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import type { PlainDesk } from '$lib/ui/PlainDesk.svelte';
  import X from '~icons/lucide/x';
  import DanceBoxes from './DanceBoxes.svelte';

  interface Props {
    desk: PlainDesk<Couple>;
    people: Person[];
    routines: RoutineSummary[];
    /** Of the dances they dance. */
    figures: FigureSummary[];
  }
  let { desk, people, routines, figures }: Props = $props();

  let couple = $derived(desk.value);
  let others = $derived(people.filter((person) => !couple.members.some((member) => member.person === person.id)));
  const nameOf = (id: string) => people.find((person) => person.id === id)?.title ?? id;
  const heightOf = (part: string) => couple.members.filter((member) => member.part === part).map((member) => people.find((person) => person.id === member.person)?.height)[0];
  let heights = $derived({ man: heightOf('man'), lady: heightOf('lady') });

  /** The steps of their routines are measured for how tall they are. */
  async function measure() {
    try {
      for (const id of couple.routines ?? []) {
        const { document, tag } = await routineStore.load(id);
        await routineStore.replace({ ...document, dancers: { man: heights.man!, lady: heights.lady! } }, tag);
      }
      notices.say({
        sentence: msg.stepsMeasured({ routines: couple.routines?.length ?? 0, man: heights.man ?? '', lady: heights.lady ?? '' }),
      });
    } catch (thrown) {
      notices.fail(thrown);
    }
  }

  const figureOf = (id: string) => figures.find((figure) => figure.id === id)?.title ?? id;
  const titleOf = (id: string) => routines.find((routine) => routine.id === id)?.title ?? id;
</script>

<section class="flex flex-col gap-2" aria-label={msg.members()}>
  {#each couple.members as member, index (member.person)}
    <div class="panel flex flex-wrap items-center gap-3 px-4 py-2">
      <a class="min-w-40 flex-1 text-lg font-semibold hover:underline" href={`#/people/${member.person}`}>{nameOf(member.person)}</a>
      <Choice
        label={msg.dancesAs()}
        value={member.part}
        options={[
          { value: 'man', label: common.man() },
          { value: 'lady', label: common.lady() },
          { value: 'either', label: msg.either() },
        ]}
        onchange={(part) => desk.set({ members: couple.members.map((each, at) => (at === index ? { ...each, part } : each)) })}
      />
      {#if couple.members.length > 1}
        <button class="act" aria-label={msg.remove2({ person: nameOf(member.person) })} onclick={() => desk.set({ members: couple.members.filter((_, at) => at !== index) })}
          ><X width={18} height={18} /></button
        >
      {/if}
    </div>
  {/each}
  {#if others.length > 0}
    <div>
      <Choice
        label={msg.add()}
        any={msg.chooseAPerson()}
        value=""
        options={others.map((person) => ({ value: person.id, label: person.title }))}
        onchange={(person) => person && desk.set({ members: [...couple.members, { person, part: 'either' }] })}
      />
    </div>
  {/if}
</section>
<Choice
  label={common.level()}
  any={msg.notSet()}
  value={couple.level ?? ''}
  options={reference.notation.levels.map((level) => ({ value: level.shorthand, label: level.wording }))}
  onchange={(level) => desk.set({ level: level || undefined })}
/>
<DanceBoxes chosen={couple.dances ?? []} onchange={(dances) => desk.set({ dances })} />
<section class="flex flex-wrap items-center gap-2" aria-label={msg.currentRoutines()}>
  {#each couple.routines ?? [] as routine (routine)}
    <button class="act" aria-label={msg.remove({ routine: titleOf(routine) })} onclick={() => desk.set({ routines: couple.routines?.filter((other) => other !== routine) })}
      >{titleOf(routine)}<X width={16} height={16} aria-hidden="true" /></button
    >
  {/each}
  <Choice
    label={msg.addRoutine()}
    any={msg.chooseARoutine()}
    value=""
    options={routines.filter((routine) => !couple.routines?.includes(routine.id)).map((routine) => ({ value: routine.id, label: routine.title }))}
    onchange={(routine) => routine && desk.set({ routines: [...(couple.routines ?? []), routine] })}
  />
</section>
<section class="flex flex-col gap-2" aria-label={msg.thisTerm()}>
  <div class="flex flex-wrap items-center gap-2">
    <span class="font-semibold">{msg.thisTerm()}</span>
    {#each couple.term ?? [] as id (id)}
      <button class="act" aria-label={msg.takeOut({ title: figureOf(id) })} onclick={() => desk.set({ term: couple.term?.filter((other) => other !== id) })}
        >{figureOf(id)}<X width={16} height={16} aria-hidden="true" /></button
      >
    {/each}
    <Choice
      label={msg.addAFigure()}
      any={msg.chooseAFigure()}
      value=""
      options={figures
        .filter((figure) => !couple.term?.includes(figure.id))
        .map((figure) => ({ value: figure.id, label: `${figure.title}, ${reference.dance(figure.dance)?.title ?? figure.dance}` }))}
      onchange={(id) => id && desk.set({ term: [...(couple.term ?? []), id] })}
    />
  </div>
  <p class="max-w-[60rem] leading-snug text-soft">{msg.thisTermNote()}</p>
</section>
{#if heights.man && heights.lady && couple.routines && couple.routines.length > 0}
  <button class="act self-start" onclick={measure}>{msg.measureTheStepsOfThese({ man: heights.man ?? '', lady: heights.lady ?? '' })}</button>
{/if}
<label class="block"
  ><span class="font-semibold">{common.notes()}</span><textarea
    class="field mt-1 w-full py-2"
    rows="3"
    {...limits.Couple.note}
    value={couple.note ?? ''}
    onchange={(event) => desk.set({ note: event.currentTarget.value || undefined })}></textarea></label
>
