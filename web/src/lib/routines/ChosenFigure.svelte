<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import SaveAmalgamation from '$lib/amalgamations/SaveAmalgamation.svelte';
  import GrowingField from '$lib/ui/GrowingField.svelte';
  import CornerMark from '~icons/lucide/corner-left-up';
  import { intoView } from '$lib/ui/intoView';
  import Star from '~icons/lucide/star';
  import Trash2 from '~icons/lucide/trash-2';
  import type { DeskView } from './DeskView.svelte';
  import ElementFields from './ElementFields.svelte';
  import LoopAnswer from './LoopAnswer.svelte';
  import NextAmalgamations from './NextAmalgamations.svelte';
  import NextFigures from './NextFigures.svelte';
  import type { Direction } from './RoutineDesk.svelte';
  import Seam from './Seam.svelte';
  import SectionFields from './SectionFields.svelte';
  import WayFields from './WayFields.svelte';

  interface Props {
    view: DeskView;
  }
  let { view }: Props = $props();

  const DIRECTIONS: { direction: Direction; title: string }[] = [
    { direction: 'next', title: msg.whatCanComeNextP() },
    { direction: 'before', title: msg.whatCanComeBeforeP() },
    { direction: 'instead', title: msg.whatCanReplaceItI() },
  ];
  let desk = $derived(view.desk);
  let chosen = $derived(desk.score?.placements[desk.selected]);
  let seam = $derived(view.seam);
</script>

{#if desk.loop}
  <LoopAnswer
    loop={desk.loop}
    onclose={(chain) => {
      desk.select(desk.score!.placements.length - 1);
      desk.insert(chain.placements);
    }}
  />
{/if}
{#if chosen}
  <h2 class="text-xl">{chosen.title}</h2>
  <div class="mt-1 flex flex-wrap gap-2">
    <button class="act" onclick={() => desk.turnCorner()}>
      <CornerMark width={17} height={17} />{chosen.cornerAfter ? msg.noCorner() : msg.cornerAfter()}
    </button>
    <button class="act" aria-pressed={chosen.highlight} aria-label={msg.highlight()} onclick={() => desk.highlight()}>
      <Star width={17} height={17} class={chosen.highlight ? 'fill-brass text-brass' : ''} />
    </button>
    <button class="act" aria-label={common.remove()} onclick={() => view.takeOut()}><Trash2 width={17} height={17} /></button>
    {#if desk.chosen?.figure}<a class="act" href={`#/figures/${chosen.figure}`}>{common.sheet()}</a>{/if}
  </div>
  {#if desk.chosen?.element}
    <ElementFields element={desk.chosen.element} label={common.edit()} onsubmit={(element) => desk.dance({ element })} />
  {:else if desk.chosen}
    <WayFields placement={desk.chosen} onchange={(way) => desk.dance(way)} />
  {/if}
  <GrowingField
    class="field mt-2 w-full shrink-0 py-2 leading-snug"
    label={msg.note()}
    placeholder={msg.aNoteForThisFigure()}
    {...limits.Placement.note}
    value={desk.chosen?.note ?? ''}
    ontype={(note) => desk.typeNote(note)}
    ondone={() => desk.accept()}
  />
  {#if desk.chosen}
    <SectionFields placement={desk.chosen} section={desk.section} ondivide={(section) => desk.divide(section)} onrounds={(rounds) => desk.dance({ rounds })} />
    <SaveAmalgamation {desk} />
  {/if}
{/if}
{#if seam}
  <div class="mt-3 flex items-baseline justify-between" {@attach intoView}>
    <h3 class="text-lg">{msg.theSeamAfterIt({ outcome: seam.verdict.outcome })}</h3>
    <button class="text-soft underline" onclick={() => view.close()}>{common.close()}</button>
  </div>
  <div class="mt-1">
    <Seam
      verdict={seam.verdict}
      repairs={desk.repairs}
      bridges={desk.bridges}
      detours={desk.detours}
      escapes={desk.chosen?.escapes ?? []}
      onrepair={(repair) => {
        desk.mend(repair);
        view.close();
      }}
      onbridges={() => desk.askBridges()}
      onbridge={(chain) => desk.insert(chain.placements)}
      onfill={() => view.compose('gap')}
      onblocked={() => desk.askDetours()}
      onescapes={(detours) => desk.keepEscapes(detours)}
    />
  </div>
{/if}
<div class="mt-3 mb-1 flex items-baseline justify-between gap-2">
  <h3 class="text-lg">{chosen ? msg.whatCanCome({ direction: desk.direction }) : msg.startWith()}</h3>
  {#if chosen}
    <span class="flex gap-2">
      {#each DIRECTIONS.filter(({ direction }) => direction !== desk.direction) as { direction, title } (direction)}
        <button class="text-soft underline" {title} onclick={() => desk.look(direction)}>{msg.direction({ direction })}</button>
      {/each}
    </span>
  {/if}
</div>
{#if desk.amalgamations.length > 0}<NextAmalgamations offers={desk.amalgamations} onadd={(offer) => desk.addAmalgamation(offer)} />{/if}
<NextFigures next={desk.next} direction={chosen ? desk.direction : 'next'} onadd={(following) => view.add(following)} />
<h3 class="mt-3 mb-1 text-lg">{msg.orAnElement()}</h3>
<ElementFields label={msg.insert()} onsubmit={(element) => desk.addElement(element)} />
