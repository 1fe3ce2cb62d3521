/**
 * Passages of a routine exchanged for others that last exactly as long as is wanted and follow what stands beside them.
 */
package fluidframe.core.replacing;
