package fluidframe.app.routines;

import fluidframe.app.problems.Revision;

/** A routine as stored, with its revision. */
public record StoredRoutine(RoutineDocument document, Revision revision) {}
