package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.RequestOptions;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What the coach set stays set, what is shown is the truth, and what was done can be taken back. */
class KeepingTest extends BrowserTest {

    @Test
    void thePagesKeepToTheirPolicyAndHaveTheirFonts() {
        open("figures");
        page.locator("h1").first().waitFor();
        for (String font : new String[] {"Bricolage Grotesque Variable", "Atkinson Hyperlegible Next Variable"}) {
            assertThat((Boolean) page.evaluate(
                            "name => document.fonts.ready.then(() => [...document.fonts].some(font => font.family.includes(name) && font.status === 'loaded'))",
                            font))
                    .as(font)
                    .isTrue();
        }
        assertThat(page.request().get(program.address()).headers().get("content-security-policy"))
                .doesNotContain("unsafe-inline' 'script")
                .contains("frame-ancestors 'none'");
    }

    @Test
    void whatTheProgramWarnsOfStandsOnEveryPage() {
        page.route(
                "**/api/status",
                route -> route.fulfill(
                        new Route.FulfillOptions()
                                .setContentType("application/json")
                                .setBody(
                                        "{\"writable\": false, \"warnings\": [\"The disk is full.\", \"Everybody on this network can read and change everything.\"]}")));
        for (String view : new String[] {"figures", "routines/lamplight-waltz"}) {
            open(view);
            assertThat(page.getByRole(AriaRole.ALERT))
                    .containsText(new String[] {"The disk is full.", "Everybody on this network"});
        }
    }

    @Test
    void wordsOfAFigureAreUnkeptFromTheirFirstLetterAndKeptWithoutLeavingTheField() {
        open("figures/bolero-underarm-turn?panel=words");
        Locator cues = page.locator("#field-cues");
        cues.press("End");
        assertThat(button("Saved")).isVisible();
        cues.pressSequentially("!");
        assertThat(button("Saved")).hasCount(0);
        press("Control+s");
        assertThat(button("Saved")).isVisible();
        page.reload();
        assertThat(cues).hasValue(Pattern.compile("!"));
    }

    @Test
    void aTitleIsUnkeptFromItsFirstLetterAndKeptWithoutLeavingTheField() {
        startRoutine("Typed Title");
        Locator title = page.getByLabel("Routine title");
        assertThat(button("Saved")).isVisible();
        title.press("End");
        title.pressSequentially("!");
        assertThat(button("Saved")).hasCount(0);
        press("Control+s");
        assertThat(button("Saved")).isVisible();
        open("routines");
        assertThat(notice()).containsText("Saved Typed Title!");
        notice().getByText("Undo").click();
        assertThat(notice()).containsText("back to its previous version");
        page.reload();
        assertThat(page.getByText("Typed Title", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void aCornerPassesToTheFigureBeforeAndAnotherHallKeepsTheStart() {
        startRoutine("Corner Waltz");
        next("Natural Turn", 1);
        next("Closed Change on RF", 2);
        next("Reverse Turn", 3);
        page.locator("#placement-1").click();
        press("c");
        assertThat(corners()).hasCount(1);
        press("Delete");
        assertThat(notice()).containsText("The corner after Closed Change on RF is now turned after Natural Turn.");
        assertThat(corners()).hasCount(1);
        notice().getByText("Undo").click();
        assertThat(page.locator("[id^=placement-]")).hasCount(3);

        press("f");
        number("start at").fill("4.5");
        press("Tab");
        number("long").fill("16");
        press("Tab");
        assertThat(number("start at")).hasValue("4.5");
        number("long").fill("4");
        press("Tab");
        assertThat(number("start at")).hasValue("4");
        assertThat(notice()).containsText("beyond the wall");
        assertThat(page.getByTestId("standing")).containsText("a wall is hit");
        assertThat(page.getByLabel("Reel of figures")).containsText("into the wall");
    }

    @Test
    void aPlanSaysSeamBySeamWhatItWouldDoAndIsTakenInParts() {
        startRoutine("Planned Waltz");
        next("Natural Turn", 1);
        next("Closed Change on RF", 2);
        next("Reverse Turn", 3);
        next("Closed Change on LF", 4);
        next("Natural Turn", 5);
        page.locator("#placement-3").click();
        press("Delete");
        page.locator("#placement-1").click();
        press("c", "Delete");
        assertThat(page.getByTestId("standing")).containsText("2 seams break");
        button("Fix all").click();
        Locator plan = page.getByLabel("Suggested fixes");
        assertThat(plan.locator("li")).hasCount(2);
        assertAccessible("[aria-label='Suggested fixes']");
        plan.getByRole(AriaRole.CHECKBOX).last().click();
        assertThat(plan).containsText("No change.");
        plan.getByText("Apply", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByTestId("standing")).containsText("1 seam breaks");
        assertThat(corners()).hasCount(1);
        press("Control+z");
        assertThat(page.getByTestId("standing")).containsText("2 seams break");
    }

    @Test
    void whatAChangedFigureBreaksIsSaidBeforeItIsKept() {
        page.request()
                .post(
                        program.address() + "api/figures",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(page.request()
                                        .get(program.address() + "api/figures/waltz-closed-change-rf")
                                        .text()
                                        .replace("waltz-closed-change-rf", "waltz-own-change")
                                        .replace("Closed Change on RF", "Own Change")));
        startRoutine("Broken Waltz");
        next("Natural Turn", 1);
        next("Own Change", 2);
        press("Control+s");
        assertThat(button("Saved")).isVisible();

        open("figures/waltz-own-change?panel=derive");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("mirror", Pattern.CASE_INSENSITIVE)))
                .first()
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^(Use|Accept)")))
                .first()
                .click();
        press("Control+s");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Broken Waltz: 1 seam would break");
        assertAccessible("[role=dialog]");
        dialog.getByText("Save and mark the routines").click();
        assertThat(button("Saved")).isVisible();
        open("routines");
        assertThat(page.locator("li").filter(new Locator.FilterOptions().setHasText("Broken Waltz")))
                .containsText("1 seam breaks");

        open("figures/waltz-own-change?panel=versions");
        button("Compare").last().click();
        button("Restore this version").click();
        press("Control+s");
        assertThat(button("Saved")).isVisible();
        page.getByLabel("Delete", new Page.GetByLabelOptions().setExact(true)).click();
        assertThat(page.getByText("It is used in Broken Waltz")).isVisible();
    }

    @Test
    void everythingIsBackedUpDeletedAndBroughtBack() {
        startRoutine("Deleted Waltz");
        page.getByLabel("Delete", new Page.GetByLabelOptions().setExact(true)).click();
        assertThat(notice()).containsText("Deleted Deleted Waltz.");
        open("studio");
        button("Back up now").click();
        assertThat(notice()).containsText("Backup saved as");
        Download backup = page.waitForDownload(() ->
                page.getByLabel("Backups").getByTitle("Save the file").first().click());
        assertThat(backup.suggestedFilename()).startsWith("backup-").endsWith(".zip");
        Locator gone = page.getByLabel("Deleted items", new Page.GetByLabelOptions().setExact(true))
                .locator("li")
                .filter(new Locator.FilterOptions().setHasText("Deleted Waltz"));
        gone.getByText("Restore").click();
        assertThat(notice()).containsText("Deleted Waltz was restored.");
        page.getByText("Restore", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Routines")))
                .isVisible();
        dialog.getByText("Yes, restore it").click();
        assertThat(notice()).containsText("Everything was restored");
        assertThat(gone).isVisible();
    }

    private Locator notice() {
        return page.getByTestId("notice");
    }

    private Locator corners() {
        return page.getByLabel("Reel of figures").getByText("corner", new Locator.GetByTextOptions().setExact(true));
    }

    private Locator number(String label) {
        return page.getByLabel("Floor report", new Page.GetByLabelOptions().setExact(true))
                .getByLabel(label, new Locator.GetByLabelOptions().setExact(true))
                .first();
    }

    private void next(String figure, int thenThereAre) {
        page.locator("#next-figures").getByText(figure).first().click();
        assertThat(page.locator("[id^=placement-]")).hasCount(thenThereAre);
        assertThat(page.locator("#placement-" + (thenThereAre - 1))).hasAttribute("aria-pressed", "true");
        page.waitForLoadState(LoadState.NETWORKIDLE);
    }
}
