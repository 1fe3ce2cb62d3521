package fluidframe.core.link;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Compares how one figure leaves the couple with how the next one needs them. */
public final class Link {

    private final ExitState exit;
    private final EntryState entry;

    private Link(ExitState exit, EntryState entry) {
        this.exit = exit;
        this.entry = entry;
    }

    /** The verdict on a link along one side of the room, or round a corner if the exit was re-read for it. */
    public static Verdict between(ExitState exit, EntryState entry) {
        return Verdict.of(new Link(exit, entry).bodies(), Optional.empty());
    }

    /** The same, with what the syllabus says about the two figures under the routine's conditions. */
    public static Verdict between(ExitState exit, EntryState entry, Figure from, Figure to, Conditions conditions) {
        List<Comparison> comparisons = new ArrayList<>(new Link(exit, entry).bodies());
        comparisons.add(new Comparison.Listed(
                from.title(), to.title(), neighbourhood(from, to), Fit.neighbours(from, to, conditions)));
        comparisons.add(
                new Comparison.OfLevel(to.title(), to.level(), conditions.highest(), Fit.level(to, conditions)));
        return Verdict.of(comparisons, Optional.of(to.title()));
    }

    private List<Comparison> bodies() {
        return List.of(
                foot(Part.MAN, exit.manFree(), entry.manFree()),
                foot(Part.LADY, exit.ladyFree(), entry.ladyFree()),
                facing(),
                new Comparison.InPosition(
                        exit.relation().position(),
                        entry.relation().position(),
                        Fit.drawsApart(exit, entry),
                        Fit.position(exit, entry)),
                new Comparison.InLine(exit.line(), entry.line(), Fit.line(exit, entry)),
                new Comparison.Holding(exit.relation().hold(), entry.relation().hold(), Fit.hold(exit, entry)),
                new Comparison.Raised(exit.up(), entry.heelLeads(), Fit.height(exit, entry)),
                new Comparison.Moving(exit.travel(), entry.travel(), Fit.travel(exit, entry)),
                new Comparison.OnBeat(exit.beat(), entry.beat(), entry.rhythm(), Fit.beat(exit.beat(), entry)));
    }

    private static Comparison foot(Part part, Foot given, Foot needed) {
        return new Comparison.FreeFoot(part, given, needed, Fit.foot(given, needed));
    }

    private Comparison facing() {
        List<Heading> needed = entry.loose() ? List.of() : entry.facings();
        return new Comparison.Facing(exit.facing(), needed, entry.nearestTo(exit.facing()), Fit.alignment(exit, entry));
    }

    private static Comparison.Neighbourhood neighbourhood(Figure from, Figure to) {
        if (!from.neighbours().bind() || !to.neighbours().bind()) {
            return Comparison.Neighbourhood.FREE;
        }
        if (Neighbours.areListed(from, to)) {
            return Comparison.Neighbourhood.LISTED;
        }
        boolean silent = from.neighbours().precedes().isEmpty()
                && to.neighbours().follows().isEmpty();
        return silent ? Comparison.Neighbourhood.SILENT : Comparison.Neighbourhood.NOT_LISTED;
    }
}
