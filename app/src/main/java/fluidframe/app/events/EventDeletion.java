package fluidframe.app.events;

/**
 * Published before an event is deleted, so that whatever leads up to it can object.
 *
 * @param number its number in the database
 */
public record EventDeletion(String id, long number) {}
