package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Putting routines together over HTTP. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class ComposingHttpTest extends OverHttp {

    @Test
    void whatMayComeNextIsRankedAndWhatMayNotIsGroupedByReason() throws Exception {
        http.send("/api/next", place(routine("waltz-natural-turn"), 0))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.may[0].outcome", is("holds")))
                .andExpect(jsonPath("$.mayNot[*].reason", hasItem(containsString("man's free foot: needs LF"))));
        http.send("/api/next", place(routine("waltz-natural-turn"), 7))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/after")));
    }

    @Test
    void theUsualWeightsAreToldByTheirNames() throws Exception {
        http.read("/api/composing-weights")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$['turn balance']", is(10)))
                .andExpect(jsonPath("$.length()", is(14)));
    }

    @Test
    void whatMayComeBeforeLeadsIntoThePlace() throws Exception {
        ObjectNode routine = routine("waltz-reverse-turn", "waltz-natural-turn");
        JsonNode before = JSON.readTree(http.send("/api/previous", place(routine, 1))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.mayNot[*].reason", hasItem(containsString("man's free foot: leaves LF"))))
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(before.get("may").size()).isPositive();
        for (JsonNode following : before.get("may")) {
            ObjectNode alone = routine("waltz-natural-turn");
            alone.withArray("placements").insert(0, following.get("placement"));
            http.send("/api/scores", alone).andExpect(jsonPath("$.seams[0].verdict.outcome", not("breaks")));
        }
    }

    /** Its piece strikes on the second beat of a bar, with which the bars of a rumba begin. */
    @Test
    void aRumbasHighlightBeginsOnAHitOfItsPiece() throws Exception {
        ObjectNode rumba = (ObjectNode) JSON.readTree(http.text("/api/routines/ferry-night-rumba"));
        ObjectNode question =
                JSON.createObjectNode().put("least", 12).put("most", 12).set("routine", rumba);
        question.putArray("highlights").add("rumba-hockey-stick");
        http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.compositions[0].reasons.music", greaterThan(0)));
    }

    @Test
    void theMusicTheRoomAndTheWeightsCount() throws Exception {
        ObjectNode question = composing(routine("waltz-natural-turn"), 0, 6);
        question.putArray("boundaries").add(3);
        question.putArray("hits").add(3);
        question.putArray("highlights").add("waltz-reverse-turn");
        question.put("fitsRoom", true).put("bends", true).put("mostTimes", 3);
        question.putObject("weights").put("music", 50);
        JsonNode answer = JSON.readTree(http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.compositions[0].reasons.music", greaterThan(0)))
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(answer.at("/compositions/0/reasons/ground").asInt()).isNotZero();
        question.putObject("weights").put("luck", 3);
        http.send("/api/compositions", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/weights")));
        question.putObject("weights").put("level", -3);
        http.send("/api/compositions", question).andExpect(status().isUnprocessableContent());
        question.remove("weights");
        question.putArray("hits").add(0);
        http.send("/api/compositions", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/hits")));
    }

    /**
     * A corner that would be turned, a figure let go, a bar more: asked with the question that is offered, it is found.
     */
    @ParameterizedTest
    @CsvSource({"1, 0, true", "3, 2, true", "5, 8, true", "2, 0, false"})
    void whatIsOfferedToBeGivenUpHasAnAnswerOnceItIsAsked(int bars, int corners, boolean fitsRoom) throws Exception {
        ObjectNode question = composing(routine("waltz-natural-turn"), 0, bars);
        question.put("corners", corners).put("fitsRoom", fitsRoom);
        question.putArray("required").add("waltz-reverse-turn").add("waltz-whisk");
        JsonNode answer = JSON.readTree(http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(answer.get("compositions")).isEmpty();
        for (JsonNode relaxation : answer.get("relaxations")) {
            assertThat(relaxation.get("labels")).isNotEmpty();
            if (relaxation.has("question")) {
                http.send("/api/compositions", relaxation.get("question"))
                        .andExpect(status().isOk())
                        .andExpect(jsonPath("$.compositions[0]").exists());
            }
        }
    }

    /** Three bars danced once; verse two is verse one with two bars more before the chorus. */
    private ObjectNode versed() throws Exception {
        ObjectNode routine = routine(
                "waltz-natural-turn",
                "waltz-closed-change-rf",
                "waltz-reverse-turn",
                "waltz-closed-change-lf",
                "waltz-natural-turn");
        ((ObjectNode) routine.at("/placements/0"))
                .putObject("section")
                .put("title", "Verse")
                .put("times", 1);
        ((ObjectNode) routine.at("/placements/4"))
                .putObject("section")
                .put("title", "Chorus")
                .put("times", 1);
        return routine;
    }

    @Test
    void verseTwoIsVerseOneWithMoreAtItsEnd() throws Exception {
        ObjectNode question =
                composing(versed(), 1, 2).put("within", "once more").put("bends", true);
        JsonNode answer = JSON.readTree(http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(answer.get("compositions").size()).isPositive();
        for (JsonNode composition : answer.get("compositions")) {
            ObjectNode whole = versed();
            whole.set("placements", composition.get("whole"));
            JsonNode score = JSON.readTree(http.send("/api/scores", whole)
                    .andExpect(jsonPath("$.seams[*].verdict.outcome", everyItem(not("breaks"))))
                    .andReturn()
                    .getResponse()
                    .getContentAsString());
            List<String> figures = score.get("placements").findValuesAsString("figure");
            assertThat(figures.subList(0, 4)).isEqualTo(figures.subList(4, 8));
            assertThat(score.get("placements").findValuesAsString("bar"))
                    .element(figures.size() - 1)
                    .isEqualTo("15");
        }
        ObjectNode last = composing(versed(), 4, 2)
                .put("within", "once more")
                .put("meetsNext", true)
                .put("bends", true);
        http.send("/api/compositions", last).andExpect(status().isOk());
        question.put("within", "last time");
        ((ObjectNode) question.at("/routine/placements/0/section")).put("times", 2);
        http.send("/api/compositions", question).andExpect(jsonPath("$.compositions[0].whole[4].rounds", is("2")));
    }

    @Test
    void thereIsNothingToAddToWithoutASectionNorBeyondItsMostTimes() throws Exception {
        http.send(
                        "/api/compositions",
                        composing(routine("waltz-natural-turn"), 0, 2).put("within", "once more"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/after")));
        ObjectNode often = composing(versed(), 0, 2).put("within", "once more");
        ((ObjectNode) often.at("/routine/placements/0/section")).put("times", 8);
        http.send("/api/compositions", often)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].found", is("once more")));
        http.send("/api/compositions", often.put("within", "twice"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/within")));
    }

    @Test
    void barsAreWantedSparseOrFull() throws Exception {
        ObjectNode question = composing(routine("waltz-natural-turn"), 0, 8);
        question.putArray("fullness").addObject().put("from", 1).put("to", 4).put("fullness", "full");
        http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.compositions[0].reasons.music", greaterThan(5)));
        question.putArray("fullness").addObject().put("from", 5).put("to", 4).put("fullness", "full");
        http.send("/api/compositions", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].found", is("5 to 4")));
        question.putArray("fullness").addObject().put("from", 1).put("to", 4).put("fullness", "loud");
        http.send("/api/compositions", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].expected", is("sparse or full")));
    }

    @Test
    void repairsAreProvedByTheRoutineTheyLeadTo() throws Exception {
        ObjectNode broken = routine("waltz-natural-turn", "waltz-reverse-turn");
        JsonNode repairs = JSON.readTree(http.send("/api/repairs", place(broken, 0))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(repairs.size()).isPositive();
        for (JsonNode repair : repairs) {
            ObjectNode mended = broken.deepCopy();
            mended.set("placements", repair.get("placements"));
            http.send("/api/scores", mended)
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.seams[*].verdict.outcome", everyItem(not("breaks"))));
        }
    }

    @Test
    void aComposedStretchCanBeDanced() throws Exception {
        ObjectNode routine = routine("waltz-natural-turn");
        ObjectNode question = composing(routine, 0, 6);
        question.putArray("required").add("waltz-whisk");
        JsonNode answer = JSON.readTree(http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(answer.get("compositions").size()).isPositive();
        for (JsonNode composition : answer.get("compositions")) {
            assertThat(composition.get("beats").asDouble()).isEqualTo(18);
            ObjectNode whole = routine.deepCopy();
            composition
                    .get("placements")
                    .forEach(placement -> whole.withArray("placements").add(placement));
            http.send("/api/scores", whole)
                    .andExpect(jsonPath("$.seams[*].verdict.outcome", everyItem(is("holds"))))
                    .andExpect(jsonPath("$.placements[*].figure", hasItem("waltz-whisk")));
        }
    }

    @Test
    void whatAnAnswerWouldHitIsSaidAsTheRoomSaysItOnceItIsTaken() throws Exception {
        ObjectNode begun = routine("waltz-natural-turn", "waltz-closed-change-rf");
        begun.putObject("floor").put("length", 9).put("width", 6);
        ObjectNode question = composing(begun, 1, 8).put("fitsRoom", false).put("corners", 0);
        JsonNode answer = JSON.readTree(http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        for (JsonNode composition : answer.get("compositions")) {
            ObjectNode taken = begun.deepCopy();
            composition.get("placements").forEach(placement -> ((ArrayNode) taken.get("placements")).add(placement));
            JsonNode room = JSON.readTree(http.send("/api/room-reports", taken)
                    .andExpect(status().isOk())
                    .andReturn()
                    .getResponse()
                    .getContentAsString());
            List<String> hits = new ArrayList<>();
            room.get("collisions").forEach(hit -> {
                if (hit.get("placement").asInt() > 1) {
                    hits.add("bar " + hit.get("bar").asInt() + ": "
                            + hit.get("what").asString());
                }
            });
            assertThat(hits).isNotEmpty();
            assertThat(composition.get("hits").valueStream().map(JsonNode::asString))
                    .containsExactlyElementsOf(hits);
        }
        ((ObjectNode) question.at("/routine/floor")).put("length", 60).put("width", 40);
        http.send("/api/compositions", question).andExpect(jsonPath("$.compositions[*].hits[*]", empty()));
    }

    @Test
    void aWishIsSaidToABarAndItsTasteCanBeLifted() throws Exception {
        ObjectNode question = composing(routine("waltz-natural-turn"), 0, 1).put("toBar", 10);
        question.remove("least");
        question.remove("most");
        JsonNode answer = JSON.readTree(http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(answer.at("/compositions/0/beats").asDouble()).isEqualTo(24);
        assertThat(answer.at("/compositions/0/path").size()).isGreaterThan(8);
        assertThat(answer.at("/compositions/1/difference").asText()).endsWith(".");
        http.send("/api/compositions", question.put("toBar", 2))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/toBar")));
        question.put("toBar", 10).putArray("lifted").add("taste");
        http.send("/api/compositions", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/lifted")));
    }

    @Test
    void aFigureAboveTheLevelGetsASentenceAndNotARefusal() throws Exception {
        ObjectNode routine = routine("waltz-natural-turn").put("level", "bronze");
        ObjectNode question = composing(routine, 0, 6);
        question.putArray("required").add("waltz-fallaway-reverse");
        http.send("/api/compositions", question)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.notes[0]", containsString("it is left out")))
                .andExpect(jsonPath("$.compositions", not(hasSize(0))));
    }

    @Test
    void detoursAreKeptWithTheRoutineAndMustBeDanceable() throws Exception {
        ObjectNode routine = routine(
                "waltz-natural-turn",
                "waltz-closed-change-rf",
                "waltz-reverse-turn",
                "waltz-whisk",
                "waltz-chasse-from-promenade");
        JsonNode detours = JSON.readTree(http.send("/api/detours", place(routine, 0))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(detours.size()).isPositive();
        ObjectNode escape =
                ((ObjectNode) routine.at("/placements/0")).putArray("escapes").addObject();
        escape.put("kind", "wait")
                .put("sentence", detours.at("/0/sentence").asText())
                .put("later", detours.at("/0/rejoins").asInt())
                .set("placements", detours.at("/0/placements"));
        http.send("/api/scores", routine).andExpect(status().isOk());
        ((ObjectNode) escape.at("/placements/0")).put("figure", "waltz-nothing");
        http.send("/api/scores", routine)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/placements/0/escapes/0/placements/0/figure")));
        http.send("/api/detours", place(routine("waltz-natural-turn"), 0)).andExpect(status().isUnprocessableContent());
    }

    @Test
    void loopsAndMapsAreAnswered() throws Exception {
        http.send("/api/loops", routine("waltz-natural-turn"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.verdict.outcome", is("breaks")))
                .andExpect(jsonPath("$.roundCorner.outcome", is("holds")))
                .andExpect(jsonPath("$.completions[0].placements", not(hasSize(0))));
        http.send("/api/loops", routine()).andExpect(status().isUnprocessableContent());
        http.read("/api/link-maps?dance=waltz")
                .andExpect(jsonPath("$.components", not(hasSize(0))))
                .andExpect(jsonPath(
                        "$.figures[*].id",
                        hasItems(
                                "waltz-natural-turn",
                                "waltz-reverse-turn",
                                "waltz-whisk",
                                "waltz-chasse-from-promenade")));
        http.read("/api/link-maps?dance=waltz&level=pre-bronze")
                .andExpect(jsonPath("$.figures[*].level", everyItem(is("pre-bronze"))));
        http.read("/api/link-maps?dance=polka").andExpect(status().isUnprocessableContent());
    }

    @Test
    void aFigureIsDancedInPart() throws Exception {
        ObjectNode routine = routine("waltz-natural-turn");
        ((ObjectNode) routine.at("/placements/0")).put("split", "1–3");
        http.send("/api/scores", routine)
                .andExpect(jsonPath("$.beats", is(3.0)))
                .andExpect(jsonPath("$.placements[0].way", is("1–3")));
        ((ObjectNode) routine.at("/placements/0")).put("split", "4–9");
        http.send("/api/scores", routine)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/placements/0")));
    }

    @Test
    void elementsTakeTheirTimeAndPutFeetRight() throws Exception {
        ObjectNode routine = routine("waltz-natural-turn");
        element(routine, 0, "bow").put("bars", 2);
        element(routine, 2, "replace").put("beats", 3);
        http.send("/api/scores", routine)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.beats", is(15.0)))
                .andExpect(jsonPath("$.placements[1].bar", is(3)))
                .andExpect(jsonPath("$.placements[0].title", is("Bow")))
                .andExpect(jsonPath("$.seams[*].verdict.outcome", everyItem(is("holds"))));
        http.send("/api/next", place(routine("waltz-natural-turn"), 0))
                .andExpect(jsonPath("$.may[*].placement.figure", hasItem("waltz-closed-change-rf")));
        http.send("/api/next", place(routine, 2))
                .andExpect(jsonPath("$.may[*].placement.figure", not(hasItem("waltz-closed-change-rf"))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'kind': 'jump', 'beats': 2} | /placements/0/element/kind",
                "{'kind': 'hold'} | /placements/0/element",
                "{'kind': 'hold', 'beats': 2, 'bars': 1} | /placements/0/element",
                "{'kind': 'hold', 'beats': 0} | /placements/0/element/beats",
                "{'kind': 'hold', 'bars': 2147483647} | /placements/0/element/bars",
                "{'kind': 'hold', 'beats': 1, 'part': 'dog'} | /placements/0/element/part",
                "{'kind': 'hold', 'beats': 1, 'to': 'upside down'} | /placements/0/element/to",
                "{'kind': 'hold', 'beats': 1, 'turn': 'often'} | /placements/0/element/turn"
            })
    void anElementThatCannotBeIsRefusedAtItsPlace(String element, String place) throws Exception {
        ObjectNode routine = routine();
        routine.withArray("placements").addObject().set("element", JSON.readTree(element.replace('\'', '"')));
        http.send("/api/scores", routine)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is(place)));
    }

    @Test
    void aRepeatedSectionIsMendedWhereItMeetsItself() throws Exception {
        ObjectNode routine = routine("waltz-natural-turn", "waltz-closed-change-rf", "waltz-reverse-turn");
        ((ObjectNode) routine.at("/placements/0"))
                .putObject("section")
                .put("title", "Verse")
                .put("times", 2);
        JsonNode score = JSON.readTree(http.send("/api/scores", routine)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(score.get("placements").size()).isEqualTo(6);
        assertThat(score.at("/placements/5/bar").asInt()).isEqualTo(9);
        assertThat(score.at("/seams/2/verdict/outcome").asText()).isNotEqualTo("holds");
        JsonNode repairs = JSON.readTree(http.send("/api/repairs", place(routine, 2))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(repairs.size()).isPositive();
        for (JsonNode repair : repairs) {
            ObjectNode mended = routine.deepCopy();
            mended.set("placements", repair.get("placements"));
            assertThat(wanting(mended)).as(repair.get("label").asText()).isLessThan(wanting(routine));
        }
        assertThat(repairs.findValuesAsString("rounds"))
                .as("what is only needed on the way back is only danced then")
                .contains("1");
    }

    private long wanting(ObjectNode routine) throws Exception {
        JsonNode score = JSON.readTree(
                http.send("/api/scores", routine).andReturn().getResponse().getContentAsString());
        List<String> outcomes = score.get("seams").findValues("verdict").stream()
                .map(verdict -> verdict.get("outcome").asText())
                .toList();
        return 1000L * Collections.frequency(outcomes, "breaks") + Collections.frequency(outcomes, "bends");
    }

    @Test
    void bridgesLeadAcrossAndAreShortestFirst() throws Exception {
        ObjectNode question =
                place(routine("waltz-natural-turn", "waltz-reverse-turn"), 0).put("most", 8);
        http.send("/api/bridges", question)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].placements", not(hasSize(0))));
        http.send("/api/bridges", question.deepCopy().put("most", 1000))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/most")));
        http.send("/api/bridges", question.deepCopy().put("after", 1)).andExpect(status().isUnprocessableContent());
    }

    @Test
    void aCompositionThatIsOverOrWaitsForItsTurnIsNotRunningAndNothingIsStopped() throws Exception {
        http.read("/api/compositions/nobody")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.running", is(false)))
                .andExpect(jsonPath("$.sequences", is(0)));
        mvc.perform(delete("/api/compositions/nobody")).andExpect(status().isNoContent());
    }

    private static ObjectNode element(ObjectNode routine, int at, String kind) {
        return routine.withArray("placements")
                .insertObject(at)
                .putObject("element")
                .put("kind", kind);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "a thousand bars; 1000; ; ; /most",
                "an unknown figure; 4; waltz-nothing; ; /required",
                "a contradiction; 4; waltz-whisk; waltz-whisk; required and forbidden",
                "an empty range; 0; ; ; /most"
            })
    void wishesThatCannotBeAreAnsweredClearly(String name, int bars, String required, String forbidden, String says)
            throws Exception {
        ObjectNode question = composing(routine("waltz-natural-turn"), 0, bars);
        if (required != null) {
            question.putArray("required").add(required);
        }
        if (forbidden != null) {
            question.putArray("forbidden").add(forbidden);
        }
        String answer = http.send("/api/compositions", question)
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains(says);
    }

    @Test
    void everyKeptVersionComesBackAndCanBeCompared() throws Exception {
        ObjectNode routine =
                routine("waltz-natural-turn", "waltz-closed-change-rf").put("id", "versioned");
        http.send("/api/routines", routine).andExpect(status().isCreated());
        ObjectNode longer = routine("waltz-natural-turn", "waltz-closed-change-rf", "waltz-reverse-turn")
                .put("id", "versioned");
        mvc.perform(put("/api/routines/versioned")
                        .header("If-Match", "\"0\"")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(JSON.writeValueAsString(longer)))
                .andExpect(status().isOk());
        JsonNode versions = JSON.readTree(http.text("/api/routines/versioned/versions"));
        assertThat(versions.size()).isEqualTo(2);
        assertThat(versions.get(0).at("/routine/placements").size()).isEqualTo(3);
        assertThat(versions.get(1).get("routine")).isEqualTo(routine);
        ObjectNode question = JSON.createObjectNode();
        question.set("before", versions.get(1).get("routine"));
        question.set("after", versions.get(0).get("routine"));
        http.send("/api/differences", question)
                .andExpect(jsonPath("$.before.bars", is("3")))
                .andExpect(jsonPath("$.after.bars", is("5")))
                .andExpect(jsonPath("$.lines[*].same", is(List.of(true, true, false))))
                .andExpect(jsonPath("$.lines[2].before", is("")));
        http.read("/api/routines/never/versions").andExpect(status().isNotFound());
    }

    private static ObjectNode routine(String... figures) {
        ObjectNode routine = JSON.createObjectNode()
                .put("id", "tried")
                .put("title", "Tried")
                .put("dance", "waltz")
                .put("tempo", 29);
        routine.putArray("placements");
        for (String figure : figures) {
            routine.withArray("placements").addObject().put("figure", figure);
        }
        return routine;
    }

    private static ObjectNode place(ObjectNode routine, int after) {
        ObjectNode question = JSON.createObjectNode().put("after", after);
        question.set("routine", routine);
        return question;
    }

    private static ObjectNode composing(ObjectNode routine, int after, int bars) {
        return place(routine, after)
                .put("least", bars)
                .put("most", bars)
                .put("bends", false)
                .put("meetsNext", false);
    }
}
