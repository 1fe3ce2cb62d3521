import type { LessonPart, LessonPlan } from '$lib/api/client';

/** The parts of a plan; the first says what is warned of. */
export const partsOf = ({ parts, cautions }: LessonPlan): LessonPart[] => parts.map((part, index) => (index === 0 ? { ...part, why: cautions.join(' ') } : part));
