import { api, required, sentenceOf } from '$lib/api/client';
import { forgetErased } from './laidBy';

const BETWEEN_LOOKS_MILLISECONDS = 15_000;

/** What the program warns of: that nothing can be kept, that others can read everything. Asked again and again. */
class Standby {
  warnings = $state.raw<string[]>([]);

  watch(): () => void {
    void this.look();
    const timer = setInterval(() => void this.look(), BETWEEN_LOOKS_MILLISECONDS);
    return () => clearInterval(timer);
  }

  async look() {
    try {
      const { warnings, erasures } = required(await api.GET('/api/status'));
      this.warnings = warnings;
      await forgetErased(erasures);
    } catch (thrown) {
      this.warnings = [sentenceOf(thrown)];
    }
  }
}

export const standby = new Standby();
