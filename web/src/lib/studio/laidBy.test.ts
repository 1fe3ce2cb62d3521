import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { forgetErased } from './laidBy';

let stored: Record<string, string>;
let deleted: string[];

beforeEach(() => {
  stored = {};
  deleted = [];
  vi.stubGlobal('localStorage', { getItem: (key: string) => stored[key] ?? null, setItem: (key: string, value: string) => (stored[key] = value) });
  vi.stubGlobal('caches', { delete: (name: string) => (deleted.push(name), Promise.resolve(true)) });
});

afterEach(() => vi.unstubAllGlobals());

it('throws away what is laid by once for each erasure', async () => {
  await forgetErased(1);
  deleted = [];
  await forgetErased(1);
  expect(deleted).toEqual([]);
  await forgetErased(2);
  expect(deleted).toEqual(['people', 'studio']);
  await forgetErased(2);
  expect(deleted).toHaveLength(2);
});
