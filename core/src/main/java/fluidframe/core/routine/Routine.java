package fluidframe.core.routine;

import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Level;
import fluidframe.core.geometry.Dancers;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.music.MusicMap;
import fluidframe.core.piece.Laying;
import fluidframe.core.text.Fraction;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import fluidframe.core.work.TooMuchException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Placements in the order they are written, all of one dance. What comes before the first section is danced once.
 *
 * @param conditions how strictly the syllabus binds
 * @param floor where it is danced
 * @param dancers how tall the couple are
 * @param laying the piece of music it is danced to, if one was chosen
 */
public record Routine(
        String id,
        String title,
        Dance dance,
        Tempo tempo,
        Conditions conditions,
        List<Placement> placements,
        Floor floor,
        Dancers dancers,
        Optional<Laying> laying) {

    /** More placements than a routine of several minutes needs. */
    public static final int MOST_PLACEMENTS = 200;
    /** More than is danced in a quarter of an hour. */
    public static final int MOST_PASSAGES = 800;
    /** A quarter of an hour at the fastest tempo there is, every repeat counted. */
    public static final int MOST_BEATS = 3_200;
    /** Four steps a beat, of both parts together, through all of it. */
    public static final int MOST_STEPS = 12_800;

    /**
     * @throws IllegalArgumentException if a placement belongs to another dance, or the piece has other bars
     * @throws TooMuchException if it is longer than anything that is danced, each repeat counted
     */
    public Routine {
        placements = List.copyOf(placements);
        if (placements.size() > MOST_PLACEMENTS) {
            throw new TooMuchException(placements.size() + " placements", RoutineSentences.atMost(MOST_PLACEMENTS));
        }
        for (Placement placement : placements) {
            if (placement.item() instanceof Dancing dancing
                    && !dancing.figure().dance().id().equals(dance.id())) {
                throw new IllegalArgumentException(RoutineSentences.belongsToNotTo(
                        dancing.figure().title(), dancing.figure().dance().title(), dance.title()));
            }
        }
        if (laying.filter(laid -> !laid.piece().bar().equals(dance.rhythm().bar()))
                .isPresent()) {
            throw new IllegalArgumentException(RoutineSentences.hasBeatsInABarA(
                    laying.get().piece().title(),
                    laying.get().piece().bar(),
                    dance.title(),
                    dance.rhythm().bar()));
        }
        checkLength(passages(placements));
    }

    private static void checkLength(List<Passage> passages) {
        if (passages.size() > MOST_PASSAGES) {
            throw new TooMuchException(
                    RoutineSentences.withItsRepeatsPlacements(passages.size()),
                    RoutineSentences.atMost2(MOST_PASSAGES));
        }
        Beats length = length(passages);
        if (length.compareTo(Beats.of(MOST_BEATS)) > 0) {
            throw new TooMuchException(
                    RoutineSentences.withItsRepeatsBeats(length), RoutineSentences.atMost3(MOST_BEATS));
        }
        int steps = passages.stream()
                .mapToInt(passage -> passage.placement().item().steps())
                .sum();
        if (steps > MOST_STEPS) {
            throw new TooMuchException(
                    RoutineSentences.withItsRepeatsStepsOfBoth(steps), RoutineSentences.atMost4(MOST_STEPS));
        }
    }

    /** Danced in the usual hall by a couple of the usual height. */
    public Routine(
            String id, String title, Dance dance, Tempo tempo, Conditions conditions, List<Placement> placements) {
        this(
                id,
                title,
                dance,
                tempo,
                conditions,
                placements,
                Floor.hall(dance.travels()),
                Dancers.USUAL,
                Optional.empty());
    }

    /** Every placement as often as it is danced, in that order. */
    public List<Passage> passages() {
        return passages(placements);
    }

    /** How long it lasts, every repeat counted. */
    public Beats length() {
        return length(passages());
    }

    /** How many bars it lasts, every repeat counted. */
    public Fraction bars() {
        return new Fraction(length().ticks(), dance.rhythm().bar().ticks());
    }

    private static Beats length(List<Passage> passages) {
        return passages.stream()
                .map(passage -> passage.placement().item().length())
                .reduce(Beats.ZERO, Beats::plus);
    }

    /**
     * The same with other placements.
     *
     * @throws TooMuchException if it is longer then than anything that is danced
     */
    public Routine placing(List<Placement> others) {
        return new Routine(id, title, dance, tempo, conditions, others, floor, dancers, laying);
    }

    /** The same on another floor. */
    public Routine on(Floor other) {
        return new Routine(id, title, dance, tempo, conditions, placements, other, dancers, laying);
    }

    /** The same danced by others. */
    public Routine by(Dancers others) {
        return new Routine(id, title, dance, tempo, conditions, placements, floor, others, laying);
    }

    private static List<Passage> passages(List<Placement> placements) {
        List<Passage> passages = new ArrayList<>();
        int from = 0;
        while (from < placements.size()) {
            int to = from + 1;
            while (to < placements.size() && placements.get(to).section().isEmpty()) {
                to++;
            }
            int times = placements.get(from).section().map(Section::times).orElse(1);
            for (int round = 1; round <= times; round++) {
                for (int i = from; i < to; i++) {
                    if (placements.get(i).isDancedIn(round)) {
                        passages.add(new Passage(i, round, placements.get(i)));
                    }
                }
            }
            from = to;
        }
        return passages;
    }

    /** The same danced to a piece. */
    public Routine to(Laying other) {
        return new Routine(id, title, dance, tempo, conditions, placements, floor, dancers, Optional.of(other));
    }

    /**
     * The music it is danced to, from its bar 1 on: the piece, or as long as none is chosen phrases as the dance's
     * music usually has them.
     */
    public MusicMap music() {
        return laying.map(Laying::map).orElseGet(this::usualMusic);
    }

    private MusicMap usualMusic() {
        return MusicMap.plain(dance.rhythm().bar(), dance.music().phraseBars(), tempo);
    }

    /**
     * Whether its own tempo is within the usual range of its dance; how fast its piece is, is looked at when it is laid
     * on it.
     */
    public boolean hasUsualTempo() {
        return dance.isUsualAt(tempo.barsPerMinute());
    }

    /** The highest level of its figures; empty where it dances none. */
    public Optional<Level> highestLevel() {
        return placements.stream()
                .map(Placement::item)
                .filter(Dancing.class::isInstance)
                .map(item -> ((Dancing) item).figure().level())
                .max(Comparator.naturalOrder());
    }
}
