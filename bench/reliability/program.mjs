// The built program, started and stopped for a measurement, and what is asked of it.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { fileURLToPath } from 'node:url';
import { dirname, resolve } from 'node:path';

const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '../..');

export class Program {
  constructor({ data, port = 18400, heap = '512m', jar = process.env.JAR ?? resolve(ROOT, 'app/target/fluidframe/fluidframe.jar'), env = {} }) {
    Object.assign(this, { data, port, heap, jar, env });
    this.said = '';
  }

  get address() {
    return `http://127.0.0.1:${this.port}`;
  }

  async start() {
    if (await this.ask('/api/status').then(() => true, () => false)) throw new Error(`another program answers at ${this.address}; end it first`);
    this.process = spawn('java', [`-XX:SharedArchiveFile=${this.jar.replace(/jar$/, 'jsa')}`, `@${resolve(ROOT, 'scripts/memory.options')}`, `-Xmx${this.heap}`, '-XX:+ExitOnOutOfMemoryError', '-jar', this.jar], {
      env: { ...process.env, PORT: String(this.port), DATA_DIR: this.data, ...this.env },
    });
    this.ended = once(this.process, 'exit').then(([code]) => (this.code = code ?? -1));
    for (const stream of [this.process.stdout, this.process.stderr]) stream.on('data', (text) => (this.said += text));
    for (let wait = 0; wait < 3600; wait++) {
      if (this.code !== undefined) return false;
      try {
        if ((await this.ask('/api/figures?dance=waltz')).status === 200) return true;
      } catch {
        // not listening yet
      }
      await sleep(50);
    }
    throw new Error('the program does not answer:\n' + this.said);
  }

  async end(signal = 'SIGTERM') {
    if (this.code === undefined) this.process.kill(signal);
    await this.ended;
  }

  ask(path, options = {}) {
    return fetch(this.address + path, options);
  }

  send(method, path, document, headers = {}) {
    return this.ask(path, { method, body: JSON.stringify(document), headers: { 'Content-Type': 'application/json', ...headers } });
  }
}

export const sleep = (milliseconds) => new Promise((done) => setTimeout(done, milliseconds));

/** The value below which the given share of the numbers lies. */
export function share(numbers, part) {
  const sorted = [...numbers].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))];
}

export const walk = (id, note) => ({
  id,
  title: `Kept ${note}`,
  dance: 'waltz',
  tempo: 29,
  placements: [{ figure: 'waltz-natural-turn', note: String(note) }, { figure: 'waltz-whisk' }],
});

/** A routine that is kept again and again, each time with a higher number in its first note. */
export class Counter {
  constructor(program, id) {
    Object.assign(this, { program, id, acknowledged: 0, tag: undefined });
  }

  async keep() {
    const next = this.acknowledged + 1;
    const answer = this.tag
      ? await this.program.send('PUT', `/api/routines/${this.id}`, walk(this.id, next), { 'If-Match': this.tag })
      : await this.program.send('POST', '/api/routines', walk(this.id, next));
    await answer.text();
    if (answer.ok) {
      this.acknowledged = next;
      this.tag = answer.headers.get('etag');
    }
    return answer.status;
  }

  /** The number that is stored; 0 if there is none. */
  async stored() {
    const answer = await this.program.ask(`/api/routines/${this.id}`);
    if (answer.status === 404) return 0;
    this.tag = answer.headers.get('etag');
    return Number((await answer.json()).placements[0].note);
  }
}
