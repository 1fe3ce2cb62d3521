package fluidframe.core.space;

/** Left or right. */
public enum Side {
    LEFT("L", "left"),
    RIGHT("R", "right");

    private final String letter;
    private final String wording;

    Side(String letter, String wording) {
        this.letter = letter;
        this.wording = wording;
    }

    public String letter() {
        return letter;
    }

    public String wording() {
        return wording;
    }

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** +1 to the left, −1 to the right: the sense of angles. */
    public int sign() {
        return this == LEFT ? 1 : -1;
    }
}
