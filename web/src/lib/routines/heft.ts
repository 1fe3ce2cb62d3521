/** How much a wish counts, in words, beside what it usually counts. */
export function heftOf(weight: number, usual: number) {
  if (weight === 0) return 'not at all';
  if (weight === usual) return 'as usual';
  if (weight < usual) return 'less than usual';
  return weight >= 2 * usual ? 'far more than usual' : 'more than usual';
}
