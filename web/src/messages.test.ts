import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'svelte/compiler';
import { expect, it } from 'vitest';

const CATALOGUES = 'messages/en';
const LONGEST_SENTENCE = 22;
/** Words that coaches do not use for what a program does; the plain word stands for each. */
const FORBIDDEN =
  /\b(kept|reckon|wished?|mends?|unkept|called so|danced here|it would go|meant so|throw(n|ing)? away|bring (it|them) back|put (it )?in\b|take (it|them) (in|out|away)|takes? in|laid by|lays? nothing|looking for|opening …|begin again|one a line|nothing yet|not yet kept|let in|what of it|whose\b|write (it|them) down|written down)/i;
/** Attributes that are read to people wherever they stand. */
const SPOKEN = new Set(['aria-label', 'title', 'placeholder', 'alt', 'label', 'hint', 'any', 'heading', 'before', 'after']);
/** Pages of the looks of things name colours and styles of letters as the code does. */
const OWN_NAMES = /LookPage\.svelte$/;

const catalogues = Object.fromEntries(
  readdirSync(CATALOGUES).map((file) => [file.replace('.json', ''), JSON.parse(readFileSync(join(CATALOGUES, file), 'utf8')) as Record<string, string>]),
);
const messages = Object.entries(catalogues).flatMap(([area, texts]) => Object.entries(texts).map(([key, text]) => ({ place: `${area}.${key}`, text })));
const sources = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.(svelte|ts)$/.test(file) && !/\.test\.ts$|\.d\.ts$|^lib\/messages/.test(file))
  .map((file) => ({ file, text: readFileSync(join('src', file), 'utf8') }));

it('says nothing in words that coaches do not use', () => {
  expect(messages.filter(({ text }) => FORBIDDEN.test(text))).toEqual([]);
});

it('keeps its sentences short', () => {
  const words = (sentence: string) => sentence.split(/\s+/).filter((word) => /[A-Za-z]/.test(word)).length;
  const sentences = (text: string) => text.replace(/\{\w+\}/g, 'value').split(/[.?!:;](?:\s|$)|[{}]/);
  expect(messages.filter(({ text }) => sentences(text).some((sentence) => words(sentence) > LONGEST_SENTENCE))).toEqual([]);
});

const PARTS = /\b(man|lady|man’s|lady’s|he|she|his|her|him|hers)\b/i;
/** What a coach chooses between, and a sentence about both, keep their names. */
const BOTH_WORDS = new Set(['ui.manAndLady']);

it('says leader and follower in a sentence for every one that names man and lady', () => {
  const leader = Object.fromEntries(
    readdirSync(`${CATALOGUES}-leader`).flatMap((file) =>
      Object.entries(JSON.parse(readFileSync(join(`${CATALOGUES}-leader`, file), 'utf8')) as Record<string, string>).map(([key, text]) => [
        `${file.replace('.json', '')}.${key}`,
        text,
      ]),
    ),
  );
  const words = (text: string) => text.replace(/\{\w+\}/g, '');
  const values = (text: string) => new Set(text.match(/(?<=\{)\w+(?=[},])/g));
  expect(messages.filter(({ place, text }) => PARTS.test(words(text)) && !(place in leader) && !BOTH_WORDS.has(place))).toEqual([]);
  expect(Object.entries(leader).filter(([, text]) => PARTS.test(words(text)))).toEqual([]);
  for (const [place, text] of Object.entries(leader)) expect([place, values(text)]).toEqual([place, values(messages.find((message) => message.place === place)!.text)]);
});

it('has no message that nobody says', () => {
  const unsaid = Object.entries(catalogues).flatMap(([area, texts]) => {
    const said = sources
      .filter(({ text }) => text.includes(`'$lib/messages/${area}'`))
      .map(({ text }) => text)
      .join('\n');
    const name = area === 'common' ? 'common' : 'msg';
    return Object.keys(texts)
      .filter((key) => !new RegExp(`\\b${name}\\.${key}\\b`).test(said))
      .map((key) => `${area}.${key}`);
  });
  expect(unsaid).toEqual([]);
});

it('has every text of a page in a catalogue', () => {
  const outside = sources.filter(({ file }) => file.endsWith('.svelte') && !OWN_NAMES.test(file)).flatMap(({ file, text }) => textsIn(text).map((found) => `${file}: ${found}`));
  expect(outside).toEqual([]);
});

/** A node of a page, as far as it matters here. */
interface Markup {
  type?: string;
  data?: string;
  name?: string;
  value?: Markup | Markup[] | boolean;
}

/** What stands in the markup as text, or in attributes that are spoken. */
function textsIn(source: string): string[] {
  const found: string[] = [];
  const look = (node: unknown): void => {
    if (Array.isArray(node)) return node.forEach(look);
    if (typeof node !== 'object' || node === null) return;
    const { type, data, name, value } = node as Markup;
    if (type === 'Text' && isText(data)) found.push(data!.trim());
    if (type === 'Attribute') {
      const parts = [value].flat().filter((part) => typeof part === 'object');
      if (SPOKEN.has(name ?? '')) parts.filter((part) => part.type === 'Text' && isText(part.data)).forEach((part) => found.push(`${name}="${part.data}"`));
      return parts.filter((part) => part.type !== 'Text').forEach(look);
    }
    for (const [key, child] of Object.entries(node)) if (!['css', 'instance', 'module', 'parent'].includes(key)) look(child);
  };
  look(parse(source, { modern: true }));
  return found;
}

/** Units, counts such as "1 2 3" and marks are the same in every language. */
function isText(text?: string): boolean {
  return /[A-Za-z]{3,}/.test(text ?? '');
}
