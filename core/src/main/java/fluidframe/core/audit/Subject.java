package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Height;
import fluidframe.core.figure.Moment;
import fluidframe.core.figure.Moments;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.geometry.CoupleFit;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import fluidframe.core.time.CountException;
import fluidframe.core.time.Timing;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** A figure under audit, with what several rules need worked out once. */
public final class Subject {

    private final Figure figure;
    private final Map<Part, Timing> timings = new EnumMap<>(Part.class);
    private final Map<Part, CountException> unreadable = new EnumMap<>(Part.class);
    private final Map<Part, TurnAccount> accounts = new EnumMap<>(Part.class);
    private final Map<Part, List<Height>> heights = new EnumMap<>(Part.class);
    private List<Moment> moments;
    private CoupleStances stances;

    public Subject(Figure figure) {
        this.figure = figure;
        for (Part part : Part.values()) {
            Chart chart = figure.chart(part);
            accounts.put(part, chart.turnAccount());
            heights.put(part, Height.before(chart));
            if (!chart.steps().isEmpty()) {
                try {
                    timings.put(part, chart.timing(figure.rhythm(), figure.length()));
                } catch (CountException e) {
                    unreadable.put(part, e);
                }
            }
        }
    }

    public Figure figure() {
        return figure;
    }

    public Dance dance() {
        return figure.dance();
    }

    List<Step> steps(Part part) {
        return figure.chart(part).steps();
    }

    /** Whether a chart has rows that say nothing but their counts. */
    boolean isBlank(Part part) {
        return !steps(part).isEmpty()
                && steps(part).stream()
                        .allMatch(step -> Stream.of(Column.values())
                                .allMatch(column -> column == Column.COUNT
                                        || column.shorthand(step).isEmpty()));
    }

    /** Whether a place is a cell of a blank chart other than a count: what is not described yet is not judged. */
    boolean saysNothingAt(Place place) {
        return place.column().filter(column -> column != Column.COUNT).isPresent()
                && place.part().filter(this::isBlank).isPresent();
    }

    /** The timing of a part, unless its count means nothing. */
    public Optional<Timing> timing(Part part) {
        return Optional.ofNullable(timings.get(part));
    }

    /** Why the count of a part means nothing. */
    public Optional<CountException> unreadableCount(Part part) {
        return Optional.ofNullable(unreadable.get(part));
    }

    public TurnAccount account(Part part) {
        return accounts.get(part);
    }

    /** How high the dancer is before each row, as far as the rise and fall says. */
    List<Height> heights(Part part) {
        return heights.get(part);
    }

    /** Both charts in time; empty where one of the counts means nothing. */
    List<Moment> moments() {
        if (moments == null) {
            moments = timings.size() == Part.values().length
                    ? Moments.of(figure, timings.get(Part.MAN), timings.get(Part.LADY))
                    : List.of();
        }
        return moments;
    }

    /** The same with every step as long as it usually is, whether or not that keeps them together. */
    Optional<CoupleStances> unfitted() {
        return ahead().map(figure -> CoupleFit.nominal(figure, timings.get(Part.MAN), timings.get(Part.LADY)));
    }

    /** The figure begun so that the man looks along x; nothing where one of the counts means nothing. */
    private Optional<Figure> ahead() {
        if (timings.size() < Part.values().length) {
            return Optional.empty();
        }
        Turn back = new Turn(-accounts.get(Part.MAN).start().sixteenths());
        return Optional.of(
                figure.withCharts(figure.man().turned(back), figure.lady().turned(back)));
    }

    /**
     * Where both are after each row, the man beginning at the origin and looking along x; nothing where one of the
     * counts means nothing. Begun like this, not as the room lies, it is the same to the last digit however the figure
     * is rotated.
     */
    public Optional<CoupleStances> stances() {
        if (stances == null) {
            ahead().ifPresent(
                            figure -> stances = CoupleFit.solve(figure, timings.get(Part.MAN), timings.get(Part.LADY)));
        }
        return Optional.ofNullable(stances);
    }
}
