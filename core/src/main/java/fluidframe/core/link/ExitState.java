package fluidframe.core.link;

import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Figure;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;

/**
 * How a figure leaves the couple.
 *
 * @param manFree  the man's free foot; both if either may be used
 * @param ladyFree the lady's free foot
 * @param facing   the man's body angle, from the line of dance the figure was danced on
 * @param relation position and hold
 * @param beat     where in the bar the next figure begins, from zero
 */
public record ExitState(Foot manFree, Foot ladyFree, Heading facing, Relation relation, Beats beat) {

    /** The exit as the charts are written, begun on the figure's own beat. */
    public static ExitState of(Figure figure) {
        Beats start = EntryState.of(figure).beat().orElse(Beats.of(figure.rhythm().startBeats().first() - 1));
        return of(figure, Turn.NONE, start);
    }

    /**
     * @param turnedBy   how far the figure is rotated from how its charts are written
     * @param startsAt   where in the bar it begins, from zero
     */
    public static ExitState of(Figure figure, Turn turnedBy, Beats startsAt) {
        return new ExitState(figure.man().freeFeet().last(), figure.lady().freeFeet().last(),
                figure.man().turnAccount().end().plus(turnedBy), figure.end(),
                figure.rhythm().withinBar(startsAt.plus(figure.length())));
    }

    /** The same exit of a figure begun on another heading. */
    public ExitState turned(Turn by) {
        return new ExitState(manFree, ladyFree, facing.plus(by), relation, beat);
    }

    /** The same moment named from the line of dance of the next side. */
    public ExitState afterCorner() {
        return new ExitState(manFree, ladyFree, facing.afterCorner(), relation, beat);
    }
}
