package fluidframe.core.link;

import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Height;
import fluidframe.core.figure.MakingRoom;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a figure leaves the couple.
 *
 * @param manFree the man's free foot; both if either may be used
 * @param ladyFree the lady's free foot
 * @param facing the man's body angle, from the line of dance the figure was danced on
 * @param relation position and hold
 * @param up whether one of them is still up
 * @param travel which way the man is moving
 * @param checked whether the last step checks or turns, so that another way is open
 * @param beat where in the bar the next figure begins, from zero
 * @param line whether they are in line or one is outside the other
 * @param room whether the last step makes room for a step outside partner
 * @param curve how much it may be curved, sixteenths of a turn
 */
@RecordBuilder
public record ExitState(
        Foot manFree,
        Foot ladyFree,
        Heading facing,
        Relation relation,
        boolean up,
        Travel travel,
        boolean checked,
        Beats beat,
        Line line,
        boolean room,
        int curve)
        implements ExitStateBuilder.With {

    /** The exit as the charts are written, begun on the figure's own beat. */
    public static ExitState of(Figure figure) {
        Beats start = EntryState.of(figure)
                .beat()
                .orElse(Beats.of(figure.rhythm().startBeats().first() - 1));
        return of(figure, Turn.NONE, start);
    }

    /**
     * @param turnedBy how far the figure is rotated from how its charts are written
     * @param startsAt where in the bar it begins, from zero
     */
    public static ExitState of(Figure figure, Turn turnedBy, Beats startsAt) {
        boolean up = Height.end(figure.man()) != Height.LOWERED || Height.end(figure.lady()) != Height.LOWERED;
        return new ExitState(
                figure.man().freeFeet().last(),
                figure.lady().freeFeet().last(),
                figure.man().turnAccount().end().plus(turnedBy),
                figure.end(),
                up,
                Travel.ending(figure.man()),
                checks(figure.man()),
                figure.rhythm().withinBar(startsAt.plus(figure.length())),
                Line.leaving(figure),
                !figure.end().position().isClosedHold() || room(figure),
                figure.variants().usage().curve());
    }

    private static boolean room(Figure figure) {
        return MakingRoom.by(last(figure.man())) || MakingRoom.by(last(figure.lady()));
    }

    private static Step last(Chart chart) {
        return chart.steps().get(chart.steps().size() - 1);
    }

    private static boolean checks(Chart chart) {
        Step last = last(chart);
        return last.does(ActionTrait.STOPS_TRAVEL) || !last.turn().on().isNone();
    }

    /** Whether the couple could stay as they are: lowered, in line, and not on the way backwards. */
    public boolean endsAtRest() {
        return !up && line == Line.IN_LINE && travel != Travel.BACK;
    }

    /** The same exit of a figure begun on another heading. */
    public ExitState turned(Turn by) {
        return withFacing(facing.plus(by));
    }

    /** The same exit of a figure begun so much later in the bar. */
    public ExitState begunAt(Beats startsAt, Figure figure) {
        return withBeat(figure.rhythm().withinBar(startsAt.plus(figure.length())));
    }

    /** The same moment named from the line of dance of the next side. */
    public ExitState afterCorner() {
        return withFacing(facing.afterCorner());
    }
}
