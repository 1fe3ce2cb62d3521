package fluidframe.app.routines;

/** One line of the list of routines. */
public record RoutineSummary(String id, long revision, String title, String dance, int tempo, int placements, boolean archived) {
}
