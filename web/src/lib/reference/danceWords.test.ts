import { expect, it } from 'vitest';
import type { Dance } from '$lib/api/client';
import { lengthsOf, startsOn, techniqueOf, tempoOf } from './danceWords';

const tango = {
  travels: true,
  startBeats: [3, 1],
  slow: '2',
  quick: '1',
  and: '1/2',
  a: '1/4',
  slowestBarsPerMinute: 31,
  fastestBarsPerMinute: 33,
  technique: { heelLead: 'wanted', rises: false, sways: false, contraryMovement: true, hipAction: false },
} as unknown as Dance;

it('says what is asked of a dance', () => {
  expect(techniqueOf(tango)).toEqual([
    'Travels round the room: alignments apply.',
    'A step forward from lowered takes the heel.',
    'No rise: the knees stay flexed, the head level.',
    'Turns begin with contrary body movement.',
  ]);
  expect(startsOn(tango)).toBe('beat 1 or 3');
  expect(tempoOf(tango)).toBe('31 to 33 bars/min');
  expect(tempoOf({ ...tango, fastestBarsPerMinute: 31 })).toBe('31 bars/min');
});

it('leaves out the words that it does not count in', () => {
  expect(lengthsOf({ ...tango, slow: '', quick: '' }).map(({ word }) => word)).toEqual(['&', 'a']);
});
