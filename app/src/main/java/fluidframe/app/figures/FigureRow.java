package fluidframe.app.figures;

import fluidframe.app.space.HeadingDocument;
import fluidframe.core.space.Heading;
import java.util.Arrays;
import java.util.List;

/** What a list needs of a stored figure, read without its document. */
record FigureRow(String id, long revision, String dance, String title, String level, String bars, String countText, String startFoot, String startPosition,
                 String startFacings, String endFoot, String endPosition, String endFacing, int errors, int warnings) {

    FigureSummary summary() {
        return new FigureSummary(id, revision, dance, title, level, bars, countText, new FigureSummary.End(startFoot, startPosition, headings(startFacings)),
                new FigureSummary.End(endFoot, endPosition, headings(endFacing)), errors, warnings);
    }

    private static List<HeadingDocument> headings(String names) {
        return Arrays.stream(names.split(" ")).map(Heading::parse).map(HeadingDocument::of).toList();
    }
}
