/** Each number once, smallest first. */
export function distinct(numbers: number[]): number[] {
  return [...new Set(numbers)].sort((a, b) => a - b);
}
