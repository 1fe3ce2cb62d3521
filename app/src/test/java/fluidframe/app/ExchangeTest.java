package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.is;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
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

    private static final int MUTATIONS = Integer.getInteger("fluidframe.mutations", 300);

    @Test
    void everythingComesBackToTheLetter() throws Exception {
        http.send("/api/figures", everyField()).andExpect(status().isCreated());
        String out = http.text("/api/books");
        clear("events");
        clear("profiles");
        clear("routines");
        clear("figures?dance=waltz");
        clear("figures?dance=rumba");
        http.send("/api/books", out).andExpect(status().isCreated());
        assertThat(http.text("/api/books")).isEqualTo(out);
    }

    @Test
    void everyFieldOfAFigureIsKept() throws Exception {
        ObjectNode figure = everyField();
        figure.put("id", "kept-in-every-field");
        http.send("/api/figures", figure).andExpect(status().isCreated());
        assertThat(http.figure("kept-in-every-field")).isEqualTo(figure);
        http.send("/api/figures", JSON.createObjectNode().put("colour", "red"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail", containsString("colour")));
        ObjectNode book = JSON.createObjectNode()
                .put("format", "fluidframe-book")
                .put("version", 1)
                .put("title", "T");
        book.putArray("figures").add(everyField().put("colour", "red"));
        http.send("/api/books", book)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", hasItem("/figures/0")))
                .andExpect(jsonPath("$.detail", containsString("'colour'")));
    }

    @Test
    void onesOwnBookComesInAgainAndNothingChanges() throws Exception {
        String book = http.text("/api/books");
        http.send("/api/import-plans", book)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.items[*].likeness", everyItem(is("same"))));
        http.send("/api/books", book)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.figures", empty()))
                .andExpect(jsonPath("$.routines", empty()));
        assertThat(http.text("/api/books")).isEqualTo(book);
    }

    @Test
    void whatIsThereAndDiffersIsKeptReplacedOrBothAsTheCoachSays() throws Exception {
        String whisk = http.text("/api/figures/waltz-whisk");
        ObjectNode book = JSON.createObjectNode()
                .put("format", "fluidframe-book")
                .put("version", 1)
                .put("title", "From a friend");
        book.putArray("figures")
                .add(http.figure("waltz-whisk").put("title", "Whisk of a friend"))
                .add(http.figure("waltz-wing"));
        ObjectNode routine = JSON.createObjectNode()
                .put("id", "friends-waltz")
                .put("title", "A friend's waltz")
                .put("dance", "waltz")
                .put("tempo", 29);
        routine.putArray("placements").addObject().put("figure", "waltz-whisk");
        book.putArray("routines").add(routine);
        http.send("/api/import-plans", book)
                .andExpect(jsonPath("$.items[*].likeness", is(List.of("differs", "same", "new"))))
                .andExpect(jsonPath("$.items[0].differences", is(1)));
        http.send("/api/books", book)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/figures/0/id")));
        http.send("/api/imports", choosing(book, "perhaps"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/choices/0/choice")));
        http.read("/api/routines/friends-waltz").andExpect(status().isNotFound());

        http.send("/api/imports", choosing(book, "both"))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.figures", is(List.of("waltz-whisk-2"))));
        assertThat(http.text("/api/figures/waltz-whisk")).isEqualTo(whisk);
        http.read("/api/routines/friends-waltz").andExpect(jsonPath("$.placements[0].figure", is("waltz-whisk-2")));

        book.remove("routines");
        http.send("/api/imports", choosing(book, "keep"))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.figures", empty()));
        assertThat(http.text("/api/figures/waltz-whisk")).isEqualTo(whisk);
        http.send("/api/imports", choosing(book, "replace")).andExpect(status().isCreated());
        http.read("/api/figures/waltz-whisk").andExpect(jsonPath("$.title", is("Whisk of a friend")));
    }

    private static ObjectNode choosing(ObjectNode book, String choice) {
        ObjectNode question = JSON.createObjectNode();
        question.set("book", book);
        question.putArray("choices")
                .addObject()
                .put("kind", "figure")
                .put("id", "waltz-whisk")
                .put("choice", choice);
        return question;
    }

    @Test
    void whateverIsBrokenOnTheWayIsAnsweredAndNothingBreaks() throws Exception {
        String book = http.text("/api/books");
        String figure = http.text("/api/figures/waltz-whisk");
        Mutation mutation = new Mutation(new Random(29));
        for (int i = 0; i < MUTATIONS; i++) {
            boolean whole = i % 30 == 0;
            String broken = mutation.of(whole ? book : figure);
            int status = http.send(whole ? "/api/books" : i % 2 == 0 ? "/api/readings" : "/api/audits", broken)
                    .andReturn()
                    .getResponse()
                    .getStatus();
            assertThat(status).as(broken).isLessThan(500);
        }
    }

    private static ObjectNode everyField() {
        return (ObjectNode) JSON.readTree(ExchangeTest.class.getResourceAsStream("/every-field.json"));
    }

    private void clear(String kind) throws Exception {
        for (JsonNode each : JSON.readTree(http.text("/api/" + kind))) {
            String path = "/api/" + kind.replaceFirst("\\?.*", "") + "/"
                    + each.get("id").asString();
            String tag = http.read(path).andReturn().getResponse().getHeader("ETag");
            mvc.perform(delete(path).header("If-Match", tag)).andExpect(status().isNoContent());
        }
    }
}
