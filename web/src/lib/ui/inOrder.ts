/** In the order of moments and days as the program writes them, which needs no alphabet: 2026-11-26 before 2026-11-27. */
export function inOrder(one: string, other: string): number {
  return one < other ? -1 : one > other ? 1 : 0;
}
