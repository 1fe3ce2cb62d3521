package fluidframe.core.derive;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The other partner's chart from this one, row by row as the position of that row asks: naturally opposite while
 * facing, the same step beside or behind each other, the mirrored step in promenade and counter promenade, where the
 * two walk the same way on opposite feet. Where the position changes, the turn that leads from one facing to the other
 * is added to the row.
 */
public final class PartnerPart {

    private PartnerPart() {}

    public static Chart of(Figure figure, Part from) {
        Chart chart = figure.chart(from);
        List<Step> steps = new ArrayList<>();
        Relation relation = standing(figure, from);
        Foot free = chart.freeFeet().before() == Foot.BOTH
                        || figure.sameFoot()
                        || relation.position().facing().isNone()
                ? chart.freeFeet().before()
                : chart.freeFeet().before().other();
        Heading foot =
                chart.turnAccount().start().plus(signed(relation.position().facing(), from));
        List<Heading> his = chart.turnAccount().entries().stream()
                .map(entry -> entry.placed())
                .toList();
        for (int row = 0; row < chart.steps().size(); row++) {
            Step step = chart.steps().get(row);
            relation = relation.with(step.leadsTo());
            Position position = relation.position();
            Step answer = position.isFacing() || position == Position.APART
                    ? NaturalOpposite.of(step, figure.dance())
                    : position.facing().isNone() && step.foot().equals(Optional.of(free)) ? step : beside(step);
            Heading placed = his.get(row).plus(signed(position.facing(), from));
            Turn between = foot.turnTo(placed);
            boolean asCharted = between.equals(step.turn().between())
                    || new Heading(between.sixteenths() - step.turn().between().sixteenths()).sixteenths() == 0;
            steps.add(
                    asCharted
                            ? aligned(answer, placed)
                            : aligned(answer, placed).withTurn(answer.turn().withBetween(between)));
            foot = placed.plus(answer.turn().on());
            free = answer.weight() == Weight.FULL && answer.foot().isPresent()
                    ? answer.foot().get().other()
                    : free;
        }
        return new Chart(from.partner(), steps);
    }

    /**
     * How the couple stand before the first step, as far as the chart tells: a figure that is said to begin facing and
     * whose first step is taken in promenade or fallaway, without a turn that would lead there, begins there.
     */
    public static Relation standing(Figure figure, Part from) {
        Step first = figure.chart(from).steps().get(0);
        boolean leads = !first.turn().between().isNone()
                || !first.turn().on().isNone()
                || first.relation().position().isPresent();
        return figure.start().position().isFacing() && !leads
                ? first.impliedPosition().map(figure.start()::with).orElse(figure.start())
                : figure.start();
    }

    private static Turn signed(Turn facing, Part from) {
        return from == Part.MAN ? facing : facing.mirrored();
    }

    /** Same way, other foot: only the sides change, not the directions. */
    private static Step beside(Step step) {
        Step mirrored = step.mirrored();
        return new Step(
                step.count(),
                step.alsoCounted(),
                mirrored.foot(),
                step.footPosition().map(PartnerPart::otherSideLeading),
                mirrored.alignment(),
                step.turn(),
                step.rise(),
                step.footwork(),
                mirrored.sway(),
                step.cbm(),
                step.actions(),
                mirrored.body(),
                step.relation(),
                step.arms(),
                step.lead(),
                step.note());
    }

    /** The side of the moving foot leads, which is the other one now. */
    private static FootPosition otherSideLeading(FootPosition position) {
        return new FootPosition(
                position.direction(),
                position.touch(),
                position.weight(),
                position.modifiers().stream()
                        .map(modifier -> switch (modifier) {
                            case LEFT_SIDE_LEADING -> PositionModifier.RIGHT_SIDE_LEADING;
                            case RIGHT_SIDE_LEADING -> PositionModifier.LEFT_SIDE_LEADING;
                            default -> modifier;
                        })
                        .collect(Collectors.toSet()));
    }

    private static Step aligned(Step step, Heading foot) {
        return step.withAlignment(step.alignment().map(alignment -> alignment.withFoot(foot)));
    }
}
