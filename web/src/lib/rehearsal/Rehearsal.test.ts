import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { machine, type Machine } from '$lib/testing/sound';
import { later, program, Refused, remembering, type Question } from '$lib/testing/program';
import type { Routine, Score, SoundTrack, TrackQuestion } from '$lib/api/client';
import { Rehearsal } from './Rehearsal.svelte';

const step = (part: 'man' | 'lady', onset: number, placement: number) => ({ part, onset, placement });

/** Three figures of a bar each in two parts, at a beat a second; the second seam breaks. */
const SCORE = {
  tempo: 20,
  beatsPerBar: 3,
  beats: 9,
  placements: [0, 3, 6].map((onset) => ({ onset, beats: 3 })),
  parts: [
    { first: 0, last: 1 },
    { first: 2, last: 2 },
  ],
  seams: [
    { after: 0, verdict: { outcome: 'holds' } },
    { after: 1, verdict: { outcome: 'breaks' } },
  ],
  steps: [step('man', 0, 0), step('lady', 0, 0), step('man', 2, 0), step('lady', 2.5, 0), step('man', 3, 1), step('lady', 3, 1), step('man', 6, 2), step('lady', 6, 2)],
} as unknown as Score;

const ROUTINE = { id: 'three', title: 'Three' } as Routine;

/** A beat of count-in, then a word on each beat. */
function trackOf({ from = 0, to = 9 }: TrackQuestion): SoundTrack {
  const beats = to - from;
  const words = Array.from({ length: beats }, (_, at) => ({ at, text: String((at % 3) + 1) }));
  return {
    beats,
    countIn: 1,
    from,
    cues: [{ at: 0, sound: 'one', gain: 1 }],
    pace: [
      { at: -1, seconds: -1 },
      { at: beats, seconds: beats },
    ],
    words,
  } as unknown as SoundTrack;
}

let sounds: Machine;
let frame: (() => void) | undefined;
let questions: Question[];

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
  remembering();
  sounds = machine();
  vi.stubGlobal(
    'Audio',
    class {
      pause() {}
    },
  );
  vi.stubGlobal('requestAnimationFrame', (draw: () => void) => {
    frame = draw;
    return 1;
  });
  vi.stubGlobal('cancelAnimationFrame', () => (frame = undefined));
  questions = program({ '/api/tracks': ({ body }: Question) => trackOf(body as TrackQuestion) });
});
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

const asked = () => questions.filter(({ path }) => path === '/api/tracks').map(({ body }) => body as TrackQuestion);

/** Lets time go by, looking at the picture as often as a screen does. */
function pass(seconds: number) {
  const LOOK = 0.05;
  for (let gone = 0; gone < seconds - LOOK / 2; gone += LOOK) {
    sounds.pass(LOOK);
    frame?.();
  }
}

async function ready(stated?: ConstructorParameters<typeof Rehearsal>[2]) {
  const rehearsal = new Rehearsal(ROUTINE, SCORE, stated);
  await rehearsal.prepare();
  return rehearsal;
}

describe('where the dancers are', () => {
  it('each part is on its own step, and the words of the count on theirs', async () => {
    const rehearsal = await ready();
    rehearsal.go(2.4);
    expect([rehearsal.index('man'), rehearsal.index('lady'), rehearsal.word]).toEqual([1, 0, '3']);
    rehearsal.go(2.5);
    expect([rehearsal.current('lady')?.onset, rehearsal.following('lady')?.onset, rehearsal.following('man')?.onset]).toEqual([2.5, 3, 3]);
  });

  it('goes to the steps of whoever is shown, and stays at either end', async () => {
    const rehearsal = await ready({ shown: 'both' });
    const after = (...steps: (-1 | 1)[]) => {
      steps.forEach((by) => rehearsal.step(by));
      return rehearsal.beat;
    };
    expect([after(1), after(1), after(1)]).toEqual([2, 2.5, 3]);
    rehearsal.set({ shown: 'man' });
    expect([after(-1), after(-1), after(-1), after(1, 1, 1, 1, 1)]).toEqual([2, 0, 0, 6]);
  });

  it('says which seam breaks only while it is danced over', async () => {
    const rehearsal = await ready();
    rehearsal.go(4);
    expect(rehearsal.brokenSeam).toBeUndefined();
    rehearsal.go(7);
    expect(rehearsal.brokenSeam).toEqual(SCORE.seams[1]);
  });
});

describe('the stretch that is danced', () => {
  it('is whatever passages are chosen, in either order and never beyond the routine', async () => {
    const rehearsal = await ready();
    rehearsal.choose(2, 1);
    expect([rehearsal.first, rehearsal.last, rehearsal.from, rehearsal.to, rehearsal.beat]).toEqual([1, 2, 3, 9, 3]);
    rehearsal.choose(-4, 40);
    expect([rehearsal.from, rehearsal.to]).toEqual([0, 9]);
    rehearsal.go(30);
    expect(rehearsal.beat).toBe(9);
  });

  it('goes from part to part, and after the last to the first', async () => {
    const rehearsal = await ready();
    const parts = [1, 2, 3].map(() => {
      rehearsal.nextPart();
      return [rehearsal.first, rehearsal.last];
    });
    expect(parts).toEqual([
      [0, 1],
      [2, 2],
      [0, 1],
    ]);
  });

  it('has its words in beats of the routine', async () => {
    const rehearsal = await ready();
    rehearsal.choose(1, 1);
    await rehearsal.prepare();
    expect(rehearsal.words.map(({ at }) => at)).toEqual([3, 4, 5]);
  });
});

describe('what is heard', () => {
  it('is asked for once however often it is wanted, and again when something about it changes', async () => {
    const rehearsal = await ready();
    await Promise.all([rehearsal.prepare(), rehearsal.prepare()]);
    rehearsal.set({ mirrored: true });
    expect(asked()).toHaveLength(1);
    rehearsal.set({ clicks: false, music: false });
    await rehearsal.prepare();
    expect(asked()).toHaveLength(2);
    expect(asked()[1]).toMatchObject({ clicks: 0, voice: 1, music: 0, from: 0, to: 9 });
  });

  it('is the last that was asked for, whichever answer comes first', async () => {
    const slow = later<SoundTrack>();
    program({ '/api/tracks': ({ body }: Question) => ((body as TrackQuestion).from === 0 ? slow.promise : trackOf(body as TrackQuestion)) });
    const rehearsal = new Rehearsal(ROUTINE, SCORE);
    const first = rehearsal.prepare();
    rehearsal.choose(2, 2);
    await rehearsal.prepare();
    slow.answer(trackOf({ routine: ROUTINE, from: 0, to: 9 } as TrackQuestion));
    await first;
    expect(rehearsal.track?.from).toBe(6);
  });

  it('that cannot be had is said, and asked for anew the next time', async () => {
    program({ '/api/tracks': new Refused(503, 'Too much at once; again in a second.') });
    const rehearsal = await ready();
    await rehearsal.play();
    expect([rehearsal.failure, rehearsal.playing]).toEqual(['Too much at once; again in a second.', false]);
    program({ '/api/tracks': ({ body }: Question) => trackOf(body as TrackQuestion) });
    await rehearsal.play();
    expect([rehearsal.failure, rehearsal.playing]).toEqual([undefined, true]);
  });

  it('goes into a file at the tempo that is set', async () => {
    const rehearsal = await ready({ percent: 80 });
    expect(rehearsal.fileQuestion).toMatchObject({ percent: 80, from: 0, to: 9 });
  });

  it('is nothing at a tempo at which counts stand alone', async () => {
    const rehearsal = await ready({ percent: 39 });
    expect(rehearsal.silent).toBe(true);
    rehearsal.set({ percent: 40 });
    expect(rehearsal.silent).toBe(false);
  });
});

describe('dancing', () => {
  it('begins with the count-in, goes with the sound, and ends at the end', async () => {
    const rehearsal = await ready();
    await rehearsal.play();
    pass(0.5);
    expect(rehearsal.beat).toBeCloseTo(-0.56, 1);
    pass(3);
    expect(rehearsal.beat).toBeCloseTo(2.44, 1);
    pass(8);
    expect([rehearsal.beat, rehearsal.playing]).toEqual([9, false]);
  });

  it('goes on from where it was stopped, without a count-in', async () => {
    const rehearsal = await ready();
    rehearsal.go(4);
    await rehearsal.play();
    pass(1);
    expect(rehearsal.beat).toBeCloseTo(4.94, 1);
    rehearsal.toggle();
    const stopped = rehearsal.beat;
    pass(1);
    expect(rehearsal.beat).toBe(stopped);
  });

  it('is danced again and again with a rest of bars between, each time as much faster as the ladder says', async () => {
    const rehearsal = await ready({ loops: true, restBars: 1, ladder: true, percent: 50, ladderStep: 25, ladderEvery: 1, ladderTarget: 100 });
    rehearsal.choose(0, 0);
    await rehearsal.prepare();
    await rehearsal.play();
    expect(rehearsal.percentNow).toBe(50);
    pass(8 + 6 + 0.2);
    expect([rehearsal.round, rehearsal.percentNow]).toEqual([1, 75]);
    pass(16 / 3 + 4);
    expect([rehearsal.round, rehearsal.percentNow]).toEqual([2, 100]);
    await rehearsal.close();
    expect([rehearsal.playing, sounds.closed]).toEqual([false, true]);
  });
});
