package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The API's document is written from the code and kept in docs/, from where the program serves it and the interface
 * takes its types. Run with {@code -Dfluidframe.write-api} to write it anew after a change.
 */
@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(
        properties = {
            "fluidframe.test=api",
            "springdoc.api-docs.path=/written-openapi",
            "springdoc.writer-with-order-by-keys=true",
            "springdoc.override-with-generic-response=false",
            "springdoc.default-produces-media-type=application/json"
        })
@AutoConfigureMockMvc
@Import(ApiDescription.class)
class ApiDocumentTest {

    private static final Path KEPT = Path.of("..", "docs", "openapi.json");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JsonMapper json;

    @Test
    void theKeptDocumentSaysWhatTheCodeDoes() throws Exception {
        JsonNode written = json.readTree(
                mvc.perform(get("/written-openapi")).andReturn().getResponse().getContentAsByteArray());
        if (System.getProperty("fluidframe.write-api") != null) {
            Files.writeString(KEPT, json.writerWithDefaultPrettyPrinter().writeValueAsString(written) + "\n");
        }
        assertThat(kept())
                .as("docs/openapi.json is out of date; run this test with -Dfluidframe.write-api")
                .isEqualTo(written);
    }

    /** Of itself, or in what its schema says of it. */
    @Test
    void everyFieldSaysWhatItMeans() throws IOException {
        List<String> silent = new ArrayList<>();
        kept().at("/components/schemas").properties().forEach(schema -> {
            boolean explained = schema.getValue().has("description");
            schema.getValue().path("properties").properties().forEach(field -> {
                if (!explained
                        && !field.getValue().has("description")
                        && !field.getValue().has("$ref")) {
                    silent.add(schema.getKey() + "." + field.getKey());
                }
            });
        });
        assertThat(silent).isEmpty();
    }

    @Test
    void everyRequestSaysWhatItDoesAndWhatItsParametersAre() throws IOException {
        List<String> silent = new ArrayList<>();
        kept().at("/paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(request -> {
                    String name = request.getKey() + " " + path.getKey();
                    if (!request.getValue().has("description")) {
                        silent.add(name);
                    }
                    request.getValue().path("parameters").forEach(parameter -> {
                        if (!parameter.has("description")) {
                            silent.add(name + "?" + parameter.path("name").asString());
                        }
                    });
                }));
        assertThat(silent).isEmpty();
    }

    private JsonNode kept() throws IOException {
        return json.readTree(Files.readString(KEPT));
    }
}
