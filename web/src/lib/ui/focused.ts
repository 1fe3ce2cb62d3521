import type { Attachment } from 'svelte/attachments';

/** Puts the focus on an element as soon as it is there, wherever it was before. */
export const focused: Attachment<HTMLElement> = (element) => element.focus();
