package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dance;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Feel;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Timing;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * A figure as described. Everything a coach could work out from it is computed elsewhere and never stored.
 *
 * @param id stable name, unique among all figures
 * @param dance the dance it belongs to
 * @param feel where "a" falls in its count
 * @param title name for people
 * @param otherNames what else it is called, short names too
 * @param level how far along a couple should be
 * @param length stated length in beats
 * @param start position and hold before the first step
 * @param end position and hold after the last
 * @param startAlignments where the man may stand before the first step, the first being the one its charts are written
 *     for
 * @param insistsOnAlignment whether those alignments bind although the dance stays on the spot
 * @param man the man's chart
 * @param lady the lady's chart
 * @param variants other ways of dancing it
 * @param neighbours the figures listed before and after it
 * @param teaching cues, faults, drills and cautions
 * @param sameFoot whether both dance on the same foot although they face each other
 * @param mutes findings that are accepted, with reasons
 * @param derived JSON pointers of the cells that were derived from the partner's chart and not touched since
 */
@RecordBuilder
public record Figure(
        String id,
        Dance dance,
        Feel feel,
        String title,
        List<String> otherNames,
        Level level,
        Beats length,
        Relation start,
        Relation end,
        List<Alignment> startAlignments,
        boolean insistsOnAlignment,
        Chart man,
        Chart lady,
        Variants variants,
        Neighbours neighbours,
        Teaching teaching,
        boolean sameFoot,
        List<Mute> mutes,
        Set<String> derived)
        implements FigureBuilder.With {

    public Figure {
        otherNames = List.copyOf(otherNames);
        startAlignments = List.copyOf(startAlignments);
        mutes = List.copyOf(mutes);
        derived = Collections.unmodifiableSet(new TreeSet<>(derived));
    }

    /** The dance's rhythm with this figure's feel. */
    public Rhythm rhythm() {
        return dance.rhythm().withFeel(feel);
    }

    /**
     * When the rows of a part's chart fall.
     *
     * @throws fluidframe.core.time.CountException if its count cannot be laid on the figure's length
     */
    public Timing timing(Part part) {
        return chart(part).timing(rhythm(), length);
    }

    public Chart chart(Part part) {
        return part == Part.MAN ? man : lady;
    }

    public Figure withCharts(Chart his, Chart hers) {
        return withMan(his).withLady(hers);
    }

    /** Where the man looks before the first step, as the charts are written. */
    public Heading startHeading() {
        return man.turnAccount().start();
    }
}
