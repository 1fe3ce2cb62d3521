/** Brings what has just come or been chosen into sight, and moves nothing if it is in sight; with the next picture, which is laid out anyway. */
export function intoView(node: Element) {
  const frame = requestAnimationFrame(() => node.scrollIntoView({ block: 'nearest', inline: 'nearest' }));
  return () => cancelAnimationFrame(frame);
}
