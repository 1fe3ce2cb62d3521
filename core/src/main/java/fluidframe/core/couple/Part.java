package fluidframe.core.couple;

/**
 * The two parts of a dance. Nothing in the program depends on who dances which; a setting may show them as leader and
 * follower.
 */
public enum Part {
    MAN("man"), LADY("lady");

    private final String wording;

    Part(String wording) {
        this.wording = wording;
    }

    public String wording() {
        return wording;
    }

    public Part partner() {
        return this == MAN ? LADY : MAN;
    }
}
