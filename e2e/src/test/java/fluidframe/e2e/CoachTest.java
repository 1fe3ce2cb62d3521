package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A coach's work in the real interface of the real program. */
class CoachTest extends BrowserTest {

    private static final List<String> EIGHT_FIGURES = List.of(
            "Natural Turn",
            "Closed Change on RF",
            "Reverse Turn",
            "Whisk",
            "Chassé from Promenade",
            "Hesitation Change",
            "Reverse Turn",
            "Closed Change on LF");

    @Test
    void aBrokenTurnIsFoundAtItsCellAndMendedFromTheFinding() {
        open("figures?dance=waltz");
        page.getByText("Natural Turn", new Page.GetByTextOptions().setExact(true))
                .click();
        Locator turn = cell("man, step 5, Turn");
        assertThat(turn).hasValue("3/8 R, body less");
        turn.fill("1/4 R, body less");
        Locator finding = page.locator("[data-rule=A1][data-place='/man/4/turn']");
        assertThat(finding).containsText("1/8 apart");
        assertThat(turn).hasAttribute("aria-invalid", "true");
        finding.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("make the turn 3/8 R"))
                .click();
        assertThat(turn).hasValue("3/8 R, body less");
        assertThat(finding).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(turn).hasValue("1/4 R, body less");
        page.keyboard().press("Control+y");
        assertThat(finding).hasCount(0);
    }

    @Test
    void aPressCountsForWhatItWentDownOnThoughLeavingTheFieldMovesThePage() {
        open("figures/waltz-whisk");
        cell("man, step 2, Foot position").fill("sd sl bk");
        page.evaluate("() => document.addEventListener('focusout',"
                + " () => (document.querySelector('main').style.paddingTop = '120px'))");
        button("All columns").hover();
        page.mouse().down();
        page.mouse().up();
        assertThat(button("Fewer columns")).isVisible();
    }

    @Test
    void theSheetIsWrittenWithTheKeyboardAndUnkeptWorkSurvivesAReload() {
        open("figures/waltz-whisk");
        cell("man, step 2, Foot position").focus();
        page.keyboard().press("Control+a");
        page.keyboard().type("side, slightly bk");
        page.keyboard().press("Enter");
        assertThat(cell("man, step 2, Foot position")).hasValue("sd sl bk");
        assertThat(cell("man, step 3, Foot position")).isFocused();
        page.keyboard().press("Tab");
        page.keyboard().press("Control+a");
        page.keyboard().type("f DX");
        assertThat(page.getByText("“DX” cannot be read")).isVisible();
        page.keyboard().press("Escape");
        assertThat(cell("man, step 3, Alignment")).hasValue("f DW");
        page.reload();
        assertThat(page.getByText("These are your unsaved changes")).isVisible();
        assertThat(cell("man, step 2, Foot position")).hasValue("sd sl bk");
        button("Discard changes").click();
        assertThat(cell("man, step 2, Foot position")).hasValue("sd sl fwd");
    }

    @Test
    void theFirstHourIsTickedOffByWhatThereIsAndThrownAway() throws Exception {
        open("");
        page.getByText("Your first hour").click();
        Locator done = page.getByText("Done:");
        assertThat(page.locator("ol[aria-busy=false] > li")).hasCount(5);
        assertThat(done).hasCount(0);
        button("Start").first().click();
        cell("man, step 1, Count").waitFor();
        assertThat(page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("My Own Change");
        String own = page.request()
                .get(program.address() + "api/figures/waltz-closed-change-rf")
                .text()
                .replace("\"waltz-closed-change-rf\"", "\"waltz-my-own-change\"");
        assertThat(page.request()
                        .post(
                                program.address() + "api/figures",
                                RequestOptions.create()
                                        .setHeader("Content-Type", "application/json")
                                        .setData(own)))
                .isOK();
        open("first-hour");
        assertThat(done).hasCount(2);
        button("Start").first().click();
        assertThat(placement(0)).containsText("Closed Change on RF");
        open("first-hour");
        assertThat(page.getByText("1 of 3 figures.")).isVisible();
        button("Delete what I made").click();
        button("Yes, delete both").click();
        assertThat(done).hasCount(0);
    }

    @Test
    void aRoutineIsBuiltMendedPlayedAndFoundAgain() {
        open("routines");
        page.getByLabel("Title of the new routine").fill("Marram Point Waltz");
        button("Create routine").click();
        page.getByText("Start with").waitFor();
        for (String figure : EIGHT_FIGURES) {
            add(figure);
        }
        assertThat(placements()).hasCount(EIGHT_FIGURES.size());
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");

        placement(1).click();
        page.keyboard().press("Delete");
        assertThat(page.getByTestId("standing")).containsText("1 seam breaks");
        page.locator("[data-outcome=breaks]").click();
        assertThat(page.getByText("He has his right foot free, and the Reverse Turn needs the left foot.")
                        .first())
                .isVisible();
        page.getByLabel("What can come next").getByText("Closed Change on RF").click();
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");

        placement(7).click();
        page.keyboard().press("Alt+ArrowLeft");
        assertThat(placement(6)).hasAttribute("aria-label", "bar 10, Closed Change on LF");
        page.keyboard().press("Control+z");
        placement(2).dragTo(placement(3));
        assertThat(placement(3)).hasAttribute("aria-label", "bar 5, Reverse Turn");
        page.keyboard().press("Control+z");
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");

        placement(0).click();
        button("Play").click();
        assertThat(page.getByText("left foot to the side, backing diagonally to centre"))
                .isVisible();
        button("Pause").click();
        page.keyboard().press("Control+s");
        assertThat(button("Saved")).isVisible();

        open("routines");
        page.locator("li").getByText("Marram Point Waltz").click();
        assertThat(placements()).hasCount(EIGHT_FIGURES.size());
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");
    }

    private Locator placements() {
        return page.locator("[id^=placement-]");
    }

    private Locator placement(int index) {
        return page.locator("#placement-" + index);
    }

    private void add(String figure) {
        int before = placements().count();
        page.locator("#next-figures").getByText(figure).first().click();
        assertThat(placements()).hasCount(before + 1);
        assertThat(placement(before)).hasAttribute("aria-pressed", "true");
        page.waitForLoadState(LoadState.NETWORKIDLE);
    }
}
