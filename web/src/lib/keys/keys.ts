import { createKeybindingsHandler } from 'tinykeys';
import type { Shortcut } from './shortcuts';

/** What a shortcut does. One that answers `false` leaves the key to the browser. */
export type Answer = (event: KeyboardEvent) => unknown;

/**
 * Answers the shortcuts of a view; the types see to it that each has its answer.
 * Keys without Ctrl or Alt belong to the text while somebody writes, to a choice that has the focus, for it is chosen from by letters, and to a menu or a dialog while it is open.
 */
export function keysFor<Name extends string>(shortcuts: Record<Name, Shortcut>, answers: Record<Name, Answer>) {
  return handler(shortcuts, answers, (event) => !isCommand(event) && (isWriting(event) || isInMenu(event)));
}

/** Answers the shortcuts of a field that is written in. */
export function keysWithin<Name extends string>(shortcuts: Record<Name, Shortcut>, answers: Record<Name, Answer>) {
  return handler(shortcuts, answers, () => false);
}

function handler<Name extends string>(shortcuts: Record<Name, Shortcut>, answers: Record<Name, Answer>, ignore: (event: KeyboardEvent) => boolean) {
  const bindings = (Object.keys(shortcuts) as Name[]).flatMap((name) => shortcuts[name].presses.map((presses) => [presses, taking(answers[name])] as const));
  return createKeybindingsHandler(Object.fromEntries(bindings), { ignore });
}

function taking(answer: Answer) {
  return (event: KeyboardEvent) => {
    if (answer(event) === false) return;
    event.preventDefault();
    event.stopPropagation();
  };
}

function isCommand(event: KeyboardEvent) {
  return event.ctrlKey || event.metaKey || event.altKey;
}

/** A slider is moved with the arrow keys, and with nothing else. */
function isWriting({ target, key }: KeyboardEvent) {
  if (target instanceof HTMLInputElement) return target.type !== 'range' || key.startsWith('Arrow');
  return target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement;
}

function isInMenu({ target }: KeyboardEvent) {
  return target instanceof Element && target.closest('[role=listbox],[role=dialog],[aria-haspopup=listbox]') !== null;
}
