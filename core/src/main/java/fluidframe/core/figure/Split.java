package fluidframe.core.figure;

/**
 * A part of a figure that may be used on its own.
 *
 * @param name  what coaches call it
 * @param first first row of the man's chart, from 1
 * @param last  last row of the man's chart
 */
public record Split(String name, int first, int last) {
}
