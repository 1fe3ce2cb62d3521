import { parse } from 'regexparam';
import { lastDance } from './lib/reference/lastDance';
import { VIEWS } from './pages';

/** The view that is asked for, and what it reads first, are sent for at once, while the program that shows it is still on its way. */
const [path = '', query = ''] = location.hash.slice(1).split('?');
for (const [address, { page, asks }] of Object.entries(VIEWS)) {
  const { pattern, keys } = parse(address);
  const values = pattern.exec(path)?.slice(1);
  if (values) {
    void page();
    const named = keys.map((key, at) => [key, values[at] ?? '']);
    asks?.({ dance: lastDance() ?? '', ...Object.fromEntries(new URLSearchParams(query)), ...Object.fromEntries(named) }).forEach(sendFor);
    break;
  }
}

function sendFor(href: string) {
  document.head.append(Object.assign(document.createElement('link'), { rel: 'preload', as: 'fetch', crossOrigin: 'anonymous', href }));
}
