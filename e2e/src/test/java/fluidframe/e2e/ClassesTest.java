package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A class planned, changed, run by its clock; partners changed while people come and go. */
class ClassesTest extends BrowserTest {

    private Locator region(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void aClassIsBuiltFromAFigureAndRunByTheClock() {
        open("classes?dance=waltz&minutes=45&men=8&ladies=9");
        page.getByLabel("Topic").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^Natural Turn")))
                .click();
        assertThat(page.getByText("45 minutes in 8 parts")).isVisible();
        assertThat(region("New in this class")).containsText("Natural Turn");
        assertThat(page.getByText("Everyone meets everyone in 9 rounds. 1 lady rests in each."))
                .isVisible();
        page.getByLabel("Minutes of Alone").fill("12");
        press("Tab");
        assertThat(page.getByText("47 minutes in 8 parts")).isVisible();
        button("Remove Slowly").click();
        page.locator("h1").evaluate("() => document.activeElement.blur()");
        press(" ");
        assertThat(region("Clock")).containsText("Warm up");
        press("n");
        assertThat(region("Clock")).containsText("Alone");
        press(" ");
        assertThat(button("Continue")).isVisible();
        page.getByLabel("minutes", new Page.GetByLabelOptions().setExact(true)).fill("5");
        press("Tab");
        assertThat(page.getByText(Pattern.compile("15 to 180"))).isVisible();
    }

    @Test
    void whoeverComesLateMeetsEveryoneAndNobodyMeetsTwice() {
        open("classes?dance=waltz&show=partners");
        page.getByLabel("Men", new Page.GetByLabelOptions().setExact(true)).fill("Ned\nTom");
        page.getByLabel("Ladies").fill("Ann\nBea");
        press("Tab");
        assertThat(region("Round")).containsText("Round 1 of 2");
        button("Change partners").click();
        assertThat(region("Round")).containsText("Round 2 of 2");
        page.getByLabel("Ladies").fill("Ann\nBea\nCal");
        press("Tab");
        assertThat(region("Round")).containsText("Round 2 of 3");
        page.reload();
        assertThat(region("Round")).containsText("Round 2 of 3");
        page.getByLabel("Men", new Page.GetByLabelOptions().setExact(true)).fill("Ned\nNed");
        press("Tab");
        assertThat(page.getByText(Pattern.compile("Ned is there twice"))).isVisible();
    }
}
