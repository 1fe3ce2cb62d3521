package fluidframe.app.figures;

import fluidframe.app.space.HeadingDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** One line of the list of figures. */
public record FigureSummary(
        String id,
        long revision,
        String dance,
        String title,
        List<String> otherNames,
        String level,
        String bars,
        String count,
        End entry,
        End exit,
        int errors,
        int warnings) {

    /** The man's free foot, the position, and the headings he may look to. */
    @Schema(name = "FigureEnd")
    public record End(String foot, String position, List<HeadingDocument> facings) {}
}
