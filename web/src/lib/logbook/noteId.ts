/** The id of a new note: drawn by lot, so that no two ever get the same; also where the page came over a plain connection. */
export function noteId(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** This moment as notes carry it. */
export function momentNow(): string {
  return new Date().toISOString();
}
