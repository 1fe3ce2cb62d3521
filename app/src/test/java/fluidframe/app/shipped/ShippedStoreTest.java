package fluidframe.app.shipped;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import fluidframe.app.Http;
import fluidframe.app.OwnDatabase;
import fluidframe.app.exchange.BookDocument;
import fluidframe.app.figures.FigureDocument;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.node.ObjectNode;

/** A newer edition of the shipped book meets a coach's work. */
@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(properties = {"fluidframe.test=shipped", "springdoc.api-docs.enabled=false"})
@AutoConfigureMockMvc
class ShippedStoreTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private ShippedStore store;

    private Http http;

    @BeforeEach
    void speakHttp() {
        http = new Http(mvc);
    }

    @Test
    void whatNobodyTouchedIsRenewed() throws Exception {
        ShippedStore.Taken taken = store.take(edition(http.figure("waltz-wing").put("title", "Wing, second edition")));
        assertThat(taken).isEqualTo(new ShippedStore.Taken(0, 1, 0));
        http.read("/api/figures/waltz-wing").andExpect(jsonPath("$.title", is("Wing, second edition")));
        assertThat(store.take(edition(http.figure("waltz-wing"))))
                .as("the same edition again")
                .isEqualTo(new ShippedStore.Taken(0, 0, 0));
    }

    @Test
    void aCoachsChangesStayAndCanBeUndoneToTheNewestEdition() throws Exception {
        keep(http.figure("waltz-telemark").put("title", "My Telemark"));
        ShippedStore.Taken taken =
                store.take(edition(http.figure("waltz-telemark").put("title", "Telemark, second edition")));
        assertThat(taken).isEqualTo(new ShippedStore.Taken(0, 0, 1));
        http.send("/api/shipped-figures/waltz-telemark/comparison", http.figure("waltz-telemark"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].figure.title", is("Telemark, second edition")))
                .andExpect(jsonPath("$[0].differences", hasSize(1)))
                .andExpect(jsonPath("$[0].differences[0].place", is("title")))
                .andExpect(jsonPath("$[0].differences[0].after", is("My Telemark")));
    }

    @Test
    void theWholeDifferenceIsNamedPlaceByPlace() throws Exception {
        ObjectNode figure = http.figure("waltz-whisk");
        ((ObjectNode) figure.at("/man/1")).put("turn", "1/8 L");
        figure.withArray("lady").remove(2);
        figure.withArray("cues").set(0, "Go.");
        String answer = http.send("/api/shipped-figures/waltz-whisk/comparison", figure)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(JSON.readTree(answer).get(0).get("differences").findValuesAsString("place"))
                .contains("man, step 2, turn", "lady, step 3, count", "lady, step 3, footwork", "cue 1");
        http.send("/api/shipped-figures/my-own/comparison", figure.put("id", "my-own"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void whatWasThrownAwayStaysAway() throws Exception {
        ObjectNode gone = http.figure("tango-chase");
        mvc.perform(delete("/api/figures/tango-chase").header("If-Match", tag("tango-chase")))
                .andExpect(status().isNoContent());
        store.take(edition(gone.put("title", "Chase, second edition")));
        mvc.perform(get("/api/figures/tango-chase")).andExpect(status().isNotFound());
    }

    private String tag(String id) throws Exception {
        return mvc.perform(get("/api/figures/{id}", id))
                .andReturn()
                .getResponse()
                .getHeader("ETag");
    }

    private void keep(ObjectNode figure) throws Exception {
        String id = figure.get("id").asString();
        mvc.perform(put("/api/figures/{id}", id)
                        .header("If-Match", tag(id))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(figure.toString()))
                .andExpect(status().isOk());
    }

    private static BookDocument edition(ObjectNode figure) {
        FigureDocument document = JSON.rebuild()
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .build()
                .treeToValue(figure, FigureDocument.class);
        return new BookDocument(
                "fluidframe-book",
                1,
                "Newer",
                List.of(document),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }
}
