import { expect, it } from 'vitest';
import { program, type Question } from '$lib/testing/program';
import { NewCouple } from './NewCouple.svelte';

const echo = ({ body }: Question) => body;

it('takes who is known and adds who is not', async () => {
  const questions = program({ 'POST /api/people': echo, 'POST /api/couples': echo });
  const couple = new NewCouple();
  couple.man = ' Bram Osei ';
  expect(couple.isComplete).toBe(false);
  couple.lady = 'Una Field';
  const id = await couple.add([{ id: 'bram', title: 'Bram Osei' }], []);
  expect(id).toBe('bram-osei-una-field');
  expect(questions.map(({ path, body }) => [path, (body as { id: string }).id])).toEqual([
    ['/api/people', 'una-field'],
    ['/api/couples', id],
  ]);
  expect((questions[1]!.body as { members: unknown }).members).toEqual([
    { person: 'bram', part: 'man' },
    { person: 'una-field', part: 'lady' },
  ]);
});
