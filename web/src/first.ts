import { parse } from 'regexparam';
import { PAGES } from './pages';

/** The view that is asked for is sent for at once, while the program that shows it is still on its way. */
const path = location.hash.slice(1).replace(/\?.*$/, '');
const [, page] = Object.entries(PAGES).find(([pattern]) => parse(pattern).pattern.test(path)) ?? [];
void page?.();
