/** How people say what a cell of a chart holds, read into shorthand: word for word, never guessed. */
package fluidframe.core.phrase;
