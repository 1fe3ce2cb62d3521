/**
 * What is heard: the clicks of the metre, the spoken count and a simple accompaniment, first as cues in time, then as
 * sound or as notes.
 */
package fluidframe.core.sound;
