package fluidframe.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every view, in both themes, on a laptop, a tablet held upright and a phone. */
class AccessibilityTest extends BrowserTest {

    private static final List<String> VIEWS = List.of(
            "figures?dance=mambo",
            "book",
            "figures/new?dance=tango",
            "figures/waltz-natural-turn",
            "figures/rumba-alemana?columns=all",
            "figures/waltz-whisk/card",
            "routines",
            "routines/ferry-night-rumba",
            "routines/lamplight-tango?floor=1",
            "music",
            "music/harbour-lights",
            "routines/ferry-night-rumba/music",
            "events",
            "events/lamplight-open?show=day",
            "events/lamplight-open?show=list",
            "events/lamplight-open?show=rounds",
            "events/lamplight-open?show=standing",
            "events/lamplight-open?show=checklist",
            "rules/lamplight-open",
            "routines/lamplight-tango/rules",
            "questions?dance=waltz&seed=4",
            "classes?dance=waltz&figures=waltz-natural-turn",
            "classes?show=partners",
            "today",
            "people",
            "people/idris-quill",
            "couples/idris-wren?show=progress",
            "couples/petra-tomas?show=term",
            "couples/calla-bram?show=who",
            "lessons/idris-wren-next",
            "lessons/idris-wren-next?show=plan",
            "lessons",
            "lessons?show=list",
            "postures",
            "postures/closed-hold-swing-dances",
            "drills?figure=waltz-natural-turn",
            "routines/lamplight-waltz/card",
            "dances/foxtrot",
            "first-hour",
            "look",
            "studio",
            "about",
            "nowhere");

    /**
     * Every ink there is on its grounds: colours from the letters outwards, how much of them shows, and whether the
     * letters are large.
     */
    private static final String INKS = """
            () => {
                const inked = new Set(document.querySelectorAll('input, textarea, select'));
                const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                while (texts.nextNode()) if (texts.currentNode.data.trim()) inked.add(texts.currentNode.parentElement);
                const inks = new Set();
                for (const letters of inked) {
                    if (!letters.checkVisibility()) continue;
                    const { color, fill, fontSize, fontWeight } = getComputedStyle(letters);
                    const ink = [color, fill, parseFloat(fontSize) >= 24 || (parseFloat(fontSize) >= 18.66 && fontWeight >= 700)];
                    for (let ground = letters; ground; ground = ground.parentElement) {
                        const { backgroundColor, backgroundImage, opacity } = getComputedStyle(ground);
                        ink.push(backgroundColor, backgroundImage, opacity);
                    }
                    inks.add(ink.filter((part) => !['rgba(0, 0, 0, 0)', 'none', '1'].includes(part)).join(' '));
                }
                return [...inks];
            }""";

    /** What has been read of inks on grounds: no view needs to be read again for what others have shown. */
    private final Set<Object> read = new HashSet<>();

    /** The pages are one program: it is loaded once, and each view is gone on to from the one before. */
    @Test
    void everyViewIsAccessibleInBothThemes() {
        SoftAssertions views = new SoftAssertions();
        open("today");
        for (String view : VIEWS) {
            goOn(view);
            views.assertThatCode(this::assertAccessibleAndReadable).as(view).doesNotThrowAnyException();
            change("Evening colours");
            if (showsAnInkNotReadYet()) {
                views.assertThatCode(this::assertReadable)
                        .as(view + ", evening")
                        .doesNotThrowAnyException();
            }
            change("Day colours");
        }
        views.assertAll();
    }

    private void assertAccessibleAndReadable() {
        if (showsAnInkNotReadYet()) {
            assertAccessible();
        } else {
            assertAccessibleButForColours();
        }
    }

    private boolean showsAnInkNotReadYet() {
        return read.addAll((List<?>) page.evaluate(INKS));
    }

    /** That the button can be reached is no question of each view. */
    private void change(String colours) {
        page.getByLabel(colours).evaluate("button => button.click()");
    }

    @Test
    void everyPanelOfTheSheetIsAccessible() {
        SoftAssertions panels = new SoftAssertions();
        open("today");
        for (String panel : List.of("derive", "ends", "ways", "words", "versions", "shipped")) {
            goOn("figures/rumba-basic-movement?panel=" + panel);
            page.locator("[role=tabpanel]:not([hidden])").waitFor();
            if (panel.equals("ways")) {
                page.getByText("Mark steps as repeatable").click();
                page.getByText("Add a finish").click();
                page.getByText("Change a cell").first().click();
                page.getByText("4").first().waitFor();
            }
            panels.assertThatCode(() -> assertAccessible("[role=tabpanel]:not([hidden])"))
                    .as(panel)
                    .doesNotThrowAnyException();
        }
        panels.assertAll();
    }

    @ParameterizedTest(name = "{0} × {1}")
    @MethodSource("smallerScreens")
    void smallerScreensAreAccessible(int width, int height, List<String> views) {
        page.setViewportSize(width, height);
        SoftAssertions all = new SoftAssertions();
        open("today");
        for (String view : views) {
            goOn(view);
            all.assertThatCode(this::assertAccessibleAndReadable).as(view).doesNotThrowAnyException();
        }
        all.assertAll();
    }

    static List<Arguments> smallerScreens() {
        return List.of(
                Arguments.of(820, 1180, List.of("figures/waltz-natural-turn", "figures?dance=jive")),
                Arguments.of(
                        390,
                        844,
                        List.of(
                                "figures?dance=jive",
                                "book",
                                "studio",
                                "figures/waltz-whisk/card",
                                "figures/waltz-whisk",
                                "routines/ferry-night-waltz/music",
                                "events/lamplight-open?show=list",
                                "events/lamplight-open?show=day",
                                "questions?dance=waltz&kinds=follows&seed=4",
                                "classes?dance=waltz&figures=waltz-natural-turn",
                                "today",
                                "lessons/idris-wren-next",
                                "postures/fan-position")));
    }

    /** A rehearsal has the screen to itself, so the theme is changed before. */
    @ParameterizedTest(name = "{0} × {1}, {2}, {3}")
    @CsvSource({"1280, 800, day, Loop", "1280, 800, evening, Sound", "390, 844, day, View", "390, 844, evening, Loop"})
    void aRehearsalIsAccessible(int width, int height, String theme, String panel) {
        page.setViewportSize(width, height);
        page.addInitScript("localStorage.setItem('fluidframe/theme', '" + theme + "')");
        open("routines/lamplight-rumba/rehearse");
        page.getByTestId("count").waitFor();
        press("ArrowRight", "ArrowRight");
        button(panel).click();
        assertAccessible();
    }

    @Test
    void theShortcutsAreListed() {
        open("figures?dance=waltz");
        page.getByText("Natural Turn", new Page.GetByTextOptions().setExact(true))
                .waitFor();
        press("?");
        page.getByText("lady’s chart from the man’s").waitFor();
        assertAccessible("[role=dialog]");
    }

    @Test
    void anythingIsFoundFromAnywhereByKeysAlone() {
        open("today");
        page.locator("h1").waitFor();
        press("Alt+g");
        page.getByPlaceholder("A figure, routine").waitFor();
        page.keyboard().type("silver foxtrot");
        page.getByText("Hover Telemark").waitFor();
        assertAccessible("[role=dialog]");
        page.getByPlaceholder("A figure, routine").fill("study heel turns");
        page.getByText("Study: Heel Turns").waitFor();
        press("Enter");
        page.waitForURL("**/#/routines/study-heel-turns");
    }

    @Test
    void everythingIsLargerFromTwoMetres() {
        open("figures/waltz-natural-turn");
        double near = page.locator("table").first().boundingBox().width;
        press("Alt+z");
        assertThat(page.locator("table").first().boundingBox().width).isGreaterThan(1.5 * near);
        assertAccessible();
    }
}
