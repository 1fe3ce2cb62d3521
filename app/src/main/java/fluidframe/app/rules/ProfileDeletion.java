package fluidframe.app.rules;

/**
 * Published before rules are deleted, so that an event under them can object.
 *
 * @param number their number in the database
 */
public record ProfileDeletion(String id, long number) {}
