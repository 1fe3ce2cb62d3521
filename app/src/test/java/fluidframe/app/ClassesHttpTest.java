package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Classes planned, and partners changed, over HTTP. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class ClassesHttpTest extends OverHttp {

    private static ObjectNode wish(int minutes, String... figures) {
        ObjectNode wish = JSON.createObjectNode()
                .put("level", "bronze")
                .put("minutes", minutes)
                .put("men", 8)
                .put("ladies", 9);
        ArrayNode chain = wish.putArray("figures");
        for (String figure : figures) {
            chain.add(figure);
        }
        return wish;
    }

    private static ObjectNode partners(int men, int ladies) {
        ObjectNode wish = JSON.createObjectNode();
        ArrayNode his = wish.putArray("men");
        IntStream.range(0, men).forEach(i -> his.add("Man " + i));
        ArrayNode hers = wish.putArray("ladies");
        IntStream.range(0, ladies).forEach(i -> hers.add("Lady " + i));
        return wish;
    }

    @Test
    void aClassIsPlannedFromAChain() throws Exception {
        JsonNode plan =
                JSON.readTree(http.send("/api/class-plans", wish(60, "waltz-natural-turn", "waltz-closed-change-rf"))
                        .andExpect(status().isOk())
                        .andExpect(jsonPath("$.title", is("Natural Turn, Closed Change on RF")))
                        .andExpect(jsonPath("$.parts[*].title", hasItem("Change partners")))
                        .andExpect(jsonPath("$.cautions[0]", startsWith("Warm up first")))
                        .andReturn()
                        .getResponse()
                        .getContentAsString());
        assertThat(plan.get("parts")
                        .valueStream()
                        .mapToInt(part -> part.get("minutes").asInt())
                        .sum())
                .isEqualTo(60);
    }

    @Test
    void aClassIsKeptWithWhoCameAndGoneWhenItIsThrownAway() throws Exception {
        ObjectNode kept = JSON.createObjectNode()
                .put("id", "tuesday")
                .put("title", "Tuesday")
                .put("date", "2026-12-01");
        kept.set("wish", wish(60, "waltz-natural-turn"));
        kept.putArray("parts")
                .addObject()
                .put("title", "Alone")
                .put("minutes", 20)
                .put("what", "Walks")
                .put("count", "1 2 3")
                .put("percent", 0);
        kept.putObject("roll")
                .put("men", "Ned\nTom")
                .put("done", 1)
                .putArray("danced")
                .addObject()
                .put("man", "Ned")
                .put("lady", "Ann");
        http.send("/api/classes", kept).andExpect(status().isCreated());
        http.read("/api/classes").andExpect(jsonPath("$[0].minutes", is(20)));
        http.read("/api/classes/tuesday").andExpect(jsonPath("$.roll.danced[0].lady", is("Ann")));
        http.send("/api/classes", kept.deepCopy().put("id", "wrong").put("date", "Tuesday"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/date")));
        mvc.perform(delete("/api/classes/tuesday").header("If-Match", "\"0\"")).andExpect(status().isNoContent());
        http.read("/api/classes").andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void whatIsNoClassIsRefusedAtItsPlace() throws Exception {
        http.send("/api/class-plans", wish(60, "waltz-natural-turn", "waltz-gone"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/figures/1")));
        http.send("/api/class-plans", wish(5, "waltz-natural-turn"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("15 to 180")));
        http.send("/api/class-plans", wish(60, "waltz-natural-turn", "rumba-alemana"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("expected those of one")));
        http.send("/api/class-plans", wish(60, "waltz-natural-turn").put("level", "platinum"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/level")));
    }

    @Test
    void whatIsLearnedFirstBringsOneNewThingAtATime() throws Exception {
        ObjectNode question = JSON.createObjectNode();
        question.putArray("wanted").add("foxtrot-feather-step").add("foxtrot-natural-weave");
        JsonNode steps = JSON.readTree(http.send("/api/learning-paths", question)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(steps.findValuesAsString("figure"))
                .containsSubsequence("foxtrot-feather-step", "foxtrot-natural-weave");
        question.putArray("known").add("foxtrot-feather-step").add("foxtrot-natural-weave");
        http.send("/api/learning-paths", question).andExpect(jsonPath("$", hasSize(0)));
        question.putArray("known").add("rumba-alemana");
        http.send("/api/learning-paths", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/wanted")));
        question.putArray("known").add("gone");
        http.send("/api/learning-paths", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/known/0")));
    }

    @Test
    void aClassOfSeventeenMeetsInTheFewestRounds() throws Exception {
        http.send("/api/partner-plans", partners(8, 9))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.rounds", hasSize(9)))
                .andExpect(jsonPath("$.fewest", is(9)))
                .andExpect(jsonPath("$.rounds[0].pairs", hasSize(8)))
                .andExpect(jsonPath("$.rounds[0].resting", hasSize(1)));
        ObjectNode twice = partners(2, 2);
        twice.withArray("men").add(" Man 0 ");
        http.send("/api/partner-plans", twice)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("Man 0 is there twice")));
        http.send("/api/partner-plans", partners(201, 1)).andExpect(status().isUnprocessableContent());
    }
}
