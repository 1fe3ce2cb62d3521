/** Whether two documents say the same: the order of fields does not matter, and a field that says nothing may be left out. */
export function same(a: unknown, b: unknown): boolean {
  if (a === b || (saysNothing(a) && saysNothing(b))) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((each, index) => same(each, b[index]));
  if (!isRecord(a) || !isRecord(b)) return false;
  return [...Object.keys(a), ...Object.keys(b)].every((key) => same(a[key], b[key]));
}

function saysNothing(value: unknown) {
  return value === undefined || value === null || value === '' || value === false || (Array.isArray(value) && value.length === 0);
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
