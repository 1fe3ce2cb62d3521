package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import java.util.stream.Stream;

/** How long a figure lasts by its own counts. */
final class Counted {

    private Counted() {}

    /**
     * What counts in words add up to; counts in numbers last as long as the figure is stated, or to the end of the last
     * beat they name.
     *
     * @throws fluidframe.core.time.CountException if a count means nothing in the dance
     */
    static Beats length(Figure figure) {
        return Stream.of(Part.values())
                .map(part -> length(figure, part))
                .max(Beats::compareTo)
                .orElseThrow();
    }

    private static Beats length(Figure figure, Part part) {
        Timing timing = figure.timing(part);
        Slot last = timing.slots().get(timing.slots().size() - 1);
        if (timing.inWords()) {
            return timing.length();
        }
        int named = last.token() instanceof CountToken.Numbered numbered
                ? numbered.beats().size()
                : 1;
        Beats end = timing.start().plus(last.onset());
        Beats wholeBeat = Beats.of(end.wholeBeats() + named).minus(timing.start());
        return wholeBeat.compareTo(figure.length()) > 0 ? wholeBeat : figure.length();
    }
}
