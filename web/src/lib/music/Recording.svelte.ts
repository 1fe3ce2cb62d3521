import msg from '$lib/messages/music';
import common from '$lib/messages/common';
import { api, Problem, required, sentenceOf, type HeardPiece, type Piece } from '$lib/api/client';
import { peaksOf, strengthsOf } from './strengths';

/** Longer than anything that is danced to. */
const LONGEST_MINUTES = 15;
const PEAKS_PER_SECOND = 50;
const LEADS = 'fluidframe/recording/';

/** A recording of a piece. It stays in this browser: only where its sound begins anew is sent, and when its first bar line is heard is remembered. */
export class Recording {
  #piece: string;
  #url: string | undefined;
  #strengths: number[] = [];
  #beatsPerMinute = 0;

  name = $state<string>();
  address = $state<string>();
  seconds = $state(0);
  peaks = $state.raw<Float32Array>();
  /** Seconds from the beginning of the recording to the first bar line. */
  lead = $state(0);
  heard = $state.raw<HeardPiece>();
  failure = $state<string>();
  /** What is being done, while it takes. */
  doing = $state<string>();

  constructor(piece: string) {
    this.#piece = piece;
    this.lead = Number(localStorage.getItem(LEADS + piece) ?? 0);
  }

  /** Takes a file in, and listens for its tempo; answers what was heard, if it was music. */
  async take(file: File, dance: string | undefined, beatsPerBar: number): Promise<Piece | undefined> {
    this.failure = undefined;
    this.doing = common.loading();
    try {
      const samples = await this.#open(file);
      this.doing = msg.listeningForTheBeat();
      this.#beatsPerMinute = await estimated(samples);
      return await this.#hear({ beatsPerMinute: this.#beatsPerMinute, exactly: false, dance, beatsPerBar });
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
      return undefined;
    } finally {
      this.doing = undefined;
    }
  }

  /** Another tempo is meant: half, double, or in threes. */
  async meant(beatsPerMinute: number, dance: string | undefined, beatsPerBar: number): Promise<Piece | undefined> {
    this.doing = msg.listeningAgain();
    try {
      return await this.#hear({ beatsPerMinute, exactly: true, dance, beatsPerBar });
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
      return undefined;
    } finally {
      this.doing = undefined;
    }
  }

  later(seconds: number) {
    this.#leadIs(this.lead + seconds);
  }

  close() {
    if (this.#url) URL.revokeObjectURL(this.#url);
  }

  async #open(file: File): Promise<AudioBuffer> {
    const context = new OfflineAudioContext(1, 1, 44_100);
    let buffer: AudioBuffer;
    try {
      buffer = await context.decodeAudioData(await file.arrayBuffer());
    } catch {
      throw new Problem(0, msg.isNotARecordingThis({ name: file.name }));
    }
    if (buffer.duration > LONGEST_MINUTES * 60) {
      throw new Problem(0, msg.isMinutesLongTheLimit({ name: file.name, round: Math.round(buffer.duration / 60), LONGESTMINUTES: LONGEST_MINUTES }));
    }
    const samples = mixed(buffer);
    this.#strengths = strengthsOf(samples, buffer.sampleRate);
    this.peaks = peaksOf(samples, Math.max(1, Math.round(buffer.duration * PEAKS_PER_SECOND)));
    this.seconds = buffer.duration;
    this.name = file.name;
    this.close();
    this.address = this.#url = URL.createObjectURL(file);
    return buffer;
  }

  async #hear(how: { beatsPerMinute: number; exactly: boolean; dance: string | undefined; beatsPerBar: number }): Promise<Piece> {
    this.heard = required(await api.POST('/api/recordings', { body: { strengths: this.#strengths, ...how } }));
    this.failure = undefined;
    this.#leadIs(this.heard.lead);
    return this.heard.piece;
  }

  #leadIs(seconds: number) {
    this.lead = seconds;
    localStorage.setItem(LEADS + this.#piece, String(seconds));
  }
}

/** Beats a minute as the library finds them; its worker is fetched only now. */
async function estimated(buffer: AudioBuffer): Promise<number> {
  const [{ load }, { default: worker }] = await Promise.all([import('web-audio-beat-detector-broker'), import('web-audio-beat-detector-worker?worker&url')]);
  return load(worker).analyze(buffer);
}

function mixed(buffer: AudioBuffer): Float32Array {
  const samples = new Float32Array(buffer.length);
  for (let channel = 0; channel < buffer.numberOfChannels; channel++) {
    const each = buffer.getChannelData(channel);
    for (let at = 0; at < samples.length; at++) samples[at] = samples[at]! + each[at]! / buffer.numberOfChannels;
  }
  return samples;
}
