/** Done once what the page shows now has been painted; at once where nobody looks at the page. */
export function painted(): Promise<void> {
  if (document.hidden) return Promise.resolve();
  return new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
}
