// When each view has painted something of its own, and when what is largest in it, in a browser slowed to a quarter and on a line of 10 Mbit/s and 40 ms.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Program, sleep } from './reliability/program.mjs';

const TIMES = 3;
const COUPLES = 10;
const WEEKS = 104;
const NOTES = 8;
const PORT = 9335;
const VIEWS = [
  '/',
  '/people',
  '/couples/couple-9',
  '/couples/couple-9?show=progress',
  '/lessons',
  '/figures?dance=waltz',
  '/figures/waltz-whisk',
  '/figures/waltz-whisk/card',
  '/map?dance=waltz',
  '/routines',
  '/routines/lamplight-waltz',
  '/routines/lamplight-waltz/rehearse',
  '/routines/lamplight-waltz/card',
  '/events/ferry-night',
  '/book',
  '/questions?dance=waltz',
  '/dances/waltz',
];

const folder = mkdtempSync(join(tmpdir(), 'fluidframe-pages-'));
const started = () => new Program({ data: join(folder, 'data') });
let program = started();
try {
  await program.start();
  console.log(`${await teach(program)} notes of ${COUPLES} couples; median of ${TIMES}, in ms: first content of the view, its largest content`);
  await program.end();
  program = started();
  await program.start();
  await measure(program.address);
} finally {
  await program.end();
  rmSync(folder, { recursive: true, force: true });
}

/** Has couples taught once or twice a week; the same each time. */
async function teach(program) {
  let seed = 7;
  const number = (below) => (seed = (seed * 48271) % 2147483647) % below;
  const figures = await (await program.ask('/api/figures')).json();
  const routines = await (await program.ask('/api/routines')).json();
  const dances = [...new Set(routines.map(({ dance }) => dance))];
  let sum = 0;
  for (let couple = 0; couple < COUPLES; couple++) {
    const id = `couple-${couple}`;
    const danced = dances.filter((_, at) => at % 2 === couple % 2);
    for (const part of ['man', 'lady']) await sent(program, '/api/people', { id: `${id}-${part}`, title: `${part} ${couple}` });
    await sent(program, '/api/couples', {
      id,
      title: `Couple ${couple}`,
      level: 'silver',
      dances: danced,
      routines: routines.filter(({ dance }) => danced.includes(dance)).slice(0, 4).map((routine) => routine.id),
      members: ['man', 'lady'].map((part) => ({ person: `${id}-${part}`, part })),
    });
    const shown = figures.filter(({ dance }) => danced.includes(dance)).slice(0, 70);
    for (let week = 0; week < WEEKS; week++) {
      const notes = [];
      for (let lesson = 0; lesson <= number(2); lesson++) {
        const day = new Date(Date.now() - (7 * week + 3 * lesson + 1) * 86400000).toISOString().slice(0, 10);
        for (let note = 0; note < NOTES; note++)
          notes.push({
            id: `${id}-${week}-${lesson}-${note}`,
            couple: id,
            at: `${day}T17:${10 + note}:00Z`,
            subject: `figure~${shown[number(shown.length)].id}`,
            grade: ['lost', 'shaky', 'good', 'secure'][number(4)],
            homework: note === 0,
          });
      }
      await sent(program, '/api/notes', { notes });
      sum += notes.length;
    }
  }
  return sum;
}

async function sent(program, path, document) {
  const answer = await program.send('POST', path, document);
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
}

async function measure(address) {
  const browser = spawn('chromium-headless-shell', ['--no-sandbox', '--disable-gpu', `--user-data-dir=${join(folder, 'browser')}`, `--remote-debugging-port=${PORT}`, 'about:blank'], { stdio: 'ignore' });
  try {
    const send = await devtools();
    await send('Page.enable');
    await send('Network.enable');
    await send('Network.setBypassServiceWorker', { bypass: true });
    await send('Emulation.setDeviceMetricsOverride', { width: 390, height: 844, deviceScaleFactor: 1, mobile: true });
    await send('Emulation.setCPUThrottlingRate', { rate: 4 });
    await send('Network.emulateNetworkConditions', { offline: false, latency: 40, downloadThroughput: 1250000, uploadThroughput: 1250000 });
    await send('Page.addScriptToEvaluateOnNewDocument', { source: `(${watch})()` });
    for (const view of VIEWS) {
      const times = [];
      for (let time = 0; time < TIMES; time++) {
        await send('Page.navigate', { url: 'about:blank' });
        await sleep(300);
        await send('Page.navigate', { url: `${address}/#${view}` });
        await sleep(5000);
        const { result } = await send('Runtime.evaluate', { expression: 'JSON.stringify(window.painted)', returnByValue: true });
        times.push(JSON.parse(result.value));
      }
      const middle = (of) => Math.round(times.map(of).sort((a, b) => a - b)[TIMES >> 1]);
      console.log(view.padEnd(40), String(middle(({ first }) => first)).padStart(6), String(middle(({ largest }) => largest)).padStart(6));
    }
  } finally {
    browser.kill();
    await sleep(1000);
  }
}

/** Run in the page: content of a view is what its main part holds besides that it is loading. */
function watch() {
  window.painted = { first: Infinity, largest: 0 };
  new PerformanceObserver((list) => {
    for (const { startTime, element } of list.getEntries()) {
      window.painted.largest = startTime;
      if (element?.closest('main') && !/^Loading|…$/.test(element.textContent?.trim() ?? '')) window.painted.first = Math.min(window.painted.first, startTime);
    }
  }).observe({ type: 'largest-contentful-paint', buffered: true });
}

/** What sends a command to the one page of the browser. */
async function devtools() {
  let pages;
  for (let wait = 0; !pages && wait < 100; wait++) pages = await fetch(`http://127.0.0.1:${PORT}/json`).then((answer) => answer.json(), () => sleep(100));
  const socket = new WebSocket(pages.find(({ type }) => type === 'page').webSocketDebuggerUrl);
  await new Promise((open) => (socket.onopen = open));
  const waiting = new Map();
  let last = 0;
  socket.onmessage = ({ data }) => {
    const { id, result } = JSON.parse(data);
    waiting.get(id)?.(result);
    waiting.delete(id);
  };
  return (method, params = {}) =>
    new Promise((answered) => {
      waiting.set(++last, answered);
      socket.send(JSON.stringify({ id: last, method, params }));
    });
}
