package fluidframe.core.link;

import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.figure.Ways;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.time.Beats;
import java.util.Optional;

/**
 * A figure danced in one of its ways, with what linking needs of it.
 *
 * @param figure the figure in the book
 * @param way how it is danced
 * @param danced the figure that makes
 * @param entry how it needs the couple
 * @param exit how it leaves them, begun as its charts are written on the dance's first start beat
 */
public record Dancing(Figure figure, Way way, Figure danced, EntryState entry, ExitState exit) implements Item {

    public static Dancing of(Figure figure, Way way, Figure danced) {
        return new Dancing(figure, way, danced, EntryState.of(danced), ExitState.of(danced));
    }

    /**
     * @throws IllegalArgumentException if the figure has no variant of that name
     * @throws fluidframe.core.time.CountException where that way's count has no name in the dance
     */
    public static Dancing of(Figure figure, Way way) {
        return of(figure, way, Ways.danced(figure, way));
    }

    @Override
    public Dancing after(ExitState before, Dance dance) {
        return this;
    }

    @Override
    public String key() {
        return figure.id();
    }

    @Override
    public Beats length() {
        return danced.length();
    }

    @Override
    public int steps() {
        return danced.man().steps().size() + danced.lady().steps().size();
    }

    /** The figure, if a syllabus can speak of it; empty for an element. */
    public Optional<Figure> listed() {
        return Optional.of(figure).filter(each -> each.neighbours().bind());
    }

    /** How it leaves the couple when begun on a heading at a point of the bar. */
    public ExitState exitFrom(Heading facing, Beats startsAt) {
        Turn turnedBy = new Turn(facing.sixteenths() - entry.facings().get(0).sixteenths());
        return exit.turned(turnedBy).begunAt(startsAt, danced);
    }

    /** "Natural Turn (1–3)". */
    @Override
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
