// Kills the program again and again while eight people keep things, and counts what had been acknowledged and is gone.
//   node bench/reliability/crash.mjs [rounds]
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Counter, Program, sleep } from './program.mjs';

const rounds = Number(process.argv[2] ?? 20);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-crash-'));
const counters = Array.from({ length: 8 }, (_, i) => new Counter(undefined, `crash-${i}`));
let checked = 0;
let lost = 0;
let ahead = 0;
for (let round = 0; round < rounds; round++) {
  const program = new Program({ data, port: 18401 });
  if (!(await program.start())) throw new Error(program.said);
  for (const counter of counters) {
    counter.program = program;
    const stored = await counter.stored();
    checked++;
    if (stored < counter.acknowledged) lost++;
    if (stored > counter.acknowledged) ahead++;
    counter.acknowledged = stored;
  }
  let over = false;
  const people = counters.map(async (counter) => {
    while (!over) await counter.keep().catch(() => (over = true));
  });
  await sleep(200 + Math.random() * 1500);
  await program.end('SIGKILL');
  over = true;
  await Promise.all(people);
  if ((round + 1) % 10 === 0) console.error(`${round + 1} kills: ${lost} of ${checked} lost`);
}
rmSync(data, { recursive: true });
console.log(`${rounds} kills, ${counters.reduce((sum, each) => sum + each.acknowledged, 0)} acknowledged, ${checked} checks: ${lost} lost, ${ahead} stored without the answer having arrived`);
process.exit(lost ? 1 : 0);
