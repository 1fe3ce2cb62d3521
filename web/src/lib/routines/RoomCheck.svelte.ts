import msg from '$lib/messages/routines';
import { api, required, sentenceOf, type Floor, type RoomReport, type Routine, type Score } from '$lib/api/client';
import { Latest } from '$lib/ui/Latest';

/** A floor to try a routine on; none for the routine's own. */
export interface TriedFloor {
  title: string;
  length: number;
  width: number;
}

/** Floors as coaches meet them. */
export const FLOORS: TriedFloor[] = [
  { title: msg.saltmarshHall(), length: 18, width: 11 },
  { title: msg.aStudio(), length: 12, width: 8 },
  { title: msg.aVillageHall(), length: 15, width: 9 },
  { title: msg.aCompetitionFloor(), length: 24, width: 15 },
];

/** A routine held against its room, or against another one while it is tried there; trying changes nothing. */
export class RoomCheck {
  report = $state.raw<RoomReport>();
  failure = $state<string>();
  tried = $state.raw<TriedFloor>();
  /** The score on the floor that is tried. */
  triedScore = $state.raw<Score>();
  #latest = new Latest<Routine>((routine) => this.#check(routine));

  check(routine: Routine) {
    return this.#latest.ask(routine);
  }

  try(floor: TriedFloor | undefined, routine: Routine) {
    this.tried = floor;
    return this.check(routine);
  }

  /** The routine on the floor that is tried, begun in the usual place there. */
  on(routine: Routine): Routine {
    return this.tried ? { ...routine, floor: this.floor(this.tried) } : routine;
  }

  floor({ length, width }: TriedFloor): Floor {
    return { length, width };
  }

  async #check(routine: Routine) {
    try {
      const body = this.on(routine);
      const report = required(await api.POST('/api/room-reports', { body }));
      this.triedScore = this.tried ? required(await api.POST('/api/scores', { body })) : undefined;
      this.report = report;
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
