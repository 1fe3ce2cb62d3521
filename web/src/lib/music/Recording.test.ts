import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { program, Refused, remembering, type Question } from '$lib/testing/program';
import { Recording } from './Recording.svelte';

vi.mock('web-audio-beat-detector-broker', () => ({ load: () => ({ analyze: async () => 87 }) }));
vi.mock('web-audio-beat-detector-worker?worker&url', () => ({ default: 'worker' }));

const RATE = 1000;

/** What the browser makes of a file: two channels, a strike on the left each second. */
class Decoder {
  async decodeAudioData(bytes: ArrayBuffer) {
    const text = new TextDecoder().decode(bytes);
    if (!/^\d+$/.test(text)) throw new Error('no music');
    const seconds = Number(text);
    const left = new Float32Array(seconds * RATE);
    for (let second = 0; second < seconds; second++) left[second * RATE] = 1;
    return {
      duration: seconds,
      sampleRate: RATE,
      length: left.length,
      numberOfChannels: 2,
      getChannelData: (channel: number) => (channel === 0 ? left : new Float32Array(left.length)),
    };
  }
}

const file = (name: string, content: string) => new File([content], name);

let memory: Map<string, string>;
let questions: Question[];

beforeEach(() => {
  memory = remembering();
  vi.stubGlobal('OfflineAudioContext', Decoder);
  vi.spyOn(URL, 'createObjectURL').mockImplementation((given) => `blob:${(given as File).name}`);
  vi.spyOn(URL, 'revokeObjectURL').mockImplementation(() => undefined);
  questions = program({ '/api/recordings': { lead: 0.42, piece: { beatsPerBar: 3, sections: [] } } });
});
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('a recording', () => {
  it('stays in the browser: where its sound begins anew is sent, with the tempo that was heard, and its first bar line is remembered', async () => {
    const recording = new Recording('tide');
    const piece = await recording.take(file('tide.wav', '4'), 'waltz', 3);
    expect(piece).toEqual({ beatsPerBar: 3, sections: [] });
    expect([recording.name, recording.seconds, recording.address, recording.doing]).toEqual(['tide.wav', 4, 'blob:tide.wav', undefined]);
    const asked = questions.at(-1)!.body as { strengths: number[] };
    expect(asked).toMatchObject({ beatsPerMinute: 87, exactly: false, dance: 'waltz', beatsPerBar: 3 });
    expect(asked.strengths).toHaveLength(400);
    expect(asked.strengths.flatMap((strength, look) => (strength > 0 ? [look] : []))).toEqual(expect.arrayContaining([0, 100, 200, 300]));
    expect(new Recording('tide').lead).toBe(0.42);
    expect(new Recording('ebb').lead).toBe(0);
  });

  it('is drawn with fifty peaks a second, both channels together', async () => {
    const recording = new Recording('tide');
    await recording.take(file('tide.wav', '2'), undefined, 3);
    expect(recording.peaks).toHaveLength(100);
    expect([...recording.peaks!].filter((peak) => peak > 0)).toEqual([0.5, 0.5]);
  });

  it('is meant at another tempo exactly, and begins later or earlier by hand', async () => {
    const recording = new Recording('tide');
    await recording.take(file('tide.wav', '2'), 'waltz', 3);
    await recording.meant(174, 'waltz', 3);
    expect(questions.at(-1)!.body).toMatchObject({ beatsPerMinute: 174, exactly: true });
    recording.later(0.05);
    recording.later(-0.02);
    expect(recording.lead).toBeCloseTo(0.45);
    expect(Number(memory.get('fluidframe/recording/tide'))).toBeCloseTo(0.45);
  });

  it.each([
    ['notes.txt', 'no sound', 'notes.txt is not a recording this browser can play. Use a WAV, MP3, OGG or FLAC file. Nothing was changed.'],
    ['evening.mp3', '901', 'evening.mp3 is 15 minutes long; the limit is 15 minutes. Nothing was changed.'],
  ])('%s is not taken, and what was open stays', async (name, content, failure) => {
    const recording = new Recording('tide');
    await recording.take(file('tide.wav', '2'), 'waltz', 3);
    expect(await recording.take(file(name, content), 'waltz', 3)).toBeUndefined();
    expect([recording.failure, recording.name, recording.seconds, recording.doing]).toEqual([failure, 'tide.wav', 2, undefined]);
  });

  it('in which no beat is found says so, and is asked of no more', async () => {
    program({ '/api/recordings': new Refused(422, 'No beat is heard in it.') });
    const recording = new Recording('tide');
    expect(await recording.take(file('wind.wav', '1'), 'waltz', 3)).toBeUndefined();
    expect(recording.failure).toBe('No beat is heard in it.');
    expect(await recording.meant(90, 'waltz', 3)).toBeUndefined();
    expect([recording.failure, recording.doing]).toEqual(['No beat is heard in it.', undefined]);
  });

  it('gives the file before back when another is taken, and the last when its page is left', async () => {
    const recording = new Recording('tide');
    await recording.take(file('one.wav', '1'), 'waltz', 3);
    await recording.take(file('two.wav', '1'), 'waltz', 3);
    expect(URL.revokeObjectURL).toHaveBeenCalledWith('blob:one.wav');
    recording.close();
    expect(URL.revokeObjectURL).toHaveBeenCalledWith('blob:two.wav');
  });
});
