// How long answers take over HTTP: 50 calls to warm up, then the median and the 95th of 100 of 200, and the median against that of a trivial
// answer asked for in turn with it, so that a noisy machine troubles both.
//   node bench/answers.mjs [times the book]
import { mkdtempSync, rmSync } from 'node:fs';
import http from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Program, share } from './reliability/program.mjs';

const WARM = 50;
const MEASURED = 200;
const AGENT = new http.Agent({ keepAlive: true });
const times = Number(process.argv[2] ?? 1);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-http-'));
const program = new Program({ data, port: 18404, heap: process.env.HEAP ?? '512m' });
if (!(await program.start())) throw new Error(program.said);
try {
  await enlarge();
  await new Promise((done) => setTimeout(done, 15_000)); // what is prepared after the start
  for (const question of await questions()) await measure(question);
} finally {
  await program.end();
  rmSync(data, { recursive: true });
}

async function enlarge() {
  if (times === 1) return;
  const book = await (await program.ask('/api/books')).json();
  for (let copy = 2; copy <= times; copy++) {
    const figures = book.figures.map((figure) => ({ ...figure, id: `${figure.id}-copy-${copy}`, title: `${figure.title} ${copy}` }));
    const taken = await program.send('POST', '/api/books', { ...book, figures, routines: [] });
    if (!taken.ok) throw new Error(await taken.text());
  }
}

async function questions() {
  const get = async (path) => (await program.ask(path)).json();
  const routines = await Promise.all((await get('/api/routines')).map(({ id }) => get(`/api/routines/${id}`)));
  const long = routines.reduce((a, b) => (Math.abs(b.placements.length - 30) < Math.abs(a.placements.length - 30) ? b : a));
  const placements = Array.from({ length: 30 }, (_, i) => long.placements[i % long.placements.length]);
  const thirty = { ...long, id: 'thirty', placements: placements.map(({ section, rounds, ...each }) => each) };
  const waltz = routines.find(({ dance }) => dance === 'waltz');
  const mendable = await firstMendable(routines);
  const figure = waltz.placements.find((placement) => placement.figure).figure;
  const etag = (await program.ask('/api/figures')).headers.get('etag');
  return [
    ['next', 'POST', '/api/next', { routine: waltz, after: 2 }],
    ['previous', 'POST', '/api/previous', { routine: waltz, after: 2 }],
    ['repairs of a broken seam', 'POST', '/api/repairs', mendable],
    ['loops', 'POST', '/api/loops', waltz],
    ['score of 30 figures', 'POST', '/api/scores', thirty],
    ['room report', 'POST', '/api/room-reports', waltz],
    ['link map', 'GET', '/api/link-maps?dance=waltz'],
    ['figures of a dance', 'GET', '/api/figures?dance=waltz'],
    ['all figures', 'GET', '/api/figures'],
    ...(etag ? [['all figures, unchanged', 'GET', '/api/figures', undefined, { 'If-None-Match': etag }]] : []),
    ['book report', 'GET', '/api/book-report'],
    ['a figure', 'GET', `/api/figures/${figure}`],
    ['its charts', 'GET', `/api/figures/${figure}/charts`],
    ['its reading', 'POST', '/api/readings', await get(`/api/figures/${figure}`)],
    ['its cards', 'GET', `/api/figures/${figure}/cards`],
  ];
}

/** The seam that breaks when one placement is taken out, with repairs to be tried. */
async function firstMendable(routines) {
  for (const routine of routines) {
    for (let out = 1; out < routine.placements.length - 1; out++) {
      const placements = routine.placements.filter((_, i) => i !== out).map(({ section, rounds, ...each }) => each);
      const question = { routine: { ...routine, placements }, after: out - 1 };
      const answer = await program.send('POST', '/api/repairs', question);
      if (answer.ok && (await answer.json()).length > 2) return question;
    }
  }
  throw new Error('no seam can be mended');
}

async function measure([name, method, path, document, headers = {}]) {
  const body = document === undefined ? undefined : JSON.stringify(document);
  const took = [];
  const trivial = [];
  let answer;
  for (let i = 0; i < WARM + MEASURED; i++) {
    const before = performance.now();
    await ask('GET', '/api/status', undefined, {});
    const begun = performance.now();
    answer = await ask(method, path, body, headers);
    if (i >= WARM) {
      trivial.push(begun - before);
      took.push(performance.now() - begun);
    }
  }
  const [median, against] = [took, trivial].map((each) => share(each, 0.5));
  console.log(`${name.padEnd(24)} ${String(answer.status).padEnd(4)} ${String(answer.bytes).padStart(8)} bytes  median ${median.toFixed(1).padStart(6)} ms  p95 ${share(took, 0.95).toFixed(1).padStart(6)} ms  trivial ${against.toFixed(1)} ms  × ${(median / against).toFixed(1)}`);
}

function ask(method, path, body, headers) {
  return new Promise((done, failed) => {
    const request = http.request({ port: 18404, host: '127.0.0.1', method, path, agent: AGENT, headers: { ...headers, ...(body ? { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(body) } : {}) } }, (answer) => {
      let bytes = 0;
      answer.on('data', (part) => (bytes += part.length));
      answer.on('end', () => (answer.statusCode >= 400 ? failed(new Error(`${path}: ${answer.statusCode}`)) : done({ status: answer.statusCode, bytes })));
    });
    request.on('error', failed);
    request.end(body);
  });
}
