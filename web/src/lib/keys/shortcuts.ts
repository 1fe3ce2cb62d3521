import msg from '$lib/messages/keys';
import common from '$lib/messages/common';
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
  undo: shortcut('Ctrl Z', msg.undo(), '$mod+z'),
  redo: shortcut('Ctrl Y', msg.redo(), '$mod+y', '$mod+Shift+z'),
  keep: shortcut('Ctrl S', msg.save(), '$mod+s'),
};

export const EVERYWHERE = {
  help: shortcut('?', msg.showThisList(), '[Shift]+?'),
  go: shortcut('Alt G', msg.goToAFigureRoutine(), 'Alt+g'),
  distance: shortcut('Alt Z', msg.largeText(), 'Alt+z'),
};

export const LIST = { create: shortcut('N', msg.newFigure(), 'n') };

export const SHEET = { ...KEEPING, opposite: shortcut('Alt O', msg.ladysChartFromTheMans(), 'Alt+o') };

export const CHART = {
  down: shortcut('Enter', msg.sameCellOfTheNext(), 'Enter'),
  above: shortcut('↑', msg.rowAbove(), 'ArrowUp'),
  below: shortcut('↓', msg.rowBelow(), 'ArrowDown'),
  cancel: shortcut('Esc', msg.leaveTheCellUnchanged(), 'Escape'),
  insert: shortcut('Ctrl Enter', msg.newRowBelow(), '$mod+Enter'),
  repeat: shortcut('Ctrl D', msg.duplicateTheRow(), '$mod+d'),
  moveUp: shortcut('Alt ↑', msg.moveTheRowUp(), 'Alt+ArrowUp'),
  moveDown: shortcut('Alt ↓', msg.moveTheRowDown(), 'Alt+ArrowDown'),
  remove: shortcut('Ctrl Backspace', msg.removeTheRow(), '$mod+Backspace'),
  mend: shortcut('Ctrl .', msg.applyTheSuggestedFix(), '$mod+.'),
  first: shortcut('Ctrl Space', msg.useTheFirstSuggestion(), '$mod+Space'),
  offered: shortcut('Alt 1 … 8', msg.useTheSuggestionWithThat(), 'Alt+([1-8])'),
};

export const DESK = {
  ...KEEPING,
  previous: shortcut('←', msg.previousFigure(), 'ArrowLeft'),
  following: shortcut('→', msg.nextFigure(), 'ArrowRight'),
  earlier: shortcut('Alt ←', msg.moveTheFigureEarlier(), 'Alt+ArrowLeft'),
  later: shortcut('Alt →', msg.moveTheFigureLater(), 'Alt+ArrowRight'),
  takeOut: shortcut('Delete', msg.removeTheFigure(), 'Delete'),
  corner: shortcut('C', msg.turnACornerAfterIt(), 'c'),
  next: shortcut('N', msg.figuresThatCanComeNext(), 'n'),
  before: shortcut('P', msg.figuresThatCanComeBefore(), 'p'),
  instead: shortcut('I', msg.figuresThatCanReplaceIt(), 'i'),
  compose: shortcut('K', msg.composeWhatFollows(), 'k'),
  gap: shortcut('G', msg.fillTheGapToThe(), 'g'),
  bridge: shortcut('B', msg.bridgeToTheNextFigure(), 'b'),
  detour: shortcut('D', msg.alternativesIfTheWayIs(), 'd'),
  element: shortcut('E', msg.insertAnElement(), 'e'),
  mend: shortcut('M', msg.suggestedFixesForEveryBroken(), 'm'),
  loop: shortcut('L', msg.checkWhetherItLoops(), 'l'),
  versions: shortcut('V', msg.savedVersions(), 'v'),
  music: shortcut('U', msg.musicOfTheRoutine(), 'u'),
  rules: shortcut('S', msg.rulesCheck(), 's'),
  floor: shortcut('F', msg.floorAndOtherFloors(), 'f'),
  handOut: shortcut('O', msg.printOrSaveAsPdf(), 'o'),
  list: shortcut('T', msg.pasteAListOrShow(), 't'),
  rehearse: shortcut('R', msg.rehearseFromHere(), 'r'),
  play: shortcut('Space', msg.playPause(), 'Space'),
  stepBack: shortcut(',', msg.previousStep(), ','),
  stepOn: shortcut('.', msg.nextStep(), '.'),
};

export const REHEARSAL = {
  play: shortcut('Space', msg.playPause(), 'Space'),
  stepBack: shortcut('←', msg.previousStep(), 'ArrowLeft'),
  stepOn: shortcut('→', msg.nextStep(), 'ArrowRight'),
  faster: shortcut('↑', msg.faster(), 'ArrowUp'),
  slower: shortcut('↓', msg.slower(), 'ArrowDown'),
  begin: shortcut('[', msg.loopStartsHere(), '[Alt]+['),
  end: shortcut(']', msg.loopEndsHere(), '[Alt]+]'),
  whole: shortcut('A', msg.wholeRoutine(), 'a'),
  section: shortcut('S', msg.nextPartASectionOf(), 's'),
  again: shortcut('L', msg.loopOnOrOff(), 'l'),
  wall: shortcut('R', msg.turnTheNextWallUp(), 'r'),
  mirror: shortcut('M', msg.mirrorOnOrOff(), 'm'),
  follow: shortcut('F', msg.followTheCoupleOrShow(), 'f'),
  part: shortcut('P', msg.showBothTheManOr(), 'p'),
  tap: shortcut('T', msg.tapABeatOfYour(), 't'),
};

export const PIECE = {
  ...KEEPING,
  play: shortcut('Space', msg.playPause(), 'Space'),
  tap: shortcut('T', msg.tapABeatShiftT(), 't', '[Shift]+T'),
  one: shortcut('O', msg.thisBeatIsBeatOne(), 'o'),
  phrase: shortcut('P', msg.aPhraseStartsHere(), 'p'),
  hit: shortcut('H', msg.hitHereOnOrOff(), 'h', '1'),
  stop: shortcut('2', msg.stopHereOnOrOff(), '2'),
  silence: shortcut('3', msg.silenceHereOnOrOff(), '3'),
  swell: shortcut('4', msg.swellUpToHereOn(), '4'),
  held: shortcut('5', msg.heldNoteHereOnOr(), '5'),
};

export const FIT = {
  ...KEEPING,
  whole: shortcut('W', msg.wholePiece(), 'w'),
  next: shortcut('N', msg.zoomToTheNextSection(), 'n'),
  mend: shortcut('M', msg.suggestedFixesForTheNext(), 'm'),
  rehearse: shortcut('R', msg.rehearse(), 'r'),
  desk: shortcut('D', msg.routineDesk2(), 'd'),
};

export const EVENT = {
  ...KEEPING,
  plan: shortcut('P', msg.planTheSchedule(), 'p'),
  again: shortcut('N', msg.planTheRest(), 'n'),
  day: shortcut('D', msg.schedule(), 'd'),
  list: shortcut('L', msg.runningOrder(), 'l'),
  rounds: shortcut('R', msg.couplesAndRounds(), 'r'),
  standing: shortcut('S', msg.rulesCheckOfTheRoutines(), 's'),
  checklist: shortcut('C', msg.checklist(), 'c'),
};

export const RULES = {
  ...KEEPING,
  rehearse: shortcut('R', msg.rehearse(), 'r'),
  desk: shortcut('D', msg.routineDesk2(), 'd'),
  breaks: shortcut('N', msg.nextBrokenRule(), 'n'),
};

export const QUESTIONS = {
  first: shortcut('1', msg.firstAnswer(), '1'),
  second: shortcut('2', msg.secondAnswer(), '2'),
  third: shortcut('3', msg.thirdAnswer(), '3'),
  fourth: shortcut('4', msg.fourthAnswer(), '4'),
  next: shortcut('Enter', msg.nextQuestion(), 'Enter'),
  start: shortcut('N', msg.newQuestions(), 'n'),
  print: shortcut('P', msg.printTheQuestions(), 'p'),
};

export const CLASS = {
  run: shortcut('Space', msg.startPause(), 'Space'),
  next: shortcut('N', msg.nextPartOrNextPartners(), 'n'),
  print: shortcut('P', msg.printThePlan(), 'p'),
};

export const LESSON = {
  ...KEEPING,
  run: shortcut('Space', msg.startPause(), 'Space'),
  next: shortcut('N', msg.nextPart(), 'n'),
  lost: shortcut('1', msg.markWhatIsDancedAs(), '1'),
  shaky: shortcut('2', msg.shaky(), '2'),
  good: shortcut('3', msg.good(), '3'),
  secure: shortcut('4', msg.secure(), '4'),
};

/** What the page of shortcuts shows, view by view. */
export const VIEWS: { title: string; shortcuts: Record<string, Shortcut> }[] = [
  { title: msg.everywhere(), shortcuts: { ...EVERYWHERE, ...KEEPING } },
  { title: common.figures(), shortcuts: LIST },
  { title: msg.figureSheet(), shortcuts: { opposite: SHEET.opposite, cell: { presses: [], keys: 'Tab', does: msg.nextCellOfTheRow() }, ...CHART } },
  { title: msg.routineDesk(), shortcuts: without(DESK, KEEPING) },
  { title: msg.rehearsal(), shortcuts: REHEARSAL },
  { title: msg.pieceOfMusic(), shortcuts: without(PIECE, KEEPING) },
  { title: msg.routineOnItsMusic(), shortcuts: without(FIT, KEEPING) },
  { title: msg.routineAndRules(), shortcuts: without(RULES, KEEPING) },
  { title: msg.event(), shortcuts: without(EVENT, KEEPING) },
  { title: common.questions(), shortcuts: QUESTIONS },
  { title: msg.classIt(), shortcuts: CLASS },
  { title: common.lesson(), shortcuts: without(LESSON, KEEPING) },
];

function without(shortcuts: Record<string, Shortcut>, others: Record<string, Shortcut>) {
  return Object.fromEntries(Object.entries(shortcuts).filter(([name]) => !(name in others)));
}
