import { api, required, type Figure, type Row } from '$lib/api/client';
import { keepRecovered } from '$lib/ui/recovered';
import { slugOf } from '$lib/ui/idOf';
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
  /** The figure as it was told, if it was. */
  told?: Figure;
}

const LONGEST_ID = 110;

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

/** A figure of a dance with nothing in its charts. */
export function blankFigure(dance: string, title: string): Figure {
  return {
    id: slugOf(`${dance}-${title}`, LONGEST_ID),
    dance,
    title: title.trim(),
    level: 'bronze',
    bars: '1',
    start: { position: 'closed', hold: 'closed' },
    end: { position: 'closed', hold: 'closed' },
    man: [],
    lady: [],
  };
}

function told(figure: Figure): Pick<Figure, 'man' | 'lady'> {
  return { man: figure.man.length > 0 ? figure.man : [{}], lady: figure.lady.length > 0 ? figure.lady : [{}] };
}

/** Begins a figure as unkept work in this browser, and answers its id. It is stored when it is kept. */
export async function begin(beginning: Beginning): Promise<string> {
  const blank = blankFigure(beginning.dance, beginning.title);
  const { id, title } = blank;
  const figure: Figure = beginning.copyOf
    ? { ...(await figureStore.load(beginning.copyOf)).document, id, title }
    : beginning.told
      ? { ...beginning.told, id, title, ...told(beginning.told) }
      : { ...blank, bars: beginning.bars, ...(await charts(beginning)) };
  keepRecovered(figureStore.kind, id, { value: figure, tag: '' });
  return id;
}
