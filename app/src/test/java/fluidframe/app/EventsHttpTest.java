package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.StringReader;
import java.util.stream.StreamSupport;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Events and the rules of their organisers, from what ships with the program. */
@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
@AutoConfigureMockMvc
class EventsHttpTest {

    private final MockMvc mvc;
    private final Http http;

    @Autowired
    EventsHttpTest(MockMvc mvc) {
        this.mvc = mvc;
        this.http = new Http(mvc);
    }

    private ObjectNode read(String address) throws Exception {
        return (ObjectNode) Http.JSON.readTree(http.read(address)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private JsonNode answer(String address, JsonNode question) throws Exception {
        return Http.JSON.readTree(http.send(address, question)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private static ObjectNode dayQuestion(ObjectNode event, boolean solve) {
        ObjectNode question = Http.JSON.createObjectNode().put("solve", solve);
        question.set("event", event);
        return question;
    }

    private ObjectNode standingQuestion(ObjectNode routine) {
        ObjectNode question = Http.JSON.createObjectNode();
        question.set("routine", routine);
        return question;
    }

    @Test
    void aDayIsPlannedLookedAtAndGoesIntoACalendar() throws Exception {
        ObjectNode event = read("/api/events/lamplight-open").put("id", "a-day").put("title", "A Day");
        JsonNode day = answer("/api/events/days", dayQuestion(event, true));
        assertThat(day.get("exact").asBoolean()).isTrue();
        assertThat(day.get("conflicts")).isEmpty();
        assertThat(day.get("plan")).hasSize(6);
        assertThat(day.get("warmUps")).isNotEmpty();
        JsonNode call = day.get("calls").get(0);
        assertThat(call.get("couples").get(0).get("side").asString()).isEqualTo("first long side");
        event.set("plan", day.get("plan"));
        http.send("/api/events", event).andExpect(status().isCreated());
        String text = http.read("/api/events/a-day/calendar.ics")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        Calendar calendar = new CalendarBuilder().build(new StringReader(text));
        calendar.validate(true);
        assertThat(calendar.getComponents()).hasSize(6 + day.get("warmUps").size());
        VEvent round =
                (VEvent) calendar.getComponents().get(calendar.getComponents().size() - 1);
        assertThat(round.getDateTimeStart().getDate().toString()).startsWith("2027-03-13T");
        ArrayNode first = (ArrayNode) event.get("plan").get(0).get("heats").get(0);
        first.remove(0);
        JsonNode looked = answer("/api/events/days", dayQuestion(event, false));
        assertThat(looked.get("conflicts").get(0).get("sentence").asString()).contains("are in no heat of");
    }

    @Test
    void aDayThatCannotBeIsAnsweredWithWhatWouldAllowIt() throws Exception {
        ObjectNode event = read("/api/events/lamplight-open");
        ((ObjectNode) event.get("day")).put("ends", "11:30");
        http.send("/api/events/days", dayQuestion(event, true))
                .andExpect(jsonPath("$.plan").doesNotExist())
                .andExpect(jsonPath("$.exact", is(true)))
                .andExpect(jsonPath("$.relaxations[0].sentence", startsWith("It works if the day may go on until ")));
    }

    @Test
    void afterACoupleHasGoneTheRestOfTheDayIsPlannedAnew() throws Exception {
        ObjectNode event = read("/api/events/lamplight-open");
        JsonNode day = answer("/api/events/days", dayQuestion(event, true));
        event.set("plan", day.get("plan"));
        String last = day.get("plan").get(5).get("round").asString();
        ObjectNode round = (ObjectNode) StreamSupport.stream(event.get("rounds").spliterator(), false)
                .filter(each -> each.get("id").asString().equals(last))
                .findFirst()
                .orElseThrow();
        ((ArrayNode) round.get("entries")).remove(1);
        JsonNode again = answer(
                "/api/events/days",
                dayQuestion(event, true)
                        .put("now", day.get("plan").get(1).get("start").asString()));
        assertThat(again.get("plan").get(0)).isEqualTo(day.get("plan").get(0));
        assertThat(again.get("conflicts")).isEmpty();
    }

    @Test
    void aRoutineStandsAgainstEveryRuleAndIsMended() throws Exception {
        ObjectNode waltz = read("/api/routines/lamplight-waltz-four-sides");
        JsonNode standings = answer("/api/standings", standingQuestion(waltz));
        assertThat(standings.findValuesAsString("division"))
                .contains("Bronze Standard", "Silver Standard", "Gold Standard", "First Showing", "Showcase");
        ObjectNode question =
                standingQuestion(waltz).put("profile", "lamplight-open").put("division", "Bronze Standard");
        JsonNode bronze = answer("/api/standings", question).get(0);
        assertThat(bronze.get("stand").asString()).isEqualTo("breaks");
        JsonNode level = StreamSupport.stream(bronze.get("rulings").spliterator(), false)
                .filter(each -> each.get("rule").asString().equals("level"))
                .findFirst()
                .orElseThrow();
        int before = level.get("places").size();
        assertThat(before).isPositive();
        JsonNode repairs =
                answer("/api/ruling-repairs", question.put("rule", "level").put("place", 0));
        assertThat(repairs).isNotEmpty();
        waltz.set("placements", repairs.get(0).get("placements"));
        JsonNode after = answer(
                        "/api/standings",
                        standingQuestion(waltz).put("profile", "lamplight-open").put("division", "Bronze Standard"))
                .get(0);
        JsonNode mended = StreamSupport.stream(after.get("rulings").spliterator(), false)
                .filter(each -> each.get("rule").asString().equals("level"))
                .findFirst()
                .orElseThrow();
        assertThat(mended.get("places").size()).isLessThan(before);
        http.send("/api/ruling-repairs", question.put("rule", "beauty"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/rule")));
    }

    @Test
    void everyRoutineThatIsEnteredIsHeldAgainstItsDivision() throws Exception {
        http.read("/api/events/lamplight-open/standings")
                .andExpect(jsonPath("$", hasSize(14)))
                .andExpect(jsonPath("$[?(@.problem)]", empty()))
                .andExpect(jsonPath("$[0].standing.rulings", hasSize(greaterThan(3))));
    }

    @Test
    void whatCannotBeIsRefusedWithItsPlace() throws Exception {
        ObjectNode event = read("/api/events/ferry-night").put("id", "wrong");
        ((ObjectNode) event.get("rounds").get(0)).put("division", "Masters");
        http.send("/api/events", event)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/rounds/0/division")))
                .andExpect(jsonPath("$.faults[0].expected", containsString("Showcase")));
        ObjectNode stranger = read("/api/events/ferry-night").put("id", "wrong").put("date", "22 May");
        ((ObjectNode) stranger.get("rounds").get(0).get("entries").get(0))
                .putArray("routines")
                .add("nowhere");
        http.send("/api/events", stranger)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", hasItem("/date")))
                .andExpect(jsonPath("$.faults[*].place", hasItem("/rounds/0/entries/0/routines/0")));
        ObjectNode profile = read("/api/profiles/ferry-night").put("id", "wrong");
        ((ObjectNode) profile.get("divisions").get(0))
                .putObject("seconds")
                .put("least", 90)
                .put("most", 60);
        http.send("/api/profiles", profile)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/divisions/0/seconds")));
        http.read("/api/events/wrong").andExpect(status().isNotFound());
        http.read("/api/profiles/wrong").andExpect(status().isNotFound());
    }

    @Test
    void whatAnEventNeedsCannotBeThrownAway() throws Exception {
        String profile =
                http.read("/api/profiles/ferry-night").andReturn().getResponse().getHeader("ETag");
        mvc.perform(delete("/api/profiles/ferry-night").header("If-Match", profile))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("Ferry Night")));
        String routine = http.read("/api/routines/ferry-night-rumba")
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        mvc.perform(delete("/api/routines/ferry-night-rumba").header("If-Match", routine))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("entered for Ferry Night")));
    }

    @Test
    void rulesGoOutAsABookAndComeInAgainBesideThoseThatAreThere() throws Exception {
        ObjectNode book = read("/api/profiles/ferry-night/book");
        assertThat(book.get("profiles")).hasSize(1);
        ((ObjectNode) book.get("profiles").get(0)).put("note", "Changed on the way.");
        http.send("/api/import-plans", book)
                .andExpect(jsonPath("$.items[0].kind", is("profile")))
                .andExpect(jsonPath("$.items[0].likeness", is("differs")));
        ObjectNode question = Http.JSON.createObjectNode();
        question.set("book", book);
        question.putArray("choices")
                .addObject()
                .put("kind", "profile")
                .put("id", "ferry-night")
                .put("choice", "both");
        http.send("/api/imports", question)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.profiles[0]", is("ferry-night-2")));
        http.read("/api/profiles/ferry-night-2").andExpect(jsonPath("$.note", is("Changed on the way.")));
        http.read("/api/profiles/ferry-night").andExpect(jsonPath("$.note", not("Changed on the way.")));
    }

    @Test
    void anEventIsKeptWithTheStateItWasReadIn() throws Exception {
        ObjectNode event = read("/api/events/ferry-night").put("id", "kept").put("title", "Kept");
        http.send("/api/events", event).andExpect(status().isCreated());
        String tag = http.read("/api/events/kept").andReturn().getResponse().getHeader("ETag");
        mvc.perform(put("/api/events/kept")
                        .header("If-Match", tag)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(event.put("place", "Elsewhere").toString()))
                .andExpect(status().isOk());
        mvc.perform(put("/api/events/kept")
                        .header("If-Match", tag)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(event.toString()))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.stored.place", is("Elsewhere")));
        mvc.perform(delete("/api/events/kept")
                        .header(
                                "If-Match",
                                http.read("/api/events/kept")
                                        .andReturn()
                                        .getResponse()
                                        .getHeader("ETag")))
                .andExpect(status().isNoContent());
        http.read("/api/deletions").andExpect(jsonPath("$[?(@.id == 'kept')].kind", hasItem("event")));
    }
}
