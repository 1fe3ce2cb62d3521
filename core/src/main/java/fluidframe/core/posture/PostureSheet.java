package fluidframe.core.posture;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Caution;
import java.util.List;

/**
 * Posture and hold for one position of some dances.
 *
 * @param build how it is built up, in order
 * @param schools where schools differ, in the coach's words
 */
public record PostureSheet(
        String id,
        String title,
        List<Dance> dances,
        Relation relation,
        Posture man,
        Posture lady,
        Frame frame,
        List<String> build,
        List<String> faults,
        List<String> drills,
        List<Caution> cautions,
        List<String> schools) {

    public PostureSheet {
        dances = List.copyOf(dances);
        build = List.copyOf(build);
        faults = List.copyOf(faults);
        drills = List.copyOf(drills);
        cautions = List.copyOf(cautions);
        schools = List.copyOf(schools);
    }

    public Posture of(Part part) {
        return part == Part.MAN ? man : lady;
    }

    /** Whether it is the sheet for a dance's position and hold. */
    public boolean isFor(Dance dance, Relation other) {
        return dances.contains(dance) && relation.position() == other.position() && relation.hold() == other.hold();
    }
}
