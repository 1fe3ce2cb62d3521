const PLACE = 'fluidframe/reading-distance';

/** Read from a chair or, with everything larger, from two metres: a laptop on the piano. Remembered in this browser. */
class ReadingDistance {
  far = $state(localStorage.getItem(PLACE) === 'far');

  constructor() {
    this.#show();
  }

  toggle() {
    this.far = !this.far;
    localStorage.setItem(PLACE, this.far ? 'far' : 'near');
    this.#show();
  }

  #show() {
    document.documentElement.dataset.reading = this.far ? 'far' : 'near';
  }
}

export const readingDistance = new ReadingDistance();
