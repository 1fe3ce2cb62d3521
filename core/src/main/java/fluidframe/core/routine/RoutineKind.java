package fluidframe.core.routine;

import fluidframe.core.link.Element;
import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** What a routine is for; coaches look their routines through by it. */
public enum RoutineKind implements Term {
    COMPETITION("competition"),
    SHOWCASE("showcase"),
    STUDY("study");

    public static final Lexicon<RoutineKind> LEXICON = Lexicon.of(RoutineSentences.aKindOfRoutine(), List.of(values()));

    private final Words words;

    RoutineKind(String title) {
        this.words = Words.of(title, title);
    }

    /**
     * What a routine is for where nobody has said it: entrances, poses and other things that are no figures belong to
     * showcases.
     */
    public static RoutineKind of(Routine routine) {
        return routine.placements().stream().anyMatch(placement -> placement.item() instanceof Element)
                ? SHOWCASE
                : COMPETITION;
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
