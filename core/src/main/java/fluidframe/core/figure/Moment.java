package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.time.Beats;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * An onset at which one part or both place a foot.
 *
 * @param onset beats from the start of the figure
 * @param manRow the man's row that begins here
 * @param ladyRow the lady's row that begins here
 * @param manDone the man's latest row that has begun
 * @param ladyDone the lady's latest row that has begun
 * @param relation position and hold from here on
 * @param passing a position only of this step: a step outside partner
 */
public record Moment(
        Beats onset,
        OptionalInt manRow,
        OptionalInt ladyRow,
        int manDone,
        int ladyDone,
        Relation relation,
        Optional<Position> passing) {

    /** The part's row that begins here. */
    public OptionalInt row(Part part) {
        return part == Part.MAN ? manRow : ladyRow;
    }

    /** Whether both place a foot. */
    public boolean isShared() {
        return manRow.isPresent() && ladyRow.isPresent();
    }

    /** Where the lady stands to the man at this very step. */
    public Relation standing() {
        return passing.map(relation::with).orElse(relation);
    }
}
