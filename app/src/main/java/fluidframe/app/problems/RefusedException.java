package fluidframe.app.problems;

import java.util.List;

/** What was sent was understood as a whole but is wrong in places; nothing of it was stored. */
public final class RefusedException extends RuntimeException {

    private final transient List<Fault> faults;

    public RefusedException(String message, List<Fault> faults) {
        super(message);
        this.faults = List.copyOf(faults);
    }

    /** With one fault. */
    public static RefusedException of(String place, String found, String expected) {
        Fault fault = Fault.of(place, found, expected);
        return new RefusedException(fault.sentence(), List.of(fault));
    }

    public List<Fault> faults() {
        return faults;
    }
}
