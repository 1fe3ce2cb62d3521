package fluidframe.core.choreography;

import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Placement;
import fluidframe.core.space.Heading;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * One answer of a choreographer.
 *
 * @param stages what is set, one thing after another
 * @param length beats
 * @param leaning what it is more of than the other answers
 * @param points the score
 * @param byTerm the score by term; its values add up to the points but for rounding
 */
public record Choreography(
        List<Stage> stages, Beats length, Leaning leaning, int points, Map<Term, Integer> byTerm) {

    /** Of two answers at most so much is the same, in hundredths of the figures of the later one. */
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

    public List<Placement> placements() {
        return danced().stream().map(Danced::placement).toList();
    }

    Set<String> groupIds() {
        return stages.stream()
                .flatMap(stage -> stage.group().stream())
                .map(group -> group.routine().id())
                .collect(Collectors.toSet());
    }

    Set<String> wordings() {
        return danced().stream()
                .map(each -> each.placement().item())
                .filter(Dancing.class::isInstance)
                .map(Item::wording)
                .collect(Collectors.toSet());
    }

    /** How much of it another answer has too, in hundredths of its figures, each as often as it comes. */
    int alikeTo(Choreography other) {
        Map<String, Integer> left = new HashMap<>();
        other.placements().forEach(placement -> left.merge(placement.item().wording(), 1, Integer::sum));
        int shared = 0;
        for (Placement placement : placements()) {
            if (left.merge(placement.item().wording(), -1, Integer::sum) >= 0) {
                shared++;
            }
        }
        return 100 * shared / Math.max(1, placements().size());
    }

    Choreography as(Leaning other) {
        return new Choreography(stages, length, other, points, byTerm);
    }

    static Choreography of(Strand strand, Leaning leaning, Map<Term, Double> byTerm) {
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
            stages.add(new Stage(each.block().group(), each.block().whole(), each.block().traits().energy(), danced));
        }
        Map<Term, Integer> rounded = new EnumMap<>(Term.class);
        byTerm.forEach((term, points) -> rounded.put(term, (int) Math.round(points)));
        return new Choreography(
                stages, new Beats(strand.ticks()), leaning, (int) Math.round(strand.points()), rounded);
    }
}
