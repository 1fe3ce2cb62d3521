/** Beats, counts and what a dance's rhythm makes of them. All values are exact: a beat has 48 ticks. */
package fluidframe.core.time;
