import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { machine, type Machine, type Sounding } from '$lib/testing/sound';
import type { SoundTrack } from '$lib/api/client';
import { TrackPlayer, type Course } from './TrackPlayer';

/** Four beats at two a second after one beat of count-in; a click on each. */
const TRACK = {
  beats: 4,
  countIn: 1,
  from: 0,
  cues: [-1, 0, 1, 2, 3].map((at) => ({ at, sound: at === 0 ? 'one' : 'beat', gain: at === 0 ? 1 : 0.5 })),
  pace: [
    { at: -1, seconds: -0.5 },
    { at: 4, seconds: 2 },
  ],
  words: [],
} as SoundTrack;

const SOON = 0.06;

let sounds: Machine;
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
  sounds = machine();
});
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

const once: Course = { slower: () => 1, isHeard: () => true, rest: () => undefined };

async function playing(course: Partial<Course> = {}, from = -1) {
  const player = new TrackPlayer({ ...once, ...course });
  await player.load(TRACK);
  await player.start(from);
  return player;
}

const heard = () => sounds.sounding.filter(({ stopped }) => !stopped);
const times = (of: Sounding[]) => of.map(({ at }) => Math.round((at - SOON) * 1000) / 1000);

describe('a track', () => {
  it('puts each sound down at its time and loudness, from the count-in on, and is over at its end', async () => {
    const player = await playing();
    sounds.pass(2.5);
    expect(times(heard())).toEqual([0, 0.5, 1, 1.5, 2]);
    expect(heard().map(({ sound, gain }) => [sound, gain])).toEqual([
      ['beat', 0.5],
      ['one', 1],
      ['beat', 0.5],
      ['beat', 0.5],
      ['beat', 0.5],
    ]);
    expect(player.now()?.beat).toBeCloseTo(3.9, 1);
    sounds.pass(0.5);
    expect(player.now()).toBeUndefined();
  });

  it('puts nothing down long before it is heard, so that a change is soon heard', async () => {
    await playing();
    expect(heard()).toHaveLength(1);
    sounds.pass(0.3);
    expect(heard()).toHaveLength(1);
    sounds.pass(0.1);
    expect(heard()).toHaveLength(2);
  });

  it('begins in the middle where the dancers stand', async () => {
    const player = await playing({}, 2);
    expect(player.now()).toEqual({ beat: 2, round: 0 });
    sounds.pass(1);
    expect(times(heard())).toEqual([0, 0.5]);
  });

  it('goes on after a rest with its count-in, slower or faster as the round says', async () => {
    const player = await playing({ rest: () => 1, slower: (round) => (round === 0 ? 1 : 2) });
    sounds.pass(4);
    expect(times(heard()).slice(5)).toEqual([3.5]);
    expect(player.now()).toMatchObject({ round: 1 });
    sounds.pass(1);
    expect(times(heard()).slice(5)).toEqual([3.5, 4.5]);
  });

  it('is silent in a round that is not heard, and still goes on', async () => {
    const player = await playing({ isHeard: () => false });
    sounds.pass(1);
    expect(heard()).toEqual([]);
    expect(player.now()?.beat).toBeCloseTo(0.88, 1);
  });

  it('is heard at another tempo from the moment it is changed, and no sound twice', async () => {
    let slower = 1;
    const player = await playing({ slower: () => slower });
    sounds.pass(0.6);
    slower = 2;
    player.retime();
    sounds.pass(4);
    const after = times(heard());
    expect(after.slice(0, 2)).toEqual([0, 0.5]);
    expect(after.slice(2).map((at, index, all) => (index === 0 ? at > 1.3 : Math.round((at - all[index - 1]!) * 10) / 10))).toEqual([true, 1, 1]);
    expect(new Set(after).size).toBe(after.length);
  });

  it('is silent at once when it is stopped, and gives the machine back', async () => {
    const player = await playing();
    player.stop();
    expect(heard()).toEqual([]);
    sounds.pass(1);
    expect([heard(), player.now()]).toEqual([[], undefined]);
    await player.close();
    expect(sounds.closed).toBe(true);
  });

  it('is put down farther ahead where its page lies in the background', async () => {
    vi.stubGlobal('document', { hidden: true });
    await playing();
    expect(heard()).toHaveLength(5);
  });

  it('without one of its sounds does not begin, and says which', async () => {
    const player = new TrackPlayer(once);
    await expect(player.load({ ...TRACK, cues: [{ at: 0, sound: 'missing', gain: 1 }] })).rejects.toThrow('The sound missing could not be loaded.');
    await player.start(0);
    expect(player.now()).toBeUndefined();
  });
});
