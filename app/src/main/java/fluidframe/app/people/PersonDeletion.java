package fluidframe.app.people;

/**
 * Published before somebody is erased, so that everything about them is.
 *
 * @param number their number in the database
 * @param name by which they may be spoken of elsewhere
 */
public record PersonDeletion(String id, long number, String name) {}
