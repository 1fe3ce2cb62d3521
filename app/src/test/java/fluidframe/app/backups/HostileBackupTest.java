package fluidframe.app.backups;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import fluidframe.app.Http;
import fluidframe.app.OwnDatabase;
import fluidframe.app.storage.DatabaseFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.apache.commons.codec.digest.DigestUtils;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A backup that somebody has tampered with, checksums and all, is refused before anything is replaced; and nothing that
 * was acknowledged is lost beside a true one.
 */
@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(properties = {"fluidframe.test=backups", "springdoc.api-docs.enabled=false"})
@AutoConfigureMockMvc
class HostileBackupTest {

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String ROUTINE =
            "{\"id\": \"%s\", \"title\": \"Kept\", \"dance\": \"waltz\", \"tempo\": 29, \"placements\": [{\"figure\": \"waltz-whisk\"}]}";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Backups backups;

    @Value("${spring.datasource.url}")
    private String url;

    private Http http;

    /** A backup being changed: its contents, and each table's lines. */
    private static final class Parts {
        private final ObjectNode contents;
        private final Map<String, List<String>> tables = new LinkedHashMap<>();

        Parts(Path backup) throws IOException {
            try (ZipFile zip = new ZipFile(backup.toFile())) {
                contents = (ObjectNode) JSON.readTree(
                        zip.getInputStream(zip.getEntry("backup.json")).readAllBytes());
                for (JsonNode table : contents.get("tables")) {
                    String name = table.get("name").asString();
                    tables.put(
                            name,
                            new ArrayList<>(new String(
                                            zip.getInputStream(zip.getEntry("tables/" + name.toLowerCase() + ".jsonl"))
                                                    .readAllBytes(),
                                            StandardCharsets.UTF_8)
                                    .lines()
                                    .toList()));
                }
            }
        }

        JsonNode table(String name) {
            return contents.get("tables")
                    .valueStream()
                    .filter(table -> table.get("name").asString().equals(name))
                    .findFirst()
                    .orElseThrow();
        }

        /** Puts a value in a column of a table's first row. */
        void put(String table, String column, String value) {
            ArrayNode row = (ArrayNode) JSON.readTree(tables.get(table).get(0));
            int at = table(table)
                    .get("columns")
                    .valueStream()
                    .map(JsonNode::asString)
                    .toList()
                    .indexOf(column);
            row.set(at, JSON.valueToTree(value));
            tables.get(table).set(0, JSON.writeValueAsString(row));
        }

        byte[] bytes(boolean truthful) throws IOException {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (ZipOutputStream zip = new ZipOutputStream(out)) {
                for (Map.Entry<String, List<String>> table : tables.entrySet()) {
                    byte[] text = table.getValue().stream()
                            .collect(Collectors.joining("\n", "", "\n"))
                            .getBytes(StandardCharsets.UTF_8);
                    zip.putNextEntry(new ZipEntry("tables/" + table.getKey().toLowerCase() + ".jsonl"));
                    zip.write(text);
                    contents.path("tables")
                            .valueStream()
                            .filter(each ->
                                    truthful && each.path("name").asString("").equals(table.getKey()))
                            .forEach(each -> ((ObjectNode) each)
                                    .put("sha256", DigestUtils.sha256Hex(text))
                                    .put("rows", table.getValue().size()));
                }
                zip.putNextEntry(new ZipEntry("backup.json"));
                zip.write(JSON.writeValueAsBytes(contents));
            }
            return out.toByteArray();
        }
    }

    @BeforeEach
    void connect() {
        http = new Http(mvc);
    }

    /** One backup serves them all. */
    private Path sound() {
        return backups.list().stream()
                .map(Backups.Kept::name)
                .filter(name -> name.startsWith("backup-"))
                .findFirst()
                .map(backups::file)
                .orElseGet(() -> backups.file(backups.make().name()));
    }

    static Stream<Arguments> tampering() {
        return Stream.of(
                Arguments.of(
                        "no tables", (BiConsumer<Parts, Object>) (parts, none) -> parts.contents.putArray("tables")),
                Arguments.of("tables that are nothing", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.contents.putNull("tables")),
                Arguments.of("one table less", (BiConsumer<Parts, Object>)
                        (parts, none) -> ((ArrayNode) parts.contents.get("tables")).remove(0)),
                Arguments.of("a table twice", (BiConsumer<Parts, Object>)
                        (parts, none) -> ((ArrayNode) parts.contents.get("tables")).add(parts.table("FIGURE"))),
                Arguments.of("a table without a name", (BiConsumer<Parts, Object>)
                        (parts, none) -> ((ObjectNode) parts.table("FIGURE")).remove("name")),
                Arguments.of("a table without columns", (BiConsumer<Parts, Object>)
                        (parts, none) -> ((ObjectNode) parts.table("FIGURE")).remove("columns")),
                Arguments.of("a form before the first", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.contents.put("form", 0)),
                Arguments.of("a form of the past century", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.contents.put("form", -3)),
                Arguments.of("a document that is no JSON", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.put("ROUTINE", "DOCUMENT", "rubbish")),
                Arguments.of("an empty document", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.put("ROUTINE", "DOCUMENT", "{}")),
                Arguments.of("a document of another kind", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.put("PERSON", "DOCUMENT", "{\"id\":\"waltz\",\"figures\":[]}")),
                Arguments.of("a document of another id", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.put("FIGURE", "SLUG", "another")),
                Arguments.of("an end of a line in an id", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.put("FIGURE", "SLUG", "a\nb")),
                Arguments.of("the highest number", (BiConsumer<Parts, Object>) (parts, none) -> parts.tables
                        .get("FIGURE")
                        .set(0, parts.tables.get("FIGURE").get(0).replaceFirst("\\[\\d+", "[" + Long.MAX_VALUE))),
                Arguments.of("a number beyond all", (BiConsumer<Parts, Object>) (parts, none) -> parts.tables
                        .get("FIGURE")
                        .set(0, parts.tables.get("FIGURE").get(0).replaceFirst("\\[\\d+", "[1e400"))),
                Arguments.of("a row that is none", (BiConsumer<Parts, Object>)
                        (parts, none) -> parts.tables.get("FIGURE").set(0, "{}")),
                Arguments.of("a line of many megabytes", (BiConsumer<Parts, Object>) (parts, none) ->
                        parts.tables.get("STUDIO").set(0, "[" + " ".repeat(20 << 20) + "]")),
                Arguments.of("much more than it is worth", (BiConsumer<Parts, Object>) (parts, none) -> parts.tables
                        .get("STUDIO")
                        .addAll(java.util.Collections.nCopies(40, "[" + "0,".repeat(1 << 19) + "0]"))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("tampering")
    void isRefusedAndNothingIsReplaced(String name, BiConsumer<Parts, Object> tampering) throws Exception {
        String before = http.text("/api/routines");
        Parts parts = new Parts(sound());
        tampering.accept(parts, null);
        MockHttpServletResponse answer = mvc.perform(
                        post("/api/restorations").contentType("application/zip").content(parts.bytes(true)))
                .andReturn()
                .getResponse();
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(422);
        assertThat(answer.getContentAsString()).contains("othing was changed").doesNotContain("fluidframe-sent");
        assertThat(http.text("/api/routines")).isEqualTo(before);
        try (Stream<Path> beside = Files.list(DatabaseFile.at(url).folder())) {
            assertThat(beside.map(each -> each.getFileName().toString())).noneMatch(each -> each.startsWith("staging"));
        }
    }

    @Test
    void nothingSentIsNoBackup() throws Exception {
        assertThat(mvc.perform(post("/api/restorations").contentType("application/zip"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(422);
        assertThat(mvc.perform(post("/api/restorations")
                                .contentType("application/zip")
                                .header("Fluid-Frame-Data", "another program's")
                                .content("x"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(409);
    }

    /**
     * What is acknowledged while a backup is brought back is there afterwards, or in the copy of what there was before.
     */
    @Test
    void whoKeepsSomethingMeanwhileFindsItInOneOfTheTwo() throws Exception {
        String name = backups.make().name();
        List<String> acknowledged = new ArrayList<>();
        Set<Integer> answers = new TreeSet<>();
        AtomicBoolean over = new AtomicBoolean();
        Thread writer = new Thread(() -> {
            for (int i = 0; !over.get(); i++) {
                String id = "beside-" + i;
                try {
                    int answer = http.send("/api/routines", ROUTINE.formatted(id))
                            .andReturn()
                            .getResponse()
                            .getStatus();
                    answers.add(answer);
                    if (answer == 201) {
                        acknowledged.add(id);
                    }
                } catch (Exception e) {
                    throw new IllegalStateException(e);
                }
            }
        });
        writer.start();
        List<String> copies = new ArrayList<>();
        for (int time = 0; time < 2; time++) {
            copies.add(backups.restore(backups.file(name)).before());
        }
        over.set(true);
        writer.join();
        String there = http.text("/api/books");
        StringBuilder kept = new StringBuilder(there);
        for (String copy : copies) {
            new Parts(backups.file(copy)).tables.get("ROUTINE").forEach(kept::append);
        }
        assertThat(answers).doesNotContain(500);
        assertThat(copies).doesNotHaveDuplicates();
        assertThat(acknowledged)
                .isNotEmpty()
                .allMatch(id -> kept.indexOf(id + "\\\"") >= 0 || kept.indexOf("\"" + id + "\"") >= 0);
    }
}
