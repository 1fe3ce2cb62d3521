package fluidframe.core.posture;

/**
 * How the two are joined.
 *
 * @param distance centimetres between the middles of the bodies
 * @param offset centimetres by which the lady stands to his right
 * @param hands how high the joined hands are
 * @param out centimetres by which they are held out to the side
 * @param elbows degrees by which the elbows hang below the line of the shoulders
 * @param touch where the bodies touch, in the coach's words; empty where they do not
 */
public record Frame(int distance, int offset, HandHeight hands, int out, int elbows, String touch, Tracks tracks) {

    private static final int FARTHEST = 300;
    private static final int FARTHEST_TO_THE_SIDE = 80;
    private static final int STRAIGHT_DOWN = 90;

    /** @throws IllegalArgumentException if nobody stands so */
    public Frame {
        if (distance < 0 || distance > FARTHEST) {
            throw new IllegalArgumentException(PostureSentences.aDistanceOfCmExpected0(distance, FARTHEST));
        }
        if (Math.abs(offset) > FARTHEST_TO_THE_SIDE || out < 0 || out > FARTHEST_TO_THE_SIDE) {
            throw new IllegalArgumentException(
                    PostureSentences.offsetCmHandsOutCmExpected(offset, out, FARTHEST_TO_THE_SIDE));
        }
        if (elbows < 0 || elbows > STRAIGHT_DOWN) {
            throw new IllegalArgumentException(
                    PostureSentences.elbowsDegreesBelowTheShouldersExpected(elbows, STRAIGHT_DOWN));
        }
    }
}
