// Fills the disk beneath the program while people keep things, and makes room again. Needs root, for a small disk of its own.
//   node bench/reliability/full-disk.mjs [rounds]
import { execFileSync } from 'node:child_process';
import { closeSync, mkdtempSync, openSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Counter, Program, sleep } from './program.mjs';

const rounds = Number(process.argv[2] ?? 5);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-full-'));
execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=24m', 'tmpfs', data]);
const program = new Program({ data, port: 18404 });
try {
  if (!(await program.start())) throw new Error(program.said);
  for (let round = 1; round <= rounds; round++) await fillAndEmpty(round);
  await program.end('SIGKILL');
} finally {
  if (process.env.SAY) console.log(program.said);
  await program.end('SIGKILL');
  execFileSync('umount', [data]);
  rmSync(data, { recursive: true });
}

/** Writes until not a byte more fits; the people go on writing beside it. */
function fillUp(file) {
  const descriptor = openSync(file, 'w');
  try {
    for (;;) writeSync(descriptor, Buffer.alloc(4096));
  } catch (thrown) {
    if (thrown.code !== 'ENOSPC') throw thrown;
  } finally {
    closeSync(descriptor);
  }
}

async function fillAndEmpty(round) {
  const counters = Array.from({ length: 8 }, (_, i) => new Counter(program, `full-${round}-${i}`));
  const statuses = {};
  let over = false;
  let filled = false;
  const people = counters.map(async (counter) => {
    while (!over) {
      const status = await counter.keep();
      if (filled) statuses[status] = (statuses[status] ?? 0) + 1;
      if (status >= 500) await sleep(50);
    }
  });
  await sleep(2000);
  fillUp(join(data, 'filler'));
  filled = true;
  await sleep(4000);
  over = true;
  await Promise.all(people);
  const lost = [];
  for (const counter of counters) if ((await counter.stored()) < counter.acknowledged) lost.push(counter.id);
  const reads = [];
  for (const path of ['/api/figures', '/api/books', '/api/routines/lamplight-waltz/score', '/']) reads.push((await program.ask(path)).status);
  console.log(`round ${round}: while full: saves answered ${JSON.stringify(statuses)}, reading answered ${reads}, ${lost.length} of ${counters.length} lost`);
  rmSync(join(data, 'filler'));
  await sleep(2500);
  const again = [];
  for (const counter of counters) again.push(await counter.keep());
  const behind = [];
  for (const counter of counters) if ((await counter.stored()) < counter.acknowledged) behind.push(counter.id);
  console.log(`round ${round}: with room again: saves answered ${again}, ${behind.length} lost`);
}
