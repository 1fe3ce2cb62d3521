package fluidframe.app.exchange;

import fluidframe.app.bodies.SentBody;
import fluidframe.app.exchange.BookImporter.Imported;
import fluidframe.app.exchange.ImportDocuments.ImportQuestion;
import fluidframe.app.exchange.ImportDocuments.PlanDocument;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.rules.ProfileStore;
import fluidframe.app.storage.DocumentStore;
import fluidframe.app.work.Work;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/** Whole books in and out. */
@RestController
@RequestMapping("/api")
@Tag(name = "books")
class BookResource {

    /** A book has a part for each kind that keeps versions, in the order of its format. */
    private static final Set<String> PARTS = BookDocument.parts().keySet();

    private final BookImporter importer;
    private final BookReading reading;
    private final Map<String, DocumentStore<?>> stores;
    private final ProfileStore profiles;
    private final JsonMapper json;
    private final Work work;

    BookResource(
            BookImporter importer,
            @Lazy BookReading reading,
            List<DocumentStore<?>> stores,
            ProfileStore profiles,
            JsonMapper json,
            Work work) {
        this.importer = importer;
        this.reading = reading;
        this.stores = stores.stream().collect(Collectors.toMap(store -> store.kind() + "s", store -> store));
        this.profiles = profiles;
        this.json = json;
        this.work = work;
    }

    /** Takes in a book in which nothing is already there and differs. */
    @PostMapping(path = "/books", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = BookDocument.class)))
    Imported take(HttpServletRequest request) {
        return work.overABook(() -> importer.take(read(request, reading::book), Choices.NONE));
    }

    /** How everything in a book stands to what is stored; nothing is. */
    @PostMapping(path = "/import-plans", consumes = MediaType.APPLICATION_JSON_VALUE)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = BookDocument.class)))
    PlanDocument plan(HttpServletRequest request) {
        return work.overABook(() -> importer.plan(read(request, reading::book)));
    }

    /** Takes in a book with a choice for what is already there and differs. */
    @PostMapping(path = "/imports", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = ImportQuestion.class)))
    Imported choose(HttpServletRequest request) {
        return work.overABook(() -> {
            BookReading.Question question = read(request, reading::question);
            return importer.take(question.book(), Choices.read(question.choices()));
        });
    }

    private static <T> T read(HttpServletRequest request, Function<InputStream, T> reading) {
        try (InputStream text = SentBody.of(request).read()) {
            return reading.apply(text);
        } catch (IOException e) {
            throw new UncheckedIOException("What was sent cannot be read.", e);
        }
    }

    /**
     * Everything there is, as one book. It is written as it is stored, so that even a large one takes little memory.
     */
    @GetMapping(path = "/books", produces = MediaType.APPLICATION_JSON_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = BookDocument.class)))
    void give(HttpServletResponse response) throws IOException {
        give("Everything", part -> stores.get(part).texts(), response);
    }

    /** The rules of one organiser, as a book that has nothing else in it. */
    @GetMapping(path = "/profiles/{id}/book", produces = MediaType.APPLICATION_JSON_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = BookDocument.class)))
    void giveProfile(@PathVariable String id, HttpServletResponse response) throws IOException {
        String text = profiles.storedText(id)
                .orElseThrow(() -> new UnknownException("profile", id))
                .text();
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + ".json\"");
        give(
                profiles.get(id).document().title(),
                part -> part.equals("profiles") ? List.of(text) : List.of(),
                response);
    }

    private void give(String title, Function<String, List<String>> documents, HttpServletResponse response)
            throws IOException {
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        try (JsonGenerator book = json.createGenerator(response.getOutputStream())) {
            book.writeStartObject();
            book.writeStringProperty("format", BookDocument.FORMAT);
            book.writeNumberProperty("version", BookDocument.VERSION);
            book.writeStringProperty("title", title);
            PARTS.forEach(part -> write(part, documents.apply(part), book));
            book.writeEndObject();
        }
    }

    private static void write(String name, List<String> documents, JsonGenerator book) {
        book.writeArrayPropertyStart(name);
        documents.forEach(book::writeRawValue);
        book.writeEndArray();
    }
}
