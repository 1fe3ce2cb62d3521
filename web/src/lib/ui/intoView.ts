/** Brings what has just come or been chosen into sight, and moves nothing if it is in sight. */
export function intoView(node: Element) {
  node.scrollIntoView({ block: 'nearest', inline: 'nearest' });
}
