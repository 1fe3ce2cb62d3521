package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.context.SpringBootTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Books out, in and out again; and books that are broken on the way. */
@SpringBootTest(properties = {"fluidframe.test=exchange", "springdoc.api-docs.enabled=false"})
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ExchangeTest extends OverHttp {

    private static final int MUTATIONS = Integer.getInteger("fluidframe.mutations", 1000);

    @Test
    void everythingComesBackToTheLetter() throws Exception {
        http.send("/api/figures", everyField()).andExpect(status().isCreated());
        String out = http.text("/api/books");
        clear("routines");
        clear("figures");
        http.send("/api/books", out).andExpect(status().isCreated());
        assertThat(http.text("/api/books")).isEqualTo(out);
    }

    @Test
    void everyFieldOfAFigureIsKept() throws Exception {
        ObjectNode figure = everyField();
        figure.put("id", "kept-in-every-field");
        http.send("/api/figures", figure).andExpect(status().isCreated());
        assertThat(http.figure("kept-in-every-field")).isEqualTo(figure);
        http.send("/api/figures", JSON.createObjectNode().put("colour", "red")).andExpect(status().isBadRequest()).andExpect(jsonPath("$.detail", containsString("colour")));
        ObjectNode book = JSON.createObjectNode().put("format", "fluidframe-book").put("version", 1).put("title", "T");
        book.putArray("figures").add(everyField().put("colour", "red"));
        http.send("/api/books", book).andExpect(status().isUnprocessableContent()).andExpect(jsonPath("$.faults[*].place", hasItem("/figures/0")))
                .andExpect(jsonPath("$.detail", containsString("'colour'")));
    }

    @Test
    void whateverIsBrokenOnTheWayIsAnsweredAndNothingBreaks() throws Exception {
        String book = http.text("/api/books");
        String figure = http.text("/api/figures/waltz-whisk");
        Mutation mutation = new Mutation(new Random(29));
        for (int i = 0; i < MUTATIONS; i++) {
            String broken = mutation.of(i % 10 == 0 ? book : figure);
            int status = http.send(i % 10 == 0 ? "/api/books" : i % 2 == 0 ? "/api/readings" : "/api/audits", broken).andReturn().getResponse().getStatus();
            assertThat(status).as(broken).isLessThan(500);
        }
    }

    private static ObjectNode everyField() {
        return (ObjectNode) JSON.readTree(ExchangeTest.class.getResourceAsStream("/every-field.json"));
    }

    private void clear(String kind) throws Exception {
        for (JsonNode each : JSON.readTree(http.text("/api/" + kind))) {
            String path = "/api/" + kind + "/" + each.get("id").asString();
            String tag = http.read(path).andReturn().getResponse().getHeader("ETag");
            mvc.perform(delete(path).header("If-Match", tag)).andExpect(status().isNoContent());
        }
    }
}
