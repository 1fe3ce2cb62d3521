package fluidframe.core.audit;

/** How much a finding matters. */
public enum Severity {
    /** It cannot be danced, or it does not add up. */
    ERROR,
    /** It is unusual; look again. */
    WARNING,
    /** It is a cue. */
    NOTE
}
