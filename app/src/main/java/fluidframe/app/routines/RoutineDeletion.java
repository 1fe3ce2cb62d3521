package fluidframe.app.routines;

/**
 * Published before a routine is deleted, so that whoever still dances it can object.
 *
 * @param number its number in the database
 */
public record RoutineDeletion(String id, long number) {}
