/** A text as it is compared: without accents and capitals. */
export function plain(text: string) {
  return text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();
}

/** Whether a text has every one of the words somewhere; no words are in every text. */
export function hasWords(text: string, words: string) {
  const compared = plain(text);
  return plain(words)
    .split(/\s+/)
    .every((word) => compared.includes(word));
}
