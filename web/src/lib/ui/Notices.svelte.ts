import msg from '$lib/messages/ui';
import { sentenceOf } from '$lib/api/client';

/** One line that says what has just happened, and how to take it back. */
export interface Notice {
  sentence: string;
  undo?: () => void | Promise<void>;
}

const SHOWN_MILLISECONDS = 20_000;

/** What has just happened, wherever the coach is meanwhile; the newest only, for a while. */
class Notices {
  current = $state.raw<Notice>();
  #timer: ReturnType<typeof setTimeout> | undefined;

  say(notice: Notice) {
    clearTimeout(this.#timer);
    this.current = notice;
    this.#timer = setTimeout(() => this.dismiss(), SHOWN_MILLISECONDS);
  }

  dismiss() {
    clearTimeout(this.#timer);
    this.current = undefined;
  }

  async undo() {
    const notice = this.current;
    this.dismiss();
    try {
      await notice?.undo?.();
    } catch (thrown) {
      this.say({ sentence: msg.thisCouldNotBeUndone({ thrown: sentenceOf(thrown) }) });
    }
  }
}

export const notices = new Notices();
