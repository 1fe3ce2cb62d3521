package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** People, their lessons and notes; what is due; everything about one of them out and gone. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class LogbookHttpTest extends OverHttp {

    private static final AtomicInteger NUMBER = new AtomicInteger();

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private TransactionOperations transaction;

    private String ada;
    private String ben;
    private String couple;

    @BeforeEach
    void aCouple() throws Exception {
        int number = NUMBER.incrementAndGet();
        ada = "ada-" + number;
        ben = "ben-" + number;
        couple = "couple-of-" + number;
        http.send(
                        "/api/people",
                        Http.JSON
                                .createObjectNode()
                                .put("id", ada)
                                .put("title", "Ada Marlow " + number)
                                .put("injuries", "left knee")
                                .put("height", 1.71))
                .andExpect(status().isCreated());
        http.send(
                        "/api/people",
                        Http.JSON
                                .createObjectNode()
                                .put("id", ben)
                                .put("title", "Ben Hale " + number)
                                .put("level", "bronze"))
                .andExpect(status().isCreated());
        ObjectNode document = Http.JSON
                .createObjectNode()
                .put("id", couple)
                .put("title", "Ben Hale " + number + " & Ada Marlow " + number);
        document.putArray("members").addObject().put("person", ben).put("part", "man");
        ((ArrayNode) document.get("members")).addObject().put("person", ada).put("part", "lady");
        document.putArray("routines").add("lamplight-waltz");
        http.send("/api/couples", document).andExpect(status().isCreated());
    }

    private ObjectNode note(String id, int daysAgo, String subject, String grade, String... faults) {
        ObjectNode note = Http.JSON
                .createObjectNode()
                .put("id", id + "-of-" + couple)
                .put("couple", couple)
                .put(
                        "at",
                        Instant.now()
                                .minus(daysAgo, ChronoUnit.DAYS)
                                .truncatedTo(ChronoUnit.SECONDS)
                                .toString())
                .put("subject", subject)
                .put("grade", grade);
        ArrayNode seen = note.putArray("faults");
        for (String fault : faults) {
            seen.add(fault);
        }
        return note;
    }

    private JsonNode handIn(JsonNode... notes) throws Exception {
        return answer(batch(notes));
    }

    private static ObjectNode batch(JsonNode... notes) {
        ObjectNode batch = Http.JSON.createObjectNode();
        ArrayNode all = batch.putArray("notes");
        for (JsonNode note : notes) {
            all.add(note);
        }
        return batch;
    }

    private JsonNode answer(ObjectNode batch) throws Exception {
        return Http.JSON.readTree(http.send("/api/notes", batch)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private JsonNode read(String address) throws Exception {
        return Http.JSON.readTree(http.text(address));
    }

    private static ObjectNode lesson(String id, String couple, String date) {
        ObjectNode lesson = Http.JSON
                .createObjectNode()
                .put("id", id)
                .put("title", "Waltz")
                .put("couple", couple)
                .put("date", date)
                .put("time", "18:30")
                .put("minutes", 45);
        lesson.putArray("parts")
                .addObject()
                .put("title", "Whisk")
                .put("minutes", 5)
                .put("subject", "figure~waltz-whisk");
        return lesson;
    }

    @Test
    void aNoteIsKeptOnceHoweverOftenItIsHandedIn() throws Exception {
        ObjectNode first = note("first", 3, "figure~waltz-whisk", "good");
        ObjectNode second =
                note("second", 2, "figure~waltz-whisk", "shaky", "fault~waltz-whisk~man~1~footwork~toe first");
        assertThat(handIn(first, second).findValuesAsString("outcome")).containsExactly("kept", "kept");
        assertThat(handIn(first, second, first).findValuesAsString("outcome"))
                .containsExactly("known", "known", "known");
        http.read("/api/couples/{id}/progress", couple)
                .andExpect(jsonPath("$.figures", hasSize(1)))
                .andExpect(jsonPath("$.figures[0].times", is(2)))
                .andExpect(jsonPath("$.faults[0].seen", is(1)))
                .andExpect(jsonPath("$.faults[0].kind", is("Footwork")));
        assertThat(handIn(first.deepCopy().put("grade", "lost")).findValuesAsString("outcome"))
                .containsExactly("refused");
    }

    @Test
    void oneThatCannotBeKeptKeepsNoOtherFromIt() throws Exception {
        ObjectNode elsewhere =
                note("gone-lesson", 1, "figure~waltz-whisk", "good").put("lesson", "no-such-lesson");
        ObjectNode unreadable = note("unreadable", 1, "figure waltz whisk", "fine");
        ObjectNode unknown = note("unknown", 1, "figure~no-such-figure", "good");
        JsonNode outcomes = handIn(elsewhere, unreadable, unknown, note("plain", 1, "figure~waltz-whisk", "good"));
        assertThat(outcomes.findValuesAsString("outcome")).containsExactly("refused", "refused", "refused", "kept");
        assertThat(outcomes.get(0).get("sentence").asString()).contains("deleted in the meantime");
        assertThat(outcomes.get(1).get("sentence").asString()).contains("Subject: found");
        assertThat(outcomes.get(2).get("sentence").asString()).contains("not in the book");
        elsewhere.remove("lesson");
        assertThat(handIn(elsewhere).findValuesAsString("outcome")).containsExactly("kept");
        http.send("/api/notes", "{\"notes\": [{\"id\": \"x\"}]}").andExpect(status().isUnprocessableContent());
    }

    @Test
    void whatWasTakenBackIsGoneAlsoIfItIsHandedInAgain() throws Exception {
        ObjectNode note = note("mistake", 1, "figure~waltz-whisk", "lost");
        handIn(note);
        ObjectNode batch = batch(note);
        batch.putArray("takenBack").add(note.get("id").asString());
        assertThat(answer(batch).findValuesAsString("outcome")).containsExactly("gone");
        http.read("/api/couples/{id}/progress", couple).andExpect(jsonPath("$.figures", empty()));
    }

    @Test
    void whatIsDueIsToldWithItsReasons() throws Exception {
        handIn(
                note("faded", 40, "figure~waltz-whisk", "shaky", "fault~waltz-whisk~man~1~footwork~toe first"),
                note("fresh", 0, "figure~waltz-natural-turn", "secure"));
        JsonNode today = read("/api/today?zone=Europe/Lisbon&couple=" + couple);
        JsonNode due = today.get("couples").get(0).get("due");
        assertThat(due.findValuesAsString("title")).contains("Whisk").doesNotContain("Natural Turn");
        assertThat(due.get(0).get("detail").asString()).isEqualTo("man, step 1, footwork: toe first");
        assertThat(due.get(0).get("reasons").get(0).asString()).isEqualTo("seen once");
        assertThat(due.findValuesAsString("stage")).contains("not shown");
        http.read("/api/today").andExpect(jsonPath("$.couples[*].due.length()", not(empty())));
        http.read("/api/today?zone=Atlantis")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("time zone")));
        http.read("/api/today?couple=nobody").andExpect(status().isNotFound());
    }

    @Test
    void aLessonIsMadeOfWhatIsDueAndItsNotesStayWhenItIsThrownAway() throws Exception {
        handIn(note("faded", 40, "figure~waltz-whisk", "lost"));
        http.send(
                        "/api/lesson-plans",
                        Http.JSON.createObjectNode().put("couple", couple).put("minutes", 45))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.routine", is("lamplight-waltz")))
                .andExpect(jsonPath("$.parts[0].title", is("Warm up")))
                .andExpect(jsonPath("$.parts[1].subject", is("figure~waltz-whisk")))
                .andExpect(jsonPath("$.cautions[0]", startsWith("Warm up")))
                .andExpect(jsonPath("$.asks", is("")));
        http.send(
                        "/api/lesson-plans",
                        Http.JSON.createObjectNode().put("couple", couple).put("minutes", 5))
                .andExpect(status().isUnprocessableContent());
        String day = LocalDate.now().plusDays(1).toString();
        String id = "lesson-of-" + couple;
        http.send("/api/lessons", lesson(id, couple, day)).andExpect(status().isCreated());
        assertThat(handIn(note("within", 0, "figure~waltz-whisk", "good").put("lesson", id))
                        .findValuesAsString("outcome"))
                .containsExactly("kept");
        http.read("/api/lessons/{id}/notes", id).andExpect(jsonPath("$", hasSize(1)));
        assertThat(read("/api/lessons?from=" + day + "&to=" + day).findValuesAsString("id"))
                .contains(id);
        mvc.perform(delete("/api/lessons/{id}", id).header("If-Match", "\"0\"")).andExpect(status().isNoContent());
        http.read("/api/couples/{id}/progress", couple).andExpect(jsonPath("$.figures[0].times", is(2)));
        http.read("/api/lessons?from=2026-01-01&to=2028-01-01").andExpect(status().isUnprocessableContent());
    }

    @Test
    void whoIsNewIsShownTheEasiestFiguresOfTheirLevelInTheTeachingOrderOrOnlyThisTerms() throws Exception {
        ObjectNode fresh =
                Http.JSON.createObjectNode().put("id", couple + "-new").put("title", "New pupils");
        fresh.putArray("members").addObject().put("person", ben).put("part", "man");
        fresh.put("level", "bronze").putArray("dances").add("waltz");
        http.send("/api/couples", fresh).andExpect(status().isCreated());
        String address = "/api/today?couple=" + couple + "-new";
        JsonNode order = read("/api/dances/waltz/teaching-order");
        JsonNode due = read(address).get("couples").get(0).get("due");
        assertThat(due.findValuesAsString("figure"))
                .containsExactly(
                        order.get(0).get("figure").asString(),
                        order.get(1).get("figure").asString());
        assertThat(due.get(0).get("reasons").get(0).asString()).isEqualTo("next in the teaching order");
        fresh.putArray("term").add("waltz-double-reverse-spin").add("waltz-whisk");
        String tag = http.read("/api/couples/" + couple + "-new")
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        mvc.perform(put("/api/couples/{id}", couple + "-new")
                        .header("If-Match", tag)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(fresh.toString()))
                .andExpect(status().isOk());
        assertThat(read(address).get("couples").get(0).get("due").findValuesAsString("figure"))
                .containsExactly("waltz-whisk", "waltz-double-reverse-spin");
        assertThat(read(address).get("order").size()).isPositive();
        http.read("/api/dances/somewhere/teaching-order").andExpect(status().isNotFound());
    }

    @Test
    void beginnersAreNotLedIntoSomethingDeepUnasked() throws Exception {
        ObjectNode beginners = (ObjectNode) read("/api/couples/" + couple);
        beginners.put("level", "pre-bronze");
        mvc.perform(put("/api/couples/{id}", couple)
                        .header("If-Match", "\"0\"")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(beginners.toString()))
                .andExpect(status().isOk());
        handIn(note("spun", 40, "figure~waltz-double-reverse-spin", "lost"));
        http.send(
                        "/api/lesson-plans",
                        Http.JSON.createObjectNode().put("couple", couple).put("minutes", 45))
                .andExpect(jsonPath("$.asks", containsString("Double Reverse Spin")));
    }

    @Test
    void aLessonIsRepeatedAndFoundByCoupleAndInACalendar() throws Exception {
        LocalDate first = LocalDate.now().plusDays(3);
        ObjectNode series = Http.JSON.createObjectNode().put("every", 2).put("times", 3);
        series.set("lesson", lesson("series-of-" + couple, couple, first.toString()));
        http.send("/api/lessons/series", series)
                .andExpect(status().isCreated())
                .andExpect(jsonPath(
                        "$[*].date",
                        is(List.of(
                                first.toString(),
                                first.plusWeeks(2).toString(),
                                first.plusWeeks(4).toString()))))
                .andExpect(jsonPath("$[0].parts", hasSize(1)))
                .andExpect(jsonPath("$[2].parts", hasSize(0)));
        String days = "/api/lessons?from=" + first + "&to=" + first.plusWeeks(4) + "&couple=";
        assertThat(read(days + couple)).hasSize(3);
        assertThat(read(days + "somebody-else")).isEmpty();
        assertThat(http.text("/api/lessons/calendar.ics?couple=" + couple))
                .startsWith("BEGIN:VCALENDAR")
                .contains("UID:series-of-" + couple + "-3@fluidframe")
                .contains("DTSTART:" + first.toString().replace("-", "") + "T");
        series.put("times", 400);
        http.send("/api/lessons/series", series)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/times")));
        http.send("/api/lessons/series", series.put("times", 5)).andExpect(status().isConflict());
        assertThat(read(days + couple)).as("none of a series that cannot be").hasSize(3);
    }

    @Test
    void aLessonThatCannotBeIsRefusedWithItsPlaces() throws Exception {
        ObjectNode wrong = lesson("wrong", "nobody", "tomorrow")
                .put("time", "half past six")
                .put("minutes", 3);
        ((ObjectNode) wrong.get("parts").get(0)).put("subject", "whisk");
        http.send("/api/lessons", wrong)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath(
                        "$.faults[*].place", is(List.of("/couple", "/date", "/time", "/minutes", "/parts/0/subject"))));
    }

    @Test
    void aTermSaysEarlyWhatWillNotFit() throws Exception {
        String soon = LocalDate.now().plusDays(9).toString();
        JsonNode term = read("/api/couples/" + couple + "/term?every=7&each=2&until=" + soon);
        assertThat(term.get("lessons")).hasSize(2);
        assertThat(term.get("left").findValuesAsString("why")).contains("no lesson has time to show it");
        http.read("/api/couples/{id}/term?until={day}", couple, LocalDate.now())
                .andExpect(status().isUnprocessableContent());
        http.read("/api/couples/{id}/term?every=0", couple).andExpect(status().isUnprocessableContent());
        http.read("/api/couples/{id}/term", couple)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("no event")));
    }

    @Test
    void everythingAboutSomebodyComesOutAndIsGone() throws Exception {
        handIn(
                note("both", 1, "figure~waltz-whisk", "good"),
                note("hers", 1, "figure~waltz-natural-turn", "good").put("person", ada));
        http.send(
                        "/api/lessons",
                        lesson("of-" + couple, couple, "2026-12-01")
                                .put("aim", "Mend what Ada Marlow " + ada.substring(4) + " does"))
                .andExpect(status().isCreated());
        http.read("/api/people/{id}/record", ada)
                .andExpect(jsonPath("$.format", is("fluidframe-record")))
                .andExpect(jsonPath("$.person.injuries", is("left knee")))
                .andExpect(jsonPath("$.lessons", hasSize(1)))
                .andExpect(jsonPath("$.notes", hasSize(2)));
        http.read("/api/people/{id}/record", ben).andExpect(jsonPath("$.notes", hasSize(1)));
        assertThat(http.text("/api/people")).doesNotContain("left knee");
        mvc.perform(delete("/api/people/{id}", ada).header("If-Match", "\"0\"")).andExpect(status().isNoContent());
        http.read("/api/people/{id}", ada).andExpect(status().isNotFound());
        for (String address : new String[] {
            "/api/people",
            "/api/couples",
            "/api/today",
            "/api/lessons?from=2026-12-01&to=2026-12-01",
            "/api/people/" + ben + "/record"
        }) {
            assertThat(http.text(address))
                    .as(address)
                    .doesNotContain("Ada Marlow " + ada.substring(4))
                    .doesNotContain(ada + "\"");
        }
        http.read("/api/people/{id}/record", ben)
                .andExpect(jsonPath("$.couples[0].id", startsWith("couple-")))
                .andExpect(jsonPath("$.couples[0].title", startsWith("Ben Hale")))
                .andExpect(jsonPath("$.notes", hasSize(1)));
        mvc.perform(delete("/api/people/{id}", ben).header("If-Match", "\"0\"")).andExpect(status().isNoContent());
        assertThat(http.text("/api/lessons?from=2026-12-01&to=2026-12-01")).doesNotContain("of-" + couple + "\"");
    }

    /**
     * Whatever it stands in: a figure, a piece, a posture, rules; in capitals, as a first name, in an id, in an older
     * version.
     */
    @Test
    void nothingThatIsKeptNamesWhoIsErased() throws Exception {
        http.send(
                        "/api/people",
                        Http.JSON.createObjectNode().put("id", "zoltana-quill").put("title", "Zoltana Quill"))
                .andExpect(status().isCreated());
        ObjectNode figure =
                http.figure("waltz-whisk").put("id", "zoltanas-whisk").put("title", "Zoltana's Whisk");
        figure.putArray("cues")
                .add("As ZOLTANA QUILL does it")
                .add("zoltana, breathe")
                .add("the quilled sleeve stays");
        http.send("/api/figures", figure).andExpect(status().isCreated());
        ObjectNode routine = (ObjectNode) Http.JSON.readTree(http.text("/api/routines/lamplight-waltz"));
        http.send(
                        "/api/routines",
                        routine.deepCopy().put("id", "zoltana-quill-show").put("title", "For Zoltana"))
                .andExpect(status().isCreated());
        String opened = http.read("/api/routines/zoltana-quill-show")
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        ObjectNode named = routine.deepCopy().put("id", "zoltana-quill-show").put("title", "Zoltana once more");
        mvc.perform(put("/api/routines/zoltana-quill-show")
                        .header("If-Match", opened)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(Http.JSON.writeValueAsString(named)))
                .andExpect(status().isOk());
        ObjectNode posture = (ObjectNode) Http.JSON.readTree(http.text("/api/postures/"
                + Http.JSON
                        .readTree(http.text("/api/postures"))
                        .get(0)
                        .get("id")
                        .asString()));
        posture.putArray("faults").add("Zoltana lifts her shoulder");
        http.send("/api/postures", posture.put("id", "as-zoltana-stands").put("title", "As Zoltana stands"))
                .andExpect(status().isCreated());
        String stale = http.read("/api/figures/zoltanas-whisk")
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        mvc.perform(delete("/api/people/zoltana-quill").header("If-Match", "\"0\""))
                .andExpect(status().isNoContent());
        for (String table : new String[] {
            "figure",
            "figure_aud",
            "routine",
            "routine_aud",
            "posture",
            "posture_aud",
            "piece",
            "rule_profile",
            "event",
            "couple",
            "lesson",
            "note",
            "class_plan",
            "person"
        }) {
            assertThat(inTransaction(() ->
                                    jdbc.sql("select * from " + table).query().listOfRows())
                            .stream()
                            .map(row -> row.toString().toLowerCase(Locale.ROOT))
                            .filter(row -> row.contains("zoltana")))
                    .as(table)
                    .isEmpty();
        }
        String there = inTransaction(
                () -> jdbc.sql("select slug from figure where title like '%Whisk' and slug like 'figure-%'")
                        .query(String.class)
                        .single());
        http.read("/api/figures/{id}", there)
                .andExpect(jsonPath("$.cues[2]", is("the quilled sleeve stays")))
                .andExpect(jsonPath("$.title", is("erased's Whisk")));
        mvc.perform(put("/api/figures/{id}", there)
                        .header("If-Match", stale)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(Http.JSON.writeValueAsString(figure.put("id", there))))
                .andExpect(status().isConflict());
    }

    /** Who is erased stays erased, whatever older copy is brought back. */
    @Test
    void anOlderBackupDoesNotBringBackWhoIsErased() throws Exception {
        http.send(
                        "/api/people",
                        Http.JSON
                                .createObjectNode()
                                .put("id", "yevgenia-moss")
                                .put("title", "Yevgenia Moss")
                                .put("injuries", "right hip"))
                .andExpect(status().isCreated());
        http.send(
                        "/api/people",
                        Http.JSON.createObjectNode().put("id", "somebody-else").put("title", "Somebody Else"))
                .andExpect(status().isCreated());
        handIn(note("said", 1, "figure~waltz-whisk", "good").put("words", "Yevgenia helped"));
        String backup = Http.JSON
                .readTree(mvc.perform(post("/api/backups"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .get("name")
                .asString();
        mvc.perform(delete("/api/people/yevgenia-moss").header("If-Match", "\"0\""))
                .andExpect(status().isNoContent());
        mvc.perform(delete("/api/people/somebody-else").header("If-Match", "\"0\""))
                .andExpect(status().isNoContent());
        http.send(
                        "/api/people",
                        Http.JSON.createObjectNode().put("id", "somebody-else").put("title", "Another of that name"))
                .andExpect(status().isCreated());
        String later = Http.JSON
                .readTree(mvc.perform(post("/api/backups"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .get("name")
                .asString();
        mvc.perform(post("/api/backups/{name}/restoration", backup)).andExpect(status().isOk());
        http.read("/api/people/yevgenia-moss").andExpect(status().isNotFound());
        assertThat(inTransaction(() -> jdbc.sql("select document from note")
                        .query(String.class)
                        .list()))
                .noneMatch(document -> document.contains("Yevgenia"));
        mvc.perform(post("/api/backups/{name}/restoration", later)).andExpect(status().isOk());
        http.read("/api/people/somebody-else").andExpect(jsonPath("$.title", is("Another of that name")));
        mvc.perform(delete("/api/backups/{name}", backup)).andExpect(status().isNoContent());
        http.read("/api/backups/{name}", backup).andExpect(status().isNotFound());
    }

    @Test
    void whoeverIsCalledAsSomethingElseTakesNothingElseAway() throws Exception {
        String before = http.text("/api/routines/ferry-night-rumba");
        String figure = http.text("/api/figures/rumba-alemana");
        String event = http.text("/api/events/lamplight-open");
        for (String name : new String[] {"Al", "man", "title", "waltz"}) {
            String id = "like-" + name.toLowerCase(Locale.ROOT);
            http.send("/api/people", Http.JSON.createObjectNode().put("id", id).put("title", name))
                    .andExpect(status().isCreated());
            mvc.perform(delete("/api/people/{id}", id).header("If-Match", "\"0\""))
                    .andExpect(status().isNoContent());
        }
        assertThat(http.text("/api/routines/ferry-night-rumba")).isEqualTo(before);
        assertThat(http.text("/api/figures/rumba-alemana")).isEqualTo(figure);
        assertThat(http.text("/api/events/lamplight-open")).isEqualTo(event);
    }

    @Test
    void peopleAndCouplesThatCannotBeAreRefused() throws Exception {
        http.send(
                        "/api/people",
                        Http.JSON
                                .createObjectNode()
                                .put("id", "tall")
                                .put("title", "Tall")
                                .put("height", 3.1)
                                .put("level", "master"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", is(List.of("/level", "/height"))));
        ObjectNode document =
                Http.JSON.createObjectNode().put("id", "strangers").put("title", "Strangers");
        document.putArray("members").addObject().put("person", "stranger").put("part", "third");
        http.send("/api/couples", document)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults", hasSize(2)));
    }

    /** The file is made anew after somebody is erased, and waits for transactions only. */
    private <T> T inTransaction(Supplier<T> question) {
        return transaction.execute(status -> question.get());
    }
}
