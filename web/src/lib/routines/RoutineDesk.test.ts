import { beforeEach, expect, it, vi } from 'vitest';
import type { Routine } from '$lib/api/client';
import { remembering } from '$lib/testing/program';
import { RoutineDesk } from './RoutineDesk.svelte';

/** The client takes its means from the browser when it is loaded; here there is none. */
const program = vi.hoisted(() => {
  const program = { answer: (request: Request): Promise<Response> => Promise.reject(new Error(request.url)) };
  const Real = globalThis.Request;
  globalThis.Request = class extends Real {
    constructor(input: RequestInfo | URL, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://program') : input, init);
    }
  };
  globalThis.fetch = (input) => program.answer(input as Request);
  return program;
});

const ROUTINE: Routine = {
  id: 'five',
  title: 'Five',
  dance: 'waltz',
  tempo: 29,
  placements: ['a', 'b', 'c', 'd', 'e'].map((figure) => ({ figure })),
};

/** Answers scores as the program does, one passage a placement, when it is let go on. */
let letGo: (() => void)[] = [];

function answer(path: string, body: string) {
  if (path.endsWith('/api/routines/five')) return ROUTINE;
  if (path.endsWith('/api/next')) return { may: [], mayNot: [] };
  const { placements } = JSON.parse(body) as Routine;
  return { placements: placements.map(({ figure }, index) => ({ index, round: 1, title: figure })), seams: [], steps: [], phrases: [] };
}

beforeEach(() => {
  letGo = [];
  remembering();
  program.answer = async (request) => {
    const body = await request.text();
    if (request.url.endsWith('/api/scores')) await new Promise<void>((go) => letGo.push(go));
    return Response.json(answer(request.url, body));
  };
});

async function settle() {
  for (let turns = 0; turns < 50; turns++) {
    letGo.splice(0).forEach((go) => go());
    await new Promise((turn) => setTimeout(turn, 0));
  }
}

/** A desk whose score is there. */
async function opened() {
  const opening = RoutineDesk.open(ROUTINE.id);
  await settle();
  return opening;
}

const figures = (desk: RoutineDesk) => desk.placements.map(({ figure }) => figure);

it('acts on what is chosen while the score is still behind', async () => {
  const desk = await opened();
  desk.select(3);
  void desk.remove();
  desk.select(1);
  void desk.remove();
  expect(figures(desk)).toEqual(['a', 'c', 'e']);
  await settle();
  expect(desk.chosen).toEqual({ figure: 'a' });
});

it('finds the figure that was meant when one before it is gone', async () => {
  const desk = await opened();
  desk.select(0);
  void desk.remove();
  desk.select(4);
  void desk.remove();
  expect(figures(desk)).toEqual(['b', 'c', 'd']);
});
