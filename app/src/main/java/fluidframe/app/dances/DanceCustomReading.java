package fluidframe.app.dances;

import fluidframe.app.problems.Faults;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.DanceCustom;
import fluidframe.core.dance.Dances;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Feel;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/** Reads what a studio holds differently of a dance. */
final class DanceCustomReading {

    private static final Beats SHORTEST_SLOW = Beats.HALF;
    private static final Beats LONGEST_SLOW = Beats.of(4);
    static final int MOST_PHRASE_BARS = 32;
    static final double SHORTEST_STEP = 0.1;
    static final double LONGEST_STEP = 1.2;

    private final DanceCustomDocument document;
    private final Faults faults = new Faults("");

    private DanceCustomReading(DanceCustomDocument document) {
        this.document = document;
    }

    /**
     * The dance as it is held.
     *
     * @throws fluidframe.app.problems.RefusedException naming everything that is wrong
     */
    static Dance read(DanceCustomDocument document) {
        return new DanceCustomReading(document).dance();
    }

    private Dance dance() {
        Optional<Dance> dance = Dances.find(document.id());
        if (dance.isEmpty()) {
            faults.add("/id", document.id(), DancesSentences.theIdOfADance());
            faults.refuse();
        }
        Optional<Integer> slowest = within("/slowest", document.slowest(), Tempo.FASTEST);
        Optional<Integer> fastest = within("/fastest", document.fastest(), Tempo.FASTEST);
        DanceCustom custom = new DanceCustom(
                startBeats(dance.orElseThrow()),
                slow(),
                feel(),
                slowest.map(Tempo::new),
                fastest.map(Tempo::new),
                within("/phraseBars", document.phraseBars(), MOST_PHRASE_BARS),
                stepLength());
        faults.refuse();
        Dance held = custom.of(dance.orElseThrow());
        if (held.slowest().barsPerMinute() > held.fastest().barsPerMinute()) {
            faults.add(
                    "/slowest",
                    String.valueOf(held.slowest().barsPerMinute()),
                    DancesSentences.atMostTheFastest(held.fastest().barsPerMinute()));
        }
        faults.refuse();
        return held;
    }

    private Optional<SortedSet<Integer>> startBeats(Dance dance) {
        List<Integer> beats = document.startBeats();
        if (beats == null || beats.isEmpty()) {
            return Optional.empty();
        }
        int most = dance.rhythm().beatsPerBar();
        for (int i = 0; i < beats.size(); i++) {
            if (beats.get(i) < 1 || beats.get(i) > most) {
                faults.add("/startBeats/" + i, String.valueOf(beats.get(i)), DancesSentences.aBeatOfTheBar1(most));
            }
        }
        return faults.isEmpty() ? Optional.of(new TreeSet<>(beats)) : Optional.empty();
    }

    private Optional<Beats> slow() {
        if (document.slow() == null || document.slow().isBlank()) {
            return Optional.empty();
        }
        Optional<Beats> slow = faults.tried(
                "/slow", document.slow(), DancesSentences.beatsSuchAs2Or1(), () -> Beats.parse(document.slow()));
        if (slow.filter(beats -> beats.compareTo(SHORTEST_SLOW) < 0 || beats.compareTo(LONGEST_SLOW) > 0)
                .isPresent()) {
            faults.add("/slow", document.slow(), DancesSentences.toBeats(SHORTEST_SLOW, LONGEST_SLOW));
            return Optional.empty();
        }
        return slow;
    }

    private Optional<Feel> feel() {
        if (document.feel() == null || document.feel().isBlank()) {
            return Optional.empty();
        }
        return faults.term("/feel", document.feel(), Feel.LEXICON);
    }

    private Optional<Integer> within(String place, Integer number, int most) {
        if (number != null && (number < 1 || number > most)) {
            faults.add(place, String.valueOf(number), "1 to " + most);
            return Optional.empty();
        }
        return Optional.ofNullable(number);
    }

    private Optional<Double> stepLength() {
        Double metres = document.stepLength();
        if (metres != null && !(metres >= SHORTEST_STEP && metres <= LONGEST_STEP)) {
            faults.add("/stepLength", String.valueOf(metres), DancesSentences.toMetres(SHORTEST_STEP, LONGEST_STEP));
            return Optional.empty();
        }
        return Optional.ofNullable(metres);
    }
}
