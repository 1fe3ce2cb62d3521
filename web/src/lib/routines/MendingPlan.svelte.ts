import { api, required, sentenceOf, type MendingPlan as Plan, type Routine, type LeftSeam } from '$lib/api/client';
import { Latest } from '$lib/ui/Latest';

/** A plan that mends every seam that breaks, seam by seam; what the coach leaves out is left as it is, and the rest is planned anew. */
export class MendingPlan {
  plan = $state.raw<Plan>();
  skipped = $state.raw<LeftSeam[]>([]);
  failure = $state<string>();
  #latest = new Latest<Routine>((routine) => this.#ask(routine));
  #routine: Routine;

  constructor(routine: Routine) {
    this.#routine = routine;
    void this.#latest.ask(routine);
  }

  /** The whole routine once every step is done. */
  get placements() {
    return this.plan?.steps.at(-1)?.repair.placements;
  }

  leaveOut({ seam, broken }: LeftSeam) {
    this.#skip([...this.skipped, { seam, broken }]);
  }

  takeIn(seam: LeftSeam) {
    this.#skip(this.skipped.filter((other) => other !== seam));
  }

  #skip(skipped: LeftSeam[]) {
    this.skipped = skipped;
    void this.#latest.ask(this.#routine);
  }

  async #ask(routine: Routine) {
    try {
      this.plan = required(await api.POST('/api/mending-plans', { body: { routine, skipped: this.skipped.map(({ seam }) => seam) } }));
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
