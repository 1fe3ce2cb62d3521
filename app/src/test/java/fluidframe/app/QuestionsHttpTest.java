package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.context.SpringBootTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Questions asked and answered over HTTP. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class QuestionsHttpTest extends OverHttp {

    private static ObjectNode wish(int count) {
        return JSON.createObjectNode().put("dance", "waltz").put("count", count).put("seed", 5);
    }

    private JsonNode asked(ObjectNode wish) throws Exception {
        return JSON.readTree(http.send("/api/questions", wish)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    @Test
    void aSetIsAskedAgainByItsSeedAndEveryAnswerIsMarked() throws Exception {
        JsonNode set = asked(wish(15));
        assertThat(set.get("questions").size()).isEqualTo(15);
        assertThat(asked(wish(15))).isEqualTo(set);
        assertThat(asked(wish(15).put("seed", 6))).isNotEqualTo(set);
        for (JsonNode question : set.get("questions")) {
            ObjectNode answer = JSON.createObjectNode()
                    .put("key", question.get("key").asString())
                    .put("answer", question.get("answer").asString());
            http.send("/api/question-marks", answer)
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.outcome", is("right")))
                    .andExpect(jsonPath(
                            "$.question.prompt", is(question.get("prompt").asString())));
        }
    }

    @Test
    void onlyWhatIsWishedIsAsked() throws Exception {
        ObjectNode wish = wish(8).put("part", "lady").put("highest", "gold");
        wish.putArray("kinds").add("turn").add("footwork");
        wish.putArray("figures").add("waltz-natural-turn");
        JsonNode set = asked(wish);
        assertThat(set.get("questions").size()).isEqualTo(8);
        set.get("questions").forEach(question -> {
            assertThat(question.get("kind").asString()).isIn("turn", "footwork");
            assertThat(question.get("prompt").asString()).startsWith("Natural Turn, lady, step ");
        });
        http.read("/api/question-kinds")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(14)))
                .andExpect(jsonPath("$[0].kind", is("free foot")));
        http.read("/api/question-kinds?dance=tango").andExpect(jsonPath("$[?(@.kind == 'sway')]", hasSize(0)));
    }

    @ParameterizedTest
    @CsvSource({"dance, minuet, /dance", "highest, platinum, /highest", "part, child, /part"})
    void whatCannotBeAskedIsRefusedAtItsPlace(String field, String value, String place) throws Exception {
        http.send("/api/questions", wish(5).put(field, value))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is(place)))
                .andExpect(jsonPath("$.faults[0].found", is(value)));
    }

    @Test
    void whatIsKnownLeastIsAskedFirst() throws Exception {
        ObjectNode missed = JSON.createObjectNode()
                .put("id", "missed-on-paper")
                .put("couple", "idris-wren")
                .put("person", "wren-attley")
                .put("at", "2026-11-01T18:00:00Z")
                .put("subject", "chart~waltz-whisk~turn")
                .put("grade", "lost");
        ObjectNode batch = JSON.createObjectNode();
        batch.putArray("notes").add(missed);
        http.send("/api/notes", batch).andExpect(status().isOk());
        JsonNode first =
                asked(wish(5).put("weakOf", "idris-wren")).get("questions").get(0);
        assertThat(first.get("kind").asString()).isEqualTo("turn");
        assertThat(first.get("figure").asString()).isEqualTo("waltz-whisk");
        http.send("/api/questions", wish(5).put("weakOf", "nobody"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/weakOf")));
        http.read("/api/couples/idris-wren/progress")
                .andExpect(jsonPath("$.answers[0].person", is("wren-attley")))
                .andExpect(jsonPath("$.answers[0].right", is(0)));
    }

    @Test
    void aMovingPictureIsAskedForByNameAlone() throws Exception {
        ObjectNode wish = wish(6);
        wish.putArray("kinds").add("picture");
        JsonNode set = asked(wish).get("questions");
        assertThat(set).hasSize(6);
        assertThat(set.findValuesAsString("figure")).doesNotHaveDuplicates();
        assertThat(asked(wish(200)).get("questions").findValuesAsString("kind")).doesNotContain("picture");
    }

    @Test
    void aSetHasOneToTwoHundredQuestionsOfKnownKinds() throws Exception {
        http.send("/api/questions", wish(0))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/count")));
        http.send("/api/questions", wish(201))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].expected", containsString("1 to 200")));
        ObjectNode wish = wish(5);
        wish.putArray("kinds").add("luck");
        http.send("/api/questions", wish)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/kinds")));
    }

    @ParameterizedTest
    @CsvSource({"nothing", "turn~waltz-gone~man~1~1", "turn~waltz-natural-turn~man~60~1"})
    void anAnswerToNoQuestionIsRefused(String key) throws Exception {
        http.send("/api/question-marks", JSON.createObjectNode().put("key", key).put("answer", "1/4 R"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/key")));
    }
}
