/** What this coach prefers, remembered in this browser. */
class Settings {
  titles = $state(localStorage.getItem('fluidframe/titles') ?? 'man-lady');
  footwork = $state(localStorage.getItem('fluidframe/footwork') ?? 'edges');

  call(titles: string) {
    this.titles = titles;
    localStorage.setItem('fluidframe/titles', titles);
  }

  sayFootwork(school: string) {
    this.footwork = school;
    localStorage.setItem('fluidframe/footwork', school);
  }
}

export const settings = new Settings();
