package fluidframe.core.motion;

import fluidframe.core.figure.Height;
import fluidframe.core.geometry.Stance;
import fluidframe.core.step.Step;

/**
 * One step of one dancer as it is to be danced.
 *
 * @param onset beats from the start
 * @param length beats until the dancer's next step
 * @param stance body and feet once it is taken
 * @param reached how high it brings the dancer
 * @param left how high it leaves the dancer
 */
public record Tread(double onset, double length, Step step, Stance stance, Height reached, Height left) {}
