/** Routines as coaches list them, line by line: read against a book, and written again. */
package fluidframe.core.listing;
