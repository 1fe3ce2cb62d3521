const PLACE = 'fluidframe/theme';

/** Day or evening; remembered in this browser. */
class Theme {
  evening = $state(localStorage.getItem(PLACE) === 'evening');

  constructor() {
    this.#show();
  }

  toggle() {
    this.evening = !this.evening;
    localStorage.setItem(PLACE, this.evening ? 'evening' : 'day');
    this.#show();
  }

  #show() {
    document.documentElement.dataset.theme = this.evening ? 'evening' : 'day';
  }
}

export const theme = new Theme();
