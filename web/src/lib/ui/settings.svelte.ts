/** What this coach prefers, remembered in this browser. */
class Settings {
  footwork = $state(localStorage.getItem('fluidframe/footwork') ?? 'edges');

  sayFootwork(school: string) {
    this.footwork = school;
    localStorage.setItem('fluidframe/footwork', school);
  }
}

export const settings = new Settings();
