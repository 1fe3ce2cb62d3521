import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keysFor, keysWithin } from './keys';
import type { Shortcut } from './shortcuts';

/** Just as much of a page as keys look at. */
class Element {
  constructor(readonly around = '') {}
  closest = (roles: string) => (this.around !== '' && roles.includes(this.around) ? this : null);
}
class HTMLInputElement extends Element {
  constructor(readonly type: string) {
    super();
  }
}
class HTMLTextAreaElement extends Element {}
class HTMLSelectElement extends Element {}

const SHORTCUTS = { next: { presses: ['ArrowRight'] }, compose: { presses: ['k', 'm'] }, keep: { presses: ['Control+s'] } } as unknown as Record<
  'next' | 'compose' | 'keep',
  Shortcut
>;

let done: string[];

beforeEach(() => {
  done = [];
  Object.entries({ Element, HTMLInputElement, HTMLTextAreaElement, HTMLSelectElement }).forEach(([name, type]) => vi.stubGlobal(name, type));
});
afterEach(() => vi.unstubAllGlobals());

/** Presses a key somewhere, and says whether the browser still has it. */
function press(handler: (event: KeyboardEvent) => void, key: string, target: Element = new Element(), control = false) {
  const event = { key, code: key, target, ctrlKey: control, metaKey: false, altKey: false, shiftKey: false, preventDefault: vi.fn(), stopPropagation: vi.fn() };
  const getModifierState = (modifier: string) => control && modifier === 'Control';
  handler({ ...event, getModifierState } as unknown as KeyboardEvent);
  return event.preventDefault.mock.calls.length === 0;
}

const answers = { next: () => void done.push('next'), compose: () => void done.push('compose'), keep: () => void done.push('keep') };

describe('the keys of a view', () => {
  it('are answered each by its own, whichever of its presses it was, and taken from the browser', () => {
    const keys = keysFor(SHORTCUTS, answers);
    const left = [press(keys, 'ArrowRight'), press(keys, 'k'), press(keys, 'm'), press(keys, 'x')];
    expect([done, left]).toEqual([
      ['next', 'compose', 'compose'],
      [false, false, false, true],
    ]);
  });

  it('are left to the browser where their answer is no', () => {
    const keys = keysFor(SHORTCUTS, { ...answers, next: () => false });
    expect(press(keys, 'ArrowRight')).toBe(true);
  });

  it.each([
    ['a text', new HTMLInputElement('text'), 'k'],
    ['a note', new HTMLTextAreaElement(), 'k'],
    ['a choice of the browser', new HTMLSelectElement(), 'k'],
    ['a slider', new HTMLInputElement('range'), 'ArrowRight'],
    ['a list that is open', new Element('listbox'), 'k'],
    ['a dialog', new Element('dialog'), 'k'],
  ])('belong to %s while it has the focus', (_, target, key) => {
    expect(press(keysFor(SHORTCUTS, answers), key, target)).toBe(true);
    expect(done).toEqual([]);
  });

  it('with Control are for the program wherever somebody writes, and a slider takes no letters', () => {
    const keys = keysFor(SHORTCUTS, answers);
    press(keys, 's', new HTMLInputElement('text'), true);
    press(keys, 'k', new HTMLInputElement('range'));
    expect(done).toEqual(['keep', 'compose']);
  });

  it('of a field that is written in are answered there', () => {
    press(keysWithin(SHORTCUTS, answers), 'k', new HTMLInputElement('text'));
    expect(done).toEqual(['compose']);
  });
});
