import type { Lesson } from '$lib/api/client';
import { plainStore } from '$lib/ui/plainStore';

export const lessonStore = plainStore<Lesson>('lesson', '/api/lessons');
