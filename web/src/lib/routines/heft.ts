import msg from '$lib/messages/routines';
/** How much a wish counts, in words, beside what it usually counts. */
export function heftOf(weight: number, usual: number) {
  if (weight === 0) return msg.notAtAll();
  if (weight === usual) return msg.asUsual();
  if (weight < usual) return msg.lessThanUsual();
  return weight >= 2 * usual ? msg.farMoreThanUsual() : msg.moreThanUsual();
}
