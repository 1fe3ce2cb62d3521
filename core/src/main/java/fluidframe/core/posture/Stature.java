package fluidframe.core.posture;

import java.util.List;

/**
 * The bones of somebody in a posture, before the hands are placed. The lengths are shares of the height as anatomists
 * measure them: hips at 0.53, knees at 0.285, shoulders at 0.82 and a quarter of it apart, upper arm 0.186, forearm and
 * hand 0.21.
 */
final class Stature {

    private static final double HIP = 0.53;
    private static final double KNEE = 0.285;
    private static final double ANKLE = 0.04;
    private static final double SHOULDER = 0.82;
    private static final double NECK = 0.86;
    private static final double HEAD = 0.93;
    private static final double HALF_SHOULDERS = 0.115;
    private static final double HALF_HIPS = 0.05;
    private static final double FOOT = 0.15;
    private static final double UPPER_ARM = 0.186;
    private static final double LOWER_ARM = 0.21;
    private static final double HEAD_SIZE = 0.12;
    private static final double BETWEEN_HIPS_AND_NECK = 0.5;

    private final Posture posture;
    private final double height;
    private final Joint place;
    private final double facing;

    /**
     * @param height metres
     * @param place on the floor
     * @param facing radians to the left of where the man looks
     */
    Stature(Posture posture, double height, Joint place, double facing) {
        this.posture = posture;
        this.height = height;
        this.place = place;
        this.facing = facing;
    }

    double reach() {
        return (UPPER_ARM + LOWER_ARM) * height;
    }

    /** Of the dancer's own forward and left, in the room. */
    private Joint at(double forward, double left, double up) {
        return new Joint(forward, left, up).turned(facing).plus(place);
    }

    private Joint direction(double forward, double left, double up) {
        return new Joint(forward, left, up).turned(facing);
    }

    private double bend() {
        return Math.toRadians(posture.knees().degrees());
    }

    private double hipHeight() {
        return ANKLE * height + (HIP - ANKLE) * height * Math.cos(bend());
    }

    private double hipsForward() {
        return posture.weight().forward() + posture.hips().forward();
    }

    /** Above the hips, along the leaning spine. */
    private Joint above(double share, double left) {
        double up = (share - HIP) * height;
        double lean = Math.toRadians(posture.lean());
        double tilt = Math.toRadians(posture.ribs().tilt());
        return at(
                hipsForward() + up * Math.sin(lean),
                posture.hips().left() + left * Math.cos(tilt) + up * Math.sin(tilt),
                hipHeight() + up * Math.cos(lean) * Math.cos(tilt) - left * Math.sin(tilt));
    }

    Joint shoulder(boolean left) {
        double half = HALF_SHOULDERS * height + posture.shoulders().wider();
        return above(SHOULDER, left ? half : -half);
    }

    /** Behind the left shoulder, where his right hand lies. */
    Joint leftBlade() {
        return above(SHOULDER - 0.06, HALF_SHOULDERS * height * 0.6).plus(direction(-0.07, 0, 0));
    }

    Joint eyes() {
        return above(HEAD, 0);
    }

    Body with(List<Joint> leftArm, List<Joint> rightArm) {
        double turn = Math.toRadians(posture.head().degrees());
        Joint head = above(HEAD, 0);
        Joint nose = head.plus(direction(Math.cos(turn), Math.sin(turn), 0).times(HEAD_SIZE * height * 0.75));
        List<Joint> spine =
                List.of(above(HIP, 0), above(HIP + (NECK - HIP) * BETWEEN_HIPS_AND_NECK, 0), above(NECK, 0));
        return new Body(leg(true), leg(false), leftArm, rightArm, spine, head, nose, HEAD_SIZE * height);
    }

    private List<Joint> leg(boolean left) {
        int side = left ? 1 : -1;
        FeetStance feet = posture.feet();
        double ankleForward = left ? 0 : feet.lead();
        double ankleLeft = side * feet.gap() / 2;
        Joint hip = at(hipsForward(), posture.hips().left() + side * HALF_HIPS * height, hipHeight());
        Joint ankle = at(ankleForward, ankleLeft, ANKLE * height);
        Joint knee = hip.middle(ankle).plus(direction((HIP - KNEE) * height * Math.sin(bend()), 0, 0));
        double out = side * Math.toRadians(feet.turnOut());
        return List.of(
                hip,
                knee,
                ankle,
                ankle.plus(direction(Math.cos(out), Math.sin(out), 0).times(FOOT * height))
                        .plus(new Joint(0, 0, -ANKLE * height * 0.8)));
    }

    /**
     * Shoulder, elbow and hand of an arm that reaches for a point, as far as it can; the elbow hangs by so many degrees
     * below the line of the shoulders.
     */
    List<Joint> arm(boolean left, Joint hand, int elbowDegrees) {
        Joint shoulder = shoulder(left);
        Joint way = hand.minus(shoulder);
        double far = Math.min(way.length(), reach() * 0.999);
        Joint along = way.unit();
        double upper = UPPER_ARM * height;
        double lower = LOWER_ARM * height;
        double onTheWay = (upper * upper - lower * lower + far * far) / (2 * Math.max(far, 0.01));
        double aside = Math.sqrt(Math.max(0, upper * upper - onTheWay * onTheWay));
        double hang = Math.toRadians(elbowDegrees);
        Joint hint = direction(-0.2, (left ? 1 : -1) * Math.cos(hang), -Math.sin(hang))
                .across(along)
                .unit();
        return List.of(
                shoulder,
                shoulder.plus(along.times(onTheWay)).plus(hint.times(aside)),
                shoulder.plus(along.times(far)));
    }

    /** An arm that holds nothing, out to the side and a little down. */
    List<Joint> freeArm(boolean left) {
        return arm(left, shoulder(left).plus(direction(0.08, (left ? 1 : -1) * reach() * 0.85, -reach() * 0.35)), 45);
    }

    Joint upperArm(List<Joint> arm) {
        return arm.get(0).middle(arm.get(1));
    }
}
