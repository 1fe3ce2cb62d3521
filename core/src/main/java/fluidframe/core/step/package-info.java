/** One row of a chart: the vocabulary of feet, foot positions, turns, rise, footwork, sway and body action. */
package fluidframe.core.step;
