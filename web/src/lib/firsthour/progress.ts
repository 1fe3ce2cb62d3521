const REHEARSED = 'fluidframe/rehearsed';
const LEFT = 'fluidframe/first-hour-left';

/** The routine that was rehearsed last in this browser. */
export function rehearsedRoutine() {
  return localStorage.getItem(REHEARSED);
}

export function rehearsed(routine: string) {
  localStorage.setItem(REHEARSED, routine);
}

/** Whether the first hour is not offered any more. */
export function isLeft() {
  return localStorage.getItem(LEFT) !== null;
}

export function leave() {
  localStorage.setItem(LEFT, 'yes');
}

export function startAgain() {
  localStorage.removeItem(REHEARSED);
  localStorage.removeItem(LEFT);
}
