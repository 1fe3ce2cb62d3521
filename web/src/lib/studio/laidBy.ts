/** Which erasures this browser knows of. */
const KNOWN = 'fluidframe.erasures';
/** Where what the program has answered is laid by for a hall without a network. */
const LAID_BY = ['people', 'studio'];

/** Somebody has been erased since this browser laid anything by: what it has goes with them, and is laid by anew without them. */
export async function forgetErased(erasures: number): Promise<void> {
  if (localStorage.getItem(KNOWN) === String(erasures)) return;
  if ('caches' in globalThis) await Promise.all(LAID_BY.map((name) => caches.delete(name)));
  localStorage.setItem(KNOWN, String(erasures));
}
