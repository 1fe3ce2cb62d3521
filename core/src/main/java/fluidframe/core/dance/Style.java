package fluidframe.core.dance;

/** The four families of dances. */
public enum Style {
    STANDARD("International Standard"),
    LATIN("International Latin"),
    SMOOTH("American Smooth"),
    RHYTHM("American Rhythm");

    private final String title;

    Style(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
