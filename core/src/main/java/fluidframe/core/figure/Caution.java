package fluidframe.core.figure;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What a coach warns of before a figure is danced. */
public enum Caution implements Term {
    WARM_UP("warm-up", "Warm up first. Pain is never the aim: stop, and see a qualified professional."),
    SPIN("spin", "Learn spins with a coach present, slowly and low before fast; knees stay in line with the toes."),
    SPIRAL(
            "spiral",
            "Learn spirals with a coach present and let the whole leg turn; never twist a knee on a stuck foot."),
    LUNGE("lunge", "Lunge low and slowly at first, with a coach present; the knee stays over the toes."),
    DIP("dip", "Dips and deep back-bends need a coach present, both partners ready, and a way out agreed beforehand."),
    LOCK_AT_SPEED("lock at speed", "Lock the feet slowly before fast, and practise in flat shoes first."),
    HIGH_HEELS("high heels", "Practise this footwork in flat shoes before high heels."),
    FLOOR_SPACE("floor space", "Check the floor, the space and the other couples before you travel."),
    LIFT(
            "lift",
            "No lifts unless the event allows them and both are trained. The rules of venue and organiser come first.");

    /** What is learned low and slowly, with a coach present, before anything else; a beginner is asked first. */
    public static final Set<Caution> DEEP = Collections.unmodifiableSet(EnumSet.of(LUNGE, DIP, SPIN, SPIRAL, LIFT));

    public static final Lexicon<Caution> LEXICON =
            Lexicon.of(FigureSentences.aCautionSuchAsSpinSpiral(), List.of(values()));

    private final Words words;

    Caution(String tag, String advice) {
        this.words = Words.of(tag, advice);
    }

    @Override
    public Words words() {
        return words;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
