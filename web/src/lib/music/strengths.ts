/** How often a second it is looked whether the sound begins anew; the program reckons with the same number. */
export const LOOKS_PER_SECOND = 100;

/** Below this a sound is as good as silent. */
const SILENT = 1e-4;
/** Strengths are sent as whole numbers. */
const SCALE = 1000;

/**
 * How strongly the sound begins anew: by how much the loudness, as the ear takes it, grows from look to look, in the low and in the high part of the sound. Never below nothing.
 */
export function strengthsOf(samples: Float32Array, rate: number): number[] {
  const hop = rate / LOOKS_PER_SECOND;
  const looks = Math.floor(samples.length / hop);
  const strengths: number[] = [];
  /** A filter that lets the low part through, to about 200 Hz. */
  const share = 1 - Math.exp((-2 * Math.PI * 200) / rate);
  let low = 0;
  let before: [number, number] = [0, 0];
  for (let look = 0; look < looks; look++) {
    const from = Math.floor(look * hop);
    const to = Math.floor((look + 1) * hop);
    let lows = 0;
    let highs = 0;
    for (let at = from; at < to; at++) {
      const sample = samples[at] ?? 0;
      low += share * (sample - low);
      lows += low * low;
      highs += (sample - low) ** 2;
    }
    const now: [number, number] = [loudness(lows / (to - from)), loudness(highs / (to - from))];
    strengths.push(Math.round(SCALE * (Math.max(0, now[0] - before[0]) + Math.max(0, now[1] - before[1]))));
    before = now;
  }
  return strengths;
}

function loudness(power: number): number {
  return Math.log1p(Math.sqrt(power) / SILENT) / Math.log1p(1 / SILENT);
}

/** The loudest sample of each of so many equal parts, from nothing to one. */
export function peaksOf(samples: Float32Array, count: number): Float32Array {
  const peaks = new Float32Array(count);
  const each = samples.length / count;
  for (let part = 0; part < count; part++) {
    let peak = 0;
    for (let at = Math.floor(part * each); at < Math.floor((part + 1) * each); at++) peak = Math.max(peak, Math.abs(samples[at] ?? 0));
    peaks[part] = peak;
  }
  return peaks;
}
