import { api, required, sentenceOf, type Description, type Figure } from '$lib/api/client';
import { Latest } from '$lib/ui/Latest';

/** A figure being told: the text, and what is made of it while it is typed. */
export class Telling {
  text = $state('');
  description = $state.raw<Description>();
  failure = $state<string>();
  #latest = new Latest<Figure>((blank) => this.#read(blank));

  /** @param blank the figure that is told, with nothing in its charts */
  constructor(private readonly blank: () => Figure) {}

  tell(text: string) {
    this.text = text;
    void this.#latest.ask(this.blank());
  }

  /** What has been told when all that was typed is read. */
  async settled(): Promise<Description | undefined> {
    await this.#latest.ask(this.blank());
    return this.description;
  }

  async #read(figure: Figure) {
    try {
      this.description = required(await api.POST('/api/descriptions', { body: { figure, text: this.text, amends: false } }));
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
