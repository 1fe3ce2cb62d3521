package fluidframe.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Watches a rehearsal from outside: when each click was put down on the audio clock, and in every frame what that clock
 * said, which beat was drawn and how long the script took. What is heard lags the clock by the latency of the sound's
 * way out, which the page knows.
 */
final class FrameLog {

    private static final String WATCH = """
            (() => {
              const log = (window.frameLog = { clicks: [], frames: [] });
              const start = AudioBufferSourceNode.prototype.start;
              AudioBufferSourceNode.prototype.start = function (at) {
                window.frameLogClock = this.context;
                const isClick = Math.abs(this.buffer.duration - 0.06) < 0.002;
                if (isClick) log.clicks.push(at);
                return start.call(this, at);
              };
              const request = window.requestAnimationFrame.bind(window);
              window.requestAnimationFrame = (draw) =>
                request((time) => {
                  const before = performance.now();
                  draw(time);
                  const cost = performance.now() - before;
                  const stage = document.querySelector('[data-testid=stage]');
                  const clock = window.frameLogClock;
                  if (stage && clock) log.frames.push([clock.currentTime - clock.outputLatency, Number(stage.dataset.beat), cost]);
                });
            })();
            """;

    private final double[] clicks;
    private final List<double[]> frames;

    private FrameLog(double[] clicks, List<double[]> frames) {
        this.clicks = clicks;
        this.frames = frames;
    }

    static void watch(Page page) {
        page.addInitScript(WATCH);
    }

    @SuppressWarnings("unchecked")
    static FrameLog of(Page page) {
        Map<String, List<Object>> log = (Map<String, List<Object>>) page.evaluate("window.frameLog");
        double[] clicks = log.get("clicks").stream()
                .mapToDouble(FrameLog::number)
                .distinct()
                .sorted()
                .toArray();
        List<double[]> frames = new ArrayList<>();
        log.get("frames")
                .forEach(frame -> frames.add(((List<Object>) frame)
                        .stream().mapToDouble(FrameLog::number).toArray()));
        return new FrameLog(clicks, frames);
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }

    int frames() {
        return frames.size();
    }

    /**
     * By how many milliseconds the drawn beat was off the heard one, in every frame between two clicks; the smallest
     * first.
     */
    double[] millisecondsOff() {
        return frames.stream()
                .mapToDouble(frame -> off(frame[0], frame[1]))
                .filter(off -> !Double.isNaN(off))
                .sorted()
                .toArray();
    }

    private double off(double time, double drawn) {
        int after = -Arrays.binarySearch(clicks, time) - 1;
        if (after < 1 || after >= clicks.length) {
            return Double.NaN;
        }
        double secondsPerBeat = clicks[after] - clicks[after - 1];
        double heard = (time - clicks[after - 1]) / secondsPerBeat;
        double off = drawn - Math.floor(drawn) - heard;
        return Math.abs(off - Math.rint(off)) * secondsPerBeat * 1000;
    }

    /** Milliseconds of script in every frame, the smallest first. */
    double[] costs() {
        return frames.stream().mapToDouble(frame -> frame[2]).sorted().toArray();
    }

    /** @param sorted smallest first */
    static double percentile(double[] sorted, double percent) {
        return sorted[(int) Math.min(sorted.length - 1.0, sorted.length * percent / 100)];
    }
}
