package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Describing a figure over HTTP: deriving charts, completing cells, reading cards, muting, CSV. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class DescribingTest extends OverHttp {

    private static final String NATURAL_TURN = "waltz-natural-turn";

    @Test
    void theLadysChartIsDerivedMarkedAndItsChangesListed() throws Exception {
        ObjectNode figure = http.figure(NATURAL_TURN);
        derive(figure, "opposite", "man")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.figure.lady[0].foot", is("LF")))
                .andExpect(jsonPath("$.figure.lady[0].footPosition", is("bk")))
                .andExpect(jsonPath("$.figure.lady[0].alignment", is("b DW")))
                .andExpect(jsonPath("$.figure.derived", hasItems("/lady/0/foot", "/lady/5/turn")))
                .andExpect(jsonPath("$.changes[?(@.pointer == '/lady/1/turn')].after", hasItem("1/4 R")));
    }

    @Test
    void aMirroredFigureMirroredAgainIsTheSame() throws Exception {
        ObjectNode figure = http.figure("waltz-whisk");
        JsonNode mirrored = answer(derive(figure, "mirror", null)).get("figure");
        assertThat(mirrored.at("/end/position").asString()).isEqualTo("CPP");
        assertThat(answer(derive((ObjectNode) mirrored, "mirror", null)).get("figure"))
                .isEqualTo(figure);
    }

    @Test
    void rowsAreLaidOnAnotherCountOrItIsSaidWhyNot() throws Exception {
        ObjectNode question = JSON.createObjectNode()
                .put("kind", "retime")
                .put("man", "1 2 & 3 1 2")
                .put("lady", "1 2 3 1 2 3");
        question.set("figure", http.figure(NATURAL_TURN));
        http.send("/api/derivations", question)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.changes[*].pointer", hasItems("/man/2/count", "/man/5/count")));
        http.send("/api/derivations", question.put("man", "1 2 3"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("6 rows")))
                .andExpect(jsonPath("$.faults[0].place", is("/man")));
        http.send("/api/derivations", question.put("man", "1 2 x")).andExpect(status().isUnprocessableContent());
        http.send("/api/derivations", question.put("kind", "sideways"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].expected", containsString("retime")));
    }

    @ParameterizedTest(name = "{0} {1} \"{2}\"")
    @CsvSource({
        "waltz, alignment, f D, 200, f DC",
        "rumba, body, set, 200, settle",
        "waltz, feet, x, 422, ?column",
        "polka, foot, x, 422, ?dance"
    })
    void cellsAreCompleted(String dance, String column, String text, int status, String says) throws Exception {
        http.read("/api/completions?dance={dance}&column={column}&text={text}", dance, column, text)
                .andExpect(status().is(status))
                .andExpect(content().string(containsString(says)));
    }

    @Test
    void sentencesCallThePartsAsTheBrowserHasChosen() throws Exception {
        ObjectNode figure = http.figure(NATURAL_TURN);
        ((ObjectNode) figure.get("man").get(0)).put("footwork", "T");
        http.send("/api/audits", figure).andExpect(jsonPath("$[*].place.wording", hasItem("man, step 1, footwork")));
        http.send("/api/audits", figure, new Cookie("titles", "leader-follower"))
                .andExpect(jsonPath("$[*].place.wording", hasItem("leader, step 1, footwork")));
        http.send("/api/audits", figure, new Cookie("titles", "boss"))
                .andExpect(jsonPath("$[*].place.wording", hasItem("man, step 1, footwork")));
    }

    @Test
    void aCardIsReadInTheWordsChosen() throws Exception {
        http.read("/api/figures/{id}/cards?titles=leader-follower&footwork=classic", NATURAL_TURN)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.parts[*].dancer", is(List.of("Leader", "Follower"))))
                .andExpect(jsonPath("$.parts[0].lines", hasSize(6)))
                .andExpect(jsonPath("$.parts[0].lines[0].text", startsWith("Right foot forward, heel first, then toe")))
                .andExpect(jsonPath("$.cautions[0]", startsWith("Warm up first")));
        http.read("/api/figures/{id}/cards?titles=boss", NATURAL_TURN)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("?titles")));
    }

    @Test
    void chartsGoOutAndInAsCsvWithoutLoss() throws Exception {
        for (JsonNode listed : JSON.readTree(http.text("/api/figures"))) {
            String id = listed.get("id").asString();
            String csv = http.read("/api/figures/{id}/charts", id)
                    .andExpect(header().string("Content-Type", startsWith("text/csv")))
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            JsonNode charts = answer(http.sendCsv("/api/charts", csv));
            assertThat(charts.get("man")).isEqualTo(http.figure(id).get("man"));
            assertThat(charts.get("lady")).isEqualTo(http.figure(id).get("lady"));
        }
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "part,foot,colour\\nman,LF,red | line 1: found \"colour\"",
                "foot\\nLF | a column named part",
                "part,foot\\ndog,LF | line 2, part: found \"dog\"",
                "part,foot\\nman,LF,extra | line 2: found \"3 values\"",
                "part,foot\\nman,\"LF | comma-separated values",
                "part,part\\nman,man | line 2"
            })
    void badCsvIsRefusedWithItsLine(String csv, String says) throws Exception {
        http.sendCsv("/api/charts", csv.replace("\\n", "\r\n"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString(says)));
    }

    @Test
    void aMuteNeedsAReasonAndKeepsTheFinding() throws Exception {
        ObjectNode figure = http.figure(NATURAL_TURN);
        ((ObjectNode) figure.at("/man/1")).put("sway", "L");
        ObjectNode mute = figure.putArray("mutes")
                .addObject()
                .put("rule", "S1")
                .put("at", "/man/1/sway")
                .put("reason", "");
        http.send("/api/audits", figure)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/mutes/0/reason")));
        mute.put("reason", "shown on purpose in the lecture");
        http.send("/api/audits", figure)
                .andExpect(jsonPath("$[?(@.rule == 'S1')].muted", hasItem("shown on purpose in the lecture")));
    }

    @Test
    void repeatsAreReadOutAndFinishesMustNameRowsThatAre() throws Exception {
        ObjectNode figure = http.figure("rumba-basic-movement");
        figure.putObject("repeat")
                .put("first", 1)
                .put("last", figure.get("man").size())
                .put("times", "1-3");
        http.send("/api/readings", figure)
                .andExpect(jsonPath("$.repeats", hasSize(3)))
                .andExpect(jsonPath("$.repeats[2].times", is(3)));
        figure.putObject("repeat").put("first", 2).put("last", 99).put("times", "often");
        ObjectNode finish = figure.putArray("finishes").addObject().put("name", "late");
        finish.putArray("man").addObject().put("row", 70).putObject("cells").put("turn", "1/8 R");
        http.send("/api/audits", figure)
                .andExpect(status().isUnprocessableContent())
                .andExpect(
                        jsonPath("$.faults[*].place", hasItems("/repeat", "/repeat/times", "/finishes/0/man/0/row")));
    }

    @Test
    void aPartOfFewerRowsKeepsOfTheOtherWaysWhatFitsAndSaysWhatDoesNot() throws Exception {
        ObjectNode spin = http.figure("waltz-double-reverse-spin");
        JsonNode derived = answer(derive(spin, "opposite", "man"));
        assertThat(derived.at("/figure/lady")).hasSize(3);
        assertThat(derived.at("/figure/finishes/0/lady").isMissingNode()
                        || derived.at("/figure/finishes/0/lady").isEmpty())
                .isTrue();
        assertThat(derived.at("/figure/finishes/0/man")).hasSize(1);
        assertThat(derived.get("doubts").toString()).contains("\\\"turned whole\\\" loses what it says of row 4");
    }

    private ResultActions derive(ObjectNode figure, String kind, String from) throws Exception {
        ObjectNode question = JSON.createObjectNode().put("kind", kind).put("from", from);
        question.set("figure", figure);
        return http.send("/api/derivations", question);
    }

    private static JsonNode answer(ResultActions actions) throws Exception {
        return JSON.readTree(
                actions.andExpect(status().isOk()).andReturn().getResponse().getContentAsString());
    }
}
