import msg from '$lib/messages/listings';
import { api, required, sentenceOf, type ListedEntry, type Listing, type Placement } from '$lib/api/client';
import { Latest } from '$lib/ui/Latest';

/** How long a gap holds its place, in beats, until a figure is put there. */
const BEATS_OF_A_GAP = 1;

/** A list being pasted: its text, what each entry means, and what was chosen where it could mean several things. */
export class PastedList {
  text = $state('');
  listing = $state.raw<Listing>();
  failure = $state<string>();
  /** What was chosen, by the place of the entry. */
  chosen = $state.raw<Record<number, Placement>>({});
  #latest = new Latest<string>((text) => this.#read(text));

  constructor(private readonly dance: string) {}

  paste(text: string) {
    this.text = text;
    this.chosen = {};
    void this.#latest.ask(text);
  }

  choose(entry: ListedEntry, placement: Placement) {
    this.chosen = { ...this.chosen, [entry.from]: { ...placement, cornerAfter: entry.cornerAfter } };
  }

  /** What an entry is, if that is known. */
  meant(entry: ListedEntry): Placement | undefined {
    return this.chosen[entry.from] ?? entry.placement;
  }

  get open(): ListedEntry[] {
    return this.listing?.entries.filter((entry) => !this.meant(entry)) ?? [];
  }

  /** Everything in its order; what is not known holds its place, and says what stood there. */
  get placements(): Placement[] {
    return (this.listing?.entries ?? []).flatMap((entry) => {
      const placement = this.meant(entry) ?? { element: { kind: 'hold', beats: BEATS_OF_A_GAP }, cornerAfter: entry.cornerAfter, note: msg.gap({ text: entry.text }) };
      return Array.from({ length: entry.times }, (_, time) => ({
        ...placement,
        section: time === 0 ? entry.section : undefined,
        cornerAfter: entry.cornerAfter && time === entry.times - 1,
      }));
    });
  }

  async #read(text: string) {
    try {
      this.listing = text.trim() === '' ? undefined : required(await api.POST('/api/listings', { body: { dance: this.dance, text } }));
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
