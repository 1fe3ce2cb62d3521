package fluidframe.app.exchange;

import fluidframe.app.exchange.BookImporter.Imported;
import fluidframe.app.figures.FigureShelf;
import fluidframe.app.routines.RoutineShelf;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Whole books in and out. */
@RestController
@RequestMapping("/api/books")
@Tag(name = "books")
class BookResource {

    private final BookImporter importer;
    private final FigureShelf figures;
    private final RoutineShelf routines;

    BookResource(BookImporter importer, FigureShelf figures, RoutineShelf routines) {
        this.importer = importer;
        this.figures = figures;
        this.routines = routines;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Imported take(@io.swagger.v3.oas.annotations.parameters.RequestBody(
            content = @Content(schema = @Schema(implementation = BookDocument.class))) @RequestBody JsonNode book) {
        return importer.take(book);
    }

    /** Everything there is, as one book. */
    @GetMapping
    BookDocument give() {
        return new BookDocument(BookDocument.FORMAT, BookDocument.VERSION, "Everything", figures.documents(), routines.documents());
    }
}
