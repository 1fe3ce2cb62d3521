package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dance;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.time.Beats;

import java.util.List;

/**
 * A figure as described. Everything a coach could work out from it is computed elsewhere and never stored.
 *
 * @param id                 stable name, unique among all figures
 * @param dance              the dance it belongs to
 * @param title              name for people
 * @param level              how far along a couple should be
 * @param length             stated length in beats
 * @param start              position and hold before the first step
 * @param end                position and hold after the last
 * @param startAlignments    where the man may stand before the first step, the first being the one its charts are
 *                           written for
 * @param insistsOnAlignment whether those alignments bind although the dance stays on the spot
 * @param man                the man's chart
 * @param lady               the lady's chart
 * @param timings            other counts for the same rows
 * @param splits             parts it may be used in
 * @param neighbours         the figures listed before and after it
 * @param teaching           cues, faults, drills and cautions
 * @param sameFoot           whether both dance on the same foot although they face each other
 */
public record Figure(String id, Dance dance, String title, Level level, Beats length, Relation start, Relation end,
                     List<Alignment> startAlignments, boolean insistsOnAlignment, Chart man, Chart lady,
                     List<NamedTiming> timings, List<Split> splits, Neighbours neighbours, Teaching teaching,
                     boolean sameFoot) {

    public Figure {
        startAlignments = List.copyOf(startAlignments);
        timings = List.copyOf(timings);
        splits = List.copyOf(splits);
    }

    public Chart chart(Part part) {
        return part == Part.MAN ? man : lady;
    }

    /** Where the man looks before the first step, as the charts are written. */
    public Heading startHeading() {
        return man.turnAccount().start();
    }
}
