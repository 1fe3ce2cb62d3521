package fluidframe.core.music;

import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How fast a piece goes from beat to beat, and with that when each of its beats is heard. Between two changes the tempo
 * stands still, or goes from one to the other by as many bars a minute with every beat; so the time of a beat is a sum
 * of exact integrals, and finding the beat of a time is as exact.
 *
 * @param beatsPerBar 2 to 4
 * @param changes by time, at least one; before the first it is as fast as there
 */
public record TempoMap(int beatsPerBar, List<Change> changes) {

    private static final double SECONDS_IN_MINUTE = 60;
    public static final double SLOWEST = 1;
    public static final double FASTEST = 400;

    /**
     * From here on the piece goes so fast.
     *
     * @param at beats from the first bar line
     * @param barsPerMinute {@value #SLOWEST} to {@value #FASTEST}
     * @param gradual whether it has come to that little by little since the change before
     */
    public record Change(Beats at, double barsPerMinute, boolean gradual) {

        /** @throws IllegalArgumentException for a tempo that no music has */
        public Change {
            if (!(barsPerMinute >= SLOWEST && barsPerMinute <= FASTEST)) {
                throw new IllegalArgumentException(MusicSentences.aTempoOfBarsAMinute(barsPerMinute));
            }
        }
    }

    /** @throws IllegalArgumentException if nothing is said, or two changes stand on one beat */
    public TempoMap {
        changes = changes.stream().sorted(Comparator.comparing(Change::at)).toList();
        if (changes.isEmpty() || changes.stream().map(Change::at).distinct().count() < changes.size()) {
            throw new IllegalArgumentException(MusicSentences.aPieceHasATempoAnd());
        }
    }

    /** As fast all the time. */
    public static TempoMap steady(int beatsPerBar, double barsPerMinute) {
        return new TempoMap(beatsPerBar, List.of(new Change(Beats.ZERO, barsPerMinute, false)));
    }

    public static TempoMap steady(Beats bar, Tempo tempo) {
        return steady(bar.wholeBeats(), tempo.barsPerMinute());
    }

    public boolean isSteady() {
        return changes.stream()
                .allMatch(change -> change.barsPerMinute() == changes.get(0).barsPerMinute());
    }

    /** How fast it goes at the beginning, bars a minute. */
    public double opening() {
        return changes.get(0).barsPerMinute();
    }

    /** Seconds from the first bar line to a beat; less than zero before it. */
    public double seconds(double beat) {
        return sinceFirstChange(beat) - sinceFirstChange(0);
    }

    public double seconds(Beats beat) {
        return seconds(beat.toDouble());
    }

    /** The beat that is heard so many seconds after the first bar line. */
    public double beat(double seconds) {
        double wanted = seconds + sinceFirstChange(0);
        double at = changes.get(0).at().toDouble();
        if (wanted <= 0) {
            return at + wanted * beatsPerSecond(opening());
        }
        double gone = 0;
        for (int i = 0; i + 1 < changes.size(); i++) {
            double from = changes.get(i).at().toDouble();
            double to = changes.get(i + 1).at().toDouble();
            double lasts = lasts(i, to);
            if (gone + lasts >= wanted) {
                return from + within(i, to - from, wanted - gone);
            }
            gone += lasts;
        }
        Change last = changes.get(changes.size() - 1);
        return last.at().toDouble() + (wanted - gone) * beatsPerSecond(last.barsPerMinute());
    }

    /** Bars a minute at a beat. */
    public double barsPerMinute(double beat) {
        int i = changeBefore(beat);
        if (i < 0) {
            return opening();
        }
        Change change = changes.get(i);
        return becomesGradually(i)
                ? change.barsPerMinute() + slope(i) * (beat - change.at().toDouble())
                : change.barsPerMinute();
    }

    private double sinceFirstChange(double beat) {
        double first = changes.get(0).at().toDouble();
        if (beat <= first) {
            return (beat - first) / beatsPerSecond(opening());
        }
        double gone = 0;
        int last = changeBefore(beat);
        for (int i = 0; i < last; i++) {
            gone += lasts(i, changes.get(i + 1).at().toDouble());
        }
        return gone + lasts(last, beat);
    }

    private int changeBefore(double beat) {
        int before = -1;
        while (before + 1 < changes.size() && changes.get(before + 1).at().toDouble() <= beat) {
            before++;
        }
        return before;
    }

    private boolean becomesGradually(int i) {
        return i + 1 < changes.size()
                && changes.get(i + 1).gradual()
                && changes.get(i + 1).barsPerMinute() != changes.get(i).barsPerMinute();
    }

    /** By how many bars a minute the tempo grows with each beat. */
    private double slope(int i) {
        Change from = changes.get(i);
        Change to = changes.get(i + 1);
        return (to.barsPerMinute() - from.barsPerMinute())
                / to.at().minus(from.at()).toDouble();
    }

    /** Seconds from a change to a beat before the next: the integral of one over the tempo. */
    private double lasts(int i, double beat) {
        Change change = changes.get(i);
        double beats = beat - change.at().toDouble();
        double speed = beatsPerSecond(change.barsPerMinute());
        if (!becomesGradually(i)) {
            return beats / speed;
        }
        double growth = beatsPerSecond(slope(i));
        return Math.log1p(growth * beats / speed) / growth;
    }

    /** The beats from a change that take so many seconds, at most those to the next. */
    private double within(int i, double most, double seconds) {
        double speed = beatsPerSecond(changes.get(i).barsPerMinute());
        if (!becomesGradually(i)) {
            return Math.min(most, seconds * speed);
        }
        double growth = beatsPerSecond(slope(i));
        return Math.min(most, Math.expm1(growth * seconds) * speed / growth);
    }

    private double beatsPerSecond(double barsPerMinute) {
        return barsPerMinute * beatsPerBar / SECONDS_IN_MINUTE;
    }

    /** The same from one of its beats on, which becomes the first bar line. */
    public TempoMap from(Beats beat) {
        List<Change> left = new ArrayList<>(List.of(new Change(Beats.ZERO, barsPerMinute(beat.toDouble()), false)));
        changes.stream()
                .filter(change -> change.at().compareTo(beat) > 0)
                .map(change -> new Change(change.at().minus(beat), change.barsPerMinute(), change.gradual()))
                .forEach(left::add);
        return new TempoMap(beatsPerBar, left);
    }

    /**
     * The same in a piece that goes on from a beat where another beat was: what lies between is left out, and the tempo
     * is at once what it is after it.
     */
    public TempoMap without(Beats from, Beats to) {
        List<Change> left = new ArrayList<>(changes.stream()
                .filter(change -> change.at().compareTo(from) < 0)
                .toList());
        left.add(new Change(from, barsPerMinute(to.toDouble()), false));
        changes.stream()
                .filter(change -> change.at().compareTo(to) > 0)
                .map(change -> new Change(change.at().minus(to.minus(from)), change.barsPerMinute(), change.gradual()))
                .forEach(left::add);
        return new TempoMap(beatsPerBar, left);
    }

    /** The same as fast by a factor: of 1.05 five hundredths faster. */
    public TempoMap times(double factor) {
        return new TempoMap(
                beatsPerBar,
                changes.stream()
                        .map(change -> new Change(change.at(), change.barsPerMinute() * factor, change.gradual()))
                        .toList());
    }
}
