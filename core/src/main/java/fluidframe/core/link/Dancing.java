package fluidframe.core.link;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.time.Beats;

/**
 * A figure danced in one of its ways, with what linking needs of it.
 *
 * @param figure the figure in the book
 * @param way    how it is danced
 * @param danced the figure that makes
 * @param entry  how it needs the couple
 * @param exit   how it leaves them, begun as its charts are written on the dance's first start beat
 */
public record Dancing(Figure figure, Way way, Figure danced, EntryState entry, ExitState exit) {

    public static Dancing of(Figure figure, Way way, Figure danced) {
        return new Dancing(figure, way, danced, EntryState.of(danced), ExitState.of(danced));
    }

    public Beats length() {
        return danced.length();
    }

    /** How it leaves the couple when begun on a heading at a point of the bar. */
    public ExitState exitFrom(Heading facing, Beats startsAt) {
        Turn turnedBy = new Turn(facing.sixteenths() - entry.facings().get(0).sixteenths());
        return exit.turned(turnedBy).begunAt(startsAt, danced);
    }

    /** "Natural Turn (1–3)". */
    public String wording() {
        return way.isAsCharted() ? figure.title() : figure.title() + " (" + way.wording() + ")";
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Dancing dancing && dancing.figure.id().equals(figure.id()) && dancing.way.equals(way);
    }

    @Override
    public int hashCode() {
        return 31 * figure.id().hashCode() + way.hashCode();
    }

    @Override
    public String toString() {
        return wording();
    }
}
