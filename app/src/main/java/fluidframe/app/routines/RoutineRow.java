package fluidframe.app.routines;

import fluidframe.app.storage.Edition;

/** What a list needs of a stored routine, read without its document. */
record RoutineRow(long id, String slug, long revision, String title, String dance, int tempo, int placements, boolean archived) {

    Edition edition(long era) {
        return new Edition(era, id, revision);
    }

    RoutineSummary summary() {
        return new RoutineSummary(slug, revision, title, dance, tempo, placements, archived);
    }
}
