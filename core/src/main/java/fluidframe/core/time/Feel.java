package fluidframe.core.time;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/**
 * Where "a" falls inside a beat. A quarter is the default because that is how the usual counted values ¾ ¼ 1 add up; a
 * third is for music that swings in triplets.
 */
public enum Feel implements Term {
    QUARTER("quarter", Beats.QUARTER),
    TRIPLET("triplet", Beats.THIRD);

    public static final Lexicon<Feel> LEXICON = Lexicon.of(TimeSentences.aFeelQuarterOrTriplet(), List.of(values()));

    private final Words words;
    private final Beats a;

    Feel(String name, Beats a) {
        this.words = Words.of(name, name);
        this.a = a;
    }

    @Override
    public Words words() {
        return words;
    }

    /** How long a step on "a" lasts when the next one falls on the beat. */
    public Beats a() {
        return a;
    }

    /** Where "a" falls when it stands alone or last within its beat. */
    Beats lateA() {
        return Beats.ONE.minus(a);
    }

    /** Where "&" falls when "a" follows it within the beat. */
    Beats andBeforeA() {
        return this == TRIPLET ? Beats.THIRD : Beats.HALF;
    }
}
