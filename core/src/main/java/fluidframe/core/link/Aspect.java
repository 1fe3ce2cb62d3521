package fluidframe.core.link;

/** What is compared where two figures meet. */
public enum Aspect {
    MAN_FREE_FOOT("man's free foot"),
    LADY_FREE_FOOT("lady's free foot"),
    ALIGNMENT("alignment"),
    POSITION("position"),
    LINE("in line or outside partner"),
    HOLD("hold"),
    HEIGHT("height"),
    TRAVEL("direction of travel"),
    BEAT("beat of the bar"),
    NEIGHBOURS("listed neighbours"),
    LEVEL("level");

    private final String title;

    Aspect(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** In a sentence, with the parts called as they are there. */
    public String wording() {
        return switch (this) {
            case MAN_FREE_FOOT -> LinkSentences.mansFreeFoot();
            case LADY_FREE_FOOT -> LinkSentences.ladysFreeFoot();
            default -> title;
        };
    }
}
