import { differenceCiede2000, filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit, parse, wcagContrast, type Color } from 'culori';
import { describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';

const styles = readFileSync('src/app.css', 'utf8');

/** Two colours so far apart are told apart side by side without looking twice. */
const TOLD_APART = 12;
const READABLE = 4.5;
const DRAWN = 3;
const difference = differenceCiede2000();

const SIGHTS: [string, (colour: Color) => Color][] = [
  ['any eye', (colour) => colour],
  ['an eye without red', filterDeficiencyProt(1) as never],
  ['an eye without green', filterDeficiencyDeuter(1) as never],
  ['an eye without blue', filterDeficiencyTrit(1) as never],
];
/** What stands beside each other and means different things. */
const PAIRS: [string, string][] = [
  ['spruce', 'madder'],
  ['spruce', 'brass'],
  ['madder', 'brass'],
  ['spruce-wash', 'madder-wash'],
];

function theme(selector: string): (name: string) => Color {
  const block = styles.slice(styles.indexOf(`${selector} {`));
  return (name) => {
    const found = new RegExp(`--ff-${name}: (#[0-9a-f]{6});`).exec(block.slice(0, block.indexOf('}')))?.[1];
    return parse(found ?? '') ?? expect.fail(`no colour ${name} in ${selector}`);
  };
}

describe.each([
  ['by day', theme(':root')],
  ['in the evening', theme("[data-theme='evening']")],
])('colours %s', (_, colour) => {
  it.each(SIGHTS)('of man, lady and time are told apart by %s', (_sight, seen) => {
    const near = PAIRS.map(([one, other]) => ({ one, other, apart: Math.round(difference(seen(colour(one)), seen(colour(other)))) })).filter(
      ({ one, apart }) => apart < (one.endsWith('wash') ? TOLD_APART / 3 : TOLD_APART),
    );
    expect(near).toEqual([]);
  });

  it('are readable on every ground', () => {
    for (const ground of ['floor', 'board'])
      for (const letters of ['ink', 'soft', 'spruce', 'madder', 'brass-deep'])
        expect(wcagContrast(colour(letters), colour(ground)), `${letters} on ${ground}`).toBeGreaterThanOrEqual(READABLE);
  });

  it('draw man and lady clearly on the floor', () => {
    for (const drawn of ['spruce', 'madder']) expect(wcagContrast(colour(drawn), colour('floor'))).toBeGreaterThanOrEqual(DRAWN);
  });
});
