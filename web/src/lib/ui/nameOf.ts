import type { Part } from '$lib/api/client';
import common from '$lib/messages/common';

/** What a part is called within a sentence. */
export const nameOf = (part: Part | string): string => (part === 'man' ? common.man() : common.lady());
