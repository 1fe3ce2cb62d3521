package fluidframe.core.talk;

import fluidframe.core.notation.Column;

/**
 * Words that fill one cell.
 *
 * @param column the column they belong to
 * @param text what they say, in shorthand
 * @param sure whether they say it without a doubt; otherwise it is the likeliest
 * @param from their first token in the statement
 * @param to the token after their last
 */
record Segment(Column column, String text, boolean sure, int from, int to) {}
