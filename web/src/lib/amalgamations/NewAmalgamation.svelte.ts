import msg from '$lib/messages/amalgamations';
import { api, required, sentenceOf, type Placement } from '$lib/api/client';
import type { RoutineDesk } from '$lib/routines/RoutineDesk.svelte';
import { idOf } from '$lib/ui/idOf';
import { notices } from '$lib/ui/Notices.svelte';

/** As many placements as an amalgamation may have. */
const MOST = 24;
const LONGEST_TITLE = 120;

/** What a stretch is danced as by itself: sections, rounds and escapes belong to its routine. */
function alone(placement: Placement): Placement {
  return { ...placement, section: undefined, rounds: undefined, escapes: undefined };
}

/** A stretch of a routine that begins with the chosen figure, to be stored as an amalgamation. */
export class NewAmalgamation {
  title = $state('');
  use = $state('group');
  energy = $state(3);
  why = $state('');
  failure = $state<string>();
  busy = $state(false);
  #last = $state<number>();

  constructor(private readonly desk: Pick<RoutineDesk, 'routine' | 'score' | 'selected'>) {}

  /** The placement that the chosen passage is, as it is written. */
  get #first() {
    return this.desk.score?.placements[this.desk.selected]?.index ?? 0;
  }

  get #most() {
    return Math.min(this.#first + MOST, this.desk.routine.placements.length) - 1;
  }

  /** The last placement of the stretch: the next one unless another was chosen. */
  get last() {
    return Math.min(Math.max(this.#last ?? this.#first + 1, this.#first), this.#most);
  }

  set last(placement: number) {
    this.#last = placement;
  }

  /** Where it may end. */
  get ends() {
    return this.desk.routine.placements.flatMap((_, index) => (index < this.#first || index > this.#most ? [] : [{ value: String(index), label: this.#titleOf(index) }]));
  }

  #titleOf(index: number) {
    return this.desk.score?.placements.find((placed) => placed.index === index)?.title ?? String(index + 1);
  }

  /** Its figures, one after another. */
  get usualTitle() {
    const titles = this.desk.routine.placements.slice(this.#first, this.last + 1).map((_, index) => this.#titleOf(this.#first + index));
    return titles
      .filter((title, index) => title !== titles[index - 1])
      .join(', ')
      .slice(0, LONGEST_TITLE);
  }

  async save() {
    if (this.busy) return;
    this.busy = true;
    this.failure = undefined;
    try {
      const { dance, placements } = this.desk.routine;
      const title = this.title.trim() || this.usualTitle;
      const list = required(await api.GET('/api/amalgamations', { params: { query: { dance } } }));
      required(
        await api.POST('/api/amalgamations', {
          body: {
            id: idOf(
              `${dance} ${title}`,
              'amalgamation',
              list.map(({ amalgamation }) => amalgamation.id),
            ),
            title,
            dance,
            uses: [this.use],
            energy: this.energy,
            why: this.why.trim(),
            placements: placements.slice(this.#first, this.last + 1).map(alone),
          },
        }),
      );
      this.title = '';
      this.why = '';
      notices.say({ sentence: msg.saved({ title }) });
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    } finally {
      this.busy = false;
    }
  }
}
