package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.is;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Exercises on the shipped figures, and as routines that can be laid out. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class DrillsHttpTest extends OverHttp {

    private static ObjectNode drill(String figure, String split) {
        ObjectNode drill = Http.JSON
                .createObjectNode()
                .put("from", 60)
                .put("to", 100)
                .put("step", 20)
                .put("every", 1);
        drill.putArray("figures").addObject().put("figure", figure).put("split", split);
        return drill;
    }

    @Test
    void everySuggestedExerciseCanBeLaidOutAsARoutine() throws Exception {
        for (String figure : List.of(
                "waltz-natural-turn",
                "waltz-double-reverse-spin",
                "quickstep-forward-lock",
                "cha-cha-time-step",
                "samba-whisks",
                "rumba-alemana",
                "jive-american-spin")) {
            JsonNode suggested = Http.JSON.readTree(http.text("/api/figures/{id}/drills", figure));
            assertThat(suggested).as(figure).isNotEmpty().hasSizeLessThanOrEqualTo(8);
            for (JsonNode sheet : suggested) {
                http.send("/api/scores", sheet.get("routine")).andExpect(status().isOk());
                http.send("/api/drills", sheet.get("drill"))
                        .andExpect(status().isOk())
                        .andExpect(jsonPath("$.title", is(sheet.get("title").asString())));
            }
        }
    }

    @Test
    void anyStepsAndTheSeamOfTwoFiguresCanBePractised() throws Exception {
        http.send("/api/drills", drill("waltz-natural-turn", "steps 2-5"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.routine.placements[0].split", is("steps 2-5")))
                .andExpect(jsonPath("$.loops", is(true)));
        ObjectNode seam = drill("waltz-natural-turn", "steps 4-6");
        seam.withArray("figures").addObject().put("figure", "waltz-closed-change-rf");
        http.send("/api/drills", seam)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.title", containsString(" into Closed Change on RF")));
    }

    @Test
    void whatCannotBePractisedIsRefusedAtItsPlace() throws Exception {
        http.send("/api/drills", drill("waltz-gone", "steps 1-2"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", hasItem("/figures/0/figure")));
        http.send("/api/drills", drill("waltz-natural-turn", "steps 4-9"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", hasItem("/figures/0")));
        http.send("/api/drills", drill("waltz-natural-turn", "steps 1-2").put("to", 300))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("40 to 120")));
        http.send("/api/drills", drill("waltz-natural-turn", "steps 1-2").put("alone", "both"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", hasItem("/alone")));
        ObjectNode mixed = drill("waltz-natural-turn", "steps 1-2");
        mixed.withArray("figures").addObject().put("figure", "rumba-alemana");
        http.send("/api/drills", mixed)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", hasItem("/figures/1/figure")));
    }
}
