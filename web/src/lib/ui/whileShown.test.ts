import { expect, it, vi } from 'vitest';
import { whileShown } from './whileShown';

function heard(asked: Promise<string>) {
  const [taken, failed, left] = [vi.fn(), vi.fn(), vi.fn()];
  return { taken, failed, left, leave: whileShown(asked, taken, failed, left) };
}
async function soon() {
  for (let turn = 0; turn < 5; turn++) await Promise.resolve();
}

it('hands over the answer while it is shown, and closes it when the view is left', async () => {
  const view = heard(Promise.resolve('feather'));
  await soon();
  expect(view.taken).toHaveBeenCalledExactlyOnceWith('feather');
  expect(view.left).not.toHaveBeenCalled();
  view.leave();
  expect(view.left).toHaveBeenCalledExactlyOnceWith('feather');
});

it('closes an answer that comes too late at once and does not hand it over', async () => {
  const view = heard(Promise.resolve('feather'));
  view.leave();
  await soon();
  expect(view.taken).not.toHaveBeenCalled();
  expect(view.left).toHaveBeenCalledExactlyOnceWith('feather');
});

it('says what failed, also in taking the answer, unless nobody looks any more', async () => {
  const refused = heard(Promise.reject(new Error('no')));
  const late = heard(Promise.reject(new Error('no')));
  late.leave();
  const broken = heard(Promise.resolve(''));
  broken.taken.mockImplementation(() => {
    throw new Error('cannot be shown');
  });
  await soon();
  expect(refused.failed).toHaveBeenCalledExactlyOnceWith(new Error('no'));
  expect(late.failed).not.toHaveBeenCalled();
  expect(broken.failed).toHaveBeenCalledExactlyOnceWith(new Error('cannot be shown'));
});
