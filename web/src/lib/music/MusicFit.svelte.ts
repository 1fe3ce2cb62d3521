import { api, required, sentenceOf, type Fit, type FitRepair, type PieceSummary, type Routine } from '$lib/api/client';
import { Latest } from '$lib/ui/Latest';

/** How the routine on the desk fits its piece, and what mends where it does not. */
export class MusicFit {
  fit = $state.raw<Fit>();
  failure = $state<string>();
  pieces = $state.raw<PieceSummary[]>([]);
  /** Which misfit is looked at, and what would mend it. */
  misfit = $state<number>();
  repairs = $state.raw<FitRepair[]>();
  /** The bars that are looked at closely, from and to; all of them if none are. */
  zoom = $state.raw<{ from: number; to: number }>();
  #latest = new Latest<Routine>((routine) => this.#ask(routine));

  async loadPieces() {
    this.pieces = required(await api.GET('/api/pieces'));
  }

  /** Asked again with every change of the routine. */
  of(routine: Routine) {
    this.misfit = undefined;
    this.repairs = undefined;
    void this.#latest.ask(routine);
  }

  get range(): { from: number; to: number } {
    return this.zoom ?? { from: 1, to: (this.fit?.bars ?? 1) + Math.max(0, Math.ceil(-(this.fit?.left ?? 0) / (this.fit?.beatsPerBar ?? 4))) };
  }

  look(from: number, to: number) {
    this.zoom = this.zoom?.from === from && this.zoom.to === to ? undefined : { from, to };
  }

  /** What would mend a misfit. */
  async ask(misfit: number, routine: Routine) {
    this.misfit = misfit;
    this.repairs = undefined;
    try {
      const repairs = required(await api.POST('/api/fit-repairs', { body: { routine, misfit } }));
      if (this.misfit === misfit) this.repairs = repairs;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  async #ask(routine: Routine) {
    if (!routine.music) {
      this.fit = undefined;
      return;
    }
    try {
      this.fit = required(await api.POST('/api/fits', { body: routine }));
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
