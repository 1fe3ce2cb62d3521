package fluidframe.app.pieces;

/**
 * Published before a piece is deleted, so that whoever still dances to it can object.
 *
 * @param number its number in the database
 */
public record PieceDeletion(String id, long number) {}
