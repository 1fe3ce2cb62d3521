package fluidframe.core.link;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountException;
import fluidframe.core.time.Rhythm;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How a figure needs the couple to be.
 *
 * @param manFree the foot the man starts with
 * @param ladyFree the foot the lady starts with
 * @param facings the man's headings it may start from, the one its charts are written for first
 * @param loose whether any alignment will do, because the dance stays on the spot
 * @param relation position and hold
 * @param heelLeads whether one of them leads with the heel, and so must be lowered
 * @param travel which way the man moves first
 * @param turns whether a turn comes with the first step
 * @param beat where in the bar it must begin, from zero; empty where any start beat of the dance will do
 * @param rhythm the dance's rhythm
 * @param line whether it begins in line or outside partner
 * @param curve how much it may be curved, sixteenths of a turn
 * @param opens whether the two draw apart with the first step, so that it can begin at arm's length as well as close
 */
@RecordBuilder
public record EntryState(
        Foot manFree,
        Foot ladyFree,
        List<Heading> facings,
        boolean loose,
        Relation relation,
        boolean heelLeads,
        Travel travel,
        boolean turns,
        Optional<Beats> beat,
        Rhythm rhythm,
        Line line,
        int curve,
        boolean opens)
        implements EntryStateBuilder.With {

    public static EntryState of(Figure figure) {
        Heading written = figure.startHeading();
        Stream<Heading> others = figure.startAlignments().stream().map(Alignment::foot);
        Step first = figure.man().steps().get(0);
        return new EntryState(
                figure.man().freeFeet().before(),
                figure.lady().freeFeet().before(),
                Stream.concat(Stream.of(written), others).distinct().toList(),
                !figure.dance().travels() && !figure.insistsOnAlignment(),
                figure.start(),
                heelLeads(figure.man()) || heelLeads(figure.lady()),
                Travel.beginning(figure.man()),
                !first.turn().between().isNone() || !first.turn().on().isNone(),
                beat(figure),
                figure.rhythm(),
                Line.entering(figure),
                figure.variants().usage().curve(),
                opens(first, figure.lady().steps().get(0)));
    }

    private static boolean opens(Step his, Step hers) {
        boolean fallsAway = Stream.of(his, hers)
                .anyMatch(step -> step.leadsTo()
                        .position()
                        .filter(position -> position == Position.FALLAWAY || position == Position.OPEN_FACING)
                        .isPresent());
        return fallsAway || his.goes(StepDirection.BACK) && hers.goes(StepDirection.BACK);
    }

    private static boolean heelLeads(Chart chart) {
        return chart.steps().stream()
                .findFirst()
                .flatMap(step -> step.footwork().first())
                .filter(first -> first == Footwork.Surface.HEEL)
                .isPresent();
    }

    private static Optional<Beats> beat(Figure figure) {
        try {
            return Optional.of(figure.timing(Part.MAN))
                    .filter(timing -> !timing.inWords())
                    .map(timing -> figure.rhythm().withinBar(timing.start()));
        } catch (CountException e) {
            return Optional.empty();
        }
    }

    /** Of the headings it may start from, the one nearest to where the couple look; their own where any will do. */
    public Heading nearestTo(Heading facing) {
        if (loose) {
            return facing;
        }
        Heading nearest = facings.get(0);
        for (Heading each : facings) {
            nearest = facing.turnTo(each).size() < facing.turnTo(nearest).size() ? each : nearest;
        }
        return nearest;
    }

    /** The same entry from one heading only. */
    public EntryState from(Heading facing) {
        return withFacings(List.of(facing));
    }
}
