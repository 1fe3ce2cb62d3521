import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { program, Refused, remembering } from '$lib/testing/program';
import { standby } from '$lib/studio/Standby.svelte';
import { reference } from './reference.svelte';

const NOTATION = { columns: [{ key: 'rise', title: 'Rise and fall' }], cautions: [{ shorthand: 'deep', wording: 'bend low with care' }] };

beforeEach(() => remembering());
afterEach(() => vi.restoreAllMocks());

it('is loaded once, may be tried again when it failed, and names things it does not know by their id', async () => {
  program({ '/api/dances': new Refused(503, 'Busy.'), '/api/notation': NOTATION });
  await expect(reference.load()).rejects.toThrow('Busy.');
  const questions = program({ '/api/dances': [{ id: 'waltz', title: 'Waltz' }], '/api/notation': NOTATION });
  await Promise.all([reference.load(), reference.load()]);
  expect(questions).toHaveLength(2);
  expect([reference.danceTitle('waltz'), reference.danceTitle('minuet')]).toEqual(['Waltz', 'minuet']);
  expect([reference.columnTitle('rise'), reference.columnTitle('x')]).toEqual(['Rise and fall', 'x']);
  expect([reference.cautionWords('deep'), reference.cautionWords('x')]).toEqual(['bend low with care', 'x']);
  expect(reference.lastDance).toBe('waltz');
  reference.look('rumba');
  expect(reference.lastDance).toBe('rumba');
});

it('warns again and again of what the program says, also when it does not answer', async () => {
  vi.useFakeTimers();
  program({ '/api/status': { warnings: ['Nothing can be kept.'] } });
  const stop = standby.watch();
  await vi.advanceTimersByTimeAsync(0);
  expect(standby.warnings).toEqual(['Nothing can be kept.']);
  program({ '/api/status': new Refused(503, 'Busy.') });
  await vi.advanceTimersByTimeAsync(15_000);
  expect(standby.warnings).toEqual(['Busy.']);
  stop();
  program({ '/api/status': { warnings: [] } });
  await vi.advanceTimersByTimeAsync(60_000);
  expect(standby.warnings).toEqual(['Busy.']);
  vi.useRealTimers();
});
