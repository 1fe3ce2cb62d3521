package fluidframe.core.time;

import java.util.Collections;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * How a dance counts: its bar, the beats a figure may start on, what a slow and a quick are worth.
 *
 * @param beatsPerBar 2, 3 or 4
 * @param startBeats beats of the bar, counted from 1, on which a figure may start
 * @param slow what S lasts, if the dance uses words
 * @param quick what Q lasts, if the dance uses words
 * @param feel where "a" falls
 */
public record Rhythm(
        int beatsPerBar, SortedSet<Integer> startBeats, Optional<Beats> slow, Optional<Beats> quick, Feel feel) {

    public Rhythm {
        startBeats = Collections.unmodifiableSortedSet(new TreeSet<>(startBeats));
        if (beatsPerBar < 1 || startBeats.isEmpty() || startBeats.first() < 1 || startBeats.last() > beatsPerBar) {
            throw new IllegalArgumentException(TimeSentences.aBarNeedsBeatsAndFigures());
        }
    }

    public Beats bar() {
        return Beats.of(beatsPerBar);
    }

    public Optional<Beats> lengthOf(Word word) {
        return word == Word.S ? slow : quick;
    }

    /** What "&" takes from the word before it: half a quick, or half a beat where there is no quick. */
    public Beats and() {
        return quick.map(q -> new Beats(q.ticks() / 2)).orElse(Beats.HALF);
    }

    /** The beat of the bar, counted from 1, for a point counted from the first beat of some bar. */
    public int beatOfBar(Beats sinceBarLine) {
        return Math.floorMod(sinceBarLine.wholeBeats(), beatsPerBar) + 1;
    }

    /** Where in the bar a point lies, from zero up to the length of a bar. */
    public Beats withinBar(Beats sinceBarLine) {
        return new Beats(Math.floorMod(sinceBarLine.ticks(), bar().ticks()));
    }

    public boolean mayStartAt(Beats withinBar) {
        return withinBar.fraction().equals(Beats.ZERO) && startBeats.contains(withinBar.wholeBeats() + 1);
    }

    public Rhythm withFeel(Feel other) {
        return other == feel ? this : new Rhythm(beatsPerBar, startBeats, slow, quick, other);
    }
}
