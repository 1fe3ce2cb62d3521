package fluidframe.core.choreography;

import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.choreography.Choreography.Danced;
import fluidframe.core.choreography.Choreography.Stage;
import fluidframe.core.room.CouplePlaces;
import fluidframe.core.routine.Floor;
import fluidframe.core.text.Series;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;

/** Why a choreography is as it is, read off what is danced in it. */
public final class Reasons {

    /** A start that differs by less is the floor's own, metres. */
    private static final double SAME_PLACE = 0.05;

    private static final double WALKING = 2;

    private final Brief brief;
    private final Choreography answer;
    private final Beats bar;
    private final List<Because> reasons = new ArrayList<>();

    private Reasons(Brief brief, Choreography answer) {
        this.brief = brief;
        this.answer = answer;
        this.bar = brief.wish().music().bar();
    }

    public static List<Because> of(Brief brief, Choreography answer) {
        Reasons found = new Reasons(brief, answer);
        found.leaning();
        found.start();
        found.opening();
        found.highlights();
        found.corners();
        found.breath();
        found.joins();
        found.ending();
        return List.copyOf(found.reasons);
    }

    private void leaning() {
        if (answer.leaning() != Leaning.BALANCED) {
            double measured = Math.abs(Leanings.measure(answer, answer.leaning()));
            reasons.add(new Because.Most(
                    answer.leaning(), answer.leaning() == Leaning.OPEN ? measured / bar.toDouble() : measured));
        }
    }

    private void start() {
        Floor floor = brief.course().routine().floor();
        double moved = answer.start().y() - floor.start().y();
        if (brief.after().isEmpty() && Math.abs(moved) > SAME_PLACE) {
            reasons.add(new Because.Start(answer.start().y(), floor.start().y()));
        }
    }

    private void opening() {
        if (brief.after().isEmpty()) {
            Stage first = answer.stages().get(0);
            reasons.add(new Because.Opening(from(first), to(first), figures(first)));
        }
    }

    private void highlights() {
        List<Stage> stages = answer.stages();
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            if (stage.whole() && is(stage, AmalgamationUse.HIGHLIGHT) && i > 0) {
                String after = i + 1 < stages.size() ? first(stages.get(i + 1)) : "";
                reasons.add(
                        new Because.Highlight(from(stage), to(stage), figures(stage), last(stages.get(i - 1)), after));
            }
        }
    }

    private void corners() {
        List<Danced> danced = answer.danced();
        if (danced.stream().noneMatch(each -> each.placement().cornerAfter())) {
            return;
        }
        List<Double> ahead = CouplePlaces.aheadAfterEach(answer.dancedOn(brief));
        for (Stage stage : answer.stages()) {
            for (Danced each : stage.danced()) {
                if (each.placement().cornerAfter()) {
                    boolean inside = is(stage, AmalgamationUse.CORNER)
                            && each != stage.danced().get(stage.danced().size() - 1);
                    reasons.add(new Because.Corner(
                            bars(each.onset().plus(each.dancing().length())),
                            each.placement().item().wording(),
                            inside,
                            ahead.get(danced.indexOf(each))));
                }
            }
        }
    }

    private void breath() {
        List<Stage> stages = answer.stages();
        List<Integer> from = new ArrayList<>();
        List<Integer> to = new ArrayList<>();
        for (int i = 1; i + 1 < stages.size(); i++) {
            if (stages.get(i).energy() <= WALKING && stages.get(i).group().isPresent()) {
                from.add(from(stages.get(i)));
                to.add(to(stages.get(i)));
            }
        }
        if (!from.isEmpty()) {
            reasons.add(new Because.Breath(from, to));
        }
    }

    private void joins() {
        List<String> joins = answer.stages().stream()
                .filter(stage -> stage.group().isEmpty())
                .map(stage -> ChoreographySentences.inBar(figures(stage), from(stage)))
                .toList();
        if (!joins.isEmpty()) {
            reasons.add(new Because.Joins(Series.of(joins)));
        }
    }

    private void ending() {
        Stage last = answer.stages().get(answer.stages().size() - 1);
        if (brief.wish().to().isEmpty() && is(last, AmalgamationUse.ENDING)) {
            reasons.add(new Because.Ending(from(last), to(last), figures(last)));
        }
    }

    private static boolean is(Stage stage, AmalgamationUse use) {
        return stage.group().filter(group -> group.uses().contains(use)).isPresent();
    }

    private static String figures(Stage stage) {
        return Series.of(stage.danced().stream()
                .map(each -> each.placement().item().wording())
                .toList());
    }

    private static String first(Stage stage) {
        return stage.danced().get(0).placement().item().wording();
    }

    private static String last(Stage stage) {
        return stage.danced().get(stage.danced().size() - 1).placement().item().wording();
    }

    private int from(Stage stage) {
        return stage.onset().ticks() / bar.ticks() + 1;
    }

    private int to(Stage stage) {
        return bars(stage.end());
    }

    /** Bars that have begun by then. */
    private int bars(Beats end) {
        return (end.ticks() + bar.ticks() - 1) / bar.ticks();
    }
}
