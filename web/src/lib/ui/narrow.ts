import { MediaQuery } from 'svelte/reactivity';

/** Whether the screen is as narrow as a phone's. */
export const narrow = new MediaQuery('max-width: 639px', false);
