import msg from '$lib/messages/firsthour';
import { api, sentenceOf, type Figure, type Routine, required } from '$lib/api/client';
import { figureStore } from '$lib/figures/figureStore';
import { begin } from '$lib/figures/newFigure';
import { routineStore } from '$lib/routines/routineStore';
import type { Stored } from '$lib/ui/EditSession.svelte';
import { found } from '$lib/ui/found';
import { dropRecovered } from '$lib/ui/recovered';
import { rehearsedRoutine, startAgain } from './progress';

const DANCE = 'waltz';
const FIGURE = { id: 'waltz-my-own-change', title: msg.myOwnChange(), bars: '1', steps: 3 };
const ROUTINE = { id: 'my-first-routine', title: msg.myFirstRoutine(), tempo: 28 };
/** How long a routine is once more than its beginning has been composed, bars. */
const COMPOSED = 16;
const LINKED = 3;

export type Task = 'describe' | 'check' | 'link' | 'compose' | 'rehearse';

/** One of the five tasks, in the order in which they are done. */
export interface Step {
  task: Task;
  title: string;
  /** What to do, for someone who has never done it. */
  how: string;
  done: boolean;
  /** What is still wanting, where something is begun. */
  wants?: string;
}

/** The first hour of a new user: a figure and a routine of one's own, from describing to rehearsing; what is done is read from what is kept. */
export class FirstHour {
  failure = $state<string>();
  busy = $state(true);
  #figure = $state.raw<Stored<Figure>>();
  #routine = $state.raw<Stored<Routine>>();
  #errors = $state(0);
  #breaks = $state(0);
  #bars = $state(0);
  #rehearsed = $state(false);

  get steps(): Step[] {
    const figures = this.#routine?.document.placements.length ?? 0;
    const isDanced = this.#routine?.document.placements.some(({ figure }) => figure === FIGURE.id) ?? false;
    const linked = figures >= LINKED && isDanced && this.#breaks === 0;
    return [
      {
        task: 'describe',
        title: msg.describeAFigure(),
        how: msg.createYourOwnChangeThree(),
        done: this.#figure !== undefined,
      },
      {
        task: 'check',
        title: msg.seeWhatDoesNotAdd(),
        how: msg.changeTheAlignmentOfOne(),
        done: this.#figure !== undefined && this.#errors === 0,
        wants: this.#errors > 0 ? msg.doNotAddUp({ errors: this.#errors }) : undefined,
      },
      {
        task: 'link',
        title: msg.linkIt(),
        how: msg.startAWaltzWithIt(),
        done: linked,
        wants: !this.#routine
          ? undefined
          : this.#breaks > 0
            ? msg.aSeamBreaks()
            : !isDanced
              ? msg.yourOwnFigureIsNot()
              : figures < LINKED
                ? msg.ofFigures({ figures, LINKED })
                : undefined,
      },
      {
        task: 'compose',
        title: msg.composeTheRest(),
        how: msg.onTheDeskPressK({ COMPOSED }),
        done: this.#bars >= COMPOSED && this.#breaks === 0,
        wants: this.#bars > 0 && this.#bars < COMPOSED ? msg.ofBars({ value: this.#bars, COMPOSED }) : undefined,
      },
      { task: 'rehearse', title: msg.rehearseIt(), how: msg.hearItCountedStepThrough(), done: this.#rehearsed },
    ];
  }

  get next(): Step | undefined {
    return this.steps.find(({ done }) => !done);
  }

  get isBegun(): boolean {
    return this.#figure !== undefined || this.#routine !== undefined;
  }

  /** Looks at what there is. */
  async look() {
    this.busy = true;
    try {
      [this.#figure, this.#routine] = await Promise.all([found(figureStore, FIGURE.id), found(routineStore, ROUTINE.id)]);
      this.#errors = this.#figure ? await errorsIn(this.#figure.document) : 0;
      const score = this.#routine?.document.placements.length ? required(await api.POST('/api/scores', { body: this.#routine.document })) : undefined;
      this.#breaks = score?.seams.filter(({ verdict }) => verdict.outcome === 'breaks').length ?? 0;
      this.#bars = score ? Math.floor(score.beats / score.beatsPerBar) : 0;
      this.#rehearsed = rehearsedRoutine() === ROUTINE.id && this.#routine !== undefined;
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    } finally {
      this.busy = false;
    }
  }

  /** Makes ready what a task needs, and answers the view in which it is done. */
  async addressOf(task: Task): Promise<string> {
    if (task === 'describe' && !this.#figure) return `/figures/${await begin({ ...FIGURE, dance: DANCE })}?focus=first`;
    if (task === 'describe' || task === 'check') return `/figures/${FIGURE.id}?focus=first`;
    this.#routine ??= await routineStore.create({ ...ROUTINE, dance: DANCE, placements: this.#figure ? [{ figure: FIGURE.id }] : [] });
    return task === 'rehearse' ? `/routines/${ROUTINE.id}/rehearse` : `/routines/${ROUTINE.id}`;
  }

  /** Takes away what was made on the way; the hour can begin again. */
  async throwAway() {
    this.busy = true;
    try {
      if (this.#routine) await routineStore.remove(ROUTINE.id, this.#routine.tag);
      if (this.#figure) await figureStore.remove(FIGURE.id, this.#figure.tag);
      dropRecovered(routineStore.kind, ROUTINE.id);
      dropRecovered(figureStore.kind, FIGURE.id);
      startAgain();
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
      return;
    } finally {
      this.busy = false;
    }
    await this.look();
  }
}

async function errorsIn(figure: Figure): Promise<number> {
  const { unreadable, findings } = required(await api.POST('/api/readings', { body: figure }));
  return unreadable.length + findings.filter(({ severity, muted }) => severity === 'error' && !muted).length;
}
