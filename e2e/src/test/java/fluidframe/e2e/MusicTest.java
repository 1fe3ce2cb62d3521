package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A coach writes a piece down, and lays a routine on one. */
class MusicTest extends BrowserTest {

    @Test
    void aPieceIsWrittenDownTappedAndKept() {
        open("music");
        page.getByLabel("Title of the new piece").fill("Tide Table");
        button("Create piece").click();
        Locator line =
                page.locator("textarea[aria-label='The piece as a line']").last();
        line.fill(
                "intro 2, verse 8+7, chorus 8, gulls crying; 900 bars a minute; 29 bars a minute; hit on 1 of bar 11");
        assertThat(page.getByText("“gulls crying” was not understood and is left out."))
                .isVisible();
        assertThat(page.getByText("900 bars a minute is not a tempo: expected 1 to 400."))
                .isVisible();
        assertThat(page.getByText("25 bars, 29 bars/min")).isVisible();
        assertThat(button("chorus, bars 18 to 25")).isVisible();
        assertThat(page.getByLabel("accent in bar 11, beat 1")).isVisible();
        button("Save").click();
        assertThat(button("Saved")).isDisabled();
        page.locator("h1").evaluate("() => document.activeElement.blur()");
        for (int tap = 0; tap < 5; tap++) {
            page.keyboard().press("t", new Keyboard.PressOptions().setDelay(400));
        }
        assertThat(page.getByText(Pattern.compile("taps/min, ±"))).isVisible();
        press("Control+z");
        assertThat(page.getByText("Press T with the music")).isVisible();
    }

    @Test
    void aRoutineIsMendedToFitItsPiece() {
        open("routines/ferry-night-rumba/music");
        assertThat(page.getByTestId("fit")).hasText("✕ One thing does not fit");
        press("m");
        Locator repair =
                page.getByText(Pattern.compile("in the 6 bars that are left")).first();
        repair.click();
        assertThat(page.getByTestId("fit")).hasText("✓ It fits");
        press("Control+z");
        assertThat(page.getByTestId("fit")).hasText("✕ One thing does not fit");
        press("n");
        assertThat(button("Whole piece")).isVisible();
        press("w");
        assertThat(button("Whole piece")).hasCount(0);
    }

    /**
     * Three minutes whose tempo goes four hundredths up and down, played by the band and listened to as a recording.
     */
    @Test
    void aRecordingIsListenedToAndItsBarsAreSetByEar() {
        String swaying = IntStream.rangeClosed(0, 14)
                .mapToObj(i -> "{\"bar\": %d, \"barsPerMinute\": %.2f, \"gradual\": %s}"
                        .formatted(1 + 6 * i, 29 * (1 + 0.04 * Math.sin(i)), i > 0))
                .collect(Collectors.joining(", "));
        String piece =
                "{\"id\": \"%s\", \"title\": \"Swaying\", \"dances\": [\"waltz\"], \"beatsPerBar\": 3, \"sections\": [{\"kind\": \"verse\", \"phrases\": [%s]}], \"tempo\": [%s]}";
        RequestOptions json = RequestOptions.create().setHeader("Content-Type", "application/json");
        page.request()
                .post(
                        program.address() + "api/pieces",
                        json.setData(piece.formatted("swaying", "8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 7", swaying)));
        page.request()
                .post(
                        program.address() + "api/pieces",
                        json.setData(piece.formatted("by-ear", "8", "{\"bar\": 1, \"barsPerMinute\": 30}")));
        byte[] sound = page.request()
                .get(program.address() + "api/pieces/swaying/sound.wav")
                .body();
        open("music/by-ear");
        page.getByLabel("A sound file")
                .setInputFiles(
                        new FilePayload("notes.wav", "audio/wav", "no sound at all".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("notes.wav is not a recording this browser can play"))
                .isVisible();
        page.getByLabel("A sound file").setInputFiles(new FilePayload("swaying.wav", "audio/wav", sound));
        assertThat(page.getByText(Pattern.compile("beats at \\d+\\.\\d per minute")))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
        assertThat(page.getByLabel("Bar line of bar 80")).isAttached();
        button("Save").click();
        assertThat(button("Saved")).isDisabled();
        List<Double> heard = barLines("by-ear");
        List<Double> played = barLines("swaying");
        double lead =
                (Double) page.evaluate("() => Number(localStorage.getItem('fluidframe/recording/by-ear')) + 0.5") - 0.5;
        List<Double> off = heard.stream()
                .limit(80)
                .map(line -> Math.abs(lead + line - nearest(played, lead + line)))
                .toList();
        org.assertj.core.api.Assertions.assertThat(off)
                .as("seconds off, bar by bar")
                .allMatch(each -> each < 0.03);
        page.locator("h1").evaluate("() => document.activeElement.blur()");
        press("4");
        assertThat(page.locator("textarea[aria-label='The piece as a line']")).hasValue(Pattern.compile("swell"));
        press("Control+z");
        cell("Bar line of bar 5").press("ArrowRight");
        assertThat(button("Save")).isEnabled();
    }

    private List<Double> barLines(String id) {
        String piece =
                page.request().get(program.address() + "api/pieces/" + id).text();
        String answer = page.request()
                .post(
                        program.address() + "api/piece-texts",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(piece))
                .text();
        Matcher lines = Pattern.compile("\"barLines\":\\[([^\\]]*)]").matcher(answer);
        org.assertj.core.api.Assertions.assertThat(lines.find()).isTrue();
        return Arrays.stream(lines.group(1).split(",")).map(Double::valueOf).toList();
    }

    private static double nearest(List<Double> times, double time) {
        return times.stream()
                .min(Comparator.comparingDouble(each -> Math.abs(each - time)))
                .orElseThrow();
    }
}
