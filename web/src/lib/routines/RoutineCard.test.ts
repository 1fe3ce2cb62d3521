import { expect, it } from 'vitest';
import type { LegendEntry, Score } from '$lib/api/client';
import { cardLines, printedLegend, sayingOf } from './RoutineCard';

const step = (placement: number, count: string, more = {}) => ({ placement, part: 'man', count, alignment: `f ${count}`, position: 'closed', hold: 'closed', ...more });

it('takes the steps of each time that a section is danced, though it is written once', () => {
  const score = {
    placements: [
      { index: 0, round: 1, title: 'Whisk' },
      { index: 0, round: 2, title: 'Whisk' },
    ],
    steps: [step(0, '1'), step(0, '2'), step(1, '3', { position: 'PP' }), step(0, '9', { part: 'lady' })],
  } as unknown as Score;
  const [first, again] = cardLines(score);
  expect(first).toMatchObject({ counts: '1 2', begins: 'f 1', ends: 'f 2', position: 'closed', hold: 'closed' });
  expect(again).toMatchObject({ counts: '3', position: 'PP', hold: 'closed' });
  expect(first?.steps.lady).toHaveLength(1);
});

it('explains the codes that are printed, and no others, or writes them out', () => {
  const score = {
    placements: [{ index: 0, round: 1, title: 'Whisk' }],
    steps: [
      step(0, '1', { alignment: 'b DC', footwork: 'HT' }),
      step(0, '2', { alignment: 'f LOD', footwork: 'T' }),
      step(0, '3', { alignment: 'p DW', footwork: 'TH', part: 'lady' }),
    ],
  } as unknown as Score;
  const entry = (kind: LegendEntry['kind'], code: string, meaning = `said of ${kind}`) => ({ kind, code, meaning });
  const legend = [
    ...['b DC', 'f LOD', 'p DW'].map((code) => entry('alignment', code)),
    entry('hold', 'closed', 'closed hold'),
    ...['HT', 'T', 'TH'].map((code) => entry('footwork', code)),
  ];
  const codes = (parts: ('man' | 'lady')[]) => printedLegend(legend, cardLines(score), parts).map(({ code }) => code);
  expect(codes([])).toEqual(['b DC', 'f LOD']);
  expect(codes(['man'])).toEqual(['b DC', 'f LOD', 'HT', 'T']);
  const [inWords, inCodes] = [sayingOf(legend, true), sayingOf(legend, false)];
  expect([inWords('alignment', 'b DC'), inWords('hold', 'closed'), inWords('position', 'closed'), inCodes('alignment', 'b DC')]).toEqual([
    'said of alignment',
    'closed hold',
    'closed',
    'b DC',
  ]);
});
