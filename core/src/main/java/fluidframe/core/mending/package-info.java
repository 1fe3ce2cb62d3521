/** Repairs written into a routine, one seam or all. */
package fluidframe.core.mending;
