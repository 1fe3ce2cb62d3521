import type { Part } from '$lib/api/client';

/** How a coach likes to rehearse; remembered in this browser. */
export interface Options {
  counted: Part;
  counting: 'steps' | 'beats' | 'bars';
  clicks: boolean;
  voice: boolean;
  music: boolean;
  countInBars: number;
  percent: number;
  loops: boolean;
  /** Bars of rest between two times. */
  restBars: number;
  ladder: boolean;
  /** Up so many per cent after every so many times, until so many per cent. */
  ladderStep: number;
  ladderEvery: number;
  ladderTarget: number;
  shown: Part | 'both';
  /** Which side's wall is at the top of the picture, from 1. */
  wallUp: number;
  mirrored: boolean;
  follow: boolean;
}

const PLACE = 'fluidframe/rehearsing';

const USUAL: Options = {
  counted: 'man',
  counting: 'steps',
  clicks: true,
  voice: true,
  music: true,
  countInBars: 1,
  percent: 100,
  loops: false,
  restBars: 0,
  ladder: false,
  ladderStep: 5,
  ladderEvery: 2,
  ladderTarget: 100,
  shown: 'both',
  wallUp: 3,
  mirrored: false,
  follow: true,
};

export function rememberedOptions(): Options {
  const text = localStorage.getItem(PLACE);
  if (text === null) return { ...USUAL };
  try {
    return { ...USUAL, ...(JSON.parse(text) as Partial<Options>) };
  } catch {
    localStorage.removeItem(PLACE);
    return { ...USUAL };
  }
}

export function rememberOptions(options: Options) {
  localStorage.setItem(PLACE, JSON.stringify(options));
}
