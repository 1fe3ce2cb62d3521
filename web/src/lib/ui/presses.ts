import { isWriting } from './fieldState';

const PRESSABLE = 'button, a[href], summary, label, [role="tab"], [role="option"], [role="menuitem"]';
/** A hand that moves less than this has pressed, not dragged; in pixels. */
const STEADY = 8;

/**
 * Sees to it that a press counts for what it went down on. Leaving a field can change the page between the two halves of a click: what was pressed has
 * moved away by the time the button comes up, and the browser then gives the click to neither of the two. A finger's click is aimed once, so it needs no help.
 */
export function countPresses(page: Document): () => void {
  let pressed: { element: HTMLElement; x: number; y: number } | undefined;

  function down(event: PointerEvent) {
    pressed = undefined;
    const element = event.target instanceof Element ? event.target.closest<HTMLElement>(PRESSABLE) : null;
    if (element && event.pointerType === 'mouse' && event.button === 0 && isWriting()) pressed = { element, x: event.clientX, y: event.clientY };
  }

  function up(event: PointerEvent) {
    const last = pressed;
    pressed = undefined;
    if (!last || Math.hypot(event.clientX - last.x, event.clientY - last.y) > STEADY) return;
    let came = false;
    const clicked = (click: MouseEvent) => (came ||= last.element.contains(click.target as Node));
    page.addEventListener('click', clicked, true);
    setTimeout(() => {
      page.removeEventListener('click', clicked, true);
      if (!came && last.element.isConnected) last.element.click();
    });
  }

  const off = new AbortController();
  page.addEventListener('pointerdown', down, { capture: true, signal: off.signal });
  page.addEventListener('pointerup', up, { capture: true, signal: off.signal });
  return () => off.abort();
}
