package fluidframe.app.figures;

import fluidframe.core.notation.DraftDifference;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** One place in which two figures differ, "man, step 5, turn", and what each says there. */
@Schema(name = "FigureDifference")
public record FigureDifferenceDocument(String place, String before, String after) {

    /** Every place in which a figure differs from what it was before. */
    public static List<FigureDifferenceDocument> between(FigureDocument before, FigureDocument after) {
        return DraftDifference.between(FigureMapper.draft(before), FigureMapper.draft(after)).stream()
                .map(difference -> new FigureDifferenceDocument(
                        difference.place().wording(), difference.one(), difference.other()))
                .toList();
    }
}
