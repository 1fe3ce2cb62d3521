// Takes in one book of so many times the shipped figures while a coach goes on saving: how long the book takes, and the longest that a save waits beside it.
//   node bench/reliability/one-book.mjs [times]
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Counter, Program, share, sleep } from './program.mjs';

const times = Number(process.argv[2] ?? 11);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-book-'));
const program = new Program({ data, port: 18409 });
try {
  if (!(await program.start())) throw new Error(program.said);
  const book = await (await program.ask('/api/books')).json();
  const figures = Array.from({ length: times }, (_, copy) => book.figures.map((figure) => ({ ...figure, id: `${figure.id}-copy-${copy}`, title: `${figure.title} ${copy}`.slice(0, 120) }))).flat();
  const text = JSON.stringify({ ...book, title: 'One large book', figures, routines: [], pieces: [] });
  const counter = new Counter(program, 'beside');
  await counter.keep();
  let over = false;
  const waited = [];
  const saving = (async () => {
    while (!over) {
      const begun = performance.now();
      const status = await counter.keep();
      waited.push(performance.now() - begun);
      if (status >= 300) console.log(`a save beside it was answered ${status} after ${waited.at(-1).toFixed(0)} ms`);
      await sleep(100);
    }
  })();
  const begun = performance.now();
  const answer = await program.ask('/api/books', { method: 'POST', body: text, headers: { 'Content-Type': 'application/json' } });
  const said = await answer.text();
  over = true;
  await saving;
  console.log(`${figures.length} figures, ${(text.length / 1e6).toFixed(1)} MB: ${answer.status} in ${((performance.now() - begun) / 1000).toFixed(1)} s${answer.ok ? '' : `: ${said.slice(0, 500)}`}`);
  console.log(`${waited.length} saves beside it: median ${share(waited, 0.5).toFixed(0)}, longest ${Math.max(...waited).toFixed(0)} ms`);
  console.log(program.code === undefined ? 'the program still answers' : `the program has ended: ${program.said.slice(-1000)}`);
} finally {
  await program.end();
  rmSync(data, { recursive: true });
}
