/** Small letters, digits and hyphens of a title, letters without their accents, at most so many; empty where a title has none. */
export function slugOf(title: string, most: number): string {
  return title
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, most)
    .replace(/^-+|-+$/g, '');
}

/** An id made of a title, and none that is taken. */
export function idOf(title: string, otherwise: string, taken: string[]): string {
  const base = slugOf(title, 60) || otherwise;
  let id = base;
  for (let number = 2; taken.includes(id); number++) id = `${base}-${number}`;
  return id;
}
