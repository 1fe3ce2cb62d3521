// Installs exactly what the lock file says, but only when it changed since the last time.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';

const stamp = 'node_modules/.installed-lock';
const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
if (!existsSync(stamp) || readFileSync(stamp, 'utf8') !== lock) {
  const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], { stdio: 'inherit' });
  if (status !== 0) process.exit(status ?? 1);
  writeFileSync(stamp, lock);
}
