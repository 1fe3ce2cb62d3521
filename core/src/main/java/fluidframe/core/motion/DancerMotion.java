package fluidframe.core.motion;

import fluidframe.core.step.Foot;

/**
 * One dancer over time, in beats from the start of the dancing; the first step is on its way a beat before.
 *
 * @param body centre of the body
 * @param left left foot
 * @param right right foot
 * @param weight share of the weight on the left foot, from 0 to 1
 * @param height how far the dancer has risen, from 0 to 1
 */
public record DancerMotion(PlaceCurve body, PlaceCurve left, PlaceCurve right, Curve weight, Curve height) {

    public PlaceCurve foot(Foot foot) {
        return foot == Foot.LEFT ? left : right;
    }

    /** Share of the weight on a foot. */
    public double weightOn(Foot foot, double beat) {
        return foot == Foot.LEFT ? weight.at(beat) : 1 - weight.at(beat);
    }
}
