package fluidframe.core.choreography;

import fluidframe.core.compose.Watch;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Score;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/** What a brief without an answer could give up so that it has one: first each thing alone, then two together. */
public final class Lifts {

    private static final int MOST_OFFERED = 4;
    private static final int[] BARS = {1, 2, -1, -2, 4};

    private final Repertoire repertoire;
    private final Brief brief;
    private final Score score;
    private final Map<Term, Integer> weights;
    private final Watch watch;
    private final Optional<Conditions> raised;
    private final List<Lift> singles;

    private Lifts(Repertoire repertoire, Brief brief, Score score, Map<Term, Integer> weights, Watch watch) {
        this.repertoire = repertoire;
        this.brief = brief;
        this.score = score;
        this.weights = weights;
        this.watch = watch;
        this.raised = repertoire.figures().stream()
                .map(Figure::level)
                .filter(level -> level.compareTo(repertoire.conditions().highest()) > 0)
                .min(Level::compareTo)
                .map(level -> new Conditions(repertoire.conditions().syllabus(), level));
        this.singles = singles();
    }

    /** Each of them has been tried; none where nothing so small helps, or the watch ends it before. */
    public static List<List<Lift>> smallest(
            Repertoire repertoire, Brief brief, Score score, Map<Term, Integer> weights, Watch watch) {
        return new Lifts(repertoire, brief, score, weights, watch).smallest();
    }

    private List<List<Lift>> smallest() {
        List<List<Lift>> found = new ArrayList<>();
        for (Lift each : singles) {
            tryOut(List.of(each), found);
        }
        for (int i = 0; i < singles.size() && found.isEmpty(); i++) {
            for (int j = i + 1; j < singles.size(); j++) {
                if (singles.get(i).kind() != singles.get(j).kind()) {
                    tryOut(List.of(singles.get(i), singles.get(j)), found);
                }
            }
        }
        return found;
    }

    private void tryOut(List<Lift> lifts, List<List<Lift>> found) {
        boolean sameKind = found.stream()
                .anyMatch(other -> other.stream()
                                .map(Lift::kind)
                                .toList()
                                .equals(lifts.stream().map(Lift::kind).toList())
                        && lifts.get(0).kind() == Lift.Kind.LENGTH);
        if (found.size() >= MOST_OFFERED || watch.stops() || sameKind) {
            return;
        }
        Brief lifted = brief.withWish(brief.wish().withAnswers(1));
        Conditions conditions = repertoire.conditions();
        for (Lift lift : lifts) {
            lifted = lift.appliedTo(lifted);
            conditions = lift.appliedTo(conditions, raised.orElse(conditions));
        }
        if (!Choreographer.compose(repertoire.under(conditions), lifted, score, weights, watch)
                .answers()
                .isEmpty()) {
            found.add(lifts);
        }
    }

    private List<Lift> singles() {
        List<Lift> all = new ArrayList<>();
        if (brief.corners().isPresent()) {
            all.add(Lift.of(Lift.Kind.CORNERS));
        }
        for (int bars : BARS) {
            if (brief.wish().least().ticks() + bars * brief.wish().music().bar().ticks() > 0) {
                all.add(Lift.longer(bars));
            }
        }
        if (!brief.wish().bends()) {
            all.add(Lift.of(Lift.Kind.BENDS));
        }
        for (String id : new TreeSet<>(brief.requiredGroups())) {
            String title = brief.shelf().stream()
                    .filter(group -> group.routine().id().equals(id))
                    .findFirst()
                    .map(group -> group.routine().title())
                    .orElse(id);
            all.add(Lift.without(Lift.Kind.REQUIRED_AMALGAMATION, id, title));
        }
        for (String id : new TreeSet<>(brief.wish().required())) {
            String title = repertoire.figures().stream()
                    .filter(figure -> figure.id().equals(id))
                    .findFirst()
                    .map(Figure::title)
                    .orElse(id);
            all.add(Lift.without(Lift.Kind.REQUIRED_FIGURE, id, title));
        }
        if (brief.wish().taste().closes()) {
            all.add(Lift.of(Lift.Kind.ENDING));
        }
        if (brief.wish().taste().opens() && brief.after().isEmpty()) {
            all.add(Lift.of(Lift.Kind.OPENING));
        }
        raised.ifPresent(conditions -> all.add(new Lift(
                Lift.Kind.LEVEL, Optional.empty(), 0, conditions.highest().shorthand())));
        if (brief.onFloor()) {
            all.add(Lift.of(Lift.Kind.FLOOR));
        }
        return all;
    }
}
