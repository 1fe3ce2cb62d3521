/**
 * What a book of figures holds, counted and checked: for a coach to see where it is rich and where something is
 * missing.
 */
package fluidframe.core.book;
