import { api, required, type Figure, type Row } from '$lib/api/client';
import { keepRecovered } from '$lib/ui/recovered';
import { figureStore } from './figureStore';

/** What a new figure begins as. */
export interface Beginning {
  title: string;
  dance: string;
  bars: string;
  steps: number;
  /** The id of a figure to copy, if any. */
  copyOf?: string;
  /** Both charts as CSV, if any. */
  csv?: string;
}

function idFor(dance: string, title: string) {
  const slug = title
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return `${dance}-${slug}`.slice(0, 110);
}

async function charts(beginning: Beginning): Promise<Pick<Figure, 'man' | 'lady'>> {
  if (beginning.csv === undefined) {
    const rows = (): Row[] => Array.from({ length: beginning.steps }, () => ({}));
    return { man: rows(), lady: rows() };
  }
  const { man, lady } = required(
    await api.POST('/api/charts', {
      body: beginning.csv,
      headers: { 'Content-Type': 'text/csv' },
      bodySerializer: (text) => text,
    }),
  );
  return { man: man.length > 0 ? man : [{}], lady: lady.length > 0 ? lady : [{}] };
}

/** Begins a figure as unkept work in this browser, and answers its id. It is stored when it is kept. */
export async function begin(beginning: Beginning): Promise<string> {
  const id = idFor(beginning.dance, beginning.title);
  const blank: Omit<Figure, 'man' | 'lady'> = {
    id,
    dance: beginning.dance,
    title: beginning.title.trim(),
    level: 'bronze',
    bars: beginning.bars,
    start: { position: 'closed', hold: 'closed' },
    end: { position: 'closed', hold: 'closed' },
  };
  const figure: Figure = beginning.copyOf ? { ...(await figureStore.load(beginning.copyOf)).document, id, title: blank.title } : { ...blank, ...(await charts(beginning)) };
  keepRecovered(figureStore.kind, id, { value: figure, tag: '' });
  return id;
}
