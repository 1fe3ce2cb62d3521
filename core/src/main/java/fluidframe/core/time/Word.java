package fluidframe.core.time;

/** The two words of a spoken rhythm; what they are worth is the dance's to say. */
public enum Word {
    S,
    Q
}
