/** Each once, in the order in which they first come. */
export function unique<T>(all: T[]): T[] {
  return [...new Set(all)];
}
