package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A routine composed, broken on purpose, mended and looped. */
class ComposingTest extends BrowserTest {

    @Test
    void aStretchIsComposedBrokenMendedAndLooped() {
        startRoutine("Composed Waltz");
        page.locator("#next-figures").getByText("Natural Turn").first().click();
        assertThat(placements()).hasCount(1);
        button("Compose").click();
        toBar(8);
        page.getByText("Must include, must avoid").click();
        require("Whisk");
        require("Chassé from Promenade");
        compose().click();
        Locator best = page.getByLabel("Compositions").locator("li").first();
        assertThat(best).containsText("Whisk");
        assertThat(best.getByRole(AriaRole.IMG)).isVisible();
        best.getByText("Use this").click();
        assertThat(placements()).not().hasCount(1);
        assertThat(standing()).hasText("every seam can be danced");
        int figures = placements().count();

        page.locator("[id^=placement-]").getByText("Whisk").click();
        press("Delete");
        assertThat(standing()).containsText("break");
        page.locator("[data-outcome=breaks]").first().click();
        page.locator("[data-repair]").first().click();
        assertThat(standing()).hasText("every seam can be danced");

        press("Control+z", "Control+z");
        assertThat(placements()).hasCount(figures);
        button("Check loop").click();
        assertThat(page.getByLabel("Loop", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        press("Control+s");
        assertThat(button("Saved")).isVisible();

        placements().last().click();
        press("Delete", "Control+s");
        assertThat(button("Saved")).isVisible();
        button("Versions").click();
        button("Compare").nth(1).click();
        assertThat(page.getByLabel("Versions", new Page.GetByLabelOptions().setExact(true))
                        .locator("tbody tr")
                        .last())
                .containsText("–");
        button("Restore this version").click();
        assertThat(placements()).hasCount(figures);
    }

    @Test
    void theSameWithTheKeyboardAlone() {
        startRoutine("Typed Waltz");
        page.keyboard().press("k");
        toBar(8);
        press("Enter");
        Locator take = page.getByLabel("Compositions")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use this"))
                .first();
        take.focus();
        press("Enter");
        assertThat(standing()).hasText("every seam can be danced");
        placements().nth(1).focus();
        press("Enter", "Delete");
        assertThat(standing()).hasText("1 seam breaks");
        press("m");
        page.getByLabel("Suggested fixes").getByText("Apply").focus();
        press("Enter");
        assertThat(standing()).hasText("every seam can be danced");
        press("l");
        assertThat(page.getByLabel("Loop", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void aPartIsHeldAnotherChangedAndTheFirstBarsAreTaken() {
        startRoutine("Held Waltz");
        button("Compose").click();
        toBar(16);
        compose().click();
        Locator first = page.getByLabel("Compositions").locator("> li").first();
        Locator stages = first.locator("ol button");
        String second = stages.nth(1).getAttribute("aria-label");
        assertAccessible("[aria-label='Compose']");
        stages.first().click();
        first.getByText("Hold this").click();
        assertThat(first.getByText("Do not hold")).isVisible();
        stages.nth(1).click();
        first.getByText("Something else here").click();
        assertThat(stages.nth(1)).not().hasAttribute("aria-label", second);
        stages.first().click();
        first.getByText("Use up to bar").click();
        assertThat(placements()).not().hasCount(0);
        assertThat(standing()).hasText("every seam can be danced");
        press("Control+z");
        assertThat(placements()).hasCount(0);
    }

    @Test
    void aVerseIsRepeatedWithAnotherEnding() {
        startRoutine("Verse Waltz");
        page.locator("#next-figures").getByText("Natural Turn").first().click();
        assertThat(placements()).hasCount(1);
        button("Start a section here").click();
        page.getByLabel("Section title").fill("Verse");
        page.getByLabel("Repeats").fill("2");
        press("Tab");
        assertThat(placements()).hasCount(2);
        assertThat(page.getByLabel("Reel of figures")).containsText("Verse, 2nd of 2");
        press("e");
        page.keyboard().type("bow");
        press("Tab");
        page.keyboard().type("2");
        press("Enter");
        assertThat(placements()).hasCount(4);
        assertThat(placements().nth(1)).containsText("Bow");
        assertThat(placements().nth(2)).hasAttribute("aria-label", "bar 5, Natural Turn");
        page.getByLabel("Danced: every time").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("only the 2nd time"))
                .click();
        assertThat(placements()).hasCount(3);
        assertAccessible("[aria-label='Chosen figure']");
        page.locator("[data-outcome=breaks]").first().click();
        assertThat(page.locator("[data-repair]").first()).isVisible();
        button("Bridge the gap").click();
        page.getByLabel("Bridges").getByRole(AriaRole.BUTTON).first().click();
        assertThat(placements()).not().hasCount(3);
        press("Control+s");
        button("Archive").click();
        assertThat(button("Restore from archive")).isVisible();
        assertThat(button("Saved")).isVisible();
        open("routines");
        assertThat(page.locator("li").getByText("Verse Waltz")).hasCount(0);
        page.getByText("1 archived").click();
        assertThat(page.locator("li").getByText("Verse Waltz")).isVisible();
    }

    @Test
    void aGapIsFilledWithWhatLeadsAcross() {
        startRoutine("Gap Waltz");
        page.locator("#next-figures").getByText("Whisk").first().click();
        assertThat(placements()).hasCount(1);
        page.locator("#next-figures").getByText("Chassé from Promenade").first().click();
        assertThat(placements()).hasCount(2);
        placements().first().click();
        press("g");
        assertThat(page.getByLabel("Lead into the next figure")).isChecked();
        toBar(7);
        compose().click();
        page.getByLabel("Compositions")
                .locator("li")
                .first()
                .getByText("Use this")
                .click();
        assertThat(placements()).not().hasCount(2);
        assertThat(standing()).containsText("every seam can be danced");
        assertThat(placements().last()).containsText("Chassé from Promenade");

        placements().first().click();
        press("d");
        page.getByText("Save with the routine").click();
        assertThat(page.getByLabel("Escape plan").locator("li").first()).isVisible();
        button("Floor").click();
        assertThat(page.getByLabel("Escape plans")).containsText("after bar 1, Whisk");
    }

    @Test
    void whereThereIsNoneTheSmallestRelaxationsAreOffered() {
        startRoutine("Impossible Waltz");
        button("Compose").click();
        toBar(1);
        page.getByText("Must include, must avoid").click();
        require("Closed Change on RF");
        require("Closed Change on LF");
        compose().click();
        assertThat(page.getByText("that meets these settings.")).isVisible();
        assertThat(page.getByLabel("Relaxations")).containsText("add 1 bar");
        assertThat(page.getByLabel("Relaxations")).containsText("do without the Closed Change on RF");
        page.getByLabel("Relaxations").getByText("Apply and compose").first().click();
        assertThat(page.getByText("Use this").first()).isVisible();
    }

    @Test
    void theMapShowsWhatLeadsWhere() {
        open("map?dance=waltz");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Whisk").setExact(true))
                .click();
        assertThat(page.getByLabel("Chosen figure")).containsText("Chassé from Promenade");
        assertAccessible();
    }

    private void toBar(int bar) {
        page.getByLabel("Length, to bar", new Page.GetByLabelOptions().setExact(true))
                .fill(String.valueOf(bar));
    }

    private Locator compose() {
        return page.locator("form button.act-main");
    }

    private Locator standing() {
        return page.getByTestId("standing");
    }

    private void require(String figure) {
        page.getByLabel("Find a figure").fill(figure);
        page.getByLabel("must include " + figure, new Page.GetByLabelOptions().setExact(true))
                .click();
    }

    private Locator placements() {
        return page.locator("[id^=placement-]");
    }

    @Test
    void aListIsPastedWithItsGapsAndWrittenAgain() {
        startRoutine("A pasted waltz");
        press("t");
        page.getByLabel("Paste or type a list")
                .fill("nat turn, RF closed change, rev turn 1-3\nwhisk → chassé from PP, back corte");
        page.getByText("“back corte” – which?").waitFor();
        assertAccessible();
        button("Insert with 1 gap").click();
        assertThat(page.locator("#placement-2")).containsText("Reverse Turn");
        assertThat(page.getByLabel("Note")).hasValue("gap: back corte");
        press("Escape");
        page.locator("h1").evaluate("() => document.activeElement.blur()");
        press("t");
        button("Show as a list").click();
        assertThat(page.getByTestId("list")).containsText("1–3 Reverse Turn (1 bar)");
    }
}
