/** "1st", "2nd", "3rd", "4th": for small numbers. */
export function ordinal(number: number): string {
  return `${number}${['th', 'st', 'nd', 'rd'][number < 4 ? number : 0]}`;
}
