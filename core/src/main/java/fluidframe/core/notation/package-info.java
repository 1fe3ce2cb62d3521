/** The chart language in one place: columns, what may stand in them, and figures read from and written to text. */
package fluidframe.core.notation;
