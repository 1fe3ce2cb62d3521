package fluidframe.core.motion;

import fluidframe.core.couple.Part;
import fluidframe.core.geometry.CoupleStance;
import java.util.List;

/** Both dancers over time. */
public record Motion(DancerMotion man, DancerMotion lady) {

    /**
     * @param start where both stand before the first step
     * @param man his steps in order
     * @param lady hers
     * @param length beats until the end of the last step
     */
    public static Motion of(CoupleStance start, List<Tread> man, List<Tread> lady, double length) {
        return new MotionWriter(start, man, lady, length).write();
    }

    public DancerMotion of(Part part) {
        return part == Part.MAN ? man : lady;
    }
}
