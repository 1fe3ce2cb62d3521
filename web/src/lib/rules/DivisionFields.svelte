<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/rules';
  import common from '$lib/messages/common';
  import type { Division, FigureSummary, HoldRule } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ChipField from './ChipField.svelte';
  import LimitFields from './LimitFields.svelte';

  interface Props {
    division: Division;
    figures: FigureSummary[];
    onchange: (change: Partial<Division>) => void;
    ondrop: () => void;
  }
  let { division, figures, onchange, ondrop }: Props = $props();

  const PARTS = [
    { value: 'any', label: msg.inAnyPart() },
    { value: 'in use', label: msg.inPartsThatCoachesUse() },
    { value: 'whole', label: msg.wholeOnly() },
  ];
  const HOLDS = [
    { value: 'free', label: msg.asTheyLike() },
    { value: 'kept', label: msg.closedThroughout() },
    { value: 'apart', label: msg.apartForSoLong() },
  ];

  let danced = $derived(division.dances.map((rule) => rule.dance));
  let offered = $derived(
    figures
      .filter((figure) => danced.includes(figure.dance))
      .map((figure) => ({ value: figure.id, label: danced.length > 1 ? `${figure.title} (${reference.danceTitle(figure.dance)})` : figure.title })),
  );
  let hold = $derived<HoldRule>(division.hold ?? { kind: 'free' });

  function seconds(input: HTMLInputElement) {
    return Number.isNaN(input.valueAsNumber) ? undefined : input.valueAsNumber;
  }

  function setHold(kind: string) {
    onchange({ hold: kind === 'apart' ? { kind, atOnce: hold.atOnce ?? 6, inAll: hold.inAll } : { kind } });
  }
</script>

{#snippet secondsField(label: string, value: number | undefined, take: (value: number | undefined) => void)}
  <label class="inline-flex items-center gap-2"
    ><span class="text-soft">{label}</span><input
      class="field w-20 px-2"
      type="number"
      min="0"
      max="600"
      step="any"
      placeholder={common.any()}
      {value}
      onchange={(event) => take(seconds(event.currentTarget))}
    /><span class="text-soft">s</span></label
  >
{/snippet}

<article class="panel flex flex-col gap-3 p-4" aria-label={division.title}>
  <header class="flex flex-wrap items-center gap-3">
    <input
      class="field min-w-56 flex-1 font-title text-xl font-semibold"
      aria-label={msg.divisionTitle()}
      maxlength="120"
      value={division.title}
      onchange={(event) => onchange({ title: event.currentTarget.value })}
    />
    <NumberField
      before={msg.floorFor()}
      after={msg.unitCouples({ couples: division.couples })}
      label={msg.couplesOnTheFloor()}
      value={division.couples}
      min={1}
      max={60}
      onchange={(couples) => onchange({ couples })}
    />
    <button class="cursor-pointer px-2 text-soft hover:text-madder" aria-label={common.remove2({ title: division.title })} title={common.remove()} onclick={ondrop}>×</button>
  </header>
  <div class="flex flex-col gap-1">
    {#each division.dances as rule, index (rule.dance)}
      <span class="flex flex-wrap items-center gap-3">
        <strong class="w-40">{reference.danceTitle(rule.dance)}</strong>
        <LimitFields
          label={msg.tempo()}
          unit={common.barsMin()}
          value={rule.tempo}
          onchange={(tempo) => onchange({ dances: division.dances.map((each, at) => (at === index ? { ...each, tempo } : each)) })}
        />
        {#if division.dances.length > 1}<button
            class="cursor-pointer px-1 text-soft hover:text-madder"
            aria-label={msg.remove2({ dance: reference.danceTitle(rule.dance) })}
            onclick={() => onchange({ dances: division.dances.filter((_, at) => at !== index) })}>×</button
          >{/if}
      </span>
    {/each}
    <span
      ><Choice
        label={msg.add()}
        value=""
        any={msg.aDance()}
        options={reference.dances.filter((dance) => !danced.includes(dance.id)).map((dance) => ({ value: dance.id, label: dance.title }))}
        onchange={(dance) => dance && onchange({ dances: [...division.dances, { dance }] })}
      /></span
    >
  </div>
  <div class="flex flex-wrap gap-x-6 gap-y-2">
    <LimitFields label={msg.lasts()} unit={msg.seconds()} value={division.seconds} onchange={(value) => onchange({ seconds: value })} />
    <LimitFields label={msg.or()} unit={msg.bars()} value={division.bars} onchange={(bars) => onchange({ bars })} />
    {@render secondsField(msg.entryAtMost(), division.entry, (entry) => onchange({ entry }))}
    {@render secondsField(msg.exitAtMost(), division.exit, (exit) => onchange({ exit }))}
  </div>
  <div class="flex flex-wrap items-center gap-x-6 gap-y-2">
    <Choice
      label={msg.figuresUpTo()}
      value={division.level ?? 'open'}
      options={reference.notation.levels.map((level) => ({ value: level.shorthand, label: level.wording }))}
      onchange={(level) => onchange({ level })}
    />
    <Choice label={msg.danced()} value={division.parts ?? 'any'} options={PARTS} onchange={(parts) => onchange({ parts })} />
    <label class="inline-flex items-center gap-2"
      ><input
        type="checkbox"
        class="size-5 accent-ink"
        checked={division.syllabus}
        onchange={(event) => onchange({ syllabus: event.currentTarget.checked })}
      />{msg.onlyListedFiguresFollowEach()}</label
    >
    <label class="inline-flex items-center gap-2"
      ><input
        type="checkbox"
        class="size-5 accent-ink"
        checked={division.lifts}
        onchange={(event) => onchange({ lifts: event.currentTarget.checked })}
      />{msg.liftsAllowed()}</label
    >
  </div>
  <div class="flex flex-wrap items-center gap-x-6 gap-y-2">
    <Choice label={common.hold()} value={hold.kind} options={HOLDS} onchange={setHold} />
    {#if hold.kind === 'apart'}
      {@render secondsField(msg.atOnce(), hold.atOnce, (atOnce) => onchange({ hold: { ...hold, atOnce } }))}
      {@render secondsField(msg.inAll(), hold.inAll, (inAll) => onchange({ hold: { ...hold, inAll } }))}
    {/if}
  </div>
  <div class="grid gap-x-6 gap-y-2 sm:grid-cols-2">
    <ChipField label={msg.onlyTheseFigures()} one={msg.aFigure()} options={offered} value={division.allowed} onchange={(allowed) => onchange({ allowed })} />
    <ChipField label={msg.barredFigures()} one={msg.aFigure()} options={offered} value={division.barred} onchange={(barred) => onchange({ barred })} />
    <ChipField
      label={msg.barredActions()}
      one={msg.anAction()}
      options={reference.notation.actions.map((action) => ({ value: action.shorthand, label: action.wording }))}
      value={division.actions}
      onchange={(barred) => onchange({ actions: barred })}
    />
    <ChipField
      label={msg.barredElements()}
      one={msg.anElement()}
      options={reference.notation.elements.map((element) => ({ value: element.shorthand, label: element.wording }))}
      value={division.elements}
      onchange={(elements) => onchange({ elements })}
    />
  </div>
  <div class="grid gap-3 sm:grid-cols-2">
    <label class="block"
      ><span class="text-soft">{msg.dress()}</span><textarea
        class="field mt-1 w-full py-2 leading-snug"
        rows="2"
        {...limits.Division.dress}
        value={division.dress ?? ''}
        onchange={(event) => onchange({ dress: event.currentTarget.value })}></textarea></label
    >
    <label class="block"
      ><span class="text-soft">{common.music()}</span><textarea
        class="field mt-1 w-full py-2 leading-snug"
        rows="2"
        {...limits.Division.dress}
        value={division.music ?? ''}
        onchange={(event) => onchange({ music: event.currentTarget.value })}></textarea></label
    >
  </div>
</article>
