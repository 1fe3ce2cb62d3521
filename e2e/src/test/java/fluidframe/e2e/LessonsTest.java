package fluidframe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is due, people, and lessons: planned, recorded by taps, also in a hall without a network. */
class LessonsTest extends BrowserTest {

    private static Locator button(Page on, String name) {
        return on.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Some hundreds of answers are laid by first. */
    private static void awaitReady(Page phone) {
        assertThat(phone.getByText("Ready without a network"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(90_000));
    }

    private static void tap(Page phone, String grade) {
        button(phone, grade).click();
    }

    /** How often a note of each id is kept of a couple, counted from their record. */
    private static List<Map<String, Object>> keptNotes(Page on, String person) {
        return ((List<?>) on.evaluate(
                        "async (id) => (await (await fetch(`/api/people/${id}/record`)).json()).notes.filter((note) => note.lesson === 'petra-tomas-today')",
                        person))
                .stream().map(LessonsTest::fields).toList();
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> fields(Object note) {
        return (Map<String, Object>) note;
    }

    @Test
    void aLessonIsRecordedWithoutANetworkAndNothingIsLostOrDoubled() throws Exception {
        try (BrowserContext hall = phone()) {
            Page phone = hall.newPage();
            phone.navigate(program.address() + "#/today");
            awaitReady(phone);
            program.end();
            hall.setOffline(true);
            phone.reload();
            phone.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions()
                                    .setName(Pattern.compile("Petra Lunn & Tomas Reyle.*45 minutes")))
                    .click();
            phone.locator("[aria-label='What is danced'] li button").first().click();
            assertThat(button(phone, "secure")).isVisible();
            for (int note = 1; note <= 20; note++) {
                tap(phone, List.of("lost", "shaky", "good", "secure").get(note % 4));
                assertThat(phone.getByText(note == 1 ? "1 note is waiting" : note + " notes are waiting"))
                        .isVisible();
                if (note % 10 == 0) {
                    phone.reload();
                    phone.locator("[aria-label='What is danced'] li button")
                            .first()
                            .click();
                }
            }
            phone.locator("[aria-label='Known faults'] button").first().click();
            tap(phone, "shaky");
            assertThat(phone.getByText("21 notes are waiting")).isVisible();
            phone.locator("[aria-label='Notes'] li")
                    .nth(1)
                    .getByRole(AriaRole.BUTTON)
                    .click();
            assertThat(phone.locator("[aria-label='Notes'] li")).hasCount(20);
            phone.navigate(program.address() + "#/routines/ferry-night-waltz/card");
            assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ferry Night Waltz")))
                    .isVisible();
            program.start();
            hall.setOffline(false);
            phone.navigate(program.address() + "#/lessons/petra-tomas-today");
            program.restart();
            phone.reload();
            assertThat(phone.locator("[aria-label='Notes'] li")).hasCount(20);
            assertThat(phone.getByText(Pattern.compile("notes? (is|are) waiting")))
                    .hasCount(0);
            List<Map<String, Object>> kept = keptNotes(phone, "petra-lunn");
            assertThat(kept).hasSize(20);
            assertThat(kept.stream().map(note -> note.get("id")).distinct()).hasSize(20);
            assertThat(kept.stream().map(note -> (String) note.get("at")).toList())
                    .isSorted();
            assertThat(kept.get(19)).containsKey("faults");
            phone.reload();
            assertThat(phone.locator("[aria-label='Notes'] li")).hasCount(20);
        }
    }

    @Test
    void aNoteOfALessonThatWasThrownAwayIsShownAndKeptWithoutIt() throws Exception {
        try (BrowserContext hall = phone()) {
            Page phone = hall.newPage();
            phone.navigate(program.address() + "#/today");
            awaitReady(phone);
            hall.setOffline(true);
            phone.navigate(program.address() + "#/lessons/calla-bram-today");
            phone.locator("[aria-label='What is danced'] li button").first().click();
            tap(phone, "good");
            assertThat(phone.getByText("1 note is waiting")).isVisible();
            page.waitForResponse("**/calla-bram-today/notes", () -> open("lessons/calla-bram-today?show=plan"));
            button("Delete the lesson").click();
            assertThat(page.locator("h2").first()).hasText("Lessons");
            hall.setOffline(false);
            phone.reload();
            assertThat(phone.getByText("The lesson was deleted in the meantime."))
                    .isVisible();
            button(phone, "Save without the lesson").click();
            assertThat(phone.getByText("could not be saved")).hasCount(0);
        }
    }

    @Test
    void somebodyNewIsTaughtWhatIsDue() {
        open("people");
        page.getByLabel("Name of somebody new").fill("Una Field");
        press("Enter");
        page.getByLabel("Include Una Field").check();
        button("Teach alone").click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Dances"))
                .getByText("Rumba", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Add routine: choose a routine").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Ferry Night Rumba"))
                .click();
        press("Control+s");
        assertThat(button("Saved")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Practice due"))
                .click();
        assertThat(page.locator("[aria-label='Practice due'] li").first()).containsText("not shown yet");
        button("New lesson").click();
        button("Plan the lesson").click();
        assertThat(page.locator("[aria-label='What is danced'] li").first()).isVisible();
        page.locator("[aria-label='What is danced'] li button").first().click();
        page.locator("h1").evaluate("() => document.activeElement.blur()");
        press("4");
        Locator tried = page.locator("[aria-label='Notes'] li").first();
        assertThat(tried).containsText("secure");
        Locator fault = page.locator("[aria-label='Known faults'] button").first();
        fault.click();
        assertThat(tried).containsText(fault.innerText());
        assertThat(tried).containsText("secure");
        page.reload();
        assertThat(tried.locator(".text-madder")).hasCount(1);
        open("lessons?couple=una-field&show=list");
        page.locator("[aria-label='Coming'] a")
                .filter(new Locator.FilterOptions().setHasText("Una Field"))
                .first()
                .click();
        assertThat(page.locator("[aria-label='What is danced']")).isVisible();
        open("couples/una-field?show=progress");
        assertThat(page.locator("[aria-label='Figures over time'] tbody tr")).hasCount(1);
        open("couples/una-field?show=term");
        assertThat(page.getByText("they are entered for no event")).isVisible();
        open("couples/una-field?show=learn");
        assertThat(page.locator("[aria-label='Learning order'] li").first()).isVisible();
        open("people/una-field");
        button("Erase Una Field …").click();
        assertThat(page.getByText("This cannot be undone")).isVisible();
        button("Erase permanently").click();
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("People").setExact(true)))
                .isVisible();
        assertThat(page.getByTestId("notice").count())
                .as("offers to take back what was kept of her")
                .isZero();
        assertThat(page.getByText("Una Field")).hasCount(0);
    }

    @Test
    void aSheetOfPostureIsReadChangedAndChecked() {
        open("figures/waltz-natural-turn");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("closed, closed"))
                .first()
                .click();
        assertThat(page.getByRole(
                        AriaRole.HEADING, new Page.GetByRoleOptions().setName("Closed hold of the swing dances")))
                .isVisible();
        assertThat(page.getByText("hands at 157 cm")).isVisible();
        page.getByLabel("Height of the lady, metres").fill("1.55");
        assertThat(page.getByText("hands at 145 cm")).isVisible();
        button("Edit").click();
        page.getByLabel("cm apart").fill("80");
        press("Tab");
        assertThat(page.getByText(
                        Pattern.compile("They stand 80 cm apart, and in closed position it is 25 cm to 50 cm")))
                .isVisible();
        press("Control+z");
        assertThat(page.getByText("They stand 80 cm apart")).hasCount(0);
    }

    @Test
    void anExerciseIsRehearsedAsItIsStated() {
        open("drills?figure=waltz-natural-turn");
        page.getByLabel("Danced by: the couple").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("the lady alone"))
                .click();
        Locator own = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Your own exercise"));
        assertThat(own).containsText("The lady alone, with the left foot free.");
        page.getByLabel("% at first").fill("50");
        press("Tab");
        assertThat(own).containsText("then 50 %, 60 %");
        own.getByText("Rehearse").click();
        assertThat(page.getByText("50 %", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("Man", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
        page.getByLabel("Back to the exercises").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Exercises on Natural Turn")))
                .isVisible();
    }
}
