package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A coach writes a piece down, and lays a routine on one. */
class MusicTest extends BrowserTest {

    @Test
    void aPieceIsWrittenDownTappedAndKept() {
        open("music");
        page.getByLabel("Title of a new piece").fill("Tide Table");
        button("Start it").click();
        Locator line = page.getByLabel("The piece as a line").last();
        line.fill("intro 2, verse 8+7, chorus 8, gulls crying; 900 bars a minute; 29 bars a minute; hit on 1 of bar 11");
        assertThat(page.getByText("“gulls crying” is not understood and left out.")).isVisible();
        assertThat(page.getByText("900 bars a minute is no tempo: expected 1 to 400.")).isVisible();
        assertThat(page.getByText("25 bars, 29 a minute")).isVisible();
        assertThat(button("chorus, bars 18 to 25")).isVisible();
        assertThat(page.getByLabel("accent in bar 11, beat 1")).isVisible();
        button("Keep").click();
        assertThat(button("Kept")).isDisabled();
        page.locator("h1").evaluate("() => document.activeElement.blur()");
        for (int tap = 0; tap < 5; tap++) {
            page.keyboard().press("t", new Keyboard.PressOptions().setDelay(400));
        }
        assertThat(page.getByText(Pattern.compile("taps a minute, give or take"))).isVisible();
        press("Control+z");
        assertThat(page.getByText("Press T with the music")).isVisible();
    }

    @Test
    void aRoutineIsMendedToFitItsPiece() {
        open("routines/ferry-night-rumba/music");
        assertThat(page.getByTestId("fit")).hasText("✕ One thing does not fit");
        press("m");
        Locator repair = page.getByText(Pattern.compile("in the 6 bars that are left")).first();
        repair.click();
        assertThat(page.getByTestId("fit")).hasText("✓ It fits");
        press("Control+z");
        assertThat(page.getByTestId("fit")).hasText("✕ One thing does not fit");
        press("n");
        assertThat(button("Whole piece")).isVisible();
        press("w");
        assertThat(button("Whole piece")).hasCount(0);
    }
}
