/**
 * Composing: the best sequences of figures that fill a stretch of a routine, or the proof that there is none and what
 * would allow one.
 */
package fluidframe.core.compose;
