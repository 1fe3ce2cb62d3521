package fluidframe.core.phrase;

import fluidframe.core.space.Side;
import fluidframe.core.step.Foot;
import fluidframe.core.step.StepDirection;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What is known of a row while one of its cells is read; it decides which of two readings is the likelier, and finds
 * what contradicts the row.
 *
 * @param row the number of the row, from 1
 * @param foot the foot it is danced with
 * @param direction where the foot goes
 * @param turning the side to which the figure turns
 * @param lastBeat the beat of the bar that was counted before, as it is written
 * @param beatsInBar how many beats a bar has
 */
@RecordBuilder
public record Situation(
        OptionalInt row,
        Optional<Foot> foot,
        Optional<StepDirection> direction,
        Optional<Side> turning,
        OptionalInt lastBeat,
        OptionalInt beatsInBar)
        implements SituationBuilder.With {

    public static final Situation UNKNOWN = new Situation(
            OptionalInt.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            OptionalInt.empty(),
            OptionalInt.empty());
}
