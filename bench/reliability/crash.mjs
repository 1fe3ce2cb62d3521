// Kills the program again and again while eight people keep things, also in the middle of a backup, a restoration, a book coming in, a compaction and a migration, and counts what had been
// acknowledged and is neither there nor in the copy that a restoration makes of what there was.
//   node bench/reliability/crash.mjs [rounds]
import { execFileSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Counter, Program, sleep } from './program.mjs';

const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
const rounds = Number(process.argv[2] ?? 20);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-crash-'));
const counters = Array.from({ length: 8 }, (_, i) => new Counter(undefined, `crash-${i}`));
const total = { checked: 0, lost: 0, ahead: 0, acknowledged: 0 };
const byKind = {};

const MEANWHILE = {
  keeping: async () => {},
  backup: (program) => program.ask('/api/backups', { method: 'POST' }),
  restore: async (program) => {
    const { name } = await (await program.ask('/api/backups', { method: 'POST' })).json();
    await sleep(Math.random() * 300);
    await program.ask(`/api/backups/${name}/restoration`, { method: 'POST' });
  },
  import: async (program, round) => {
    const book = await (await program.ask('/api/books')).json();
    const figures = book.figures.slice(0, 200).map((figure) => ({ ...figure, id: `${figure.id}-r${round}`, title: figure.title.slice(0, 110) }));
    await program.send('POST', '/api/books', { ...book, figures, pieces: [], routines: [], profiles: [], events: [], postures: [] });
  },
  compaction: async (program, round) => {
    await program.send('POST', '/api/people', { id: `leaving-${round}`, title: `Leaving Soon ${round}` });
    await program.ask(`/api/people/leaving-${round}`, { method: 'DELETE', headers: { 'If-Match': '"0"' } });
    await sleep(Math.random() * 1500);
  },
};

for (let round = 0; round < rounds; round++) {
  const kind = round % 6 === 5 ? 'migration' : Object.keys(MEANWHILE)[round % 6];
  byKind[kind] = (byKind[kind] ?? 0) + 1;
  if (kind === 'migration') await migrated(round);
  else await killed(kind, round);
  if ((round + 1) % 10 === 0) console.error(`${round + 1} kills: ${total.lost} of ${total.checked} lost`);
}
await (await checked(await started())).end('SIGKILL');
rmSync(data, { recursive: true });
console.log(`${rounds} kills (${JSON.stringify(byKind)}), ${total.acknowledged} acknowledged, ${total.checked} checks: ${total.lost} lost, ${total.ahead} stored without the answer having arrived`);
process.exit(total.lost ? 1 : 0);

async function started() {
  const program = new Program({ data, port: 18401 });
  if (!(await program.start())) throw new Error(program.said);
  return program;
}

/** Sees what is there of what was acknowledged before the kill. */
async function checked(program) {
  for (const counter of counters) {
    counter.program = program;
    const stored = await counter.stored();
    total.checked++;
    if (stored < counter.acknowledged && inCopies(counter.id) < counter.acknowledged) total.lost++;
    if (stored > counter.acknowledged) total.ahead++;
    counter.acknowledged = stored;
  }
  return program;
}

async function killed(kind, round) {
  const program = await started();
  await checked(program);
  let over = false;
  const people = counters.map(async (counter) => {
    while (!over) {
      try {
        const status = await counter.keep();
        if (status === 200 || status === 201) total.acknowledged++;
        else if (status === 409 || status === 404) {
          const seen = await counter.stored();
          if (seen > 0) counter.acknowledged = Math.max(seen, inCopies(counter.id) >= counter.acknowledged ? seen : counter.acknowledged);
          else counter.tag = undefined;
        } else await sleep(20);
      } catch {
        over = true;
      }
    }
  });
  await sleep(200 + Math.random() * 400);
  const meanwhile = MEANWHILE[kind](program, round).catch(() => {});
  await sleep(Math.random() * 2500);
  await program.end('SIGKILL');
  over = true;
  await Promise.all([...people, meanwhile]);
}

/** The highest number of a counter in any copy that a restoration has made. */
function inCopies(id) {
  const folder = join(data, 'backups');
  if (!existsSync(folder)) return 0;
  let highest = 0;
  for (const name of readdirSync(folder).filter((each) => each.startsWith('before-restore'))) {
    const rows = execFileSync('unzip', ['-p', join(folder, name), 'tables/routine.jsonl'], { maxBuffer: 1 << 30 }).toString().split('\n');
    const row = rows.find((each) => each.includes(`"${id}"`));
    const note = row && /\\"note\\":\\"(\d+)\\"/.exec(row);
    highest = Math.max(highest, note ? Number(note[1]) : 0);
  }
  return highest;
}

/** Data of an older form, killed while it is being lifted, starts the next time with everything in it. */
async function migrated(round) {
  const folder = join(data, `older-${round}`);
  mkdirSync(folder);
  copyFileSync(join(ROOT, 'app/src/test/resources/stored/schema-12.mv.db'), join(folder, 'fluidframe.mv.db'));
  const program = new Program({ data: folder, port: 18401 });
  const starting = program.start().catch(() => false);
  await sleep(1500 + Math.random() * 6000);
  await program.end('SIGKILL');
  await starting;
  const again = new Program({ data: folder, port: 18401 });
  if (!(await again.start())) throw new Error(again.said);
  total.checked++;
  const people = await (await again.ask('/api/people')).json();
  const routines = await (await again.ask('/api/routines')).json();
  if (people.length < 6 || routines.length < 3) total.lost++;
  await again.end('SIGKILL');
  rmSync(folder, { recursive: true });
}
