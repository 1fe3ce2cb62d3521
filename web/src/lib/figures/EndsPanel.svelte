<script lang="ts">
  import msg from '$lib/messages/figures';
  import common from '$lib/messages/common';
  import type { Figure, Relation } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import ListField from '$lib/ui/ListField.svelte';
  import type { FigureSheet } from './FigureSheet.svelte';

  interface Props {
    sheet: FigureSheet;
  }
  let { sheet }: Props = $props();

  const ENDS = [
    { key: 'start', label: msg.startsIn() },
    { key: 'end', label: msg.endsIn() },
  ] as const;
  let positions = $derived(reference.notation.positions.map((term) => ({ value: term.shorthand, label: term.wording })));
  let holds = $derived(reference.notation.holds.map((term) => ({ value: term.shorthand, label: term.wording })));
  const PROXIMITIES = ['contact', 'extended'].map((value) => ({ value, label: value }));
  const SCHOOLS = ['classic', 'contemporary', 'bounce', 'glide'].map((value) => ({ value, label: value }));

  function change(key: 'start' | 'end', part: Partial<Relation>) {
    const next = { ...sheet.figure[key], ...part };
    if (!next.proximity) delete next.proximity;
    sheet.set({ [key]: next });
  }

  function school(part: 'man' | 'lady', chosen: string) {
    const next = { ...sheet.figure.school, [part]: chosen || undefined };
    sheet.set({ school: next.man || next.lady ? next : undefined });
  }

  function flag(key: keyof Pick<Figure, 'sameFoot' | 'insistsOnAlignment' | 'eitherFoot'>, on: boolean) {
    sheet.set({ [key]: on });
  }
</script>

<div class="space-y-4">
  {#each ENDS as { key, label } (key)}
    <fieldset class="flex flex-wrap items-center gap-2">
      <legend class="mb-1 font-semibold">{label}</legend>
      <Choice label={msg.position()} options={positions} value={sheet.figure[key].position} onchange={(position) => change(key, { position })} />
      <Choice label={common.hold()} options={holds} value={sheet.figure[key].hold} onchange={(hold) => change(key, { hold })} />
      <Choice label={msg.distance()} any={msg.close()} options={PROXIMITIES} value={sheet.figure[key].proximity ?? ''} onchange={(proximity) => change(key, { proximity })} />
    </fieldset>
  {/each}
  <ListField
    id="field-startAlignments"
    label={msg.manMayStartFacing()}
    hint={msg.oneAlignmentPerLineThe()}
    value={sheet.figure.startAlignments ?? []}
    onchange={(startAlignments) => sheet.set({ startAlignments })}
  />
  <div class="space-y-2">
    <label class="flex items-center gap-2">
      <input type="checkbox" class="size-5 accent-ink" checked={sheet.figure.insistsOnAlignment} onchange={(event) => flag('insistsOnAlignment', event.currentTarget.checked)} />
      {msg.theseAlignmentsApplyAlthoughThe()}
    </label>
    <label class="flex items-center gap-2">
      <input type="checkbox" class="size-5 accent-ink" checked={sheet.figure.sameFoot} onchange={(event) => flag('sameFoot', event.currentTarget.checked)} />
      {msg.bothStartWithTheSame()}
    </label>
    <label class="flex items-center gap-2">
      <input type="checkbox" class="size-5 accent-ink" checked={sheet.figure.eitherFoot} onchange={(event) => flag('eitherFoot', event.currentTarget.checked)} />
      {msg.canBeDancedFromEither()}
    </label>
  </div>
  <fieldset class="flex flex-wrap items-center gap-2">
    <legend class="mb-1 font-semibold">{msg.inARoutine()}</legend>
    <Choice
      label={msg.mayBeCurvedBy()}
      any={msg.nothing()}
      options={['1/16', '1/8', '1/4'].map((curve) => ({ value: curve, label: curve }))}
      value={sheet.figure.curve ?? ''}
      onchange={(curve) => sheet.set({ curve: curve || undefined })}
    />
    {#each [{ key: 'opens', label: msg.mayOpenARoutine() }, { key: 'closes', label: msg.mayCloseARoutine() }] as const as { key, label } (key)}
      <Choice
        {label}
        any={msg.asCharted()}
        options={[
          { value: 'yes', label: msg.yes() },
          { value: 'no', label: msg.no() },
        ]}
        value={sheet.figure[key] === undefined ? '' : sheet.figure[key] ? 'yes' : 'no'}
        onchange={(chosen) => sheet.set({ [key]: chosen === '' ? undefined : chosen === 'yes' })}
      />
    {/each}
  </fieldset>
  <fieldset class="flex flex-wrap items-center gap-2">
    <legend class="mb-1 font-semibold">{msg.schoolOfTheCharts()}</legend>
    <Choice label={common.man2()} any={common.any()} options={SCHOOLS} value={sheet.figure.school?.man ?? ''} onchange={(chosen) => school('man', chosen)} />
    <Choice label={common.lady2()} any={common.any()} options={SCHOOLS} value={sheet.figure.school?.lady ?? ''} onchange={(chosen) => school('lady', chosen)} />
    <Choice
      label={msg.aIs()}
      any={msg.aQuarter()}
      options={[{ value: 'triplet', label: msg.aThird() }]}
      value={sheet.figure.feel ?? ''}
      onchange={(feel) => sheet.set({ feel: feel || undefined })}
    />
  </fieldset>
</div>
