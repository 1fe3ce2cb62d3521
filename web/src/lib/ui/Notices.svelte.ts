import msg from '$lib/messages/ui';
import { sentenceOf } from '$lib/api/client';
import { router } from 'svelte-spa-router';

/** One line that says what has just happened, and how to take it back. */
export interface Notice {
  sentence: string;
  undo?: () => void | Promise<void>;
  /** Said of something whose own page is left at once: it is still there on the next one. */
  goesAlong?: boolean;
  /** Of what went wrong: it stays until it is closed or the page is left. */
  failed?: boolean;
}

/** Long enough to read two lines twice and to reach the button. */
const SHOWN_MILLISECONDS = 10_000;

/** What has just happened on this page; the newest only, for a while, and for as long as somebody points at it. */
class Notices {
  current = $state.raw<Notice>();
  #timer: ReturnType<typeof setTimeout> | undefined;
  /** The page it belongs to. */
  #page = '';

  say(notice: Notice) {
    this.current = notice;
    this.#page = router.location;
    this.resume();
  }

  /** Says what went wrong where no page can say it in its own place. */
  fail(thrown: unknown) {
    this.say({ sentence: sentenceOf(thrown), failed: true });
  }

  dismiss() {
    this.hold();
    this.current = undefined;
  }

  /** It is being read or about to be used. */
  hold() {
    clearTimeout(this.#timer);
  }

  resume() {
    this.hold();
    if (this.current && !this.current.failed) this.#timer = setTimeout(() => this.dismiss(), SHOWN_MILLISECONDS);
  }

  /** Another page is open: what was said of the last one is no longer shown. */
  moved(page: string) {
    if (!this.current || page === this.#page) return;
    if (!this.current.goesAlong) return this.dismiss();
    this.current = { ...this.current, goesAlong: false };
    this.#page = page;
  }

  async undo() {
    const notice = this.current;
    this.dismiss();
    try {
      await notice?.undo?.();
    } catch (thrown) {
      this.say({ sentence: msg.thisCouldNotBeUndone({ thrown: sentenceOf(thrown) }), failed: true });
    }
  }
}

export const notices = new Notices();
