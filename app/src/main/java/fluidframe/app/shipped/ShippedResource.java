package fluidframe.app.shipped;

import fluidframe.app.figures.FigureDifferenceDocument;
import fluidframe.app.figures.FigureDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How a figure, kept or still being written, differs from the one that came with the program. */
@RestController
@RequestMapping("/api/shipped-figures")
@Tag(name = "shipped figures")
class ShippedResource {

    private final ShippedStore store;

    ShippedResource(ShippedStore store) {
        this.store = store;
    }

    /** The shipped figure, and where the other differs from it: before, as shipped; after, as it is here. */
    @Schema(name = "ShippedFigure")
    record ShippedDocument(FigureDocument figure, List<FigureDifferenceDocument> differences) {}

    /** The comparison; none if no figure of that id came with the program. */
    @PostMapping("/{id}/comparison")
    List<ShippedDocument> compare(@PathVariable String id, @Valid @RequestBody FigureDocument document) {
        return store
                .find(id)
                .map(shipped -> new ShippedDocument(shipped, FigureDifferenceDocument.between(shipped, document)))
                .stream()
                .toList();
    }
}
