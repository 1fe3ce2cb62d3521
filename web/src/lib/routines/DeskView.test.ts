import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { program, Refused } from '$lib/testing/program';
import { DeskView } from './DeskView.svelte';
import type { RoutineDesk } from './RoutineDesk.svelte';

const address = vi.hoisted(() => ({ querystring: '', pushed: [] as string[] }));

vi.mock('svelte-spa-router', () => ({
  router: address,
  replace: async (path: string) => (address.querystring = path.split('?')[1] ?? ''),
  push: async (path: string) => void address.pushed.push(path),
}));

/** A desk of three figures whose second seam breaks once the middle one is out. */
class Desk {
  routine = { id: 'three', title: 'Three', dance: 'waltz' };
  selected = 0;
  broken = 0;
  settled = Promise.resolve();
  added: unknown[] = [];
  failure?: string;
  deletes = true;
  score = {
    tempo: 30,
    beatsPerBar: 3,
    beats: 9,
    placements: [{ onset: 0 }, { onset: 3 }, { onset: 6 }],
    steps: [0, 3, 6].map((onset, placement) => ({ part: 'man', onset, placement })),
  };
  outcome = 'holds';
  select = (placement: number) => (this.selected = Math.max(0, Math.min(2, placement)));
  seamAfter = (placement: number) => (placement < 2 ? { after: placement, verdict: { outcome: this.outcome } } : undefined);
  add = (following: unknown) => void this.added.push(following);
  remove = async () => undefined;
  delete = async () => this.deletes;
  leave = vi.fn();
}

let desk: Desk;
let view: DeskView;

beforeEach(() => {
  address.querystring = '';
  address.pushed = [];
  vi.stubGlobal('document', { getElementById: () => null, activeElement: null });
  vi.stubGlobal('cancelAnimationFrame', () => undefined);
  desk = new Desk();
  view = new DeskView(desk as unknown as RoutineDesk);
});
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('what lies open on the desk', () => {
  it.each(['floor', 'versions', 'mend', 'list'] as const)('%s is said by the address, with the figure that is chosen', (panel) => {
    desk.selected = 2;
    view.open(panel);
    expect([address.querystring, view.panel]).toEqual([`figure=2&${panel}=1`, panel]);
    view.close();
    expect([address.querystring, view.panel]).toEqual(['figure=2', undefined]);
  });

  it('is a seam only while that seam is looked at', () => {
    expect(view.seam).toBeUndefined();
    view.open('seam', 1);
    expect([desk.selected, view.seam?.after]).toEqual([1, 1]);
    desk.selected = 2;
    expect(view.seam).toBeUndefined();
  });

  it('is composing once its figures are there, of a stretch or of a gap', async () => {
    address.querystring = 'figure=0&compose=1';
    expect(view.panel).toBeUndefined();
    const questions = program({ '/api/figures': [{ id: 'waltz-whisk' }] });
    await view.compose();
    expect([view.panel, questions.at(-1)?.params?.query]).toEqual(['compose', { dance: 'waltz' }]);
    await view.compose('gap');
    expect(view.panel).toBe('gap');
  });

  it('stays as it is where the figures cannot be had', async () => {
    program({ '/api/figures': new Refused(503, 'Too much at once.') });
    await view.compose();
    expect([view.panel, desk.failure]).toEqual([undefined, 'Too much at once.']);
  });
});

describe('the hand of the coach', () => {
  it('chooses a figure, and the couple stand where it begins', async () => {
    await view.choose(1);
    expect([desk.selected, view.playback.beat, address.querystring]).toEqual([1, 3, 'figure=1']);
  });

  it('goes a step on, and the figure it falls in is chosen', () => {
    view.step(1);
    expect([view.playback.beat, desk.selected]).toEqual([3, 1]);
    view.step(-1);
    expect([view.playback.beat, desk.selected]).toEqual([0, 0]);
  });

  it('puts a figure in, and sees it', () => {
    view.open('floor');
    view.add({ placement: { figure: 'waltz-whisk' } } as never);
    expect([desk.added, view.panel]).toEqual([[{ placement: { figure: 'waltz-whisk' } }], undefined]);
  });

  it('takes one out: what mends the seam is shown where it breaks then', async () => {
    await view.takeOut();
    expect(view.panel).toBeUndefined();
    desk.outcome = 'breaks';
    await view.takeOut();
    expect(view.panel).toBe('seam');
  });

  it('turned to something else meanwhile is not called back', async () => {
    desk.outcome = 'breaks';
    let taken: () => void = () => undefined;
    desk.remove = () => new Promise<undefined>((done) => (taken = () => done(undefined)));
    const taking = view.takeOut();
    view.open('list');
    taken();
    await taking;
    expect(view.panel).toBe('list');
  });

  it('asks to mend everything only where something breaks', async () => {
    await view.mendAll();
    expect(view.panel).toBeUndefined();
    desk.broken = 2;
    await view.mendAll();
    expect(view.panel).toBe('mend');
  });

  it('goes to rehearsal from the figure that is chosen, and to the routines only once this one is gone', async () => {
    desk.selected = 2;
    view.rehearse();
    desk.deletes = false;
    await view.delete();
    expect(address.pushed).toEqual(['/routines/three/rehearse?figure=2']);
    desk.deletes = true;
    await view.delete();
    expect(address.pushed.at(-1)).toBe('/routines');
    view.leave();
    expect(desk.leave).toHaveBeenCalledOnce();
  });
});
