/**
 * The day of an event: who dances when, in which heat and on which floor, with rest between and one coach for all of
 * them.
 */
package fluidframe.core.day;
