import { expect, it } from 'vitest';
import type { Score } from '$lib/api/client';
import { cardLines } from './RoutineCard';

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
