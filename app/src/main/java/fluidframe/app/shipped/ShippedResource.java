package fluidframe.app.shipped;

import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.app.problems.UnknownException;
import fluidframe.core.notation.DraftDifference;
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

    private final ShippedShelf shelf;

    ShippedResource(ShippedShelf shelf) {
        this.shelf = shelf;
    }

    /** One place that differs: "man, step 5, turn", what it says here and what was shipped. */
    @Schema(name = "FigureDifference")
    record DifferenceDocument(String place, String here, String shipped) {
    }

    /** The shipped figure, and where the other differs from it. */
    @Schema(name = "ShippedFigure")
    record ShippedDocument(FigureDocument figure, List<DifferenceDocument> differences) {
    }

    /**
     * @throws UnknownException if no figure of that id came with the program
     */
    @PostMapping("/{id}/comparison")
    ShippedDocument compare(@PathVariable String id, @Valid @RequestBody FigureDocument document) {
        FigureDocument shipped = shelf.find(id).orElseThrow(() -> new UnknownException("shipped figure", id));
        List<DifferenceDocument> differences = DraftDifference.between(FigureMapper.draft(document), FigureMapper.draft(shipped)).stream()
                .map(difference -> new DifferenceDocument(difference.place().wording(), difference.one(), difference.other())).toList();
        return new ShippedDocument(shipped, differences);
    }
}
