/** A shortcut: the presses that mean it (in the words of tinykeys), how a coach finds it on the keyboard, and what it does. */
export interface Shortcut {
  presses: string[];
  keys: string;
  does: string;
}

function shortcut(keys: string, does: string, ...presses: string[]): Shortcut {
  return { presses, keys, does };
}

export const KEEPING = {
  undo: shortcut('Ctrl Z', 'undo', '$mod+z'),
  redo: shortcut('Ctrl Y', 'redo', '$mod+y', '$mod+Shift+z'),
  keep: shortcut('Ctrl S', 'keep', '$mod+s'),
};

export const EVERYWHERE = {
  help: shortcut('?', 'this page', '[Shift]+?'),
  go: shortcut('Alt G', 'go to a figure, routine, person, view …', 'Alt+g'),
  distance: shortcut('Alt Z', 'larger, to be read from two metres', 'Alt+z'),
};

export const LIST = { create: shortcut('N', 'new figure', 'n') };

export const SHEET = { ...KEEPING, opposite: shortcut('Alt O', 'lady’s chart from the man’s', 'Alt+o') };

export const CHART = {
  down: shortcut('Enter', 'same cell of the next row', 'Enter'),
  above: shortcut('↑', 'row above', 'ArrowUp'),
  below: shortcut('↓', 'row below', 'ArrowDown'),
  cancel: shortcut('Esc', 'leave the cell as it was', 'Escape'),
  insert: shortcut('Ctrl Enter', 'new row below', '$mod+Enter'),
  repeat: shortcut('Ctrl D', 'this row once more', '$mod+d'),
  moveUp: shortcut('Alt ↑', 'move the row up', 'Alt+ArrowUp'),
  moveDown: shortcut('Alt ↓', 'move the row down', 'Alt+ArrowDown'),
  remove: shortcut('Ctrl Backspace', 'take the row out', '$mod+Backspace'),
  mend: shortcut('Ctrl .', 'mend what is found here', '$mod+.'),
  first: shortcut('Ctrl Space', 'take the first cell offered', '$mod+Space'),
  offered: shortcut('Alt 1 … 8', 'take the one of that number', 'Alt+([1-8])'),
};

export const DESK = {
  ...KEEPING,
  previous: shortcut('←', 'the figure before', 'ArrowLeft'),
  following: shortcut('→', 'the figure after', 'ArrowRight'),
  earlier: shortcut('Alt ←', 'move it to the front', 'Alt+ArrowLeft'),
  later: shortcut('Alt →', 'move it to the back', 'Alt+ArrowRight'),
  takeOut: shortcut('Delete', 'take it out', 'Delete'),
  corner: shortcut('C', 'turn a corner after it', 'c'),
  next: shortcut('N', 'what may come next', 'n'),
  before: shortcut('P', 'what may come before, or next', 'p'),
  instead: shortcut('I', 'what may come in its place', 'i'),
  compose: shortcut('K', 'compose what follows', 'k'),
  gap: shortcut('G', 'fill the gap to the next', 'g'),
  bridge: shortcut('B', 'bridge to the next', 'b'),
  detour: shortcut('D', 'ways round, if the way is blocked', 'd'),
  element: shortcut('E', 'put an element in', 'e'),
  mend: shortcut('M', 'what would mend every seam that breaks', 'm'),
  loop: shortcut('L', 'does it loop?', 'l'),
  versions: shortcut('V', 'kept versions', 'v'),
  music: shortcut('U', 'the music it is danced to', 'u'),
  rules: shortcut('S', 'how it stands up to the rules of events', 's'),
  floor: shortcut('F', 'the floor, and other floors', 'f'),
  handOut: shortcut('O', 'the routine on paper, or as a PDF', 'o'),
  list: shortcut('T', 'a list: paste one, or write this one', 't'),
  rehearse: shortcut('R', 'rehearse from here', 'r'),
  play: shortcut('Space', 'play, pause', 'Space'),
  stepBack: shortcut(',', 'a step back', ','),
  stepOn: shortcut('.', 'a step on', '.'),
};

export const REHEARSAL = {
  play: shortcut('Space', 'dance, pause', 'Space'),
  stepBack: shortcut('←', 'a step back', 'ArrowLeft'),
  stepOn: shortcut('→', 'a step on', 'ArrowRight'),
  faster: shortcut('↑', 'faster', 'ArrowUp'),
  slower: shortcut('↓', 'slower', 'ArrowDown'),
  begin: shortcut('[', 'the stretch begins here', '[Alt]+['),
  end: shortcut(']', 'the stretch ends here', '[Alt]+]'),
  whole: shortcut('A', 'the whole routine', 'a'),
  section: shortcut('S', 'the next part: a section of the routine or of its music', 's'),
  again: shortcut('L', 'again and again, or once', 'l'),
  wall: shortcut('R', 'the next wall up', 'r'),
  mirror: shortcut('M', 'mirrored, or not', 'm'),
  follow: shortcut('F', 'follow the couple, or the whole room', 'f'),
  part: shortcut('P', 'both, the man, the lady', 'p'),
  tap: shortcut('T', 'tap a beat of your own music', 't'),
};

export const PIECE = {
  ...KEEPING,
  play: shortcut('Space', 'hear it, pause', 'Space'),
  tap: shortcut('T', 'tap a beat; Shift T on one', 't', '[Shift]+T'),
  one: shortcut('O', 'this beat of the recording is one', 'o'),
  phrase: shortcut('P', 'a phrase begins here in the recording', 'p'),
  hit: shortcut('H', 'it strikes here in the recording, or not', 'h', '1'),
  stop: shortcut('2', 'it stops short here, or not', '2'),
  silence: shortcut('3', 'it is silent here, or not', '3'),
  swell: shortcut('4', 'it swells up to here, or not', '4'),
  held: shortcut('5', 'a note is held here, or not', '5'),
};

export const FIT = {
  ...KEEPING,
  whole: shortcut('W', 'the whole piece', 'w'),
  next: shortcut('N', 'look closely at the next section', 'n'),
  mend: shortcut('M', 'what mends the next thing that does not fit', 'm'),
  rehearse: shortcut('R', 'rehearse', 'r'),
  desk: shortcut('D', 'the desk', 'd'),
};

export const EVENT = {
  ...KEEPING,
  plan: shortcut('P', 'plan the day', 'p'),
  again: shortcut('N', 'plan what is left of it', 'n'),
  day: shortcut('D', 'the day', 'd'),
  list: shortcut('L', 'the running list', 'l'),
  rounds: shortcut('R', 'couples and rounds', 'r'),
  standing: shortcut('S', 'how the routines stand', 's'),
  checklist: shortcut('C', 'the checklist', 'c'),
};

export const RULES = {
  ...KEEPING,
  rehearse: shortcut('R', 'rehearse', 'r'),
  desk: shortcut('D', 'the desk', 'd'),
  breaks: shortcut('N', 'the next rule that breaks', 'n'),
};

export const QUESTIONS = {
  first: shortcut('1', 'the first of several answers', '1'),
  second: shortcut('2', 'the second', '2'),
  third: shortcut('3', 'the third', '3'),
  fourth: shortcut('4', 'the fourth', '4'),
  next: shortcut('Enter', 'the next question', 'Enter'),
  start: shortcut('N', 'ask others', 'n'),
  print: shortcut('P', 'print them', 'p'),
};

export const CLASS = {
  run: shortcut('Space', 'begin, pause', 'Space'),
  next: shortcut('N', 'the next part, or the next partners', 'n'),
  print: shortcut('P', 'print the plan', 'p'),
};

export const LESSON = {
  ...KEEPING,
  run: shortcut('Space', 'begin, pause', 'Space'),
  next: shortcut('N', 'the next part', 'n'),
  lost: shortcut('1', 'what is danced was lost', '1'),
  shaky: shortcut('2', 'shaky', '2'),
  good: shortcut('3', 'good', '3'),
  secure: shortcut('4', 'secure', '4'),
};

/** What the page of shortcuts shows, view by view. */
export const VIEWS: { title: string; shortcuts: Record<string, Shortcut> }[] = [
  { title: 'Everywhere', shortcuts: { ...EVERYWHERE, ...KEEPING } },
  { title: 'Figures', shortcuts: LIST },
  { title: 'Figure sheet', shortcuts: { opposite: SHEET.opposite, cell: { presses: [], keys: 'Tab', does: 'next cell of the row' }, ...CHART } },
  { title: 'Routine desk', shortcuts: without(DESK, KEEPING) },
  { title: 'Rehearsal', shortcuts: REHEARSAL },
  { title: 'Piece of music', shortcuts: without(PIECE, KEEPING) },
  { title: 'Routine on its music', shortcuts: without(FIT, KEEPING) },
  { title: 'Routine and rules', shortcuts: without(RULES, KEEPING) },
  { title: 'Event', shortcuts: without(EVENT, KEEPING) },
  { title: 'Questions', shortcuts: QUESTIONS },
  { title: 'Class', shortcuts: CLASS },
  { title: 'Lesson', shortcuts: without(LESSON, KEEPING) },
];

function without(shortcuts: Record<string, Shortcut>, others: Record<string, Shortcut>) {
  return Object.fromEntries(Object.entries(shortcuts).filter(([name]) => !(name in others)));
}
