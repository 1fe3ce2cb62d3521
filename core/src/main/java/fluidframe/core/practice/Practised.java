package fluidframe.core.practice;

import fluidframe.core.memory.Grade;
import fluidframe.core.memory.Memory;
import java.time.Instant;

/**
 * How something stands with a couple.
 *
 * @param times how often it was practised; a fault: how often it was looked for
 * @param lost how often it was lost; a fault: how often it was seen
 * @param first when it was first practised or seen
 * @param last how it went last
 */
public record Practised(Subject subject, Memory memory, int times, int lost, Instant first, Grade last) {

    /** A week, and a month: what is had for longer is steady, and secure. */
    private static final double STEADY_DAYS = 7;

    private static final double SECURE_DAYS = 30;

    static Practised first(Subject subject, Grade grade, Instant at) {
        return new Practised(subject, Memory.first(grade, at), 1, grade == Grade.LOST ? 1 : 0, at, grade);
    }

    Practised then(Grade grade, Instant at) {
        return new Practised(
                subject, memory.then(grade, at), times + 1, lost + (grade == Grade.LOST ? 1 : 0), first, grade);
    }

    /** Lost things have to be shown again; what went well once has only been shown. */
    public Stage stage() {
        if (times == 1 && last.compareTo(Grade.SECURE) < 0 || last == Grade.LOST) {
            return Stage.SHOWN;
        }
        if (memory.stability() < STEADY_DAYS || last == Grade.SHAKY) {
            return Stage.COMING;
        }
        return memory.stability() < SECURE_DAYS ? Stage.STEADY : Stage.SECURE;
    }

    /** Whether it is a fault that has come back after it was away. */
    public boolean keepsComingBack() {
        return subject instanceof Subject.Fault && lost >= 3;
    }
}
