package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Questions asked, answered in one's own words, and put on paper. */
class QuestionsTest extends BrowserTest {

    private Locator question() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Question"));
    }

    @Test
    void anAnswerIsReadAsAChartIsAndExplained() {
        open("questions?dance=waltz&figure=waltz-natural-turn&part=man&kinds=turn&count=2&seed=3");
        Locator answer = page.getByLabel("Your answer");
        answer.fill("bananas");
        answer.press("Enter");
        assertThat(question()).containsText("is not understood");
        answer.fill("one whole turn to the left");
        answer.press("Enter");
        assertThat(question()).containsText(Pattern.compile("It is .*to the right"));
        press("Enter");
        assertThat(question()).containsText("2 of 2");
        answer.fill("a whole turn to left");
        answer.press("Enter");
        assertThat(button("Result")).isVisible();
        press("Enter");
        assertThat(page.getByText("0 of 100")).isVisible();
        button("Repeat the missed ones").click();
        assertThat(question()).containsText("1 of 2");
    }

    @Test
    void whatMayFollowIsChosenByItsNumberAndAStepByPointingAtIt() {
        open("questions?dance=waltz&kinds=follows&count=1&seed=3");
        assertThat(question()).containsText("may follow the");
        press("1");
        assertThat(question()).containsText("holds.");
        open("questions?dance=waltz&kinds=mistake&count=1&seed=3");
        assertThat(question()).containsText("is written wrong");
        page.getByRole(AriaRole.TABLE)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("1").setExact(true))
                .click();
        assertThat(question()).containsText("It should say");
        page.locator("summary").getByText("On paper").click();
        page.getByLabel("marks each").fill("3");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.getByText("1 question, 3 marks, 20 min")).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
    }
}
