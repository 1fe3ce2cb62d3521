package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.time.CountException;
import fluidframe.core.time.Timing;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** A figure under audit, with what several rules need worked out once. */
public final class Subject {

    private final Figure figure;
    private final Map<Part, Timing> timings = new EnumMap<>(Part.class);
    private final Map<Part, CountException> unreadable = new EnumMap<>(Part.class);
    private final Map<Part, TurnAccount> accounts = new EnumMap<>(Part.class);

    public Subject(Figure figure) {
        this.figure = figure;
        for (Part part : Part.values()) {
            Chart chart = figure.chart(part);
            accounts.put(part, chart.turnAccount());
            if (!chart.steps().isEmpty()) {
                try {
                    timings.put(part, chart.timing(figure.dance().rhythm(), figure.length()));
                } catch (CountException e) {
                    unreadable.put(part, e);
                }
            }
        }
    }

    public Figure figure() {
        return figure;
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
}
