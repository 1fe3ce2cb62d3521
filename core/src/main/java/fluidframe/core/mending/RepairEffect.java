package fluidframe.core.mending;

import fluidframe.core.compose.Ground;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repair;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.text.Fraction;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;

/**
 * What a repair does to the rest of the routine.
 *
 * @param longer beats that come in; less than nothing if some go
 * @param bar the bar in which the figure after the seam begins then, from 1
 * @param withPhrase whether it begins with a phrase then
 * @param metres how much further along the side the couple are then; nothing in dances on the spot
 * @param sentence all of it, for people
 */
public record RepairEffect(Beats longer, int bar, boolean withPhrase, double metres, String sentence) {

    private static final double CENTIMETRES = 100;
    private static final double NOTABLE = 0.2;

    /** @param after the passage before the seam */
    static RepairEffect of(Course course, int after, Repair repair) {
        Beats bar = course.routine().dance().rhythm().bar();
        ScoredPlacement before = course.placements().get(after);
        ScoredPlacement next = course.placements().get(after + 1);
        Beats between = repair.between().stream().map(Item::length).reduce(Beats.ZERO, Beats::plus);
        Beats longer = Dancing.of(before.dancing().figure(), repair.before())
                .length()
                .minus(before.dancing().length())
                .plus(between);
        Beats onset = course.firstBeat().plus(next.onset()).plus(longer);
        int number = Math.floorDiv(onset.ticks(), bar.ticks()) + 1;
        boolean phrase = onset.ticks() % bar.ticks() == course.firstBeat().ticks()
                && course.routine().music().barOfPhrase(number) == 1;
        double metres = course.routine().dance().travels() ? metres(before, repair) : 0;
        return new RepairEffect(
                longer,
                number,
                phrase,
                metres,
                sentence(
                        longer,
                        bar,
                        number,
                        phrase,
                        metres,
                        next.dancing().figure().title()));
    }

    private static double metres(ScoredPlacement before, Repair repair) {
        Ground ground = new Ground();
        double metres = 0;
        for (Item item : repair.between()) {
            if (item instanceof Dancing dancing) {
                metres += ground.covered(new Move(
                                dancing, dancing.entry().nearestTo(before.exit()), Outcome.HOLDS, dancing.exit()))
                        / CENTIMETRES;
            }
        }
        return metres;
    }

    private static String sentence(Beats longer, Beats bar, int number, boolean phrase, double metres, String next) {
        List<String> said = new ArrayList<>();
        said.add(
                longer.equals(Beats.ZERO)
                        ? MendingSentences.noLonger()
                        : bars(longer, bar) + (longer.isPositive() ? " longer" : " shorter"));
        said.add(MendingSentences.theThenBeginsInBarWith(next, number, phrase));
        if (Math.abs(metres) >= NOTABLE) {
            said.add(MendingSentences.mFurtherOnBack(Math.abs(metres), metres > 0));
        }
        return String.join("; ", said);
    }

    private static String bars(Beats beats, Beats bar) {
        int ticks = Math.abs(beats.ticks());
        if (ticks % bar.ticks() != 0 && 2 * ticks % bar.ticks() != 0) {
            return new Beats(ticks).wording();
        }
        return new Fraction(ticks, bar.ticks()).counting("bar");
    }
}
