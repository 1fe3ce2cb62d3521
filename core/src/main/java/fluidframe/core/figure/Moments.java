package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Both charts laid over each other in time. A row may change position and hold in its own cell, or by a foot position
 * "in promenade"; a step outside partner is a position only of that step.
 */
public final class Moments {

    private Moments() {}

    /** @return the onsets of both parts in order, each with the relation from there on */
    public static List<Moment> of(Figure figure, Timing his, Timing hers) {
        List<Moment> moments = new ArrayList<>();
        Relation relation = figure.start();
        int man = 0;
        int lady = 0;
        while (man < his.slots().size() || lady < hers.slots().size()) {
            int hisTicks =
                    man < his.slots().size() ? his.slots().get(man).onset().ticks() : Integer.MAX_VALUE;
            int herTicks =
                    lady < hers.slots().size() ? hers.slots().get(lady).onset().ticks() : Integer.MAX_VALUE;
            int now = Math.min(hisTicks, herTicks);
            OptionalInt manRow = hisTicks == now ? OptionalInt.of(man++) : OptionalInt.empty();
            OptionalInt ladyRow = herTicks == now ? OptionalInt.of(lady++) : OptionalInt.empty();
            Optional<Position> passing = Optional.empty();
            if (manRow.isPresent()) {
                Step step = figure.man().steps().get(manRow.getAsInt());
                relation = relation.with(step.leadsTo());
                passing = passing(step);
            }
            if (ladyRow.isPresent()) {
                Step step = figure.lady().steps().get(ladyRow.getAsInt());
                relation = relation.with(step.leadsTo());
                passing = passing.or(() -> passing(step));
            }
            moments.add(new Moment(
                    new Beats(now),
                    manRow,
                    ladyRow,
                    man - 1,
                    lady - 1,
                    relation,
                    relation.position().isFacing() ? passing : Optional.empty()));
        }
        return moments;
    }

    /**
     * Position and hold in force from each row of a part on, whichever part states or implies them. Everything that
     * says how the couple stand at a row takes it from here or from the moments themselves.
     */
    public static List<Relation> relations(Figure figure, Part part, Timing his, Timing hers) {
        return of(figure, his, hers).stream()
                .filter(moment -> moment.row(part).isPresent())
                .map(Moment::relation)
                .toList();
    }

    /** The position only of this step: outside partner. */
    public static Optional<Position> passing(Step step) {
        if (step.has(PositionModifier.OUTSIDE_PARTNER_LEFT) || step.has(PositionModifier.PARTNER_OUTSIDE_LEFT)) {
            return Optional.of(Position.OUTSIDE_LEFT);
        }
        return step.has(PositionModifier.OUTSIDE_PARTNER) || step.has(PositionModifier.PARTNER_OUTSIDE)
                ? Optional.of(Position.OUTSIDE_RIGHT)
                : Optional.empty();
    }
}
