/** How the music of a dance goes and how a piece of it is built. */
package fluidframe.core.music;
