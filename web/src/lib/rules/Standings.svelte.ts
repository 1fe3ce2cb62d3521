import { api, required, sentenceOf, type Routine, type RuleStanding, type Ruling, type RulingRepair } from '$lib/api/client';
import { Latest } from '$lib/ui/Latest';

/** A rule that is looked at: the standing it belongs to, and which of the places it breaks at. */
interface Looked {
  standing: number;
  rule: string;
  place: number;
}

/** How a routine stands against the rules of events, side by side, and what mends one of them. */
export class Standings {
  standings = $state.raw<RuleStanding[]>();
  failure = $state<string>();
  looked = $state.raw<Looked>();
  repairs = $state.raw<RulingRepair[]>();
  #latest = new Latest<Routine>((routine) => this.#read(routine));

  of(routine: Routine) {
    this.looked = undefined;
    this.repairs = undefined;
    void this.#latest.ask(routine);
  }

  /** Every rule that one of the standings has, in the order of the first that has it. */
  rules(standings: RuleStanding[]): { rule: string; title: string }[] {
    const rulings = standings.flatMap((standing) => standing.rulings);
    return rulings.filter((ruling, index) => rulings.findIndex((other) => other.rule === ruling.rule) === index).map(({ rule, title }) => ({ rule, title }));
  }

  ruling(standing: RuleStanding, rule: string): Ruling | undefined {
    return standing.rulings.find((ruling) => ruling.rule === rule);
  }

  /** Asks what mends a rule where it breaks. */
  async look(standing: number, rule: string, place: number, routine: Routine) {
    const against = this.standings?.[standing];
    if (!against) return;
    const looked = { standing, rule, place };
    this.looked = looked;
    this.repairs = undefined;
    try {
      const found = required(await api.POST('/api/ruling-repairs', { body: { routine, profile: against.profile, division: against.division, rule, place } }));
      if (this.looked === looked) this.repairs = found;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  async #read(routine: Routine) {
    try {
      this.standings = required(await api.POST('/api/standings', { body: { routine } }));
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
