package fluidframe.app;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What a studio holds differently of a dance is followed everywhere, and can be taken back. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class DanceCustomsHttpTest extends OverHttp {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @AfterEach
    void asTheCatalogueHasThem() throws Exception {
        for (JsonNode custom : JSON.readTree(
                http.read("/api/dance-customs").andReturn().getResponse().getContentAsString())) {
            String address = "/api/dance-customs/" + custom.get("id").asString();
            String tag = http.read(address).andReturn().getResponse().getHeader("ETag");
            mvc.perform(delete(address).header("If-Match", tag)).andExpect(status().isNoContent());
        }
    }

    @Test
    void aSlowThatIsShorterIsFollowedByChartsAndRoutinesUntilItIsTakenBack() throws Exception {
        ObjectNode feather = http.figure("foxtrot-feather-step");
        String revision = http.read("/api/figures/foxtrot-feather-step")
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        http.send("/api/readings", feather).andExpect(jsonPath("$.findings[?(@.severity == 'error')]", empty()));
        http.send("/api/dance-customs", custom("foxtrot").put("slow", "1 1/2"))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.title", is("Foxtrot")));
        http.read("/api/dances").andExpect(jsonPath("$[?(@.id == 'foxtrot')].slow", is(List.of("1 1/2"))));
        http.send("/api/readings", feather).andExpect(jsonPath("$.findings[?(@.severity == 'error')]", not(empty())));
        http.read("/api/figures/foxtrot-feather-step")
                .andExpect(status().isOk())
                .andExpect(header().string("ETag", revision));
        http.read("/api/routines/lamplight-foxtrot/score").andExpect(status().isOk());
        http.read("/api/figures?dance=foxtrot")
                .andExpect(jsonPath("$[?(@.id == 'foxtrot-feather-step')].errors", hasItem(greaterThan(0))));

        http.read("/api/routine-standings")
                .andExpect(
                        jsonPath("$[?(@.routine == 'saltmarsh-first-foxtrot')].unsound[*]", hasItem("Feather Step")));
        http.read("/api/routines/saltmarsh-first-foxtrot/score")
                .andExpect(jsonPath("$.unsound", hasItem("Feather Step")));

        asTheCatalogueHasThem();
        http.read("/api/routine-standings").andExpect(jsonPath("$[*].unsound[*]", empty()));
        http.read("/api/figures?dance=foxtrot").andExpect(jsonPath("$[?(@.errors > 0)]", empty()));
        http.send("/api/readings", feather).andExpect(jsonPath("$.findings[?(@.severity == 'error')]", empty()));
    }

    @Test
    void aTempoThatTheStudioDoesNotHaveIsMarkedInListAndRoutine() throws Exception {
        http.read("/api/routine-standings").andExpect(jsonPath("$[?(!@.usualTempo)]", empty()));
        http.send("/api/dance-customs", custom("foxtrot").put("slowest", 24).put("fastest", 26))
                .andExpect(status().isCreated());
        http.read("/api/routine-standings")
                .andExpect(jsonPath("$[?(@.routine == 'lamplight-foxtrot')].usualTempo", is(List.of(false))))
                .andExpect(jsonPath("$[?(@.routine == 'lamplight-waltz')].usualTempo", is(List.of(true))));
        http.read("/api/routines/lamplight-foxtrot/score").andExpect(jsonPath("$.usualTempo", is(false)));
    }

    @Test
    void figuresAreTaughtInTheStudiosOwnOrderAndTheOthersFollow() throws Exception {
        ObjectNode custom = custom("waltz");
        custom.putArray("teaching").add("waltz-whisk").add("waltz-natural-turn").add("no-longer-there");
        http.send("/api/dance-customs", custom).andExpect(status().isCreated());
        http.read("/api/dances/waltz/teaching-order")
                .andExpect(jsonPath("$[0].figure", is("waltz-whisk")))
                .andExpect(jsonPath("$[1].figure", is("waltz-natural-turn")))
                .andExpect(jsonPath("$[2].level", is("pre-bronze")));
        asTheCatalogueHasThem();
        http.read("/api/dances/waltz/teaching-order").andExpect(jsonPath("$[0].level", is("pre-bronze")));
    }

    @Test
    void whatMendsAFindingIsTriedInTheDanceAsItIsHeld() throws Exception {
        http.send("/api/dance-customs", custom("foxtrot").put("slow", "1")).andExpect(status().isCreated());
        ObjectNode feather = http.figure("foxtrot-feather-step").put("bars", "3/4");
        ((ObjectNode) feather.at("/man/1")).put("turn", "1/4 R");
        http.send("/api/readings", feather)
                .andExpect(jsonPath("$.findings[?(@.rule == 'A1')].fixes[*].label", not(empty())));
    }

    @Test
    void theBeatOnWhichFiguresStartIsAskedOfLinks() throws Exception {
        http.read("/api/routines/lamplight-quickstep/score")
                .andExpect(jsonPath("$.seams[?(@.verdict.outcome == 'breaks')]", empty()));
        http.send(
                        "/api/dance-customs",
                        custom("quickstep")
                                .<ObjectNode>set(
                                        "startBeats", JSON.createArrayNode().add(1)))
                .andExpect(status().isCreated());
        http.read("/api/routines/lamplight-quickstep/score")
                .andExpect(jsonPath("$.seams[?(@.verdict.outcome == 'breaks')]", not(empty())));
        http.read("/api/routine-standings")
                .andExpect(jsonPath("$[?(@.routine == 'lamplight-quickstep')].breaks", not(is(List.of(0)))));
    }

    @Test
    void whatCannotBeHeldIsRefusedByName() throws Exception {
        ObjectNode wrong = custom("waltz")
                .put("slow", "soon")
                .put("feel", "late")
                .put("slowest", 90)
                .put("fastest", 40)
                .put("stepLength", 9.0)
                .put("phraseBars", 0);
        wrong.putArray("startBeats").add(4);
        http.send("/api/dance-customs", wrong)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", hasItem("/startBeats/0")))
                .andExpect(jsonPath("$.faults[*].place", hasItem("/slow")))
                .andExpect(jsonPath("$.faults[*].place", hasItem("/feel")))
                .andExpect(jsonPath("$.faults[*].place", hasItem("/stepLength")))
                .andExpect(jsonPath("$.faults[*].place", hasItem("/phraseBars")));
        http.send("/api/dance-customs", custom("waltz").put("slowest", 90))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].expected", containsString("the fastest")));
        http.send("/api/dance-customs", custom("polka"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/id")));
        http.read("/api/dance-customs").andExpect(jsonPath("$", empty()));
    }

    @Test
    void itIsChangedAgainOnlyByWhoHasSeenIt() throws Exception {
        http.send("/api/dance-customs", custom("jive").put("stepLength", 0.25)).andExpect(status().isCreated());
        String longer = JSON.writeValueAsString(custom("jive").put("stepLength", 0.35));
        mvc.perform(put("/api/dance-customs/jive")
                        .header("If-Match", "\"7\"")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(longer))
                .andExpect(status().isConflict());
        mvc.perform(put("/api/dance-customs/jive")
                        .header("If-Match", "\"0\"")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(longer))
                .andExpect(status().isOk());
        http.read("/api/dances").andExpect(jsonPath("$[?(@.id == 'jive')].stepLength", is(List.of(0.35))));
    }

    private static ObjectNode custom(String dance) {
        return JSON.createObjectNode().put("id", dance).put("title", dance);
    }
}
