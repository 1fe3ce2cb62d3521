/**
 * Posture and hold, from the feet up, for each position of a dance: what it is, whether it can be, and how it looks.
 */
package fluidframe.core.posture;
