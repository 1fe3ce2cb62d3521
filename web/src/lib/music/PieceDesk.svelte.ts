import { api, required, sentenceOf, type Piece, type PieceLine, type TapEstimate } from '$lib/api/client';
import { EditSession, opened } from '$lib/ui/EditSession.svelte';
import { Latest } from '$lib/ui/Latest';
import { pieceStore } from './pieceStore';

/** A piece of music under work: it is written as a line, and what the line says is the piece. */
export class PieceDesk extends EditSession<Piece> {
  /** The line as it is typed. */
  text = $state('');
  /** How long the piece lasts. */
  seconds = $state(0);
  /** What was made of the line last. */
  line = $state.raw<PieceLine>();
  /** When each beat was tapped, seconds, and which were one. */
  taps = $state.raw<number[]>([]);
  ones = $state.raw<number[]>([]);
  /** When each bar line is heard, seconds from the first, and the end. */
  barLines = $state.raw<number[]>([]);
  tapped = $state.raw<TapEstimate>();
  tapFailure = $state<string>();
  #latest = new Latest<string>((text) => this.#read(text));
  #writing = new Latest<Piece>((piece) => this.#write(piece));

  static async open(id: string): Promise<PieceDesk> {
    const desk = new PieceDesk(pieceStore, await opened(pieceStore, id));
    await desk.#writing.ask(desk.piece);
    return desk;
  }

  get piece(): Piece {
    return this.document;
  }

  get bars(): number {
    return this.piece.sections.reduce((bars, section) => bars + section.phrases.reduce((sum, each) => sum + each, 0), 0);
  }

  protected changed() {
    void this.#writing.ask(this.piece);
  }

  typeLine(text: string) {
    this.text = text;
    void this.#latest.ask(text);
  }

  typeTitle(title: string) {
    this.amend({ ...this.piece, title });
  }

  suits(dances: string[]) {
    this.change({ ...this.piece, dances });
  }

  /** A beat is tapped now; with the shift key, or in upper case, it is the first of its bar. */
  tap(seconds: number, isOne: boolean) {
    const late = this.taps.length > 0 && seconds - (this.taps.at(-1) ?? 0) > LONGEST_PAUSE;
    this.taps = late ? [seconds] : [...this.taps, seconds];
    this.ones = isOne ? [...(late ? [] : this.ones), this.taps.length - 1] : late ? [] : this.ones;
    if (this.taps.length >= FEWEST_TAPS) void this.#estimate();
  }

  forgetTaps() {
    this.taps = [];
    this.ones = [];
    this.tapped = undefined;
    this.tapFailure = undefined;
  }

  /** The tempo that was tapped becomes the piece's. */
  takeTempo(barsPerMinute: number) {
    this.change({ ...this.piece, tempo: [{ bar: 1, barsPerMinute: Math.round(barsPerMinute * 10) / 10 }] });
    this.forgetTaps();
  }

  /** A file of notes becomes the piece, under the title it has. */
  async readNotes(file: Blob) {
    try {
      const query = this.piece.dances?.[0] ? `?dance=${this.piece.dances[0]}` : '';
      const response = await fetch(`/api/piece-notes${query}`, { method: 'POST', headers: { 'Content-Type': 'audio/midi' }, body: file });
      const read = required<PieceLine>(response.ok ? { data: await response.json(), response } : { error: await response.json(), response });
      this.line = read;
      if (read.piece) this.#become(read.piece);
      this.clearFailure();
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  /** What was heard in a recording: its tempo, and its bars as long as nobody has written parts or hits down. */
  takeHeard(heard: Piece) {
    const written = this.piece.sections.length > 1 || (this.piece.hits ?? []).length > 0;
    this.change({ ...this.piece, sections: written ? this.piece.sections : heard.sections, tempo: heard.tempo });
  }

  /** Sets something by ear, so many seconds after the first bar line; answers how much later that line is heard then. */
  async mark(mark: string, seconds: number, more: { kind?: string; bar?: number } = {}): Promise<number> {
    try {
      const marked = required(await api.POST('/api/piece-marks', { body: { piece: this.piece, mark, seconds, ...more } }));
      this.change(marked.piece);
      this.clearFailure();
      return marked.later;
    } catch (thrown) {
      this.fail(thrown);
      return 0;
    }
  }

  async #estimate() {
    try {
      this.tapped = required(await api.POST('/api/taps', { body: { seconds: this.taps, onOne: this.ones, dance: this.piece.dances?.[0], beatsPerBar: this.piece.beatsPerBar } }));
      this.tapFailure = undefined;
    } catch (thrown) {
      this.tapFailure = sentenceOf(thrown);
    }
  }

  async #read(text: string) {
    try {
      this.line = required(await api.POST('/api/piece-lines', { body: { text, dance: this.piece.dances?.[0] } }));
      if (this.line.piece) this.#become(this.line.piece);
      this.seconds = this.line.seconds ?? this.seconds;
      this.barLines = this.line.barLines ?? this.barLines;
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  #become(read: Piece) {
    this.history.amend({ ...read, id: this.piece.id, title: read.title || this.piece.title, dances: this.piece.dances });
    this.remember();
  }

  /** What was changed otherwise than by the line is written into it. */
  async #write(piece: Piece) {
    if (piece.title.trim() === '') return;
    try {
      const written = required(await api.POST('/api/piece-texts', { body: piece }));
      this.text = written.text.replaceAll('; ', ';\n');
      this.seconds = written.seconds;
      this.barLines = written.barLines;
    } catch (thrown) {
      this.fail(thrown);
    }
  }
}

const FEWEST_TAPS = 4;
/** Seconds; who taps after that begins anew. */
const LONGEST_PAUSE = 6;
