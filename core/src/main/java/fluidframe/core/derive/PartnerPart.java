package fluidframe.core.derive;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;

/**
 * The other partner's chart from this one, row by row as the position of that row asks: naturally opposite while facing,
 * the same step beside or behind each other, the mirrored step in promenade and counter promenade, where the two walk
 * the same way on opposite feet. Where the position changes, the turn that leads from one facing to the other is
 * added to the row.
 */
public final class PartnerPart {

    private PartnerPart() {
    }

    public static Chart of(Figure figure, Part from) {
        Chart chart = figure.chart(from);
        List<Step> steps = new ArrayList<>();
        Relation relation = figure.start();
        Heading foot = chart.turnAccount().start().plus(signed(relation.position().facing(), from));
        List<Heading> his = chart.turnAccount().entries().stream().map(entry -> entry.placed()).toList();
        for (int row = 0; row < chart.steps().size(); row++) {
            Step step = chart.steps().get(row);
            relation = relation.with(step.leadsTo());
            Position position = relation.position();
            Step answer = position.isFacing() || position == Position.APART ? NaturalOpposite.of(step, figure.dance())
                    : position.facing().isNone() ? step : beside(step);
            Heading placed = his.get(row).plus(signed(position.facing(), from));
            Turn between = foot.turnTo(placed);
            boolean asCharted = between.equals(step.turn().between()) || new Heading(between.sixteenths() - step.turn().between().sixteenths()).sixteenths() == 0;
            steps.add(asCharted ? aligned(answer, placed) : aligned(answer, placed).withTurn(answer.turn().withBetween(between)));
            foot = placed.plus(answer.turn().on());
        }
        return new Chart(from.partner(), steps);
    }

    private static Turn signed(Turn facing, Part from) {
        return from == Part.MAN ? facing : facing.mirrored();
    }

    /** Same way, other foot: only the sides change, not the directions. */
    private static Step beside(Step step) {
        Step mirrored = step.mirrored();
        return new Step(step.count(), step.alsoCounted(), mirrored.foot(), step.footPosition(), mirrored.alignment(), step.turn(), step.rise(),
                step.footwork(), mirrored.sway(), step.cbm(), step.actions(), mirrored.body(), step.relation(), step.arms(), step.lead(), step.note());
    }

    private static Step aligned(Step step, Heading foot) {
        return step.withAlignment(step.alignment().map(alignment -> alignment.withFoot(foot)));
    }
}
