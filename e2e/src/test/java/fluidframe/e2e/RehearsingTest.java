package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import org.junit.jupiter.api.Test;

/** A routine rehearsed: seen, heard, turned round, slowed down and danced again and again. */
class RehearsingTest extends BrowserTest {

    @Test
    void thePictureStaysWithTheSoundThroughLoopsAndTempos() {
        FrameLog.watch(page);
        open("routines/lamplight-viennese-waltz/rehearse");
        count().waitFor();
        press("[", "]", "l", "ArrowUp", "ArrowUp", "ArrowUp", "ArrowUp");
        assertThat(page.getByTestId("tempo")).hasText("120 %");
        button("Loop").click();
        page.getByLabel("count in").fill("0");
        press("Tab");
        button("Dance").click();
        for (int times : new int[] {3, 6, 9, 13}) {
            assertThat(page.getByTestId("bar")).containsText(Pattern.compile("time " + times + "$"));
            press(times % 2 == 0 ? "ArrowUp" : "ArrowDown");
        }
        button("Pause").click();
        double[] off = FrameLog.of(page).millisecondsOff();
        assertThat(off.length).isGreaterThan(100);
        assertThat(FrameLog.percentile(off, 50))
                .as(
                        "milliseconds between what is heard and what is drawn, usually; a picture that drifts gets further off with every time")
                .isLessThan(25);
    }

    @Test
    void everythingWorksFromTheKeyboard() {
        open("routines/lamplight-rumba/rehearse");
        count().waitFor();
        String first = now("man").textContent();
        press("ArrowRight");
        assertThat(now("man")).not().hasText(first);
        press("ArrowLeft");
        assertThat(now("man")).hasText(first);
        press("p");
        assertThat(now("lady")).hasCount(0);
        press("p");
        assertThat(now("man")).hasCount(0);
        press("p", "r", "m");
        assertThat(stage())
                .hasAttribute("aria-label", "Floor seen from above, the wall of side 4 at the top, mirrored");
        press("r", "r", "r", "m", "f");
        for (int i = 0; i < 19; i++) {
            press("ArrowDown");
        }
        assertThat(page.getByTestId("tempo")).hasText("5 %, silent");
        press(" ");
        assertThat(button("Pause")).isVisible();
        press(" ");
        assertThat(button("Dance")).isVisible();
        page.reload();
        assertThat(page.getByTestId("tempo")).hasText("5 %, silent");
    }

    @Test
    void aRumbaIsCountedInThroughOneAndTheLadderClimbs() {
        open("routines/lamplight-rumba/rehearse");
        count().waitFor();
        press("[", "]");
        button("Loop").click();
        page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("Tempo ladder"))
                .click();
        page.getByLabel("Repeats before each rise").fill("1");
        page.getByLabel(Pattern.compile("^up ")).fill("50");
        page.getByLabel("Target tempo, per cent").fill("120");
        press("Tab");
        page.evaluate("""
                () => {
                  window.counted = [];
                  const count = document.querySelector('[data-testid=count]');
                  const bar = document.querySelector('[data-testid=bar]');
                  new MutationObserver(() => { if (bar.textContent.includes('count-in')) window.counted.push(count.textContent); })
                    .observe(count, { characterData: true, childList: true, subtree: true });
                }""");
        button("Dance").click();
        assertThat(page.getByTestId("bar")).hasText("count-in");
        assertThat(page.getByTestId("bar")).containsText("bar 1");
        assertThat((String) page.evaluate("window.counted.join(' ')")).endsWith("2 3 4 1");
        assertThat(page.getByTestId("tempo")).hasText("120 %");
        button("Pause").click();
    }

    @Test
    void anOwnPieceOfMusicIsTappedAndFollowed() {
        open("routines/lamplight-waltz/rehearse");
        count().waitFor();
        button("Sound").click();
        Locator file = page.getByLabel("Own music …");
        file.setInputFiles(
                new FilePayload("notes.txt", "text/plain", "one two three".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("notes.txt is not music this browser can play"))
                .isVisible();
        byte[] music = page.request()
                .post(
                        program.address() + "api/tracks/wav",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData("{\"routine\":"
                                        + page.request()
                                                .get(program.address() + "api/routines/lamplight-waltz")
                                                .text() + "}"))
                .body();
        file.setInputFiles(new FilePayload("marram-waltz.wav", "audio/wav", music));
        assertThat(page.getByText("marram-waltz.wav", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        button("Play from the start").click();
        for (int tap = 0; tap < 6; tap++) {
            page.waitForTimeout(500);
            press("t");
        }
        assertThat(page.getByText("After four taps the picture can follow")).hasCount(0);
        assertThat(Double.parseDouble(page.getByLabel("Beats per minute").inputValue()))
                .isBetween(60.0, 140.0);
        button("Dance").click();
        assertThat(page.getByTestId("bar")).containsText("bar 2");
        button("Pause").click();
    }

    @Test
    void aBrokenSeamIsPlayedAndShown() {
        open("routines/lamplight-waltz?figure=1");
        page.getByTestId("standing").waitFor();
        press("Delete");
        assertThat(page.getByTestId("standing")).containsText("1 seam breaks");
        press("r");
        page.getByLabel("Place in the routine").waitFor();
        for (int step = 0; step < 7; step++) {
            press("ArrowRight");
        }
        assertThat(page.getByText(Pattern.compile("The link into .* breaks here")))
                .isVisible();
    }

    @Test
    void leavingWhileDancingLosesNothing() {
        open("routines/lamplight-waltz/rehearse?figure=2");
        button("Dance").click();
        assertThat(button("Pause")).isVisible();
        page.getByLabel("Back to the desk").click();
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");
        page.goBack();
        assertThat(button("Dance")).isVisible();
    }

    @Test
    void soundNotesAndPlansAreSaved() throws IOException, InvalidMidiDataException {
        open("routines/lamplight-waltz/rehearse");
        count().waitFor();
        button("Sound").click();
        Download wav = page.waitForDownload(() -> button("Export as WAV").click());
        assertThat(wav.suggestedFilename()).isEqualTo("lamplight-waltz.wav");
        assertThat(Files.size(wav.path())).isGreaterThan(1_000_000);
        Download midi =
                page.waitForDownload(() -> button("Export count as MIDI").click());
        assertThat(MidiSystem.getSequence(midi.path().toFile()).getTracks()).hasSize(2);
        open("routines/lamplight-waltz?floor=1");
        Download plan =
                page.waitForDownload(() -> button("Export the plan as SVG").click());
        assertThat(Files.readString(plan.path())).contains("width=\"460.00mm\"");
        open("figures/waltz-whisk");
        Download steps =
                page.waitForDownload(() -> button("Export the steps as SVG").click());
        assertThat(Files.readString(steps.path())).contains("1 : 10");
    }

    @Test
    void aRoutineIsTriedOnAnotherFloor() {
        open("routines/lamplight-waltz-four-sides");
        page.getByTestId("standing").waitFor();
        press("f");
        Locator verdict = page.getByTestId("room-verdict");
        assertThat(verdict).hasText("No wall or obstacle is hit.");
        assertThat(page.getByTestId("room-need")).containsText("at least 20");
        page.getByLabel(Pattern.compile("^Floor: ")).click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("a studio")))
                .click();
        assertThat(verdict).containsText("too tight");
        assertThat(button("Saved")).isVisible();
        button("Use this floor").click();
        assertThat(button("Save")).isEnabled();
        field("long").fill("0");
        press("Tab");
        assertThat(field("long")).hasValue("4");
        press("Control+z", "Control+z");
        assertThat(verdict).hasText("No wall or obstacle is hit.");
        button("Add an obstacle").click();
        assertThat(page.getByLabel("Obstacle")).hasValue("table");
        assertThat(field("at")).hasValue("0");
        drag(page.locator("[data-obstacle='0']"), 80, -60);
        assertThat(field("at")).not().hasValue("0");
        String start = field("start at").inputValue();
        drag(page.locator("[data-start]"), 60, -20);
        assertThat(field("start at")).not().hasValue(start);
        press("Control+z");
        assertThat(field("start at")).hasValue(start);
    }

    private Locator field(String name) {
        return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
    }

    /** The plan is laid out anew when something is put on it: the thing is taken where it has come to rest. */
    private void drag(Locator thing, double right, double down) {
        thing.hover();
        BoundingBox from = thing.boundingBox();
        double x = from.x + from.width / 2;
        double y = from.y + from.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + right, y + down);
        page.mouse().up();
    }

    private Locator count() {
        return page.getByTestId("count");
    }

    private Locator now(String part) {
        return page.getByTestId("now-" + part);
    }

    private Locator stage() {
        return page.getByTestId("stage");
    }
}
