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
    WARM_UP("warm-up", FigureSentences.warmUpFirstPainIs()),
    SPIN("spin", FigureSentences.learnSpinsWithACoach()),
    SPIRAL("spiral", FigureSentences.learnSpiralsWithACoach()),
    LUNGE("lunge", FigureSentences.lungeLowAndSlowlyAt()),
    DIP("dip", FigureSentences.dipsAndDeepBackBends()),
    LOCK_AT_SPEED("lock at speed", FigureSentences.lockTheFeetSlowlyBefore()),
    HIGH_HEELS("high heels", FigureSentences.practiseThisFootworkInFlat()),
    FLOOR_SPACE("floor space", FigureSentences.checkTheFloorTheSpace()),
    LIFT("lift", FigureSentences.noLiftsUnlessTheEvent());

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
