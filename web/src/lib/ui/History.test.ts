import { describe, expect, it } from 'vitest';
import { History } from './History.svelte';

describe('history', () => {
  it('goes back and forth step by step', () => {
    const history = new History('a');
    history.change('b');
    history.change('c');
    history.undo();
    history.undo();
    expect([history.present, history.canUndo, history.canRedo]).toEqual(['a', false, true]);
    history.redo();
    expect(history.present).toBe('b');
  });

  it('forgets what was taken back once something else is done', () => {
    const history = new History('a');
    history.change('b');
    history.undo();
    history.change('c');
    expect(history.canRedo).toBe(false);
    history.undo();
    expect(history.present).toBe('a');
  });

  it('makes one step of everything that is typed into a cell', () => {
    const history = new History('');
    for (const text of ['1', '1/', '1/4']) history.amend(text);
    history.settle();
    history.undo();
    expect([history.present, history.canUndo]).toEqual(['', false]);
  });

  it('takes back what is being typed without a step', () => {
    const history = new History('kept');
    history.amend('typed');
    history.cancel();
    expect([history.present, history.canUndo]).toEqual(['kept', false]);
  });

  it('remembers two hundred steps and no more', () => {
    const history = new History(0);
    for (let step = 1; step <= 250; step++) history.change(step);
    while (history.canUndo) history.undo();
    expect(history.present).toBe(50);
  });
});
