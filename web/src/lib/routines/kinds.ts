import msg from '$lib/messages/routines';
import type { RoutineStanding } from '$lib/api/client';

/** What a routine is for, as coaches call it. */
export const KINDS: { value: RoutineStanding['kind']; label: string }[] = [
  { value: 'competition', label: msg.competition() },
  { value: 'showcase', label: msg.showcase() },
  { value: 'study', label: msg.study() },
];
