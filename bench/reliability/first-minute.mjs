// Fifty people come at once to a program that has just started: how long they wait in its first minute, by what they ask.
//   node bench/reliability/first-minute.mjs [seconds]
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Counter, Program, share, sleep } from './program.mjs';

const seconds = Number(process.argv[2] ?? 60);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-first-'));
const program = new Program({ data, port: 18408 });
if (!(await program.start())) throw new Error(program.said);
const routine = (await (await program.ask('/api/routines/lamplight-waltz')).json());
const KINDS = {
  read: (i) => program.ask(['/api/figures?dance=waltz', '/api/figures/waltz-whisk', '/api/routines', '/api/routines/lamplight-waltz', '/api/dances', '/'][i % 6]),
  today: () => program.ask('/api/today'),
  score: () => program.send('POST', '/api/scores', routine),
  next: (i) => program.send('POST', '/api/next', { routine, after: i % 5 }),
  repairs: (i) => program.send('POST', '/api/repairs', { routine, after: i % 5 }),
  standings: () => program.ask('/api/routine-standings'),
  day: () => program.ask('/api/events/lamplight-open/day'),
};
const waited = {};
const failed = {};
const until = performance.now() + seconds * 1000;
await Promise.all(Array.from({ length: 50 }, async (_, person) => {
  const counter = new Counter(program, `first-${person}`);
  for (let i = person; performance.now() < until; i++) {
    const kind = i % 4 === 0 ? 'save' : Object.keys(KINDS)[i % 7];
    const begun = performance.now();
    const status = kind === 'save' ? await counter.keep() : await KINDS[kind](i).then(async (answer) => (await answer.arrayBuffer(), answer.status));
    (waited[kind] ??= []).push(performance.now() - begun);
    if (status >= 400) failed[`${kind} ${status}`] = (failed[`${kind} ${status}`] ?? 0) + 1;
    await sleep(500 + Math.random() * 1000);
  }
}));
for (const [kind, took] of Object.entries(waited)) {
  console.log(`${kind.padEnd(10)} ${String(took.length).padStart(5)} answers: median ${share(took, 0.5).toFixed(0)}, 99 of 100 within ${share(took, 0.99).toFixed(0)}, longest ${Math.max(...took).toFixed(0)} ms`);
}
console.log(`refused: ${JSON.stringify(failed)}`);
const resident = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${program.process.pid}/status`, 'utf8'))[1]) / 1024;
console.log(`resident: ${resident().toFixed(0)} MB`);
await sleep(Number(process.env.IDLE ?? 0) * 1000);
if (process.env.IDLE) console.log(`resident after ${process.env.IDLE} s of quiet: ${resident().toFixed(0)} MB`);
await program.end();
rmSync(data, { recursive: true });
