// How many saves a second are acknowledged, and how long one takes: one person, then eight.
//   node bench/reliability/writing.mjs [seconds]
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Counter, Program, share } from './program.mjs';

const seconds = Number(process.argv[2] ?? 10);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-writing-'));
const program = new Program({ data, port: 18402 });
if (!(await program.start())) throw new Error(program.said);
for (const people of [1, 8]) {
  await keepFor(3, people, 'warm');
  const took = await keepFor(seconds, people, 'kept');
  console.log(`${people} at once: ${(took.length / seconds).toFixed(0)} saves a second, median ${share(took, 0.5).toFixed(1)} ms, 99 of 100 within ${share(took, 0.99).toFixed(1)} ms`);
}
await program.end();
rmSync(data, { recursive: true });

async function keepFor(length, people, name) {
  const until = performance.now() + length * 1000;
  const took = [];
  await Promise.all(Array.from({ length: people }, async (_, i) => {
    const counter = new Counter(program, `${name}-${people}-${i}`);
    while (performance.now() < until) {
      const begun = performance.now();
      const status = await counter.keep();
      if (status >= 300) throw new Error(`answered ${status}`);
      took.push(performance.now() - begun);
    }
  }));
  return took;
}
