package fluidframe.core.choreography;

import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.link.Outcome;
import fluidframe.core.room.DancedOn;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Point;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One answer of a choreographer.
 *
 * @param start where the man stands as it begins, in metres along and across the first side
 * @param stages what is set, one thing after another
 * @param length beats
 * @param leaning what it is more of than the other answers
 * @param points the score, by what makes any choreography good
 * @param byTerm the score by term; its values add up to the points
 */
public record Choreography(
        Point start, List<Stage> stages, Beats length, Leaning leaning, int points, Map<Term, Integer> byTerm) {

    /** Of two answers at most so much is the same, in hundredths of the later one. */
    public static final int MOST_ALIKE = 50;

    /**
     * What is set in one go: an amalgamation, most of one, or a joining figure.
     *
     * @param group empty for a joining figure
     * @param whole whether it is all of it
     * @param energy from 1, which stands or breathes, to 5, which is the peak
     */
    public record Stage(Optional<Amalgamation> group, boolean whole, double energy, List<Danced> danced) {

        public Stage {
            danced = List.copyOf(danced);
        }

        Optional<String> key() {
            return group.map(from -> from.routine().id());
        }

        public Beats onset() {
            return danced.get(0).onset();
        }

        public Beats end() {
            Danced last = danced.get(danced.size() - 1);
            return last.onset().plus(last.dancing().length());
        }
    }

    /**
     * One figure or element in its place.
     *
     * @param placement as it stands in a routine
     * @param dancing the steps that makes here
     * @param facing the heading the man begins on
     * @param outcome how well it meets what is danced before it
     * @param onset beats from the beginning
     */
    public record Danced(Placement placement, Dancing dancing, Heading facing, Outcome outcome, Beats onset) {}

    public Choreography {
        stages = List.copyOf(stages);
        byTerm = Collections.unmodifiableMap(new EnumMap<>(byTerm));
    }

    public List<Danced> danced() {
        return stages.stream().flatMap(stage -> stage.danced().stream()).toList();
    }

    /** Danced on from where the brief's routine is, from the place where this begins. */
    public DancedOn dancedOn(Brief brief) {
        Course course = brief.course();
        Course begun = brief.after().isPresent()
                ? course
                : Course.of(course.routine().on(course.routine().floor().startingAt(start)));
        return DancedOn.of(begun, brief.after(), placements());
    }

    public List<Placement> placements() {
        return danced().stream().map(Danced::placement).toList();
    }

    Set<String> wordings() {
        return danced().stream()
                .map(each -> each.placement().item())
                .filter(Dancing.class::isInstance)
                .map(Item::wording)
                .collect(Collectors.toSet());
    }

    /** How much of its length is danced in amalgamations that another answer has too, in hundredths. */
    int sameGroups(Choreography other) {
        Set<String> keys = other.keys();
        int known = 0;
        for (Stage stage : stages) {
            known += stage.key().filter(keys::contains).isPresent()
                    ? stage.end().minus(stage.onset()).ticks()
                    : 0;
        }
        return 100 * known / length.ticks();
    }

    /** How much of its length is danced as in another answer at the same time, in hundredths. */
    int sameInTime(Choreography other) {
        Map<Beats, String> at = new HashMap<>();
        other.danced()
                .forEach(each -> at.put(each.onset(), each.placement().item().wording()));
        int same = 0;
        for (Danced each : danced()) {
            same += each.placement().item().wording().equals(at.get(each.onset()))
                    ? each.dancing().length().ticks()
                    : 0;
        }
        return 100 * same / length.ticks();
    }

    /** The amalgamations of which it has all or most. */
    Set<String> keys() {
        return stages.stream().flatMap(stage -> stage.key().stream()).collect(Collectors.toSet());
    }

    Choreography as(Leaning other) {
        return new Choreography(start, stages, length, other, points, byTerm);
    }

    static Choreography of(Point start, Strand strand, Leaning leaning, Map<Term, Double> byTerm) {
        List<Stage> stages = new ArrayList<>();
        for (Strand each : strand.strands()) {
            List<Danced> danced = new ArrayList<>();
            List<Block.Piece> pieces = each.block().pieces();
            for (int i = 0; i < pieces.size(); i++) {
                Block.Piece piece = pieces.get(i);
                boolean turns = each.corner() && i == pieces.size() - 1;
                danced.add(new Danced(
                        turns ? piece.placement().withCornerAfter() : piece.placement(),
                        piece.dancing(),
                        piece.facing(),
                        piece.outcome(),
                        new Beats(each.onset() + piece.onset())));
            }
            stages.add(new Stage(
                    each.block().group(),
                    each.block().whole(),
                    each.block().traits().energy(),
                    danced));
        }
        Map<Term, Integer> rounded = new EnumMap<>(Term.class);
        byTerm.forEach((term, points) -> rounded.put(term, (int) Math.round(points)));
        int points = rounded.entrySet().stream()
                .filter(entry -> entry.getKey().isWeighed())
                .mapToInt(Map.Entry::getValue)
                .sum();
        rounded.keySet().removeIf(term -> !term.isWeighed());
        return new Choreography(start, stages, new Beats(strand.ticks()), leaning, points, rounded);
    }
}
