package fluidframe.app.storage;

/**
 * One content of one stored document: what is computed of it holds for this edition for ever.
 *
 * @param era see {@link Changes}
 * @param id its number in the database
 * @param revision how often it has been changed
 */
public record Edition(long era, long id, long revision) {}
