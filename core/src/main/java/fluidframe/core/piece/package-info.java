/** Pieces of music: how they are built, and how that is told, tapped or read from notes. */
package fluidframe.core.piece;
