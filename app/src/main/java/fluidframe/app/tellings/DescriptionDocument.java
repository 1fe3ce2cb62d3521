package fluidframe.app.tellings;

import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.phrase.Leftover;
import fluidframe.core.talk.Description;
import fluidframe.core.talk.Taken;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What a telling made of a figure.
 *
 * @param taken what was taken from which words
 * @param leftovers the words that were not understood
 */
@Schema(name = "Description")
record DescriptionDocument(FigureDocument figure, List<TakenDocument> taken, List<LeftoverDocument> leftovers) {

    /**
     * @param from where the words begin in the text
     * @param to where they end
     * @param pointer the place they fill
     * @param place the same in words
     * @param text what stands there
     * @param derived whether it was not said but follows
     */
    @Schema(name = "Taken")
    record TakenDocument(int from, int to, String pointer, String place, String text, boolean derived) {

        static TakenDocument of(Taken taken) {
            Place place = taken.place();
            return new TakenDocument(
                    taken.from(),
                    taken.to(),
                    place.pointer(),
                    place.column().map(Column::title).orElse(place.field()),
                    taken.text(),
                    taken.derived());
        }
    }

    /** Words that were not understood. */
    @Schema(name = "Leftover")
    record LeftoverDocument(int from, int to, String text) {

        static LeftoverDocument of(Leftover leftover) {
            return new LeftoverDocument(leftover.from(), leftover.to(), leftover.text());
        }
    }

    static DescriptionDocument of(Description description) {
        return new DescriptionDocument(
                FigureMapper.document(description.figure()),
                description.taken().stream().map(TakenDocument::of).toList(),
                description.leftovers().stream().map(LeftoverDocument::of).toList());
    }
}
