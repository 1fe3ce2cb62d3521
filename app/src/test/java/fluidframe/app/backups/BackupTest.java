package fluidframe.app.backups;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import fluidframe.app.Http;
import fluidframe.app.OwnDatabase;
import fluidframe.app.storage.DatabaseCheck;
import fluidframe.app.storage.Staging;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;

@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(properties = {"fluidframe.test=backups", "springdoc.api-docs.enabled=false"})
@AutoConfigureMockMvc
class BackupTest {

    private static final String ROUTINE =
            "{\"id\": \"kept-waltz\", \"title\": \"%s\", \"dance\": \"waltz\", \"tempo\": 29, \"placements\": [{\"figure\": \"waltz-whisk\"}]}";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Backups backups;

    @TempDir
    private Path folder;

    private Http http;

    @BeforeEach
    void keepARoutineInTwoVersions() throws Exception {
        http = new Http(mvc);
        if (http.read("/api/routines/kept-waltz").andReturn().getResponse().getStatus() == 404) {
            http.send("/api/routines", ROUTINE.formatted("First")).andExpect(status().isCreated());
            replace("Second");
        }
    }

    @Test
    void everythingComesBackWithItsHistoryToTheLastByte() throws Exception {
        String book = http.text("/api/books");
        String versions = http.text("/api/routines/kept-waltz/versions");
        String name = backups.make().name();
        replace("Third");
        http.send("/api/routines", ROUTINE.formatted("Another").replace("kept-waltz", "another-waltz"))
                .andExpect(status().isCreated());
        mvc.perform(post("/api/backups/{name}/restoration", name))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.figures")
                        .value(JsonPath.<List<?>>read(book, "$.figures").size()));
        assertThat(http.text("/api/books")).isEqualTo(book);
        assertThat(http.text("/api/routines/kept-waltz/versions")).isEqualTo(versions);
        replace("After");
        assertThat(http.text("/api/routines/kept-waltz")).contains("After");
    }

    @Test
    void whatABackupWouldBringBackIsToldKindByKindBeforeAnythingIsChanged() throws Exception {
        String name = backups.make().name();
        http.send("/api/routines", ROUTINE.formatted("Seen").replace("kept-waltz", "seen-waltz"))
                .andExpect(status().isCreated());
        String before = http.text("/api/books");
        String kept = http.text("/api/backups/" + name + "/contents");
        int[] routines = {
            JsonPath.<List<Integer>>read(kept, "$.kinds[?(@.kind=='routine')].backup")
                    .get(0),
            JsonPath.<List<Integer>>read(kept, "$.kinds[?(@.kind=='routine')].here")
                    .get(0)
        };
        assertThat(routines[1]).isEqualTo(routines[0] + 1);
        mvc.perform(post("/api/backup-contents")
                        .contentType("application/zip")
                        .content(Files.readAllBytes(backups.file(name))))
                .andExpect(status().isOk())
                .andExpect(content().json(kept));
        mvc.perform(post("/api/backup-contents")
                        .contentType("application/zip")
                        .content("no zip".getBytes(StandardCharsets.UTF_8)))
                .andExpect(status().isUnprocessableContent());
        assertThat(http.text("/api/books")).isEqualTo(before);
    }

    @Test
    void whatIsLaidDownIsTheSameToTheLastByte() throws Exception {
        Path backup = backups.file(backups.make().name());
        BackupFile.Contents contents = BackupFile.check(backup, DatabaseCheck.latestForm());
        Path again = folder.resolve("again.zip");
        try (Staging staging = new Staging(contents.form(), folder);
                OutputStream out = Files.newOutputStream(again)) {
            BackupFile.layDown(backup, contents, staging);
            BackupFile.write(staging.connection(), contents.form(), contents.made(), out);
        }
        assertThat(texts(again)).isEqualTo(texts(backup));
        assertThat(contents.rows("routine_aud")).isGreaterThan(1);
    }

    @Test
    void aDamagedBackupIsRefusedWithThePlaceAndChangesNothing() throws Exception {
        byte[] bytes = Files.readAllBytes(backups.file(backups.make().name()));
        String before = http.text("/api/books");
        for (int at = 100; at < bytes.length; at += bytes.length / 15) {
            byte[] damaged = bytes.clone();
            damaged[at] ^= 0x55;
            String answer = mvc.perform(post("/api/restorations")
                            .contentType("application/zip")
                            .content(damaged))
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            if (!answer.contains("\"before\"")) {
                assertThat(answer).contains("This file is damaged").contains("\"place\"");
                assertThat(http.text("/api/books")).isEqualTo(before);
            }
        }
        mvc.perform(post("/api/restorations")
                        .contentType("application/zip")
                        .content("no zip".getBytes(StandardCharsets.UTF_8)))
                .andExpect(status().isUnprocessableContent());
        assertThat(http.text("/api/books")).isEqualTo(before);
    }

    @Test
    void aDailyBackupIsMadeOnceADay() {
        backups.makeDaily();
        backups.makeDaily();
        assertThat(backups.list())
                .filteredOn(kept -> kept.name().startsWith("daily-"))
                .hasSize(1);
    }

    @Test
    void onlyBackupsAreGivenOut() throws Exception {
        mvc.perform(get("/api/backups/{name}", "..%2Ffluidframe.mv.db")).andExpect(status().is4xxClientError());
        mvc.perform(get("/api/backups/{name}", "daily-1999-01-01.zip")).andExpect(status().isNotFound());
    }

    private void replace(String title) throws Exception {
        String tag =
                http.read("/api/routines/kept-waltz").andReturn().getResponse().getHeader("ETag");
        mvc.perform(put("/api/routines/kept-waltz")
                        .header("If-Match", tag)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(ROUTINE.formatted(title)))
                .andExpect(status().isOk());
    }

    /** What stands in every table of a backup. */
    private static List<String> texts(Path backup) throws Exception {
        List<String> texts = new ArrayList<>();
        try (var zip = new java.util.zip.ZipFile(backup.toFile())) {
            for (var entry : zip.stream()
                    .filter(each -> each.getName().startsWith("tables/"))
                    .toList()) {
                texts.add(entry.getName() + "\n"
                        + new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return texts;
    }
}
