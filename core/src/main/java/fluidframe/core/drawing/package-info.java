/** Pictures true to scale, as SVG: a routine's way over the floor, and a figure's steps. */
package fluidframe.core.drawing;
