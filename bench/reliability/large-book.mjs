// Brings the book to so many times its size in the usual heap, then asks for everything that reads a whole dance or the whole book.
//   node bench/reliability/large-book.mjs [times]
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Program } from './program.mjs';

const times = Number(process.argv[2] ?? 20);
const data = mkdtempSync(join(tmpdir(), 'fluidframe-large-'));
const program = new Program({ data, port: 18407 });
try {
  if (!(await program.start())) throw new Error(program.said);
  const book = await (await program.ask('/api/books')).json();
  for (let copy = 2; copy <= times; copy++) {
    const figures = book.figures.map((figure) => ({ ...figure, id: `${figure.id}-${copy}`, title: `${figure.title} ${copy}`.slice(0, 120) }));
    const answer = await program.send('POST', '/api/books', { ...book, title: `Copy ${copy}`, figures, routines: [] });
    if (answer.status !== 201) throw new Error(await answer.text());
  }
  console.log(`${(await (await program.ask('/api/figures')).json()).length} figures`);
  for (const path of ['/api/figures', '/api/figures?dance=waltz', '/api/books', '/api/link-maps?dance=waltz', '/api/link-maps?dance=rumba', '/api/link-maps?dance=foxtrot', '/api/book-report', '/api/routine-standings']) {
    const begun = performance.now();
    const answer = await program.ask(path);
    const bytes = (await answer.arrayBuffer()).byteLength;
    console.log(`${path}: ${answer.status}, ${(bytes / 1e6).toFixed(1)} MB in ${((performance.now() - begun) / 1000).toFixed(1)} s`);
  }
  console.log(program.code === undefined ? 'the program still answers' : `the program has ended: ${program.said.slice(-1000)}`);
} finally {
  await program.end();
  rmSync(data, { recursive: true });
}
