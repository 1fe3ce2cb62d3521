import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Body } from '$lib/api/client';
import { program, Refused, remembering } from '$lib/testing/program';
import { PostureDesk } from './PostureDesk.svelte';
import { frameOf, line, seen } from './views';

const POSTURE = { feet: 'together', knees: 'soft', hips: 'level', ribs: 'lifted', shoulders: 'down', head: 'L', weight: 'balls', lean: 0 };
const SHEET = { id: 'closed', title: 'Closed', dances: ['waltz'], position: 'closed', hold: 'closed', man: POSTURE, lady: POSTURE, frame: { distance: 31, offset: 9 } };
const TERMS = [
  { cell: 'knees', shorthand: 'soft', wording: 'soft' },
  { cell: 'hips', shorthand: 'under', wording: 'under the ribs' },
];

afterEach(() => vi.restoreAllMocks());

async function desk(reading: unknown = { findings: [] }) {
  remembering();
  const questions = program({ '/api/postures/terms': TERMS, '/api/postures/readings': reading, '/api/postures/{id}/reading': reading, '/api/postures/{id}': SHEET });
  const opened = await PostureDesk.open('closed');
  return { desk: opened, asked: () => questions.filter(({ path }) => path === '/api/postures/readings').map(({ body }) => body) };
}

describe('a sheet of posture', () => {
  it('is read anew after each change, for the heights that are chosen', async () => {
    const { desk: opened, asked } = await desk();
    opened.stand('lady', 'knees', 'flexed');
    opened.join('distance', 33);
    opened.grow({ man: 1.9 });
    await opened.look();
    expect(asked().at(-1)).toMatchObject({ sheet: { lady: { knees: 'flexed' }, man: { knees: 'soft' }, frame: { distance: 33, offset: 9 } }, man: 1.9, lady: 1.68 });
    opened.undo();
    await opened.look();
    expect(asked().at(-1)).toMatchObject({ sheet: { lady: { knees: 'flexed' }, frame: { distance: 31 } } });
    const before = asked().length;
    opened.undo();
    await opened.look();
    expect(asked()).toHaveLength(before);
  });

  it('says what cannot be read and keeps the last picture', async () => {
    const { desk: opened } = await desk();
    program({ '/api/postures/readings': new Refused(422, '/sheet/frame: too far') });
    opened.join('distance', 999);
    await opened.look();
    expect([opened.failure, opened.reading]).toEqual(['/sheet/frame: too far', { findings: [] }]);
  });

  it('offers the words of each cell', async () => {
    expect((await desk()).desk.options('hips')).toEqual([{ value: 'under', label: 'under the ribs' }]);
  });
});

describe('the three views', () => {
  const joint = { x: 1, y: 0.5, z: 1.5 };
  it('see forward to the right from the side, his left to the left from behind, forward up from above', () => {
    expect(seen('side', joint)).toEqual({ x: 1, y: -1.5 });
    expect(seen('front', joint)).toEqual({ x: -0.5, y: -1.5 });
    expect(seen('above', joint)).toEqual({ x: -0.5, y: -1 });
    expect(line('side', [joint, { x: 0, y: 0, z: 0 }])).toBe('1.000,-1.500 0.000,0.000');
  });

  it('hold both bodies with air around them', () => {
    const body = { leftLeg: [joint], rightLeg: [joint], leftArm: [joint], rightArm: [{ x: -1, y: 0, z: 0 }], spine: [joint], head: joint, nose: joint, headSize: 0.2 } as Body;
    const frame = frameOf('side', [body]);
    expect(frame.x).toBeCloseTo(-1.14);
    expect(frame.width).toBeCloseTo(2.28);
    expect(frame.height).toBeCloseTo(1.78);
  });
});
