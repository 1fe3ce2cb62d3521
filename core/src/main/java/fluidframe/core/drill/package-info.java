/**
 * Exercises: a few steps, a unit again and again, or a seam; alone or with a prop, one degree at a time, and faster and
 * faster.
 */
package fluidframe.core.drill;
