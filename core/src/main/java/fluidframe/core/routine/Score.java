package fluidframe.core.routine;

import fluidframe.core.couple.Part;
import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.motion.Motion;
import fluidframe.core.motion.Tread;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Optional;

/**
 * A routine unrolled: every step of both parts with its time and place. Every view reads this one score.
 *
 * @param course the routine laid out in time
 * @param start both dancers before the first step; empty in an empty routine
 * @param steps by onset, the man before the lady
 * @param seconds length at the routine's tempo
 */
public record Score(Course course, Optional<CoupleStance> start, List<ScoreStep> steps, double seconds) {

    public Score {
        steps = List.copyOf(steps);
    }

    /** Unrolls a routine from where it starts on its floor. */
    public static Score of(Routine routine) {
        return new ScoreWriter(Course.of(routine)).write();
    }

    public Routine routine() {
        return course.routine();
    }

    public Beats firstBeat() {
        return course.firstBeat();
    }

    public List<ScoredPlacement> placements() {
        return course.placements();
    }

    public List<Seam> seams() {
        return course.seams();
    }

    /** Both dancers between the steps; empty in an empty routine. */
    public Optional<Motion> motion() {
        return start.map(stance -> Motion.of(stance, treads(Part.MAN), treads(Part.LADY), length().toDouble()));
    }

    private List<Tread> treads(Part part) {
        return steps.stream()
                .filter(step -> step.part() == part)
                .map(ScoreStep::tread)
                .toList();
    }

    /** Beats in all. */
    public Beats length() {
        return course.length();
    }
}
