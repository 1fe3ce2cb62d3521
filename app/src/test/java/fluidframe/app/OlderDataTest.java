package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.hamcrest.Matchers.containsInAnyOrder;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import fluidframe.app.storage.DatabaseFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.node.ObjectNode;

/** A database written before there were studios is lifted, and nothing of it is lost. */
@ContextConfiguration(initializers = OlderDataTest.FromBeforeStudios.class)
@SpringBootTest(properties = {"fluidframe.test=older", "fluidframe.books=bolero", "springdoc.api-docs.enabled=false"})
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class OlderDataTest {

    /**
     * Two cues added to a figure in two versions, a figure of the coach's own, one thrown away; a routine in two
     * versions, one thrown away.
     */
    static final class FromBeforeStudios extends OwnDatabase {

        @Override
        protected void layOut(DatabaseFile file) throws IOException {
            try (InputStream written = OlderDataTest.class.getResourceAsStream("/stored/schema-5.mv.db")) {
                Files.createDirectories(file.folder());
                Files.copy(written, file.path());
            }
        }
    }

    private final Http http;
    private final MockMvc mvc;

    @Autowired
    OlderDataTest(MockMvc mvc) {
        this.mvc = mvc;
        this.http = new Http(mvc);
    }

    @Test
    @Order(1)
    void everythingIsThereUnderItsOldIdAndRevision() throws Exception {
        http.read("/api/figures").andExpect(jsonPath("$", hasSize(14)));
        http.read("/api/figures/bolero-basic")
                .andExpect(header().string("ETag", "\"2\""))
                .andExpect(jsonPath("$.cues", hasItem("A cue added by the coach, 2.")));
        http.read("/api/figures/my-opening").andExpect(jsonPath("$.title", is("My Opening")));
        http.read("/api/routines/first-try")
                .andExpect(header().string("ETag", "\"1\""))
                .andExpect(jsonPath("$.tempo", is(25)))
                .andExpect(jsonPath("$.placements[1].note", is("breathe")));
        http.read("/api/routine-standings").andExpect(jsonPath("$[0].problems", hasSize(0)));
    }

    @Test
    @Order(2)
    void everyVersionIsThereAlsoOfWhatWasThrownAway() throws Exception {
        http.read("/api/figures/bolero-basic/versions")
                .andExpect(jsonPath("$", hasSize(3)))
                .andExpect(jsonPath("$[0].author").doesNotExist());
        http.read("/api/routines/first-try/versions")
                .andExpect(jsonPath("$", hasSize(2)))
                .andExpect(jsonPath("$[1].routine.tempo", is(24)));
        http.read("/api/deletions").andExpect(jsonPath("$[*].id", containsInAnyOrder("thrown-away", "dropped")));
        http.read("/api/routines/dropped/versions").andExpect(jsonPath("$", hasSize(1)));
    }

    @Test
    @Order(3)
    void theFiguresOfItsRoutinesCannotGo() throws Exception {
        mvc.perform(delete("/api/figures/my-opening").header("If-Match", "\"0\""))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("First Try")));
    }

    @Test
    @Order(4)
    void whatIsKeptNowIsSigned() throws Exception {
        ObjectNode figure = http.figure("my-opening").put("title", "My Second Opening");
        mvc.perform(put("/api/figures/my-opening")
                        .header("If-Match", "\"0\"")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(JSON.writeValueAsString(figure)))
                .andExpect(status().isOk());
        http.read("/api/figures/my-opening/versions")
                .andExpect(jsonPath("$", hasSize(2)))
                .andExpect(jsonPath("$[0].author", is("coach")));
        http.send(
                        "/api/figures",
                        JSON.readTree(http.text("/api/figures/thrown-away/versions"))
                                .get(0)
                                .get("figure"))
                .andExpect(status().isCreated());
        http.read("/api/figures/thrown-away/versions").andExpect(jsonPath("$", hasSize(2)));
        http.read("/api/deletions").andExpect(jsonPath("$[*].id", containsInAnyOrder("dropped")));
    }
}
