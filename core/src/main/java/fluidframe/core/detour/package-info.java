/** Ways round what stands in the way of a routine. */
package fluidframe.core.detour;
