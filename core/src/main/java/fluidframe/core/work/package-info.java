/** Keeping computations within bounds: how much may be asked of one, and calling it off while it runs. */
package fluidframe.core.work;
