package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;

@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(properties = {"fluidframe.test=http", "springdoc.api-docs.enabled=false"})
@AutoConfigureMockMvc
class HttpTest {

    private static final String WALK = """
            {"id": "%s", "dance": "foxtrot", "title": "Walk", "level": "bronze", "bars": 1,
             "start": {"position": "closed", "hold": "closed"}, "end": {"position": "closed", "hold": "closed"},
             "startAlignments": ["f LOD"],
             "man": [{"count": "%s", "foot": "LF", "footPosition": "fwd", "alignment": "f LOD"}, {"count": "S", "foot": "%s", "footPosition": "fwd"}],
             "lady": [{"count": "S", "foot": "RF", "footPosition": "bk", "alignment": "b LOD"}, {"count": "S", "foot": "LF", "footPosition": "bk"}]}""";
    private static final String BOOK = """
            {"format": "fluidframe-book", "version": %s, "title": "A book", "figures": [%s]}""";

    @Autowired
    private MockMvc mvc;

    @Test
    void theShippedBookIsCleanAndTheDemoRoutinesHold() throws Exception {
        mvc.perform(get("/api/figures"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[*].errors", everyItem(is(0))));
        for (String routine : new String[] {"lamplight-waltz", "ferry-night-rumba"}) {
            mvc.perform(get("/api/routines/{id}/score", routine))
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.seams[*].verdict.outcome", everyItem(is("holds"))));
        }
    }

    @Test
    void figuresAreFoundByWhatACoachAsks() throws Exception {
        mvc.perform(get("/api/figures?dance=waltz&foot=RF&position=PP&level=bronze"))
                .andExpect(jsonPath("$[*].id", is(List.of("waltz-chasse-from-promenade", "waltz-cross-hesitation"))));
        mvc.perform(get("/api/figures?words=whisk")).andExpect(jsonPath("$[0].title", is("Whisk")));
        mvc.perform(get("/api/figures?words=bronze waltz from promenade right foot"))
                .andExpect(jsonPath("$[*].id", is(List.of("waltz-chasse-from-promenade", "waltz-cross-hesitation"))));
        mvc.perform(get("/api/figures?facing=sideways"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("?facing")));
    }

    @Test
    void aCornerTurnsABrokenLinkIntoOneThatHolds() throws Exception {
        link("waltz-natural-turn", "waltz-natural-turn", false).andExpect(jsonPath("$.outcome", is("breaks")));
        link("waltz-natural-turn", "waltz-natural-turn", true).andExpect(jsonPath("$.outcome", is("holds")));
        link("waltz-natural-turn", "rumba-fan", false).andExpect(status().isUnprocessableContent());
        link("waltz-natural-turn", "nothing", false).andExpect(status().isNotFound());
    }

    @Test
    void aFigureIsKeptReplacedAndNeverOverwrittenUnseen() throws Exception {
        String walk = WALK.formatted("kept-walk", "S", "RF");
        send(post("/api/figures"), walk).andExpect(status().isCreated()).andExpect(header().string("ETag", "\"0\""));
        send(post("/api/figures"), walk)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("kept-walk")));
        send(put("/api/figures/kept-walk"), walk).andExpect(status().isPreconditionRequired());
        send(put("/api/figures/kept-walk").header("If-Match", "\"0\""), walk.replace("Walk", "Long Walk"))
                .andExpect(status().isOk())
                .andExpect(header().string("ETag", "\"1\""));
        send(put("/api/figures/kept-walk").header("If-Match", "\"0\""), walk)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.stored.title", is("Long Walk")));
        mvc.perform(delete("/api/figures/kept-walk").header("If-Match", "\"1\""))
                .andExpect(status().isNoContent());
        mvc.perform(get("/api/figures/kept-walk")).andExpect(status().isNotFound());
    }

    @Test
    void aFigureThatARoutineNeedsStays() throws Exception {
        mvc.perform(delete("/api/figures/waltz-whisk").header("If-Match", "\"0\""))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("Lamplight Waltz")));
        mvc.perform(get("/api/figures/waltz-whisk")).andExpect(status().isOk());
    }

    @Test
    void auditsAnswerWithoutStoring() throws Exception {
        send(post("/api/audits"), WALK.formatted("audited-walk", "S", "LF"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].rule", is("W1")))
                .andExpect(jsonPath("$[0].place.pointer", is("/man/1/foot")))
                .andExpect(jsonPath("$[0].fixes[0].text", is("RF")));
        mvc.perform(get("/api/figures/audited-walk")).andExpect(status().isNotFound());
    }

    @ParameterizedTest(name = "{0}: {3} at {4}")
    @CsvSource(
            delimiter = ';',
            value = {
                "unreadable cell;    S;  XF; 422; /figures/1/man/1/foot",
                "count not full;     Q;  RF; 422; /figures/1/man/1/count"
            })
    void aBookIsTakenWholeOrNotAtAll(String name, String count, String foot, int status, String place)
            throws Exception {
        String figures = WALK.formatted("first-of-two", "S", "RF") + "," + WALK.formatted("second-of-two", count, foot);
        send(post("/api/books"), BOOK.formatted("1", figures))
                .andExpect(status().is(status))
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.faults[*].place", hasItem(place)));
        mvc.perform(get("/api/figures/first-of-two")).andExpect(status().isNotFound());
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "/api/books   | {\"format\": \"fluidframe-book\", \"version\": 1, | 400 | not a complete JSON document",
                "/api/books   | {\"format\": \"fluidframe-book\", \"version\": 2, \"title\": \"x\", \"figures\": []} | 422 | /version",
                "/api/books   | [] | 422 | Nothing was stored",
                "/api/books   | {\"format\": \"fluidframe-book\", \"version\": 1, \"title\": \"x\", \"figures\": [null]} | 422 | /figures/0",
                "/api/figures | {\"idd\": 1} | 400 | idd",
                "/api/figures | {\"id\": \"x\", \"man\": [null]} | 422 | /man/0",
                "/api/figures | null | 400 | JSON",
                "/api/routines | {\"id\": \"r\", \"title\": \"R\", \"dance\": \"waltz\", \"tempo\": 900, \"placements\": [{\"figure\": \"nothing\"}]} | 422 | /placements/0/figure",
                "/api/links   | {\"from\": 3} | 422 | /to"
            })
    void badInputIsAnsweredClearly(String path, String body, int status, String says) throws Exception {
        String answer = send(post(path), body)
                .andExpect(status().is(status))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains(says).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @Test
    void aBookIsImportedLinkedAndComesOutAgain() throws Exception {
        String figures = WALK.formatted("walk-one", "S", "RF") + "," + WALK.formatted("walk-two", "S", "RF");
        send(post("/api/books"), BOOK.formatted("1", figures))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.figures", hasSize(2)));
        send(post("/api/books"), BOOK.formatted("1", figures))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.figures", hasSize(0)));
        send(post("/api/books"), BOOK.formatted("1", figures.replace("Walk", "Stroll")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/figures/0/id")));
        link("walk-one", "walk-two", false).andExpect(jsonPath("$.outcome", is("holds")));
        mvc.perform(get("/api/books"))
                .andExpect(jsonPath("$.figures[*].id", hasItem("walk-two")))
                .andExpect(jsonPath("$.figures[*].id", not(hasItem("first-of-two"))));
    }

    @Test
    void rubbishOfAnySizeIsRefused() throws Exception {
        mvc.perform(post("/api/books").contentType(MediaType.APPLICATION_JSON).content(new byte[17 * 1024 * 1024]))
                .andExpect(status().isContentTooLarge())
                .andExpect(jsonPath("$.detail", containsString("16 MB")));
    }

    private ResultActions link(String from, String to, boolean corner) throws Exception {
        return send(
                post("/api/links"), "{\"from\": \"%s\", \"to\": \"%s\", \"corner\": %s}".formatted(from, to, corner));
    }

    private ResultActions send(AbstractMockHttpServletRequestBuilder<?> request, String body) throws Exception {
        return mvc.perform(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }
}
