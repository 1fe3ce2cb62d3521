// Fills the disk beneath the program while people keep things, and makes room again. Needs root, for a small disk of its own.
//   node bench/reliability/full-disk.mjs
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Counter, Program, sleep } from './program.mjs';

const data = mkdtempSync(join(tmpdir(), 'fluidframe-full-'));
execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=24m', 'tmpfs', data]);
const program = new Program({ data, port: 18404 });
try {
  if (!(await program.start())) throw new Error(program.said);
  const counters = Array.from({ length: 8 }, (_, i) => new Counter(program, `full-${i}`));
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
  const { bavail, bsize } = statfsSync(data);
  writeFileSync(join(data, 'filler'), Buffer.alloc(Math.max(0, bavail * bsize - Number(process.env.LEAVE ?? 0)))) ;
  filled = true;
  await sleep(4000);
  over = true;
  await Promise.all(people);
  const lost = [];
  for (const counter of counters) if ((await counter.stored()) < counter.acknowledged) lost.push(counter.id);
  const reads = [];
  for (const path of ['/api/figures', '/api/books', '/api/routines/lamplight-waltz/score', '/']) reads.push((await program.ask(path)).status);
  console.log(`while full: saves answered ${JSON.stringify(statuses)}, reading answered ${reads}, ${lost.length} of ${counters.length} lost`);
  rmSync(join(data, 'filler'));
  await sleep(2500);
  const again = [];
  for (const counter of counters) again.push(await counter.keep());
  const behind = [];
  for (const counter of counters) if ((await counter.stored()) < counter.acknowledged) behind.push(counter.id);
  console.log(`with room again: saves answered ${again}, ${behind.length} lost`);
  await program.end('SIGKILL');
} finally {
  if (process.env.SAY) console.log(program.said);
  await program.end('SIGKILL');
  execFileSync('umount', [data]);
  rmSync(data, { recursive: true });
}
