package fluidframe.core.routine;

import fluidframe.core.figure.Figure;
import fluidframe.core.space.Alignment;

import java.util.Optional;

/**
 * One figure in a routine.
 *
 * @param figure      the figure
 * @param start       the man's alignment it starts on here; empty to take the nearest it may start on
 * @param cornerAfter whether the couple turn a corner of the room after it
 * @param highlight   whether it should catch the eye
 * @param note        anything the coach wants to remember
 */
public record Placement(Figure figure, Optional<Alignment> start, boolean cornerAfter, boolean highlight, String note) {
}
