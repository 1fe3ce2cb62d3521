// Damages the data file in many ways and starts the program on it: it must say so in few words and leave the file as it is, and recovery must save most.
//   node bench/reliability/damage.mjs [times]
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { copyFileSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Program } from './program.mjs';

const times = Number(process.argv[2] ?? 10);
const base = mkdtempSync(join(tmpdir(), 'fluidframe-damage-'));
const sound = join(base, 'sound');
const first = new Program({ data: sound, port: 18405 });
await first.start();
await first.end();
const name = 'fluidframe.mv.db';
const bytes = readFileSync(join(sound, name));
const WAYS = {
  'one page of noise': (copy, i) => copy.fill(0xa5, Math.floor((copy.length * (i + 1)) / (times + 2)), Math.floor((copy.length * (i + 1)) / (times + 2)) + 4096),
  'one byte': (copy, i) => (copy[Math.floor((copy.length * (i + 1)) / (times + 2))] ^= 0xff),
  'cut short': (copy, i) => copy.subarray(0, Math.floor((copy.length * (i + 1)) / (times + 2))),
  'head gone': (copy) => copy.fill(0, 0, 8192),
};
for (const [way, damage] of Object.entries(WAYS)) {
  let said = 0;
  let started = 0;
  let changed = 0;
  let longWinded = 0;
  const saved = [];
  for (let i = 0; i < times; i++) {
    const folder = join(base, `${way.replaceAll(' ', '-')}-${i}`);
    mkdirSync(folder);
    copyFileSync(join(sound, 'fluidframe.sum'), join(folder, 'fluidframe.sum'));
    const copy = Buffer.from(bytes);
    const result = damage(copy, i);
    const damaged = Buffer.isBuffer(result) && result.length < copy.length ? result : copy;
    writeFileSync(join(folder, name), damaged);
    const hash = (content) => createHash('sha256').update(content).digest('hex');
    const program = new Program({ data: folder, port: 18406 });
    if (await program.start()) {
      started++;
      await program.end();
    } else {
      said++;
      if (program.said.trim().split('\n').length >= 10) longWinded++;
      if (hash(readFileSync(join(folder, name))) !== hash(damaged)) changed++;
      const recovery = spawnSync('java', ['-jar', program.jar, '--recover'], { env: { ...process.env, DATA_DIR: folder }, encoding: 'utf8' });
      saved.push(Number(/Saved from figure: (\d+)/.exec(recovery.stdout)?.[1] ?? 0));
    }
    rmSync(folder, { recursive: true });
  }
  console.log(`${way}: ${said} refused in words (${longWinded} of ten lines or more, ${changed} files changed), ${started} read to the end and started; figures saved: ${saved.join(' ')}`);
}
rmSync(base, { recursive: true });
