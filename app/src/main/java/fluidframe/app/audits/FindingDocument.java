package fluidframe.app.audits;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.audit.Finding;
import fluidframe.core.audit.Fix;
import fluidframe.core.notation.Place;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;

/** A finding: where, the two values, the sentence and what mends it. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Finding")
public record FindingDocument(
        String rule,
        String severity,
        PlaceDocument place,
        String stated,
        String reckoned,
        String sentence,
        List<FixDocument> fixes,
        String muted) {

    /** A place: its JSON pointer, its name for people, and for a cell its part, row from 0 and column. */
    @Schema(name = "Place")
    public record PlaceDocument(String pointer, String wording, String part, Integer row, String column) {

        static PlaceDocument of(Place place) {
            return new PlaceDocument(
                    place.pointer(),
                    place.wording(),
                    place.part().map(part -> part.key()).orElse(null),
                    place.step().orElse(null),
                    place.column().map(column -> column.key()).orElse(null));
        }
    }

    /** A change that mends a finding: put the text at the place. */
    @Schema(name = "Fix")
    public record FixDocument(String label, PlaceDocument place, String text) {

        static FixDocument of(Fix fix) {
            return new FixDocument(fix.label(), PlaceDocument.of(fix.place()), fix.text());
        }
    }

    static FindingDocument of(Finding finding) {
        return new FindingDocument(
                finding.rule(),
                finding.severity().name().toLowerCase(Locale.ROOT),
                PlaceDocument.of(finding.place()),
                finding.stated(),
                finding.reckoned(),
                finding.sentence(),
                finding.fixes().stream().map(FixDocument::of).toList(),
                finding.muted().orElse(null));
    }
}
