import msg from '$lib/messages/shell';
import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

type Schemas = components['schemas'];
export type Figure = Schemas['Figure'];
export type Level = NonNullable<Figure['level']>;
export type Row = Schemas['Row'];
export type Relation = Schemas['Relation'];
export type FigurePath = Schemas['FigurePath'];
export type FloorWay = Schemas['FloorWay'];
export type LegendEntry = Schemas['LegendEntry'];
export type FigureSummary = Schemas['FigureSummary'];
export type FigureEnd = Schemas['FigureEnd'];
export type Reading = Schemas['Reading'];
export type RowReading = Schemas['RowReading'];
export type Finding = Schemas['Finding'];
export type Fix = Schemas['Fix'];
export type Completion = Schemas['Completion'];
export type Derivation = Schemas['Derivation'];
export type Variation = Schemas['Variation'];
export type Cards = Schemas['Cards'];
export type Place = Schemas['Place'];
export type Unreadable = Schemas['Unreadable'];
export type CoupleStances = Schemas['CoupleStances'];
export type Motion = Schemas['Motion'];
export type DancerMotion = Schemas['DancerMotion'];
export type PlaceCurve = Schemas['PlaceCurve'];
export type Contact = Schemas['Contact'];
export type SoundTrack = Schemas['SoundTrack'];
export type TrackQuestion = Schemas['TrackQuestion'];
export type RoomReport = Schemas['RoomReport'];
export type Floor = Schemas['Floor'];
export type Obstacle = Schemas['Obstacle'];
export type Stance = Schemas['Stance'];
export type PlaceOnFloor = Schemas['PlaceOnFloor'];
export type CoupleStance = Schemas['CoupleStance'];
export type Heading = Schemas['Heading'];
export type Description = Schemas['Description'];
export type Taken = Schemas['Taken'];
export type Leftover = Schemas['Leftover'];
export type Listing = Schemas['Listing'];
export type ListedEntry = Schemas['ListedEntry'];
export type ListedChoice = Schemas['ListedChoice'];
export type Verdict = Schemas['Verdict'];
export type Following = Schemas['Following'];
export type NextFigures = Schemas['NextFigures'];
export type NextAmalgamation = Schemas['NextAmalgamation'];
export type Amalgamation = Schemas['Amalgamation'];
export type AmalgamationSummary = Schemas['AmalgamationSummary'];
export type Repair = Schemas['Repair'];
export type Loop = Schemas['Loop'];
export type Chain = Schemas['Chain'];
export type Progress = Schemas['Progress'];
export type RoutineElement = Schemas['Element'];
export type Section = Schemas['Section'];
export type Compositions = Schemas['Compositions'];
export type CompositionQuestion = Schemas['CompositionQuestion'];
export type Composition = Schemas['Composition'];
export type CompositionStage = Schemas['CompositionStage'];
export type Detour = Schemas['Detour'];
export type Escape = Schemas['Escape'];
export type Version = Schemas['Version'];
export type FigureVersion = Schemas['FigureVersion'];
export type FigureDifference = Schemas['FigureDifference'];
export type MendingPlan = Schemas['MendingPlan'];
export type LeftSeam = Schemas['LeftSeam'];
export type SeamKey = Schemas['SeamKey'];
export type LooseSeam = Schemas['LooseSeam'];
export type RoutineStanding = Schemas['RoutineStanding'];
export type RoutineEffect = Schemas['RoutineEffect'];
export type Collision = Schemas['Collision'];
export type Deletion = Schemas['Deletion'];
export type ImportPlan = Schemas['ImportPlan'];
export type ImportItem = Schemas['ImportItem'];
export type About = Schemas['About'];
export type Status = Schemas['Status'];
export type Backup = Schemas['Backup'];
export type BackupContents = Schemas['BackupContents'];
export type Restored = Schemas['Restored'];
export type Difference = Schemas['Difference'];
export type LinkMap = Schemas['LinkMap'];
export type BookReport = Schemas['BookReport'];
export type ShippedFigure = Schemas['ShippedFigure'];
export type Routine = Schemas['Routine'];
export type Placement = Schemas['Placement'];
export type RoutineSummary = Schemas['RoutineSummary'];
export type Score = Schemas['Score'];
export type ScoreStep = Schemas['ScoreStep'];
export type ScoredPlacement = Schemas['ScoredPlacement'];
export type Piece = Schemas['Piece'];
export type PieceSummary = Schemas['PieceSummary'];
export type PieceLine = Schemas['PieceLine'];
export type HeardPiece = Schemas['HeardPiece'];
export type TapEstimate = Schemas['TapEstimate'];
export type Fit = Schemas['Fit'];
export type FitRepair = Schemas['FitRepair'];
export type LaidPassage = Schemas['LaidPassage'];
export type RuleProfile = Schemas['RuleProfile'];
export type ProfileSummary = Schemas['ProfileSummary'];
export type Division = Schemas['Division'];
export type Limits = Schemas['Limits'];
export type HoldRule = Schemas['HoldRule'];
export type DanceEvent = Schemas['Event'];
export type EventSummary = Schemas['EventSummary'];
export type EventCouple = Schemas['EventCouple'];
export type EventDay = Schemas['EventDay'];
export type Round = Schemas['Round'];
export type PlannedRound = Schemas['PlannedRound'];
export type Day = Schemas['Day'];
export type Call = Schemas['Call'];
export type DayRelaxation = Schemas['DayRelaxation'];
export type RuleStanding = Schemas['RuleStanding'];
export type EntryStanding = Schemas['EntryStanding'];
export type Ruling = Schemas['Ruling'];
export type RulingPlace = Schemas['RulingPlace'];
export type RulingRepair = Schemas['RulingRepair'];
export type Question = Schemas['Question'];
export type QuestionKind = Schemas['QuestionKind'];
export type ClassPlan = Schemas['ClassPlan'];
export type ClassPart = Schemas['ClassPart'];
export type LearningStep = Schemas['LearningStep'];
export type PartnerPair = Schemas['PartnerPair'];
export type PartnerRound = Schemas['PartnerRound'];
export type Mark = Schemas['Mark'];
export type PostureSheet = Schemas['PostureSheet'];
export type PostureSummary = Schemas['PostureSummary'];
export type PostureReading = Schemas['PostureReading'];
export type PostureTerm = Schemas['PostureTerm'];
export type Body = Schemas['Body'];
export type Joint = Schemas['Joint'];
export type Drill = Schemas['Drill'];
export type DrillSheet = Schemas['DrillSheet'];
export type KeptClass = Schemas['Class'];
export type ClassSummary = Schemas['ClassSummary'];
export type Person = Schemas['Person'];
export type Couple = Schemas['Couple'];
export type Member = Schemas['Member'];
export type Lesson = Schemas['Lesson'];
export type LessonPart = Schemas['LessonPart'];
export type LessonPlan = Schemas['LessonPlan'];
export type Note = Schemas['Note'];
export type NoteOutcome = Schemas['NoteOutcome'];
export type Today = Schemas['Today'];
export type CoupleToday = Schemas['CoupleToday'];
export type Due = Schemas['Due'];
export type CoupleProgress = Schemas['CoupleProgress'];
export type FigureProgress = Schemas['FigureProgress'];
export type ProgressTable = Schemas['ProgressTable'];
export type Term = Schemas['Term'];
export type Seam = Schemas['Seam'];
export type Dance = Schemas['DanceDocument'];
export type DanceCustom = Schemas['DanceCustom'];
export type Notation = Schemas['NotationDocument'];
/** One thing that is wrong with what was sent. */
export type Fault = Schemas['Fault'];
export type Part = 'man' | 'lady';
export type ColumnKey = keyof Row;

export const api = createClient<paths>({ baseUrl: '' });

/** Why the program could not do what was asked, as it said so itself. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: Fault[] = [],
    readonly stored?: unknown,
  ) {
    super(message);
  }
}

/** What came back: the data asked for, or a problem. */
export interface Answer<T> {
  data?: T;
  error?: Partial<Schemas['Problem']>;
  response: Response;
}

/** The data of an answer, or its problem thrown. */
export function required<T>(answer: Answer<T>): T {
  if (answer.response.ok) return answer.data as T;
  const problem = answer.error ?? {};
  throw new Problem(answer.response.status, problem.detail ?? msg.theProgramAnswered({ status: answer.response.status }), problem.faults, problem.stored);
}

/** A file the program makes of what is sent. */
export async function fileOf(path: string, body: unknown): Promise<Blob> {
  const response = await fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) });
  if (!response.ok) required({ error: await response.json(), response });
  return response.blob();
}

/** What to tell a person about anything thrown while talking to the program. */
export function sentenceOf(thrown: unknown): string {
  if (thrown instanceof Problem) return thrown.message;
  return globalThis.navigator?.onLine === false ? msg.noNetworkHere() : msg.theProgramIsNotResponding();
}
