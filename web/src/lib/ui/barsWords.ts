import common from '$lib/messages/common';

/** "1 bar", "½ bar", "1½ bars", of bars as the program writes them: 1, 1/2, 1 1/2. */
export function barsWords(bars: string): string {
  const single = bars === '1' || /^\d+\/\d+$/.test(bars);
  return common.bars({ bars: bars.replace(/ ?1\/2$/, '½'), amount: single ? 'single' : 'more' });
}
