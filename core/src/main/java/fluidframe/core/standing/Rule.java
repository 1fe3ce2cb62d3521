package fluidframe.core.standing;

/** What a routine is held against. */
public enum Rule {
    DANCE("Dance"),
    SECONDS("Length"),
    BARS("Bars"),
    TEMPO("Tempo"),
    LEVEL("Level"),
    FIGURES("Figures"),
    PARTS("Parts of figures"),
    SYLLABUS("What follows what"),
    ELEMENTS("Elements"),
    ACTIONS("Actions"),
    LIFTS("Lifts"),
    HOLD("Hold"),
    ENTRY("Entry"),
    EXIT("Exit");

    private final String title;

    Rule(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
