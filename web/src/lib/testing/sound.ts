import { vi } from 'vitest';

/** A sound that was put down for playing: when it begins, by the audio clock, how loud, and whether it was taken back. */
export interface Sounding {
  sound: string;
  at: number;
  gain: number;
  stopped: boolean;
}

/** The sounds of the machine, with a clock that a test moves. */
export interface Machine {
  time: number;
  sounding: Sounding[];
  closed: boolean;
  /** As long as the page's clock and the timers go on, so does the audio clock. */
  pass(seconds: number): void;
}

/** Stands in for the browser's audio; every sound is its own name. */
export function machine(): Machine {
  const silent: Machine = {
    time: 0,
    sounding: [],
    closed: false,
    pass(seconds) {
      const LOOK = 0.025;
      for (let gone = 0; gone < seconds - LOOK / 2; gone += LOOK) {
        silent.time += LOOK;
        vi.advanceTimersByTime(LOOK * 1000);
      }
    },
  };
  class Node {
    connect = <T>(next: T) => next;
  }
  class Gain extends Node {
    gain: number;
    to: Source | undefined;
    constructor(_: unknown, { gain }: { gain: number }) {
      super();
      this.gain = gain;
    }
  }
  class Source {
    #sounding: Sounding;
    constructor(_: unknown, { buffer }: { buffer: string }) {
      this.#sounding = { sound: buffer, at: NaN, gain: NaN, stopped: false };
    }
    connect(gain: Gain) {
      this.#sounding.gain = gain.gain;
      return gain;
    }
    start(at: number) {
      this.#sounding.at = at;
      silent.sounding.push(this.#sounding);
    }
    stop() {
      this.#sounding.stopped = true;
    }
  }
  class Context {
    destination = new Node();
    outputLatency = 0;
    get currentTime() {
      return silent.time;
    }
    createGain = () => new Node();
    resume = async () => undefined;
    close = async () => {
      silent.closed = true;
    };
    decodeAudioData = async (bytes: ArrayBuffer) => new TextDecoder().decode(bytes);
  }
  vi.stubGlobal('AudioContext', Context);
  vi.stubGlobal('AudioBufferSourceNode', Source);
  vi.stubGlobal('GainNode', Gain);
  vi.stubGlobal('document', { hidden: false });
  vi.stubGlobal('window', { setInterval, clearInterval });
  vi.stubGlobal('fetch', async (address: string) => {
    const sound = /\/api\/sounds\/(.*)\.wav$/.exec(address)?.[1];
    return sound === 'missing' ? new Response(null, { status: 404 }) : new Response(sound);
  });
  vi.spyOn(performance, 'now').mockImplementation(() => silent.time * 1000);
  return silent;
}
