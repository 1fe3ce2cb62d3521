/** Where a page has one column its parts stand below each other, so that an answer can be out of sight. */
const ONE_COLUMN = '(max-width: 1023px)';
/** An answer that begins in the upper part of the screen is seen. */
const SEEN = 0.6;

/**
 * Brings the part of a page that answers into sight when something else is asked of it, where the page has one column. It stays where it is when the page
 * opens.
 *
 * @param asked what the answer depends on
 */
export function answering(asked: () => unknown) {
  let opening = true;
  return (node: Element) => {
    asked();
    if (opening) {
      opening = false;
      return undefined;
    }
    if (!matchMedia(ONE_COLUMN).matches) return undefined;
    const frame = requestAnimationFrame(() => {
      const { top } = node.getBoundingClientRect();
      if (top < 0 || top > innerHeight * SEEN) node.scrollIntoView({ block: 'start', behavior: 'smooth' });
    });
    return () => cancelAnimationFrame(frame);
  };
}
