package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.postures.PostureStore;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Moment;
import fluidframe.core.figure.Moments;
import fluidframe.core.geometry.Dancers;
import fluidframe.core.posture.PostureAudit;
import fluidframe.core.posture.PostureSheet;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import tools.jackson.databind.node.ObjectNode;

/** The sheets of posture and hold that ship, read, drawn and checked. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class PosturesHttpTest extends OverHttp {

    private static final String CLOSED = "closed-hold-swing-dances";

    private final PostureStore postures;
    private final FigureStore figures;

    @Autowired
    PosturesHttpTest(PostureStore postures, FigureStore figures) {
        this.postures = postures;
        this.figures = figures;
    }

    private ObjectNode sheet(String id) throws Exception {
        return (ObjectNode) Http.JSON.readTree(http.text("/api/postures/{id}", id));
    }

    private static ObjectNode question(ObjectNode sheet) {
        ObjectNode question = Http.JSON.createObjectNode();
        question.set("sheet", sheet);
        return question;
    }

    @Test
    void everyStandOfEveryFigureHasAShippedSheet() {
        List<PostureSheet> sheets = postures.sheets();
        Set<String> without = new TreeSet<>();
        for (Dance dance : Dances.all()) {
            for (Figure figure : figures.ofDance(dance.id())) {
                Stream<Relation> within = Moments.of(figure, figure.timing(Part.MAN), figure.timing(Part.LADY)).stream()
                        .map(Moment::relation);
                Stream.concat(Stream.of(figure.start(), figure.end()), within)
                        .filter(relation -> sheets.stream().noneMatch(sheet -> sheet.isFor(dance, relation)))
                        .forEach(relation ->
                                without.add(dance.id() + ": " + relation.position() + ", " + relation.hold()));
            }
        }
        assertThat(without).isEmpty();
    }

    @Test
    void everyShippedSheetCanBeStoodIn() {
        for (PostureSheet sheet : postures.sheets()) {
            for (Dancers dancers : List.of(Dancers.USUAL, new Dancers(1.85, 1.65), new Dancers(1.68, 1.74))) {
                assertThat(PostureAudit.of(sheet, dancers))
                        .as(sheet.id() + " for " + dancers)
                        .isEmpty();
            }
            assertThat(Stream.of(sheet.build(), sheet.faults(), sheet.drills(), sheet.cautions()))
                    .as(sheet.id())
                    .noneMatch(List::isEmpty);
        }
    }

    @Test
    void theSheetOfAPositionIsFound() throws Exception {
        http.read("/api/postures?dance=waltz&position=closed&hold=closed")
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].id", is(CLOSED)));
        http.read("/api/postures?dance=polka").andExpect(status().isUnprocessableContent());
        http.read("/api/postures?position=upside down")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("a position such as")));
    }

    @Test
    void aSheetIsReadDrawnAndChecked() throws Exception {
        ObjectNode sheet = sheet(CLOSED);
        http.send("/api/postures/readings", question(sheet).put("man", 1.9).put("lady", 1.6))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.findings", empty()))
                .andExpect(jsonPath("$.man.leftArm", hasSize(3)))
                .andExpect(jsonPath("$.distance", is(0.323)));
        assertThat(http.text("/api/postures/{id}/reading?man=1.9&lady=1.6", CLOSED))
                .isEqualTo(http.send(
                                "/api/postures/readings",
                                question(sheet).put("man", 1.9).put("lady", 1.6))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(StandardCharsets.UTF_8));
        ((ObjectNode) sheet.get("frame")).put("distance", 80);
        http.send("/api/postures/readings", question(sheet))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.findings[*].place", hasItem("/frame/distance")));
        http.send("/api/postures/readings", question(sheet).put("man", 3.1))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void wordsThatAreNoneOfTheVocabularyAreRefusedWithTheirPlaces() throws Exception {
        ObjectNode sheet = sheet(CLOSED).put("id", "wrong").put("position", "somewhere");
        ((ObjectNode) sheet.get("man")).put("knees", "wobbly").put("lean", 45);
        ((ObjectNode) sheet.get("frame")).put("hands", "high");
        http.send("/api/postures", sheet)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", is(List.of("/position", "/man/knees", "/frame/hands"))));
        http.read("/api/postures/wrong").andExpect(status().isNotFound());
    }

    @Test
    void aSheetGoesOutInABookAndComesBack() throws Exception {
        ObjectNode sheet = sheet("fan-position").put("id", "my-fan").put("title", "My Fan");
        http.send("/api/postures", sheet).andExpect(status().isCreated());
        ObjectNode book = Http.JSON
                .createObjectNode()
                .put("format", "fluidframe-book")
                .put("version", 1)
                .put("title", "Sheets");
        book.putArray("figures");
        book.putArray("postures").add(sheet);
        http.send("/api/import-plans", book)
                .andExpect(jsonPath("$.items[0].kind", is("posture")))
                .andExpect(jsonPath("$.items[0].likeness", is("same")));
        mvc.perform(delete("/api/postures/my-fan").header("If-Match", "\"0\"")).andExpect(status().isNoContent());
        http.read("/api/deletions").andExpect(jsonPath("$[*].kind", hasItem("posture")));
        http.send("/api/books", book)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.postures", is(List.of("my-fan"))));
        assertThat(http.text("/api/books")).contains("\"id\":\"my-fan\"");
    }
}
