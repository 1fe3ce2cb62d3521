package fluidframe.app.problems;

import java.util.List;

/** What was sent was understood as a whole but is wrong in places; nothing of it was stored. */
public final class RefusedException extends RuntimeException {

    private final transient List<Fault> faults;

    public RefusedException(String message, List<Fault> faults) {
        super(message);
        this.faults = List.copyOf(faults);
    }

    public List<Fault> faults() {
        return faults;
    }
}
