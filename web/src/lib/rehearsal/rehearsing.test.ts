import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { program, remembering } from '$lib/testing/program';
import type { Routine, Score } from '$lib/api/client';
import { rememberedOptions, rememberOptions, type Options } from './options';
import { Rehearsal } from './Rehearsal.svelte';
import { Pace } from './Pace';
import { SteadyTime } from './SteadyTime';
import { inPicture, transformOf, viewOf } from './view';

let memory: Map<string, string>;
beforeEach(() => (memory = remembering()));
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('how a coach likes to rehearse', () => {
  it('is remembered, and what came new since has its usual value', () => {
    rememberOptions({ ...rememberedOptions(), percent: 80, voice: false });
    expect(rememberedOptions()).toMatchObject({ percent: 80, voice: false, clicks: true });
    memory.set('fluidframe/rehearsing', '{"percent": 60}');
    expect(rememberedOptions()).toMatchObject({ percent: 60, countInBars: 1 });
  });

  it('is forgotten where it cannot be read', () => {
    memory.set('fluidframe/rehearsing', '{percent');
    expect(rememberedOptions().percent).toBe(100);
    expect(memory.has('fluidframe/rehearsing')).toBe(false);
  });
});

describe('a rehearsal', () => {
  const score = { placements: [], steps: [], seams: [], parts: [], beats: 0, tempo: 30 } as unknown as Score;
  const rehearsal = (stated?: Partial<Options>) => new Rehearsal({ id: 'r', title: 'R' } as Routine, score, stated);

  beforeEach(() =>
    vi.stubGlobal(
      'Audio',
      class {
        addEventListener() {}
        pause() {}
      },
    ),
  );

  it('begins a ladder lower where it would begin at its top', () => {
    const plain = rehearsal();
    plain.set({ ladder: true });
    expect([plain.options.percent, plain.percentIn(0), plain.percentIn(12)]).toEqual([70, 70, 100]);
    plain.set({ ladder: false, percent: 60 });
    plain.set({ ladder: true });
    expect(plain.options.percent).toBe(60);
  });

  it('dances a stretch of bars that begins and ends within figures, where bar 1 begins on its second beat', () => {
    const placements = [
      { onset: 0, beats: 4 },
      { onset: 4, beats: 8 },
    ];
    const eight = { ...score, placements, beats: 12, beatsPerBar: 4, firstBeat: 1 } as unknown as Score;
    vi.stubGlobal('cancelAnimationFrame', () => {});
    const danced = new Rehearsal({ id: 'r', title: 'R' } as Routine, eight, {});
    vi.spyOn(danced, 'prepare').mockResolvedValue();
    expect([danced.barCount, danced.bars]).toEqual([4, { first: 1, last: 4 }]);
    danced.chooseBars(2, 2);
    expect([danced.from, danced.to, danced.first, danced.last, danced.beat]).toEqual([3, 7, 0, 1, 3]);
    danced.chooseBars(9, 0);
    expect([danced.from, danced.to]).toEqual([0, 12]);
    danced.choose(1, 1);
    expect([danced.from, danced.to, danced.bars]).toEqual([4, 12, { first: 2, last: 4 }]);
  });

  it('as an exercise states it is not remembered', () => {
    const stated = rehearsal({ percent: 50, shown: 'lady' });
    stated.set({ percent: 55 });
    expect(stated.options).toMatchObject({ percent: 55, shown: 'lady' });
    expect(rememberedOptions()).toMatchObject({ percent: 100, shown: 'both' });
  });
});

describe('the floor in the picture', () => {
  const seenWith = (wallUp: number, mirrored = false) => viewOf({ wallUp, mirrored } as never);

  it.each([
    [3, { x: 2, y: -1 }],
    [4, { x: 1, y: 2 }],
    [1, { x: -2, y: 1 }],
    [2, { x: -1, y: -2 }],
  ])('with the wall of side %i up, two metres along and one in lie there', (wallUp, place) => {
    const { x, y } = inPicture(seenWith(wallUp), 2, 1);
    expect([x, y].map((each) => Math.round(each * 1e9) / 1e9 + 0)).toEqual([place.x, place.y]);
  });

  it('has left and right changed when it is mirrored, drawn as it is reckoned', () => {
    expect(inPicture(seenWith(3, true), 2, 1)).toEqual({ x: -2, y: -1 });
    expect(transformOf(seenWith(4, true), 2, 1)).toBe('scale(-1 -1) rotate(-90) translate(-2 -1)');
  });
});

describe('the pace of a stretch', () => {
  const slowing = [
    { at: -3, seconds: -1.5 },
    { at: 0, seconds: 0 },
    { at: 6, seconds: 3 },
    { at: 12, seconds: 9 },
  ];

  it('goes evenly between two points, before the first and after the last as fast as there, and back again', () => {
    const pace = new Pace(slowing, 2);
    expect([-6, -3, 3, 6, 9, 15].map((beat) => pace.secondsAt(beat))).toEqual([-6, -3, 3, 6, 12, 24]);
    for (const beat of [-6, -0.5, 0, 4.25, 11, 20]) expect(pace.beatAt(pace.secondsAt(beat))).toBeCloseTo(beat, 9);
  });
});

describe('a clock that jumps', () => {
  it('is followed steadily, never more than a hundredth of a second behind', () => {
    const steady = new SteadyTime();
    let before = 0;
    for (let look = 0; look < 200; look++) {
      const page = look / 60;
      const jumping = Math.floor((5 + page) / 0.02) * 0.02;
      const time = steady.look(jumping, page);
      expect(Math.abs(time - jumping)).toBeLessThanOrEqual(0.01 + 1e-9);
      if (look > 0) expect(time).toBeGreaterThanOrEqual(before);
      before = time;
    }
  });

  it('is taken at its word at once where it leaps', () => {
    const steady = new SteadyTime();
    steady.look(1, 0);
    expect(steady.look(30, 0.1)).toBeCloseTo(29.991, 6);
  });
});

describe("the coach's own music", () => {
  /** A player that takes every file but one. */
  class Player {
    currentTime = 0;
    paused = true;
    ended = false;
    playbackRate = 1;
    muted = false;
    preservesPitch = false;
    onloadedmetadata: () => void = () => undefined;
    onerror: () => void = () => undefined;

    set src(address: string) {
      queueMicrotask(() => (address.includes('notes') ? this.onerror() : this.onloadedmetadata()));
    }

    async play() {
      this.paused = false;
    }

    pause() {
      this.paused = true;
    }
  }

  beforeEach(() => {
    vi.stubGlobal('Audio', Player);
    vi.spyOn(URL, 'createObjectURL').mockImplementation((file) => `blob:${(file as File).name}`);
    vi.spyOn(URL, 'revokeObjectURL').mockImplementation(() => undefined);
  });

  it('follows its taps once there are four, and begins where the dancing does', async () => {
    program({ '/api/taps': { secondsPerTap: 0.5, first: 2.0004 } });
    const { OwnMusic } = await import('./OwnMusic.svelte');
    const music = new OwnMusic();
    await music.open(new File([], 'tide.mp3'));
    expect([music.name, music.ready]).toEqual(['tide.mp3', false]);
    music.tap();
    expect(music.taps).toEqual([]);
    await music.listen();
    for (let tap = 0; tap < 4; tap++) music.tap();
    await vi.waitFor(() => expect(music.ready).toBe(true));
    expect([music.beatsPerMinute, music.firstBeat]).toEqual([120, 2]);
    await music.play(8, 50);
    expect(music.beat()).toBeCloseTo(8, 6);
  });

  it('stays open when the next file is none', async () => {
    const { OwnMusic } = await import('./OwnMusic.svelte');
    const music = new OwnMusic();
    await music.open(new File([], 'tide.mp3'));
    await music.open(new File([], 'notes.txt'));
    expect([music.name, music.failure]).toEqual(['tide.mp3', 'notes.txt is not music this browser can play. Use a WAV, MP3, Ogg or FLAC file. Nothing else has changed.']);
    music.close();
    expect([music.name, music.ready]).toEqual([undefined, false]);
  });
});
