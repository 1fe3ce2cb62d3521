package fluidframe.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** A coach's work in the real interface of the real program. */
class CoachTest {

    private static final List<String> EIGHT_FIGURES = List.of("Natural Turn", "Closed Change on RF", "Reverse Turn", "Whisk",
            "Chassé from Promenade", "Hesitation Change", "Reverse Turn", "Closed Change on LF");

    @TempDir
    private static Path data;
    private static RunningProgram program;
    private static Playwright playwright;
    private static Browser browser;
    private Page page;
    private final List<String> pageErrors = new ArrayList<>();

    @BeforeAll
    static void start() throws Exception {
        program = new RunningProgram(data);
        program.start();
        playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright.chromium().launch(new BrowserType.LaunchOptions().setExecutablePath(Path.of("/usr/bin/chromium"))
                .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking")));
    }

    @AfterAll
    static void stop() throws Exception {
        playwright.close();
        program.close();
    }

    @BeforeEach
    void openPage() {
        page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
        page.onPageError(pageErrors::add);
    }

    @AfterEach
    void closePage() {
        page.close();
        assertThat(pageErrors).isEmpty();
    }

    @Test
    void aBrokenTurnIsFoundAtItsCellAndMendedFromTheFinding() {
        open("figures?dance=waltz");
        page.getByText("Natural Turn", new Page.GetByTextOptions().setExact(true)).click();
        Locator turn = cell("man, step 5, Turn");
        assertThat(turn).hasValue("3/8 R, body less");
        turn.fill("1/4 R, body less");
        Locator finding = page.locator("[data-rule=A1][data-place='/man/4/turn']");
        assertThat(finding).containsText("1/8 apart");
        assertThat(turn).hasAttribute("aria-invalid", "true");
        finding.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("make the turn 3/8 R")).click();
        assertThat(turn).hasValue("3/8 R, body less");
        assertThat(finding).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(turn).hasValue("1/4 R, body less");
        page.keyboard().press("Control+y");
        assertThat(finding).hasCount(0);
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
        assertThat(page.getByText("These are your changes from before")).isVisible();
        assertThat(cell("man, step 2, Foot position")).hasValue("sd sl bk");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Drop them")).click();
        assertThat(cell("man, step 2, Foot position")).hasValue("sd sl fwd");
    }

    @Test
    void aRoutineIsBuiltMendedPlayedAndFoundAgainAfterARestart() throws Exception {
        open("routines");
        page.getByLabel("Title of a new routine").fill("Marram Point Waltz");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start it")).click();
        page.getByText("Begin with").waitFor();
        for (String figure : EIGHT_FIGURES) {
            add(figure);
        }
        assertThat(placements()).hasCount(EIGHT_FIGURES.size());
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");

        placement(1).click();
        page.keyboard().press("Delete");
        assertThat(page.getByTestId("standing")).hasText("1 seam breaks");
        page.locator("[data-outcome=breaks]").click();
        assertThat(page.getByText("RF is free, but the next figure starts with LF")).isVisible();
        page.getByLabel("What may come next").getByText("Closed Change on RF").click();
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");

        placement(7).click();
        page.keyboard().press("Alt+ArrowLeft");
        assertThat(placement(6)).hasAttribute("aria-label", "Bar 10, Closed Change on LF");
        page.keyboard().press("Control+z");
        placement(2).dragTo(placement(3));
        assertThat(placement(3)).hasAttribute("aria-label", "Bar 5, Reverse Turn");
        page.keyboard().press("Control+z");
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");

        placement(0).click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Play")).click();
        assertThat(page.getByText("left foot to the side, backing diagonally to centre")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pause")).click();
        page.keyboard().press("Control+s");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Kept"))).isVisible();

        program.restart();
        open("routines");
        page.getByText("Marram Point Waltz").click();
        assertThat(placements()).hasCount(EIGHT_FIGURES.size());
        assertThat(page.getByTestId("standing")).hasText("every seam can be danced");
    }

    @ParameterizedTest
    @ValueSource(strings = {"figures", "figures/waltz-natural-turn", "figures/rumba-alemana?columns=all", "routines", "routines/ferry-night-rumba", "nowhere"})
    void everyViewIsAccessible(String view) {
        open(view);
        page.locator("h1").first().waitFor();
        page.waitForFunction("document.fonts.ready.then(() => true)");
        List<Rule> violations = new AxeBuilder(page).analyze().getViolations();
        assertThat(violations).extracting(violation -> violation.getId() + ": " + violation.getNodes().get(0).getHtml()).isEmpty();
    }

    private void open(String view) {
        page.navigate(program.address() + "#/" + view);
    }

    private Locator cell(String name) {
        return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
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
