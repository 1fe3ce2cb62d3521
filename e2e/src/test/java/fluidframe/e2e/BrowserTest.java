package fluidframe.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.ConsoleMessage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.HttpURLConnection;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;

/**
 * The real program in a real browser; a page error fails the test that caused it, and so does a page that asks for what
 * is not there.
 */
abstract class BrowserTest {

    /** The rules of accessibility, as they are shipped. */
    private static final String AXE = read("/axe.min.js");
    /** As Debian installs it; the first that is there is taken, and the one without windows is the quicker. */
    private static final List<Path> CHROMIUMS =
            List.of(Path.of("/usr/bin/chromium-headless-shell"), Path.of("/usr/bin/chromium"));
    /**
     * What runs for seconds only is not worth compiling once more; what is measured is compiled as it is for coaches.
     */
    private static final List<String> OPTIONS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-background-networking",
            "--js-flags=" + (System.getProperty("fluidframe.measure") == null ? "--no-turbofan" : ""));

    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    /** The first answers of a program just started take their time on a busy machine. */
    private static final double PATIENCE_MILLISECONDS = 20_000;

    /** Shared by all tests of one process, for it takes longer to start than most of them take. */
    protected static RunningProgram program;
    /**
     * Shared as well, so that what never changes is loaded once; what only explains by moving is still, as a coach may
     * ask of the system.
     */
    private static BrowserContext browser;

    protected Page page;
    /** How every view that waits for something ends what it says meanwhile. */
    private static final Pattern STILL_WAITING = Pattern.compile(" …\\s*$");

    private final List<String> pageErrors = new ArrayList<>();
    private final List<String> askedInVain = new ArrayList<>();

    @BeforeAll
    static void start() throws Exception {
        if (program != null) {
            return;
        }
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLISECONDS);
        program = new RunningProgram(Files.createTempDirectory("fluidframe-browser"));
        program.start();
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(chromium())
                        .setArgs(OPTIONS))
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(WIDTH, HEIGHT)
                        .setReducedMotion(ReducedMotion.REDUCE)
                        .setServiceWorkers(ServiceWorkerPolicy.BLOCK));
        Runtime.getRuntime().addShutdownHook(new Thread(program::end));
    }

    private static String read(String resource) {
        try (InputStream script = BrowserTest.class.getResourceAsStream(resource)) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Path chromium() {
        return CHROMIUMS.stream()
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("there is no Chromium at any of " + CHROMIUMS));
    }

    /** A browser of its own on a phone, which lays the program by. */
    protected static BrowserContext phone() {
        return browser.browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true));
    }

    @BeforeEach
    void openPage() {
        page = browser.newPage();
        page.onPageError(pageErrors::add);
        page.onConsoleMessage(this::noteError);
        page.onResponse(this::noteWhatIsNotThere);
    }

    @AfterEach
    void closePage() {
        if (page.url().startsWith("http")) {
            page.evaluate("localStorage.clear()");
        }
        page.close();
        assertThat(pageErrors).isEmpty();
        assertThat(askedInVain).isEmpty();
    }

    private void noteWhatIsNotThere(Response response) {
        if (response.status() == HttpURLConnection.HTTP_NOT_FOUND) {
            askedInVain.add(response.request().method() + " " + response.url());
        }
    }

    /** What a test asks for although it is not there, on purpose. */
    protected final void assertAskedInVain(String expected) {
        assertThat(askedInVain).hasSize(1).first().asString().endsWith(expected);
        askedInVain.clear();
    }

    /** A refused request is no error of the page's; what the page's own policy forbids is one. */
    private void noteError(ConsoleMessage message) {
        if (message.type().equals("error") && !message.text().startsWith("Failed to load resource")) {
            pageErrors.add(message.text());
        }
    }

    protected final void open(String view) {
        page.navigate(program.address() + "#/" + view);
    }

    /**
     * Goes on to another view in the page that is open; the view before is gone when this returns, and this one does
     * not wait for anything any more.
     */
    protected final void goOn(String view) {
        String path = view.replaceFirst("\\?.*", "");
        boolean sameView = page.url().replaceFirst("\\?.*", "").endsWith("#/" + path);
        page.evaluate("() => document.querySelectorAll('h1').forEach(heading => heading.dataset.before = '')");
        open(view);
        if (sameView) {
            page.reload();
        }
        page.locator("h1:not([data-before])").first().waitFor();
        PlaywrightAssertions.assertThat(page.locator("p").filter(new Locator.FilterOptions().setHasText(STILL_WAITING)))
                .hasCount(0);
    }

    /** A new waltz on the desk, with nothing in it yet. */
    protected final void startRoutine(String title) {
        open("routines");
        page.getByLabel("Title of the new routine").fill(title);
        button("Create routine").click();
        page.getByText("Start with").waitFor();
        page.locator("#next-figures button").first().waitFor();
        page.locator("h1").evaluate("() => document.activeElement.blur()");
    }

    protected final Locator cell(String name) {
        return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
    }

    protected final Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    protected final void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    protected final void assertAccessible() {
        assertNoViolations(null, "{}");
    }

    /** Of one region of a view that is looked at as a whole elsewhere. */
    protected final void assertAccessible(String region) {
        assertNoViolations(region, "{}");
    }

    /** Of a view whose inks and grounds have been read elsewhere. */
    protected final void assertAccessibleButForColours() {
        assertNoViolations(null, "{ rules: { 'color-contrast': { enabled: false } } }");
    }

    /** Of a view that is accessible otherwise: its contrasts, all that another theme can change. */
    protected final void assertReadable() {
        assertNoViolations(null, "{ runOnly: ['color-contrast'] }");
    }

    /** A page that is gone on to brings its rules along; of what is wrong the first place of each kind is told. */
    private void assertNoViolations(String region, String options) {
        page.locator("h1").first().waitFor();
        page.waitForFunction("document.fonts.ready.then(() => true)");
        if (page.evaluate("'axe' in window").equals(false)) {
            page.evaluate(AXE);
        }
        assertThat((List<?>) page.evaluate("""
                (region) => axe.run(region ?? document, { resultTypes: ['violations'], ...%s })
                    .then(({ violations }) => violations.map(({ id, nodes }) => `${id}: ${nodes[0].html}`))""".formatted(options), region)).isEmpty();
    }
}
