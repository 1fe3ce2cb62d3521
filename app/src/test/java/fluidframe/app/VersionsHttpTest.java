package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What was kept comes back; what a change breaks is said before it is kept; what is mended takes nothing away. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class VersionsHttpTest extends OverHttp {

    @Test
    void aFigureIsComparedWithWhatItWasDeletedAndBroughtBack() throws Exception {
        ObjectNode first = http.figure("waltz-whisk").put("id", "own-whisk");
        http.send("/api/figures", first).andExpect(status().isCreated());
        replace("figures", first.deepCopy().put("title", "Own Whisk"), 0).andExpect(status().isOk());
        JsonNode versions = JSON.readTree(http.text("/api/figures/own-whisk/versions"));
        assertThat(versions).hasSize(2);
        assertThat(versions.get(1).at("/figure/title")).isEqualTo(first.get("title"));
        http.send(
                        "/api/figure-differences",
                        pair(versions.get(1).get("figure"), versions.get(0).get("figure")))
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].place", is("title")))
                .andExpect(jsonPath("$[0].after", is("Own Whisk")));
        http.read("/api/figures/own-whisk/versions?before=" + versions.get(0).get("number"))
                .andExpect(jsonPath("$", hasSize(1)));

        http.read("/api/taken-ids?kind=figure&id=own-whisk").andExpect(jsonPath("$.taken", is(true)));
        mvc.perform(delete("/api/figures/own-whisk").header("If-Match", "\"1\""))
                .andExpect(status().isNoContent());
        http.read("/api/taken-ids?kind=figure&id=own-whisk").andExpect(jsonPath("$.taken", is(false)));
        http.read("/api/taken-ids?kind=gigue&id=own-whisk")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("custom of a dance")));
        http.read("/api/deletions")
                .andExpect(jsonPath("$[0].title", is("Own Whisk")))
                .andExpect(jsonPath("$[0].kind", is("figure")));
        http.send(
                        "/api/figures",
                        JSON.readTree(http.text("/api/figures/own-whisk/versions"))
                                .get(0)
                                .get("figure"))
                .andExpect(status().isCreated());
        http.read("/api/figures/own-whisk").andExpect(jsonPath("$.title", is("Own Whisk")));
        http.read("/api/deletions").andExpect(jsonPath("$[*].id", not(hasItem("own-whisk"))));
    }

    @Test
    void theBookAsItCameIsTheFirstVersion() throws Exception {
        http.read("/api/figures/tango-walk/versions").andExpect(status().isOk()).andExpect(jsonPath("$", hasSize(1)));
        http.read("/api/figures/never/versions").andExpect(status().isNotFound());
    }

    @Test
    void whatAChangedFigureWouldBreakIsSaidAndAfterwardsShown() throws Exception {
        ObjectNode closed = http.figure("waltz-closed-change-rf").put("id", "own-change");
        http.send("/api/figures", closed).andExpect(status().isCreated());
        http.send("/api/routines", routine("own-walk", "waltz-natural-turn", "own-change", "waltz-reverse-turn"))
                .andExpect(status().isCreated());
        http.send("/api/figures/own-change/effects", closed)
                .andExpect(jsonPath("$[*].routine", is(List.of("own-walk"))))
                .andExpect(jsonPath("$[0].seams", empty()));
        standing("own-walk")
                .andExpect(jsonPath("$[?(@.routine == 'own-walk')].breaks", is(List.of(0))))
                .andExpect(jsonPath("$[?(@.routine == 'own-walk')].bars", is(List.of("5"))));
        http.read("/api/routines").andExpect(jsonPath("$[?(@.id == 'own-walk')].kept", hasSize(1)));

        ObjectNode mirrored = (ObjectNode) JSON.readTree(http.send(
                                "/api/derivations",
                                JSON.createObjectNode().put("kind", "mirror").set("figure", closed))
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .get("figure");
        mirrored.put("id", "own-change");
        http.send("/api/figures/own-change/effects", mirrored)
                .andExpect(jsonPath("$[0].seams[0].before", is("Natural Turn")))
                .andExpect(jsonPath("$[0].seams[*].reason", everyItem(not(is("")))));
        standing("own-walk").andExpect(jsonPath("$[?(@.routine == 'own-walk')].breaks", is(List.of(0))));
        replace("figures", mirrored, 0).andExpect(status().isOk());
        standing("own-walk").andExpect(jsonPath("$[?(@.routine == 'own-walk')].breaks", not(is(List.of(0)))));
    }

    @Test
    void aFigureThatLosesAWayARoutineDancesIsAProblemThere() throws Exception {
        ObjectNode figure = http.figure("waltz-hesitation-change");
        String name = "kept short";
        figure.put("id", "own-hesitation")
                .putArray("splits")
                .addObject()
                .put("name", name)
                .put("first", 1)
                .put("last", 3);
        http.send("/api/figures", figure).andExpect(status().isCreated());
        ObjectNode routine = routine("own-short", "own-hesitation");
        ((ObjectNode) routine.at("/placements/0")).put("split", name);
        http.send("/api/routines", routine).andExpect(status().isCreated());
        figure.remove("splits");
        http.send("/api/figures/own-hesitation/effects", figure)
                .andExpect(jsonPath("$[0].problems[0]", containsString(name)));
        replace("figures", figure, 0).andExpect(status().isOk());
        standing("own-short").andExpect(jsonPath("$[?(@.routine == 'own-short')].problems[0]", hasSize(1)));
    }

    @Test
    void aPartThatBeginsBetweenTheBeatsIsRefusedWhereItIsDanced() throws Exception {
        ObjectNode figure = http.figure("waltz-chasse-from-promenade").put("id", "own-chasse");
        figure.putArray("splits")
                .addObject()
                .put("name", "from the and")
                .put("first", 3)
                .put("last", 4);
        http.send("/api/figures", figure).andExpect(status().isCreated());
        ObjectNode routine = routine("own-and", "waltz-whisk", "own-chasse");
        ((ObjectNode) routine.at("/placements/1")).put("split", "from the and");
        http.send("/api/scores", routine)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/placements/1")));
        http.send("/api/next", JSON.createObjectNode().put("after", 0).set("routine", routine("own-and", "own-chasse")))
                .andExpect(status().isOk());
    }

    @Test
    void aMendingPlanGoesSeamBySeamAndLeavesWhatIsSet() throws Exception {
        ObjectNode routine = routine(
                "unkept", "waltz-natural-turn", "waltz-natural-turn", "waltz-reverse-turn", "waltz-reverse-turn");
        ((ObjectNode) routine.at("/placements/2")).put("highlight", true).put("note", "breathe");
        JsonNode plan = plan(routine, List.of());
        assertThat(plan.get("steps").size() + plan.get("left").size())
                .as("seams that break")
                .isGreaterThan(1);
        JsonNode mended = routine.deepCopy();
        ((ObjectNode) mended)
                .set("placements", plan.at("/steps/" + (plan.get("steps").size() - 1) + "/repair/placements"));
        http.send("/api/scores", mended)
                .andExpect(jsonPath(
                        "$.seams[?(@.verdict.outcome == 'breaks')]",
                        hasSize(plan.get("left").size())));
        assertThat(JSON.writeValueAsString(mended))
                .contains("\"highlight\":true")
                .contains("breathe");

        JsonNode skipped = plan(routine, List.of(plan.at("/steps/0/seam")));
        assertThat(skipped.get("steps")).noneMatch(step -> step.get("seam").equals(plan.at("/steps/0/seam")));
    }

    @Test
    void aMendingPlanNeverTakesACornerAway() throws Exception {
        ObjectNode routine = routine("unkept", "waltz-natural-turn", "waltz-closed-change-rf", "waltz-reverse-turn");
        ((ObjectNode) routine.at("/placements/0")).put("cornerAfter", true);
        JsonNode plan = plan(routine, List.of());
        assertThat(plan.get("steps").size() + plan.get("left").size()).isPositive();
        for (JsonNode step : plan.get("steps")) {
            assertThat(step.at("/repair/placements"))
                    .as(step.at("/repair/label").asString())
                    .anyMatch(placement -> placement.path("cornerAfter").asBoolean(false));
        }
    }

    private JsonNode plan(ObjectNode routine, List<JsonNode> skipped) throws Exception {
        ObjectNode question = JSON.createObjectNode();
        question.set("routine", routine);
        question.putArray("skipped").addAll(skipped);
        return JSON.readTree(http.send("/api/mending-plans", question)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private ResultActions standing(String routine) throws Exception {
        return http.read("/api/routine-standings")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[*].routine", hasItem(routine)));
    }

    private ResultActions replace(String kind, ObjectNode document, int revision) throws Exception {
        return mvc.perform(put("/api/" + kind + "/" + document.get("id").asString())
                .header("If-Match", "\"" + revision + "\"")
                .contentType(MediaType.APPLICATION_JSON)
                .content(JSON.writeValueAsString(document)));
    }

    private static ObjectNode pair(JsonNode before, JsonNode after) {
        ObjectNode pair = JSON.createObjectNode();
        pair.set("before", before);
        pair.set("after", after);
        return pair;
    }

    private static ObjectNode routine(String id, String... figures) {
        ObjectNode routine = JSON.createObjectNode()
                .put("id", id)
                .put("title", "Tried")
                .put("dance", "waltz")
                .put("tempo", 29);
        routine.putArray("placements");
        for (String figure : figures) {
            routine.withArray("placements").addObject().put("figure", figure);
        }
        return routine;
    }
}
