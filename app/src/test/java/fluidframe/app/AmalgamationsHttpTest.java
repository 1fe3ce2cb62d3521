package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Amalgamations: those that ship, a studio's own, and where a routine can go on with them. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class AmalgamationsHttpTest extends OverHttp {

    private static final JsonMapper JSON = Http.JSON;
    private static final String OWN = """
            {"id": "%s", "title": "Change and turn", "dance": "waltz", "level": "%s", "uses": ["%s"], "energy": 3,
             "why": "Plain.", "placements": [{"figure": "waltz-closed-change-rf"}, {"figure": "%s"}]}
            """;

    private static String own(String id) {
        return OWN.formatted(id, "bronze", "long side", "waltz-reverse-turn");
    }

    @Test
    void everyOneThatShipsIsDancedAsItStands() throws Exception {
        for (Dance dance : Dances.all()) {
            JsonNode list = JSON.readTree(http.read("/api/amalgamations?dance={dance}", dance.id())
                    .andExpect(status().isOk())
                    .andReturn()
                    .getResponse()
                    .getContentAsString());
            assertThat(list).as(dance.title()).hasSizeGreaterThan(15);
            for (JsonNode each : list) {
                assertThat(each.has("problem")).as(each.toString()).isFalse();
                assertThat(each.path("breaks").asInt()).as(each.toString()).isZero();
            }
        }
    }

    @Test
    void aStudioStoresItsOwn() throws Exception {
        String tag = http.send("/api/amalgamations", own("own-change-and-turn"))
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        http.read("/api/amalgamations?dance=waltz")
                .andExpect(jsonPath("$[*].amalgamation.id", hasItem("own-change-and-turn")));
        mvc.perform(delete("/api/amalgamations/own-change-and-turn").header("If-Match", tag))
                .andExpect(status().isNoContent());
        http.read("/api/amalgamations?dance=waltz")
                .andExpect(jsonPath("$[*].amalgamation.id", not(hasItem("own-change-and-turn"))));
    }

    @Test
    void oneWithoutALevelHasThatOfItsHardestFigure() throws Exception {
        ObjectNode document = (ObjectNode)
                JSON.readTree(OWN.formatted("own-levelled", "gold", "long side", "waltz-double-reverse-spin"));
        document.remove("level");
        http.send("/api/amalgamations", document.toString())
                .andExpect(status().isCreated())
                .andExpect(jsonPath(
                        "$.level",
                        is(http.figure("waltz-double-reverse-spin")
                                .path("level")
                                .asString())));
    }

    @Test
    void whatCannotBeIsRefusedWithItsPlace() throws Exception {
        refused(OWN.formatted("own-low", "pre-bronze", "long side", "waltz-double-reverse-spin"), "/level");
        refused(OWN.formatted("own-use", "gold", "somewhere", "waltz-reverse-turn"), "/uses/0");
        refused(OWN.formatted("own-figure", "gold", "corner", "waltz-nothing"), "/placements/1/figure");
        ObjectNode section = (ObjectNode) JSON.readTree(own("own-section"));
        ((ObjectNode) section.path("placements").get(0))
                .putObject("section")
                .put("title", "A")
                .put("times", 2);
        refused(section.toString(), "/placements/0");
        http.read("/api/amalgamations?dance=nothing").andExpect(status().isUnprocessableContent());
    }

    private void refused(String document, String place) throws Exception {
        http.send("/api/amalgamations", document)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is(place)));
    }

    @Test
    void aRoutineGoesOnWithWhatFitsAndIsLikeThatWhenItIsTaken() throws Exception {
        ObjectNode routine = (ObjectNode) JSON.readTree("""
                {"id": "r", "title": "R", "dance": "waltz", "tempo": 29, "level": "silver",
                 "placements": [{"figure": "waltz-closed-change-rf", "start": "f DC"}]}
                """);
        JsonNode offers = next(routine, 0);
        assertThat(offers).isNotEmpty();
        for (JsonNode offer : offers) {
            ObjectNode longer = routine.deepCopy();
            longer.withArray("placements").addAll((ArrayNode) offer.path("placements"));
            JsonNode score = JSON.readTree(http.send("/api/scores", longer.toString())
                    .andExpect(status().isOk())
                    .andReturn()
                    .getResponse()
                    .getContentAsString());
            assertThat(score.path("seams")
                            .get(0)
                            .path("verdict")
                            .path("outcome")
                            .asString())
                    .isEqualTo(offer.path("in").asString());
            for (JsonNode seam : score.path("seams")) {
                assertThat(seam.path("verdict").path("outcome").asString())
                        .as(offer.toString())
                        .isNotEqualTo("breaks");
            }
            assertThat(offer.path("level").asString()).isNotIn("gold", "open");
        }
    }

    @Test
    void aRoutineBeginsWithAnOpening() throws Exception {
        JsonNode offers = next(
                (ObjectNode) JSON.readTree(
                        "{\"id\": \"r\", \"title\": \"R\", \"dance\": \"rumba\", \"tempo\": 26, \"placements\": []}"),
                -1);
        assertThat(offers.get(0).path("uses").toString()).contains("opening");
    }

    private JsonNode next(ObjectNode routine, int after) throws Exception {
        ObjectNode question = JSON.createObjectNode().put("after", after);
        question.set("routine", routine);
        return JSON.readTree(http.send("/api/next-amalgamations", question.toString())
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    @Test
    void oneComesInWithABookAndItsFigure() throws Exception {
        String book =
                "{\"format\": \"fluidframe-book\", \"version\": 1, \"title\": \"T\", \"figures\": [], \"amalgamations\": [%s]}";
        http.send("/api/books", book.formatted(own("own-of-a-book"))).andExpect(status().isCreated());
        http.read("/api/books").andExpect(jsonPath("$.amalgamations[?(@.id == 'own-of-a-book')]", hasSize(1)));
        String unknown = OWN.formatted("own-unknown", "gold", "corner", "waltz-nothing");
        http.send("/api/books", book.formatted(unknown))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", containsString("/amalgamations/0/placements/1/figure")));
    }

    @Test
    void whatCannotBeDancedAnyMoreStaysAndIsNotExported() throws Exception {
        String figure = http.text("/api/figures/waltz-closed-change-lf")
                .replaceFirst("\"id\":\"waltz-closed-change-lf\"", "\"id\":\"own-change-lf\"");
        String tag = http.send("/api/figures", figure)
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        http.send("/api/amalgamations", OWN.formatted("own-left-alone", "gold", "corner", "own-change-lf"))
                .andExpect(status().isCreated());
        http.read("/api/books").andExpect(jsonPath("$.amalgamations[?(@.id == 'own-left-alone')]", hasSize(1)));
        mvc.perform(delete("/api/figures/own-change-lf").header("If-Match", tag))
                .andExpect(status().isNoContent());
        http.read("/api/books").andExpect(jsonPath("$.amalgamations[?(@.id == 'own-left-alone')]", hasSize(0)));
        http.read("/api/amalgamations?dance=waltz")
                .andExpect(jsonPath("$[*].amalgamation.id", hasItem("own-left-alone")));
    }
}
