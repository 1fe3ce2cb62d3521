/** Letter by letter as they stand, without the browser's tables of languages: days and moments as the program writes them, titles made plain. */
export function inOrder(one: string, other: string): number {
  return one < other ? -1 : one > other ? 1 : 0;
}
