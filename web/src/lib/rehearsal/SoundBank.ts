import msg from '$lib/messages/rehearsal';
/** The program's sounds, fetched once and decoded for an audio context. */
export class SoundBank {
  #sounds = new Map<string, AudioBuffer>();

  constructor(private readonly context: AudioContext) {}

  /** Makes sure that sounds are there before they are played. */
  async load(ids: Iterable<string>) {
    const missing = [...new Set(ids)].filter((id) => !this.#sounds.has(id));
    await Promise.all(missing.map((id) => this.#fetch(id)));
  }

  async #fetch(id: string) {
    const response = await fetch(`/api/sounds/${id}.wav`);
    if (!response.ok) throw new Error(msg.theSoundCouldNotBe({ id }));
    this.#sounds.set(id, await this.context.decodeAudioData(await response.arrayBuffer()));
  }

  get(id: string): AudioBuffer | undefined {
    return this.#sounds.get(id);
  }
}
