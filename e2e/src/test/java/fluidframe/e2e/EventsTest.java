package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A coach goes to an event: its rules, its routines, its day. */
class EventsTest extends BrowserTest {

    @Test
    void aDayIsPlannedSpoiledAndPlannedAgain() {
        open("events/lamplight-open?show=day");
        assertThat(button("Plan the schedule")).isEnabled();
        press("p");
        assertThat(page.getByTestId("day-answer"))
                .hasText(Pattern.compile(
                        "The last round ends at \\d\\d:\\d\\d; no schedule with these settings ends earlier."));
        Locator start = page.getByLabel(Pattern.compile("Start of Bronze Latin, final"));
        start.fill("9.40");
        start.press("Enter");
        assertThat(page.getByText(Pattern.compile("before Bronze Latin, first round is over and judged")))
                .isVisible();
        press("p");
        assertThat(page.getByLabel("Conflicts")).hasCount(0);
        page.getByLabel("Latest finish").fill("10:40");
        page.getByLabel("Latest finish").press("Enter");
        press("p");
        assertThat(page.getByTestId("day-answer"))
                .hasText("No schedule is possible: every order and every heat was tried.");
        page.getByText(Pattern.compile("It works if the day may go on until")).click();
        assertThat(page.getByTestId("day-answer"))
                .hasText(Pattern.compile("no schedule with these settings ends earlier"));
    }

    @Test
    void whatIsDancedNextIsReadOnThePhone() {
        page.setViewportSize(390, 844);
        open("events/lamplight-open?show=list");
        assertThat(page.getByLabel("Next", new Page.GetByLabelOptions().setExact(true)))
                .containsText("warm-up until");
        page.getByLabel("As at").fill("10:00");
        page.getByLabel("As at").press("Enter");
        assertThat(page.getByLabel("Next", new Page.GetByLabelOptions().setExact(true)))
                .containsText(Pattern.compile("first long side|second long side|first short side|second short side"));
    }

    @Test
    void aRoutineIsMendedToStandUpToTheRules() {
        open("routines/ferry-night-waltz/rules");
        Locator bronze = page.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Bronze Standard"))
                .first();
        bronze.click();
        assertThat(bronze).hasAttribute("aria-pressed", "true");
        Locator level = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Level"));
        level.getByRole(AriaRole.BUTTON).first().click();
        page.getByText(Pattern.compile("^Dance .* instead of Impetus")).first().click();
        assertThat(level.getByText("holds").first()).isVisible();
        assertThat(button("Save")).isEnabled();
    }

    @Test
    void newRulesAndAnEventUnderThemAreWrittenDown() {
        open("events");
        page.getByLabel("Title of the new rules").fill("Harvest Hop");
        button("Create rules").click();
        page.getByLabel("Division title").fill("Novice Waltz");
        page.getByLabel("Division title").press("Tab");
        page.getByLabel("lasts, at most").fill("60");
        page.getByLabel("lasts, at most").press("Tab");
        button("Save").click();
        assertThat(button("Saved")).isDisabled();
        open("events");
        page.getByLabel("Title of the new event").fill("Harvest Hop");
        page.getByLabel(Pattern.compile("^Rules:")).click();
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("Harvest Hop"))
                .click();
        button("Create event").click();
        page.getByLabel("Couple’s names, or how many").fill("Petra Lunn & Tomas Reyle");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Add").setExact(true))
                .click();
        page.getByLabel(Pattern.compile("^Add a round of")).click();
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("Novice Waltz"))
                .click();
        page.getByLabel(Pattern.compile("^Enter:")).click();
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("Petra Lunn"))
                .click();
        button("Save").click();
        assertThat(button("Saved")).isDisabled();
        page.locator("h1").evaluate("() => document.activeElement.blur()");
        press("d");
        press("p");
        assertThat(page.getByTestId("day-answer")).hasText(Pattern.compile("The last round ends at 09:17"));
    }
}
