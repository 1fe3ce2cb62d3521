import { afterEach, expect, it, vi } from 'vitest';
import type { Collision, Routine } from '$lib/api/client';
import { program, Refused } from '$lib/testing/program';
import { RoomCheck } from './RoomCheck.svelte';
import { hitsOf } from './standing';

const ROUTINE = { id: 'r', floor: { length: 18, width: 11 } } as Routine;
const wall = { wall: true } as Collision;

afterEach(() => vi.restoreAllMocks());

it('tries another floor without changing the routine', async () => {
  const questions = program({ '/api/room-reports': { collisions: [wall] }, '/api/scores': { beats: 24 } });
  const room = new RoomCheck();
  await room.check(ROUTINE);
  expect([room.triedScore, hitsOf(room.report)]).toEqual([undefined, [wall]]);
  await room.try({ title: 'a studio', length: 12, width: 8 }, ROUTINE);
  expect(questions.at(-1)?.body).toMatchObject({ floor: { length: 12, width: 8 } });
  expect([room.triedScore?.beats, ROUTINE.floor]).toEqual([24, { length: 18, width: 11 }]);
  await room.try(undefined, ROUTINE);
  expect(room.on(ROUTINE)).toBe(ROUTINE);
});

it('says why it could not look', async () => {
  program({ '/api/room-reports': new Refused(422, 'Too long.') });
  const room = new RoomCheck();
  await room.check(ROUTINE);
  expect([room.failure, hitsOf(room.report)]).toEqual(['Too long.', []]);
});
