package fluidframe.core.couple;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;
import java.util.Locale;

/** What the two parts are called. */
public enum Titles implements Term {
    MAN_LADY("man-lady", "Man", "Lady", Locale.UK),
    LEADER_FOLLOWER("leader-follower", "Leader", "Follower", new Locale("en", "GB", "LEADER"));

    public static final Lexicon<Titles> LEXICON =
            Lexicon.of(CoupleSentences.manLadyOrLeaderFollower(), List.of(values()));

    private final Words words;
    private final String man;
    private final String lady;
    private final Locale locale;

    Titles(String name, String man, String lady, Locale locale) {
        this.words = Words.of(name, man + " and " + lady);
        this.man = man;
        this.lady = lady;
        this.locale = locale;
    }

    public String of(Part part) {
        return part == Part.MAN ? man : lady;
    }

    /** The words in which sentences call them so. */
    public Locale locale() {
        return locale;
    }

    @Override
    public Words words() {
        return words;
    }
}
