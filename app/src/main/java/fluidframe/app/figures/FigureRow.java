package fluidframe.app.figures;

import fluidframe.app.space.HeadingDocument;
import fluidframe.app.storage.Edition;
import fluidframe.core.space.Heading;
import java.util.Arrays;
import java.util.List;

/** What a list needs of a stored figure, read without its document. */
record FigureRow(
        long id,
        String slug,
        long revision,
        String dance,
        String title,
        String otherNames,
        String level,
        String bars,
        String countText,
        String startFoot,
        String startPosition,
        String startFacings,
        String endFoot,
        String endPosition,
        String endFacing,
        int errors,
        int warnings) {

    Edition edition(long era) {
        return new Edition(era, id, revision);
    }

    FigureSummary summary() {
        return new FigureSummary(
                slug,
                revision,
                dance,
                title,
                otherNames.isEmpty() ? List.of() : List.of(otherNames.split("\n")),
                level,
                bars,
                countText,
                new FigureSummary.End(startFoot, startPosition, headings(startFacings)),
                new FigureSummary.End(endFoot, endPosition, headings(endFacing)),
                errors,
                warnings);
    }

    private static List<HeadingDocument> headings(String names) {
        return Arrays.stream(names.split(" "))
                .map(Heading::parse)
                .map(HeadingDocument::of)
                .toList();
    }
}
