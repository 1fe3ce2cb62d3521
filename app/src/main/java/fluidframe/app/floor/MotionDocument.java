package fluidframe.app.floor;

import fluidframe.core.motion.Curve;
import fluidframe.core.motion.DancerMotion;
import fluidframe.core.motion.Motion;
import fluidframe.core.motion.PlaceCurve;
import io.swagger.v3.oas.annotations.media.Schema;
import tools.jackson.databind.annotation.JsonSerialize;

/**
 * Both dancers between the steps. Every curve is a list of keys, three numbers each: the beat, the value there, and how
 * fast the value changes there for each beat; between two keys it is the cubic with those slopes, before the first and
 * after the last it stands still.
 */
@Schema(name = "Motion")
public record MotionDocument(DancerMotionDocument man, DancerMotionDocument lady) {

    /** One dancer: places, the share of the weight on the left foot, and how far risen, both from 0 to 1. */
    @Schema(name = "DancerMotion")
    public record DancerMotionDocument(
            PlaceCurveDocument body,
            PlaceCurveDocument left,
            PlaceCurveDocument right,
            @JsonSerialize(using = RoundedNumbers.class) double[] weight,
            @JsonSerialize(using = RoundedNumbers.class) double[] height) {

        static DancerMotionDocument of(DancerMotion motion) {
            return new DancerMotionDocument(
                    PlaceCurveDocument.of(motion.body()),
                    PlaceCurveDocument.of(motion.left()),
                    PlaceCurveDocument.of(motion.right()),
                    keys(motion.weight(), 1),
                    keys(motion.height(), 1));
        }
    }

    /** A place in metres and where it looks in degrees, counted on past a whole turn. */
    @Schema(name = "PlaceCurve")
    public record PlaceCurveDocument(
            @JsonSerialize(using = RoundedNumbers.class) double[] x,
            @JsonSerialize(using = RoundedNumbers.class) double[] y,
            @JsonSerialize(using = RoundedNumbers.class) double[] degrees) {

        static PlaceCurveDocument of(PlaceCurve curve) {
            return new PlaceCurveDocument(
                    keys(curve.x(), 1), keys(curve.y(), 1), keys(curve.angle(), Math.toDegrees(1)));
        }
    }

    public static MotionDocument of(Motion motion) {
        return new MotionDocument(DancerMotionDocument.of(motion.man()), DancerMotionDocument.of(motion.lady()));
    }

    private static double[] keys(Curve curve, double unit) {
        double[] keys = new double[3 * curve.size()];
        for (int key = 0; key < curve.size(); key++) {
            keys[3 * key] = curve.time(key);
            keys[3 * key + 1] = curve.value(key) * unit;
            keys[3 * key + 2] = curve.slope(key) * unit;
        }
        return keys;
    }
}
