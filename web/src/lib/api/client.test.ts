import { afterEach, describe, expect, it, vi } from 'vitest';
import { fileOf, Problem, required, sentenceOf } from './client';

afterEach(() => vi.unstubAllGlobals());

describe('an answer of the program', () => {
  it('is its data, or its problem with every fault', () => {
    expect(required({ data: { id: 'whisk' }, response: new Response() })).toEqual({ id: 'whisk' });
    const error = { detail: 'It cannot be danced.', faults: [{ place: '/man/0', found: 'x', expected: 'a foot' }], stored: { id: 'theirs' } };
    const refused = () => required({ error: error as never, response: new Response(null, { status: 409 }) });
    expect(refused).toThrow(Problem);
    expect(refused).toThrow(expect.objectContaining({ status: 409, message: 'It cannot be danced.', faults: error.faults, stored: error.stored }));
  });

  it('that says nothing is named by its number', () => {
    expect(() => required({ response: new Response(null, { status: 502 }) })).toThrow('The program answered 502.');
  });

  it('that never came is told from one that says no', () => {
    expect(sentenceOf(new Problem(422, 'It cannot be danced.'))).toBe('It cannot be danced.');
    vi.stubGlobal('navigator', { onLine: false });
    expect(sentenceOf(new TypeError('Failed to fetch'))).toBe('No network. Your work is stored in this browser.');
    vi.stubGlobal('navigator', { onLine: true });
    expect(sentenceOf(new TypeError('Failed to fetch'))).toBe('The program is not responding. Your work is stored in this browser; try again when the program is running.');
  });
});

it('a file comes as it was made, or says why it was not', async () => {
  vi.stubGlobal('fetch', async (path: string) => (path === '/api/good' ? new Response('file') : new Response(JSON.stringify({ detail: 'Too long.' }), { status: 422 })));
  expect(await (await fileOf('/api/good', {})).text()).toBe('file');
  await expect(fileOf('/api/bad', {})).rejects.toThrow('Too long.');
});
