import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { program, remembering } from '$lib/testing/program';
import { newDivision, ProfileDesk } from './ProfileDesk.svelte';

beforeEach(() => remembering());
afterEach(() => vi.restoreAllMocks());

it('adds, changes and drops divisions, each under a title of its own', async () => {
  program({ 'GET /api/profiles/{id}': { id: 'open', title: 'Open', divisions: [newDivision('Bronze'), newDivision('Division 3')] } });
  const desk = await ProfileDesk.open('open');
  desk.addDivision();
  expect(desk.profile.divisions.map(({ title }) => title)).toEqual(['Bronze', 'Division 3', 'Division 4']);
  desk.setDivision(1, { couples: 8 });
  desk.dropDivision(0);
  expect(desk.profile.divisions.map(({ title, couples }) => [title, couples])).toEqual([
    ['Division 3', 8],
    ['Division 4', 6],
  ]);
  desk.undo();
  desk.undo();
  expect(desk.profile.divisions[1]?.couples).toBe(6);
});

it('is typed letter by letter, and the title is one step', async () => {
  program({ 'GET /api/profiles/{id}': { id: 'open', title: 'Open', divisions: [newDivision('Bronze')] } });
  const desk = await ProfileDesk.open('open');
  for (const title of ['O', 'Op', 'Opening']) desk.type({ title });
  desk.accept();
  expect(desk.profile.title).toBe('Opening');
  desk.undo();
  expect(desk.profile.title).toBe('Open');
});
