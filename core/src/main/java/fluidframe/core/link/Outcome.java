package fluidframe.core.link;

/** How well two figures fit, best first. */
public enum Outcome {
    HOLDS,
    BENDS,
    BREAKS;

    public Outcome worse(Outcome other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
