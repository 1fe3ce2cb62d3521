/** Figures linked into a routine, and the score unrolled from it. */
package fluidframe.core.routine;
