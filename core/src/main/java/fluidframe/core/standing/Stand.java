package fluidframe.core.standing;

/** How a routine stands against a rule. */
public enum Stand {
    HOLDS("holds"),
    NEAR("near"),
    BREAKS("breaks");

    private final String wording;

    Stand(String wording) {
        this.wording = wording;
    }

    public String wording() {
        return wording;
    }

    Stand worse(Stand other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
