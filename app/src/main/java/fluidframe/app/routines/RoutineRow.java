package fluidframe.app.routines;

import fluidframe.app.storage.Edition;
import java.time.Instant;
import java.util.Optional;

/** What a list needs of a stored routine, read without its document. */
record RoutineRow(
        long id, String slug, long revision, String title, String dance, int tempo, int placements, boolean archived) {

    Edition edition(long era) {
        return new Edition(era, id, revision);
    }

    /** @param kept when the coach kept it last; empty for one that is as it was brought in */
    RoutineSummary summary(Optional<Instant> kept) {
        return new RoutineSummary(slug, revision, title, dance, tempo, placements, archived, kept.orElse(null));
    }
}
