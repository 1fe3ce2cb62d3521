package fluidframe.app.people;

/**
 * Published before a couple is erased, so that its lessons are.
 *
 * @param number its number in the database
 */
public record CoupleDeletion(String id, long number) {}
