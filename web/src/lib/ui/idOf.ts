/** An id made of a title: small letters, digits and hyphens, and none that is taken. */
export function idOf(title: string, otherwise: string, taken: string[]): string {
  const plain = title
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  const base = plain === '' ? otherwise : plain.slice(0, 60);
  let id = base;
  for (let number = 2; taken.includes(id); number++) id = `${base}-${number}`;
  return id;
}
