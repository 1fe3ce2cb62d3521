import { api, required, sentenceOf, type FigureSummary, type Following, type Seam } from '$lib/api/client';
import { asked, queryOf } from '$lib/ui/address';
import { settleField } from '$lib/ui/fieldState';
import { push, replace, router } from 'svelte-spa-router';
import { tick } from 'svelte';
import { Playback } from './Playback.svelte';
import { RoomCheck } from './RoomCheck.svelte';
import type { RoutineDesk } from './RoutineDesk.svelte';

/** What lies open beside the floor; without one it is the chosen figure. The address says which, so that "back" and a link lead there again. */
export type DeskPanel = 'floor' | 'versions' | 'mend' | 'list' | 'compose' | 'gap' | 'seam';

/** A desk as it is looked at: which panel lies open, where the couple stand, and what the coach's hand does. */
export class DeskView {
  readonly playback = new Playback(() => this.desk.score);
  readonly room = new RoomCheck();
  /** The figures that composing may be asked for. */
  figures = $state.raw<FigureSummary[]>([]);

  /** Whether what is seen first has been painted, so that what takes longer to draw is drawn too. */
  complete = $state(false);

  constructor(readonly desk: RoutineDesk) {}

  get panel(): DeskPanel | undefined {
    const { floor, versions, mend, list, compose, seam } = asked(router.querystring);
    if (floor !== undefined) return 'floor';
    if (versions !== undefined) return 'versions';
    if (mend !== undefined) return 'mend';
    if (list !== undefined) return 'list';
    if (compose !== undefined && this.figures.length > 0) return compose === 'gap' ? 'gap' : 'compose';
    return seam !== undefined ? 'seam' : undefined;
  }

  /** The seam after the chosen figure, while it is looked at. */
  get seam(): Seam | undefined {
    return this.panel === 'seam' ? this.desk.seamAfter(this.desk.selected) : undefined;
  }

  open(panel: DeskPanel, placement = this.desk.selected) {
    if (panel === 'seam') this.desk.select(placement);
    this.#address({ figure: String(placement), ...(panel === 'gap' ? { compose: 'gap' } : { [panel]: '1' }) });
  }

  close() {
    this.#address({ figure: String(this.desk.selected) });
  }

  async choose(placement: number) {
    this.desk.select(placement);
    const onset = this.desk.score?.placements[this.desk.selected]?.onset ?? 0;
    if (!this.playback.playing) this.playback.go(onset);
    this.close();
    await tick();
    const card = document.getElementById(`placement-${this.desk.selected}`);
    card?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    if (document.activeElement?.id.startsWith('placement-')) card?.focus();
  }

  /** A step on or back; the figure it falls in becomes the chosen one, so that what may come next is said of it. */
  step(by: -1 | 1) {
    this.playback.step(by);
    const placement = this.playback.current('man')?.placement;
    if (placement !== undefined && placement !== this.desk.selected) this.desk.select(placement);
  }

  add(following: Following) {
    void this.desk.add(following);
    this.close();
  }

  async compose(what: 'compose' | 'gap' = 'compose') {
    try {
      this.figures = required(await api.GET('/api/figures', { params: { query: { dance: this.desk.routine.dance } } }));
      this.open(what);
    } catch (thrown) {
      this.desk.failure = sentenceOf(thrown);
    }
  }

  /** Takes the chosen figure out; where the seam breaks then, what would mend it is shown at once, unless the coach has turned to something else. */
  async takeOut() {
    const looking = router.querystring;
    await this.desk.remove();
    if (router.querystring !== looking) return;
    if (this.desk.seamAfter(this.desk.selected)?.verdict.outcome === 'breaks') this.open('seam');
    else this.close();
  }

  /** Opens the plan that mends everything, once it is known what breaks. */
  async mendAll() {
    await this.desk.settled;
    if (this.desk.broken > 0) this.open('mend');
  }

  keep() {
    settleField();
    void this.desk.keep();
  }

  async delete() {
    if (await this.desk.delete()) await push('/routines');
  }

  rehearse() {
    void push(`/routines/${this.desk.routine.id}/rehearse?figure=${this.desk.selected}`);
  }

  leave() {
    this.playback.pause();
    this.desk.leave();
  }

  #address(change: Record<string, string>) {
    void replace(`/routines/${this.desk.routine.id}?${queryOf(change)}`);
  }
}
