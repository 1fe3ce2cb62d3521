package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A figure described from nothing, corrected, varied, read aloud and handed out. */
class DescribingTest extends BrowserTest {

    private static final String[][] MAN = {
        {"s", "rf", "fwd", "f dw", "", "cr e1", "ht", ""},
        {"q", "lf", "side", "b dc", "1/4 r", "up", "t", "r"},
        {"q", "rf", "bk", "b lod", "1/8 r", "up, lo e3", "th", "r"},
        {"s", "lf", "bk", "b lod", "", "", "th", ""},
        {"q", "rf", "sd", "p dc", "3/8 r body less", "", "t", "l"},
        {"q", "lf", "close", "f dc", "body completes", "", "th", "l"},
        {"s", "rf", "fwd", "f dc", "", "cr e7", "ht", ""},
        {"s", "lf", "fwd", "f dc", "", "up, lo e8", "th", ""}
    };
    private static final String[] COLUMNS = {
        "Count", "Foot", "Foot position", "Alignment", "Turn", "Rise and fall", "Footwork", "Sway"
    };

    @TempDir
    private Path folder;

    private int keystrokes;

    @Test
    void eightStepsForBothPartsWithTheKeyboardAlone() {
        open("figures?dance=foxtrot");
        page.locator("h1").waitFor();
        press("n");
        page.getByText("New figure").waitFor();
        type("Harbour Turn");
        press("Tab", "Tab", "Tab");
        fill("8");
        press("Tab");
        fill("3");
        press("Enter");
        assertThat(cell("man, step 1, Count")).isFocused();
        for (String[] row : MAN) {
            for (String text : row) {
                type(text);
                press("Tab");
            }
        }
        press("Alt+o");
        assertThat(button("Accept")).isFocused();
        press("Enter");
        correct(2, "p lod", "3/8 r body less");
        correct(3, "f lod", "body completes");
        cell("lady, step 3, Foot position").focus();
        fill("fwd");
        correct(5, "b c", "1/4 r");
        correct(6, "b dc", "1/8 r");
        press("Enter");
        assertThat(page.locator("[data-rule]")).not().containsText(new String[] {"A1", "W1", "T2"});
        assertThat(cell("lady, step 8, Alignment")).hasValue("b DC");
        press("Control+s");
        assertThat(button("Saved")).isVisible();
        assertThat(keystrokes)
                .as("at three keys a second it takes less than three minutes")
                .isLessThan(540);
        page.reload();
        assertThat(cell("man, step 5, Turn")).hasValue("3/8 R, body less");
        assertThat(cell("lady, step 1, Foot position")).hasAttribute("title", "back (derived from the partner)");
        assertThat(cell("lady, step 2, Turn")).hasAttribute("title", "3/8 to the right, the body 1/8 less");
    }

    @Test
    void aFindingIsAcceptedWithAReasonAndHeardAgain() {
        open("figures/waltz-natural-turn");
        cell("man, step 4, Footwork").fill("HT");
        press("Enter");
        Locator finding = page.locator("[data-rule=F2]");
        finding.getByText("Ignore this finding").click();
        page.getByLabel("Reason for ignoring this finding").fill("Shown wrong on purpose.");
        press("Enter");
        assertThat(finding).hasCount(0);
        assertThat(page.locator("[data-muted=F2]")).containsText("Shown wrong on purpose.");
        cell("man, step 1, Count").focus();
        press("Control+Enter");
        assertThat(page.locator("[data-muted=F2]")).containsText("man, step 5");
        press("Control+z");
        assertThat(page.locator("[data-muted=F2]")).containsText("man, step 4");
        page.getByText("Stop ignoring").click();
        assertThat(finding).hasCount(1);
        press("Control+z", "Control+z", "Control+z");
        assertThat(button("Saved")).isVisible();
    }

    @Test
    void aChangedFigureGoesBackToTheShippedOne() {
        open("figures/tango-walk?panel=shipped");
        Locator panel = page.getByRole(AriaRole.TABPANEL);
        assertThat(panel).containsText("Unchanged from the original.");
        cell("man, step 1, Footwork").fill("HT");
        press("Enter");
        assertThat(panel).containsText("1 place differs");
        assertThat(page.getByLabel("Differences")).containsText("man, step 1, footwork");
        press("Control+s");
        assertThat(button("Saved")).isVisible();
        page.reload();
        button("Restore the original").click();
        assertThat(cell("man, step 1, Footwork")).hasValue("H");
        assertThat(panel).containsText("Once you save it, this figure is unchanged from the original.");
        press("Control+z");
        assertThat(cell("man, step 1, Footwork")).hasValue("HT");
        press("Control+y", "Control+s");
        assertThat(button("Saved")).isVisible();
        assertThat(panel).containsText("Unchanged from the original.");
    }

    @Test
    void aFigureIsReadOnAPhoneAPartAtATimeAndChangedOnRequest() {
        page.setViewportSize(390, 844);
        open("figures/waltz-natural-turn");
        Locator man = page.getByLabel("Steps of the man");
        assertThat(man.locator("li")).hasCount(6);
        assertThat(man.locator("li").first()).containsText("facing diagonally to wall");
        assertThat(cell("man, step 1, Foot position")).hasCount(0);
        man.hover();
        page.mouse().down();
        page.mouse().move(60, 400);
        page.mouse().up();
        assertThat(page.getByLabel("Steps of the lady").locator("li").first())
                .containsText("backing diagonally to wall");
        page.getByRole(AriaRole.MAIN)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("More"))
                .click();
        button("Edit").click();
        assertThat(cell("man, step 1, Foot position")).isVisible();
    }

    @Test
    void aDanceIsHeldDifferentlyAndAsItCameAgain() {
        open("dances/quickstep");
        Locator third = page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("3"));
        third.click();
        assertThat(page.getByText("This studio uses its own values for the Quickstep"))
                .isVisible();
        assertThat(third).not().isChecked();
        page.getByLabel("a slow lasts").fill("soon");
        press("Tab");
        assertThat(page.getByText("such as 2 or 1 1/2").first()).isVisible();
        open("routines/lamplight-quickstep");
        assertThat(page.getByTestId("standing")).containsText("break");
        open("dances/quickstep");
        button("Restore defaults").click();
        assertThat(third).isChecked();
        open("routines/lamplight-quickstep");
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");
    }

    @Test
    void theStepUnderTheCursorIsShownInBothChartsAndOnTheFloor() {
        open("figures/waltz-natural-turn");
        cell("lady, step 2, Foot position").click();
        assertThat(page.getByLabel("Steps on the floor, 2 of 6 counts danced")).isVisible();
        assertThat(page.getByLabel("Chart of the man").locator("tbody tr.bg-spruce-wash th"))
                .hasText("2");
    }

    @Test
    void theBookIsLookedThroughDanceByDance() {
        open("book");
        assertThat(page.getByRole(AriaRole.ROW)).hasCount(20);
        page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("Quickstep"))
                .getByLabel("4 pre-bronze")
                .click();
        page.getByText("Quarter Turn to Right").waitFor();
        assertThat(page.getByText("Tipple Chassé to Right")).hasCount(0);
    }

    @Test
    void cellsAreOfferedAndBlocksArePasted() {
        open("figures/waltz-reverse-turn");
        Locator action = cell("man, step 2, Foot position");
        action.focus();
        press("Control+a");
        type("sl");
        press("Escape");
        press("Control+a");
        type("diag");
        page.getByText("Alt 2").waitFor();
        press("Control+Space");
        assertThat(action).hasValue("diag fwd");
        press("Escape");
        page.evaluate("""
                () => {
                  const clipboardData = new DataTransfer();
                  clipboardData.setData('text/plain', 'sd\\tf DW\\t1/8 L\\ncl\\tf W\\t1/8 R\\n');
                  document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
                }""");
        assertThat(cell("man, step 2, Foot position")).hasValue("sd");
        assertThat(cell("man, step 3, Alignment")).hasValue("f W");
        assertThat(cell("man, step 3, Turn")).hasValue("1/8 R");
        press("Control+z");
        assertThat(cell("man, step 3, Turn")).not().hasValue("1/8 R");
    }

    @Test
    void aMirroredCopyAndAFigureFromCsv() throws Exception {
        open("figures/new?dance=waltz&copy=waltz-whisk");
        assertThat(page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Figure")))
                .hasText("Whisk");
        page.getByLabel("Title").fill("Left Over");
        button("Create figure").click();
        assertThat(cell("man, step 1, Foot")).hasValue("LF");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Derive"))
                .click();
        button("Mirror the whole figure").click();
        page.getByText("Changes").waitFor();
        button("Accept").click();
        assertThat(cell("man, step 1, Foot")).hasValue("RF");
        press("Control+s");
        assertThat(button("Saved")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Card"))
                .click();
        Download csv = page.waitForDownload(
                () -> page.getByText("Export charts as CSV").click());
        Path file = folder.resolve("charts.csv");
        csv.saveAs(file);
        assertThat(Files.readString(file)).startsWith("part,step,count");

        open("figures/new?dance=waltz");
        page.getByLabel("Title").fill("From a File");
        page.getByLabel("CSV file of both charts").check();
        page.locator("input[type=file]").setInputFiles(file);
        page.getByLabel("Bars").fill("1");
        button("Create figure").click();
        assertThat(cell("man, step 1, Foot")).hasValue("RF");
        assertThat(cell("lady, step 3, Foot position")).isVisible();
    }

    @Test
    void theCardIsReadInTheCoachesWords() {
        open("figures/waltz-natural-turn/card");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Lady")))
                .isVisible();
        page.getByLabel("Name the parts: man and lady").click();
        page.getByText("leader and follower").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Follower")))
                .isVisible();
        assertThat(page.getByText("Right foot forward, heel first, then toe").first())
                .isVisible();
        assertThat(page.getByText("Warm up first")).isVisible();
        open("figures/waltz-natural-turn");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Leader")))
                .isVisible();
    }

    @Test
    void rowsAreLaidOnAnotherCountAfterSeeingWhatChanges() {
        open("figures/waltz-natural-turn?panel=derive");
        page.locator("input[name=man]").fill("1 2 & 1 2 3");
        button("Show changes").click();
        assertThat(page.getByText("man, step 3, count")).isVisible();
        button("Cancel").click();
        page.locator("input[name=man]").fill("1 2");
        button("Show changes").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("6 rows");
        assertThat(cell("man, step 3, Count")).hasValue("3");
    }

    private void correct(int step, String alignment, String turn) {
        cell("lady, step " + step + ", " + COLUMNS[3]).focus();
        fill(alignment);
        press("Tab");
        fill(turn);
    }

    /** Selects what is there and types over it. */
    private void fill(String text) {
        press("Control+a");
        keystrokes++;
        type(text);
    }

    private void type(String text) {
        keystrokes += text.length() + 1;
        page.keyboard().type(text);
    }

    @Test
    void aFigureIsToldInOnesOwnWordsAndCorrectedByTalk() {
        open("figures/new?dance=waltz");
        page.getByLabel("Title").fill("A told turn");
        page.getByText("Your own words").click();
        page.getByLabel("Describe it step by step, or in summary")
                .fill(
                        "Right foot forward facing diagonal wall, heel toe; left foot to the side backing diag centre, a quarter to the right, soaring, toe; "
                                + "close right to left backing line of dance, an eighth, toe heel. Lady the natural opposite.");
        page.getByText("Not understood: “soaring”").waitFor();
        assertAccessible();
        button("Create figure").click();
        cell("man, step 3, Turn").waitFor();
        assertThat(cell("man, step 3, Turn").inputValue()).isEqualTo("1/8 R");
        assertThat(cell("lady, step 1, Foot position").inputValue()).isEqualTo("bk");

        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Describe"))
                .click();
        page.getByLabel("Describe the change").fill("step two, pointing diag centre");
        press("Enter");
        assertThat(cell("man, step 2, Alignment")).hasValue("p DC");
        button("Play").click();
        assertThat(page.getByTestId("aloud"))
                .containsText("Step 2, count 2, left foot to the side, pointing diagonally to centre");
        assertAccessible("[role=tabpanel]:not([hidden])");
    }

    @Test
    void whatACellMayMeanIsChosenWithOneKey() {
        open("figures/waltz-whisk");
        cell("lady, step 2, Turn").fill("1/8");
        page.getByText("“1/8” – which?").waitFor();
        press("Alt+2");
        assertThat(cell("lady, step 2, Turn")).hasValue("1/8 L");
        cell("lady, step 2, Turn").fill("heel toe");
        page.getByText("Footwork: HT").first().waitFor();
        press("Alt+1");
        assertThat(cell("lady, step 2, Footwork")).hasValue("HT");
        assertThat(cell("lady, step 2, Turn")).hasValue("");
    }
}
