/** Directions in the room, turns and alignments, exact to a sixteenth of a turn; and points on the floor in metres. */
package fluidframe.core.space;
