/**
 * Hands over what a view has asked for, unless the view has been left meanwhile or shows something else: a late answer
 * is never taken for the answer to a newer question. An effect returns what this returns.
 *
 * @param left what becomes of the answer once it is shown no longer, for one that must be closed
 */
export function whileShown<T>(asked: Promise<T>, taken: (answer: T) => void, failed: (thrown: unknown) => void, left?: (answer: T) => void): () => void {
  let shown = true;
  let answered: { answer: T } | undefined;
  asked
    .then((answer) => {
      if (!shown) return left?.(answer);
      answered = { answer };
      taken(answer);
    })
    .catch((thrown) => {
      if (shown) failed(thrown);
    });
  return () => {
    shown = false;
    if (answered) left?.(answered.answer);
  };
}
