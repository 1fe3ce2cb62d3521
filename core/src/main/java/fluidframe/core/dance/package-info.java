/** The dances the program knows, each with its rhythm, tempo and character. */
package fluidframe.core.dance;
