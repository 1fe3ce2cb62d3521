package fluidframe.core.couple;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** What the two parts are called. */
public enum Titles implements Term {
    MAN_LADY("man-lady", "Man", "Lady"),
    LEADER_FOLLOWER("leader-follower", "Leader", "Follower");

    public static final Lexicon<Titles> LEXICON =
            Lexicon.of(CoupleSentences.manLadyOrLeaderFollower(), List.of(values()));

    private final Words words;
    private final String man;
    private final String lady;

    Titles(String name, String man, String lady) {
        this.words = Words.of(name, man + " and " + lady);
        this.man = man;
        this.lady = lady;
    }

    public String of(Part part) {
        return part == Part.MAN ? man : lady;
    }

    @Override
    public Words words() {
        return words;
    }
}
