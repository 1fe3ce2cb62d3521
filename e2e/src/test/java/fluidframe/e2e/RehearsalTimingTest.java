package fluidframe.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.Locale;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Measures a whole rehearsal of two minutes; only when asked to, by {@code bench/rehearsal}. */
@EnabledIfSystemProperty(named = "fluidframe.measure", matches = "rehearsal")
class RehearsalTimingTest extends BrowserTest {

    private static final double LONGEST_MILLISECONDS = 180_000;

    /** One to a steady tempo, one to a piece whose tempo changes, whose end slows down. */
    @ParameterizedTest
    @CsvSource({"lamplight-waltz-four-sides, 62", "ferry-night-waltz, 100", "ferry-night-waltz, 55"})
    void aRoutineOfTwoMinutes(String routine, String percent) {
        FrameLog.watch(page);
        open("routines/" + routine + "/rehearse");
        page.getByLabel("Tempo", new Page.GetByLabelOptions().setExact(true)).fill(percent);
        button("Dance").click();
        PlaywrightAssertions.assertThat(button("Pause")).isVisible();
        PlaywrightAssertions.assertThat(button("Dance"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(LONGEST_MILLISECONDS));
        FrameLog log = FrameLog.of(page);
        double[] off = log.millisecondsOff();
        double[] costs = log.costs();
        System.out.printf(
                Locale.ROOT,
                "%s at %s %%: %d frames; drawn off heard: median %.1f ms, 99 of 100 within %.1f ms, at most %.1f ms; script in a frame: median %.2f ms, 95 of 100 within %.2f ms%n",
                routine,
                percent,
                log.frames(),
                FrameLog.percentile(off, 50),
                FrameLog.percentile(off, 99),
                off[off.length - 1],
                FrameLog.percentile(costs, 50),
                FrameLog.percentile(costs, 95));
    }
}
