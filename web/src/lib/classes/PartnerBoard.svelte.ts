import { api, required, sentenceOf, type PartnerPair, type PartnerRound } from '$lib/api/client';
import msg from '$lib/messages/classes';
import { Latest } from '$lib/ui/Latest';

const PLACE = 'fluidframe/class/partners';

/** Who is in a class, as the coach writes it: a name a line, a pair as two names with "and" or "+" between. */
export interface Roll {
  men: string;
  ladies: string;
  either: string;
  together: string;
  apart: string;
}

interface Kept {
  roll: Roll;
  danced: PartnerPair[];
  done: number;
}

const EMPTY: Roll = { men: '', ladies: '', either: '', together: '', apart: '' };

function namesOf(text: string): string[] {
  return text
    .split(/[\n,;]+/)
    .map((name) => name.trim())
    .filter((name) => name !== '');
}

const MOST_OF_A_PART = 99;

function isCount(number: number | undefined): number is number {
  return Number.isInteger(number) && number! >= 0 && number! <= MOST_OF_A_PART;
}

function numbered(name: (values: { number: number }) => string, count: number) {
  return Array.from({ length: count }, (_, at) => name({ number: at + 1 })).join('\n');
}

/** Pairs as they are written; a line that is none is left out until it is one. */
function pairsOf(text: string): PartnerPair[] {
  return text.split(/[\n;]+/).flatMap((line) => {
    const [man = '', lady = '', more] = line.split(/\s*(?:\+|&|,|\band\b)\s*/).map((name) => name.trim());
    return man !== '' && lady !== '' && more === undefined ? [{ man, lady }] : [];
  });
}

/** The changes of partners of a class that is going on: who is there, who has danced with whom, and what is still to come. It outlives a reload. */
export class PartnerBoard {
  roll = $state<Roll>({ ...EMPTY });
  /** What is still to come; the first is danced now. */
  rounds = $state.raw<PartnerRound[]>([]);
  /** How many rounds have been danced. */
  done = $state(0);
  fewest = $state(0);
  parts = $state.raw<Record<string, string>>({});
  failure = $state<string>();
  #danced: PartnerPair[] = [];
  #latest = new Latest<Roll>((roll) => this.#plan(roll));

  constructor() {
    const kept = localStorage.getItem(PLACE);
    if (kept === null) return;
    try {
      const { roll, danced, done } = JSON.parse(kept) as Kept;
      this.roll = { ...EMPTY, ...roll };
      this.#danced = danced;
      this.done = done;
    } catch {
      localStorage.removeItem(PLACE);
    }
    void this.#latest.ask(this.roll);
  }

  /** Everything that is written down, to be kept with the class. */
  get kept(): Kept {
    return { roll: this.roll, danced: this.#danced, done: this.done };
  }

  /** Goes on where a class that was kept stood. */
  goOn({ roll, danced, done }: Partial<Kept>) {
    this.roll = { ...EMPTY, ...roll };
    this.#danced = danced ?? [];
    this.done = done ?? 0;
    this.#keep();
    void this.#latest.ask(this.roll);
  }

  get round(): PartnerRound | undefined {
    return this.rounds[0];
  }

  /** Whoever comes or goes, what is left is planned anew; those who have met do not meet again. */
  write(change: Partial<Roll>) {
    this.roll = { ...this.roll, ...change };
    this.#keep();
    void this.#latest.ask(this.roll);
  }

  /** So many of each, such as "9 + 8", by numbers instead of names. Answers whether it is a number of each. */
  count(written: string): boolean {
    const [men, ladies, more] = written.split(/\s*[+&,/]\s*/).map((number) => Number(number.trim() || NaN));
    if (more !== undefined || !isCount(men) || !isCount(ladies)) return false;
    this.write({ men: numbered(msg.leaderNumber, men), ladies: numbered(msg.followerNumber, ladies) });
    return true;
  }

  /** The round that is danced now is over. */
  next() {
    const over = this.round;
    if (!over) return;
    const together = pairsOf(this.roll.together);
    this.#danced = [...this.#danced, ...over.pairs.filter((pair) => !together.some(({ man, lady }) => man === pair.man && lady === pair.lady))];
    this.done++;
    this.rounds = this.rounds.slice(1);
    this.#keep();
  }

  /** Everyone may meet everyone again. */
  again() {
    this.#danced = [];
    this.done = 0;
    this.#keep();
    void this.#latest.ask(this.roll);
  }

  #keep() {
    localStorage.setItem(PLACE, JSON.stringify({ roll: this.roll, danced: this.#danced, done: this.done } satisfies Kept));
  }

  async #plan(roll: Roll) {
    const body = {
      men: namesOf(roll.men),
      ladies: namesOf(roll.ladies),
      either: namesOf(roll.either),
      together: pairsOf(roll.together),
      apart: pairsOf(roll.apart),
      danced: this.#danced,
    };
    try {
      const plan = required(await api.POST('/api/partner-plans', { body }));
      this.rounds = plan.rounds;
      this.fewest = plan.fewest;
      this.parts = plan.parts;
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
