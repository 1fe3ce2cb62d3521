import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { later, program, Refused, remembering, type Question } from '$lib/testing/program';
import { hitsOf, phraseStarts, sectionsOf } from './strip';
import { PieceDesk } from './PieceDesk.svelte';

const PIECE = { id: 'tide', title: 'Tide', dances: ['waltz'], beatsPerBar: 3, sections: [{ kind: 'verse', phrases: [8, 7] }], tempo: [{ bar: 1, barsPerMinute: 29 }] };

beforeEach(() => remembering());
afterEach(() => vi.restoreAllMocks());

describe('a piece of music under work', () => {
  it('keeps its title and its dances when its line does not say them', async () => {
    program({
      '/api/pieces/{id}': PIECE,
      '/api/piece-texts': { text: 'in 3; verse 15 (8+7)', seconds: 31 },
      '/api/piece-lines': { piece: { beatsPerBar: 3, sections: [{ kind: 'chorus', phrases: [4] }], tempo: PIECE.tempo }, seconds: 8, sentences: [], leftovers: [] },
    });
    const desk = await PieceDesk.open('tide');
    expect(desk.text).toBe('in 3;\nverse 15 (8+7)');
    expect(desk.seconds).toBe(31);
    desk.typeLine('chorus 4; 29 bars/min');
    await vi.waitFor(() => expect(desk.bars).toBe(4));
    expect(desk.piece).toMatchObject({ id: 'tide', title: 'Tide', dances: ['waltz'] });
    expect(desk.seconds).toBe(8);
    desk.undo();
    expect(desk.bars).toBe(15);
  });

  it('takes the tempo of a recording, and its bars only while no parts are written down', async () => {
    program({ '/api/pieces/{id}': PIECE, '/api/piece-texts': { text: 'in 3', seconds: 31, barLines: [] } });
    const heard = { ...PIECE, sections: [{ kind: 'verse', phrases: [8, 8, 8] }], tempo: [{ bar: 1, barsPerMinute: 30.2 }] };
    const desk = await PieceDesk.open('tide');
    desk.takeHeard(heard);
    expect(desk.bars).toBe(24);
    expect(desk.piece.tempo).toEqual(heard.tempo);
    desk.undo();
    desk.typeTitle('Tide');
    desk.takeHeard({ ...heard, sections: [{ kind: 'verse', phrases: [2] }] });
    expect(desk.bars).toBe(2);
    remembering();
    program({
      '/api/pieces/{id}': { ...PIECE, sections: [...PIECE.sections, { kind: 'chorus', phrases: [8] }] },
      '/api/piece-texts': { text: 'in 3', seconds: 31, barLines: [] },
    });
    const written = await PieceDesk.open('tide');
    written.takeHeard(heard);
    expect(written.bars).toBe(23);
  });

  it('begins to count taps anew after a long pause', async () => {
    program({
      '/api/pieces/{id}': PIECE,
      '/api/piece-texts': { text: '', seconds: 31 },
      '/api/taps': { secondsPerTap: 0.5, error: 0.01, first: 0, dropped: [], ones: [1], meant: [] },
    });
    const desk = await PieceDesk.open('tide');
    for (const [at, one] of [
      [1, false],
      [1.5, true],
      [2, false],
      [2.5, false],
    ] as const)
      desk.tap(at, one);
    await vi.waitFor(() => expect(desk.tapped?.secondsPerTap).toBe(0.5));
    expect(desk.ones).toEqual([1]);
    desk.tap(30, true);
    expect(desk.taps).toEqual([30]);
    expect(desk.ones).toEqual([0]);
  });
});

describe('a strip', () => {
  it('lays sections, phrases and hits on bars and beats', () => {
    const sections = sectionsOf({
      ...PIECE,
      sections: [
        { kind: 'introduction', phrases: [2] },
        { kind: 'verse', title: 'first', phrases: [8, 7] },
      ],
    } as never);
    expect(sections.map(({ title, bar, bars }) => [title, bar, bars])).toEqual([
      ['introduction', 1, 2],
      ['first', 3, 15],
    ]);
    expect(phraseStarts(sections[1]!)).toEqual([3, 11]);
    expect(hitsOf({ ...PIECE, hits: [{ bar: 5, beat: '2 1/2', kind: 'stop' }] } as never)).toEqual([{ kind: 'stop', at: 13.5 }]);
  });
});

it('says that its line could not be written, and keeps the last one', async () => {
  program({ '/api/pieces/{id}': PIECE, '/api/piece-texts': { text: 'in 3', seconds: 31, barLines: [] } });
  const desk = await PieceDesk.open('tide');
  program({ '/api/piece-texts': new Refused(503, 'Too much at once.') });
  desk.suits(['waltz', 'viennese-waltz']);
  await vi.waitFor(() => expect(desk.failure).toBe('Too much at once.'));
  expect(desk.text).toBe('in 3');
});

it('is written as it is now, whichever answer comes first', async () => {
  const slow = later<unknown>();
  const written = ({ body }: Question) => {
    const { dances } = body as { dances: string[] };
    return dances.length === 2 ? slow.promise : { text: `for ${dances.join()}`, seconds: 1, barLines: [] };
  };
  program({ '/api/pieces/{id}': PIECE, '/api/piece-texts': written });
  const desk = await PieceDesk.open('tide');
  desk.suits(['waltz', 'foxtrot']);
  desk.suits(['tango']);
  slow.answer({ text: 'for two', seconds: 1, barLines: [] });
  await vi.waitFor(() => expect(desk.text).toBe('for tango'));
});
