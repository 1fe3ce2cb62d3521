package fluidframe.core.posture;

import java.util.List;

/**
 * One of the two as drawn: the joints of legs and arms from the middle outward, the spine from the hips up, the head.
 *
 * @param leftLeg hip, knee, ankle, toe
 * @param leftArm shoulder, elbow, hand
 * @param spine hips, ribs, neck
 * @param head its middle
 * @param nose where it looks
 * @param headSize metres across
 */
public record Body(
        List<Joint> leftLeg,
        List<Joint> rightLeg,
        List<Joint> leftArm,
        List<Joint> rightArm,
        List<Joint> spine,
        Joint head,
        Joint nose,
        double headSize) {

    public Body {
        leftLeg = List.copyOf(leftLeg);
        rightLeg = List.copyOf(rightLeg);
        leftArm = List.copyOf(leftArm);
        rightArm = List.copyOf(rightArm);
        spine = List.copyOf(spine);
    }
}
