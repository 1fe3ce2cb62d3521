/** Whether what stands in a field of the document is still being typed; what stands in a form becomes part of it only when that is sent. */
export function isTyped(event: Event): boolean {
  const field = event.target;
  return (
    event.type === 'input' &&
    (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) &&
    field.form === null &&
    !['checkbox', 'radio', 'range'].includes(field.type)
  );
}

/** Has the field that has the focus say what stands in it, as if it were left, and gives the focus back. */
export function settleField() {
  const field = document.activeElement;
  if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) {
    field.blur();
    field.focus();
  }
}

/** Whether the keyboard writes into a field just now. */
export function isWriting(): boolean {
  return document.activeElement instanceof HTMLInputElement || document.activeElement instanceof HTMLTextAreaElement;
}
