// Ten of the heaviest requests of a kind at once, kind after kind, while fifty people work; prints how long the people waited.
//   node bench/reliability/heavy.mjs
import { execFile } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { Counter, Program, share, sleep } from './program.mjs';

const run = promisify(execFile);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-heavy-'));
const program = new Program({ data, port: 18403 });
if (!(await program.start())) throw new Error(program.said);

const routine = (placements) => ({ id: 'heavy', title: 'Heavy', dance: 'waltz', tempo: 29, placements });
const walks = Array.from({ length: 200 }, (_, i) => ({
  element: { kind: 'walk', beats: 256 },
  ...(i === 0 ? { section: { title: 'Again', times: 4 } } : i === 50 ? { section: { title: 'Once', times: 1 } } : {}),
}));
const longest = routine(Array.from({ length: 12 }, () => ({ element: { kind: 'walk', beats: 256 } })));
const turns = routine(Array.from({ length: 190 }, (_, i) => ({ figure: i % 2 ? 'waltz-natural-turn' : 'waltz-whisk', cornerAfter: true, ...(i === 0 ? { section: { title: 'Again', times: 2 } } : {}) })));
const compose = { routine: routine([{ figure: 'waltz-natural-turn' }]), after: 0, meetsNext: false, bends: true, fitsRoom: true, least: 200, most: 256, corners: 8, mostTimes: 3,
  required: ['waltz-whisk', 'waltz-double-reverse-spin'], highlights: ['waltz-whisk'], hits: [5, 17, 33] };
const KINDS = {
  'walks without end': ['/api/scores', routine(walks)],
  'longest score': ['/api/scores', longest],
  'most figures': ['/api/scores', turns],
  'room report': ['/api/room-reports', turns],
  'track': ['/api/tracks', { routine: turns }],
  'sound of 19 minutes': ['/api/tracks/wav', { routine: routine(Array.from({ length: 12 }, () => ({ element: { kind: 'walk', beats: 130 } }))), percent: 95 }],
  'floor plan': ['/api/floor-plans', turns],
  composing: ['/api/compositions', compose],
  repairs: ['/api/repairs', { routine: turns, after: 0 }],
  'link map': ['/api/link-maps?dance=rumba', undefined],
};

let waited = [];
let failed = new Map();
let over = false;
const LIGHT = ['/api/figures?dance=waltz', '/api/figures/waltz-whisk', '/api/routines', '/api/routines/lamplight-waltz', '/api/dances', '/api/completions?dance=waltz&column=turn&text=3', '/'];
const people = Array.from({ length: 50 }, async (_, person) => {
  const counter = person % 10 === 0 ? new Counter(program, `person-${person}`) : undefined;
  for (let i = person; !over; i++) {
    const begun = performance.now();
    const status = counter && i % 5 === 0 ? await counter.keep() : await program.ask(LIGHT[i % LIGHT.length]).then(async (answer) => (await answer.arrayBuffer(), answer.status));
    waited.push(performance.now() - begun);
    if (status >= 400) failed.set(status, (failed.get(status) ?? 0) + 1);
    await sleep(500 + Math.random() * 1000);
  }
});
await sleep(15000);
report('nothing heavy', []);
for (const [kind, [path, body]] of Object.entries(KINDS)) {
  waited = [];
  failed = new Map();
  const answers = await Promise.all(Array.from({ length: 10 }, async () => {
    const begun = performance.now();
    const [status, size] = await elsewhere(path, body);
    return { status, size, took: performance.now() - begun };
  }));
  await sleep(1000);
  report(kind, answers);
}
over = true;
await Promise.all(people);
console.log(`the program ${program.code === undefined ? 'still answers' : 'has ended: ' + program.said.slice(-2000)}`);
await program.end();
rmSync(data, { recursive: true });

/** Asks in a process of its own, so that reading a hundred megabytes does not keep the people from being timed; answers status and size. */
async function elsewhere(path, body) {
  const file = join(data, `body-${Math.random()}`);
  if (body) writeFileSync(file, JSON.stringify(body));
  const post = body ? ['-H', 'Content-Type: application/json', '--data-binary', `@${file}`] : [];
  const { stdout } = await run('curl', ['-s', '-o', '/dev/null', '-w', '%{http_code} %{size_download}', ...post, program.address + path]);
  return stdout.split(' ').map(Number);
}

function report(kind, answers) {
  const statuses = Object.entries(Object.groupBy?.(answers, ({ status }) => status) ?? grouped(answers)).map(([status, each]) => `${each.length} × ${status}`).join(', ');
  const slowest = Math.max(0, ...answers.map(({ took }) => took));
  const largest = Math.max(0, ...answers.map(({ size }) => size));
  console.log(`${kind.padEnd(22)} ${statuses.padEnd(20)} slowest ${(slowest / 1000).toFixed(1)} s, largest ${(largest / 1e6).toFixed(1)} MB · people: ${String(waited.length).padStart(4)} requests, ` +
    `median ${share(waited, 0.5)?.toFixed(0)} ms, 99 of 100 within ${share(waited, 0.99)?.toFixed(0)} ms, longest ${Math.max(...waited).toFixed(0)} ms${failed.size ? ', refused ' + JSON.stringify([...failed]) : ''}`);
}

function grouped(answers) {
  const groups = {};
  for (const answer of answers) (groups[answer.status] ??= []).push(answer);
  return groups;
}
