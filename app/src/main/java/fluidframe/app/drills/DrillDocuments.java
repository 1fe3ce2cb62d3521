package fluidframe.app.drills;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.core.couple.Part;
import fluidframe.core.drill.Drill;
import fluidframe.core.drill.DrillSheet;
import fluidframe.core.drill.TempoLadder;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import fluidframe.core.text.Term;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What goes in and out when exercises are made. */
final class DrillDocuments {

    private DrillDocuments() {}

    /**
     * A figure of an exercise.
     *
     * @param split some of its steps, such as "steps 3-5", or a part by its name; absent for all
     * @param repeats how often its unit is danced in all; absent for once
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "DrillFigure")
    record DrillFigureDocument(
            @NotNull(message = "a figure's id") String figure, String split, Integer repeats) {

        Way way() {
            Way times = repeats == null ? Way.AS_CHARTED : Way.AS_CHARTED.withRepeats(repeats);
            return split == null || split.isBlank() ? times : times.withSplit(split);
        }

        static DrillFigureDocument of(Dancing dancing) {
            return new DrillFigureDocument(
                    dancing.figure().id(),
                    dancing.way().split().orElse(null),
                    dancing.way().repeats() == 1 ? null : dancing.way().repeats());
        }
    }

    /**
     * An exercise.
     *
     * @param figures one, or two for the seam between them
     * @param alone man or lady; absent where both dance
     * @param prop what is held or used
     * @param degrees how much of each turn and movement, in hundredths that rise; absent for all at once
     * @param from the slowest tempo, in hundredths of the usual
     * @param to the fastest
     * @param step how much faster each time
     * @param every how often at each tempo
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Drill")
    record DrillDocument(
            @NotNull(message = "figures") @Size(min = 1, max = 2, message = "1 or 2 figures")
            List<@Valid @NotNull(message = "a figure") DrillFigureDocument> figures,

            String alone,

            @Size(max = 200, message = "at most 200 letters")
            String prop,

            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean flatShoes,
            @Size(max = 6, message = "at most 6 degrees") List<@NotNull(message = "hundredths") Integer> degrees,

            @Schema(minimum = "" + TempoLadder.SLOWEST, maximum = "" + TempoLadder.FASTEST)
            @NotNull(message = "hundredths")
            Integer from,

            @Schema(minimum = "" + TempoLadder.SLOWEST, maximum = "" + TempoLadder.FASTEST)
            @NotNull(message = "hundredths")
            Integer to,

            @NotNull(message = "hundredths") Integer step,

            @Schema(minimum = "1", maximum = "" + TempoLadder.OFTENEST) @NotNull(message = "how often")
            Integer every) {

        static DrillDocument of(Drill drill) {
            return new DrillDocument(
                    drill.chain().stream().map(DrillFigureDocument::of).toList(),
                    drill.alone().map(Part::key).orElse(null),
                    drill.prop(),
                    drill.flatShoes(),
                    drill.degrees(),
                    drill.ladder().from(),
                    drill.ladder().to(),
                    drill.ladder().step(),
                    drill.ladder().every());
        }
    }

    /** An exercise as it is said, and as a routine that can be rehearsed. */
    @Schema(name = "DrillSheet")
    record DrillSheetDocument(
            DrillDocument drill,
            String title,
            List<String> sentences,
            List<Integer> rightTimes,
            boolean loops,
            List<String> cautions,
            RoutineDocument routine) {

        static DrillSheetDocument of(Drill drill, RoutineDocument routine) {
            DrillSheet sheet = DrillSheet.of(drill);
            return new DrillSheetDocument(
                    DrillDocument.of(drill),
                    sheet.title(),
                    sheet.sentences(),
                    sheet.rightTimes(),
                    sheet.loops(),
                    sheet.cautions().stream().map(Term::wording).toList(),
                    routine);
        }
    }
}
