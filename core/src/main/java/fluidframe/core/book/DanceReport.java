package fluidframe.core.book;

import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Finding;
import fluidframe.core.audit.Severity;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Mute;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;

/**
 * One dance of a book.
 *
 * @param dance the dance
 * @param figures how many figures of each level
 * @param steps rows of both charts of all of them
 * @param ways how many ways there are of dancing them: parts, finishes, timings, repeats, schools
 * @param teaching cues, faults and drills in all
 * @param findings what the audits find, by severity, muted findings left out
 * @param each every figure, with what it lacks; what needs a coach most first
 * @param mutes what is muted, and why
 * @param links for each level at which there are figures what leads to what among those up to it
 */
public record DanceReport(
        Dance dance,
        Map<Level, Integer> figures,
        int steps,
        WayCount ways,
        TeachingCount teaching,
        Map<Severity, Integer> findings,
        List<FigureReport> each,
        List<MutedFigure> mutes,
        Map<Level, LinkReport> links) {

    /** How many there are of each kind of way. */
    public record WayCount(int timings, int splits, int finishes, int repeats, int schools) {}

    /** How many there are of each. */
    public record TeachingCount(int cues, int faults, int drills) {}

    /** A figure with something muted in it. */
    public record MutedFigure(String figure, Mute mute) {}

    /**
     * The figures up to a level.
     *
     * @param figures how many
     * @param components sets of figures from any of which every other of the set can be reached and back
     * @param deadEnds ids of figures nothing follows
     * @param unreachable ids of figures that follow nothing
     * @param holdingPerFigure how many figures can follow a figure with nothing bent, on average
     */
    public record LinkReport(
            int figures, int components, List<String> deadEnds, List<String> unreachable, double holdingPerFigure) {}

    public DanceReport {
        figures = Collections.unmodifiableMap(new EnumMap<>(figures));
        findings = Collections.unmodifiableMap(new EnumMap<>(findings));
        links = Collections.unmodifiableMap(new EnumMap<>(links));
        mutes = List.copyOf(mutes);
        each = List.copyOf(each);
    }

    public static DanceReport of(Dance dance, List<Figure> figures) {
        Map<Level, Integer> byLevel = new EnumMap<>(Level.class);
        Map<Severity, Integer> findings = new EnumMap<>(Severity.class);
        List<MutedFigure> mutes = new ArrayList<>();
        List<FigureReport> each = new ArrayList<>();
        for (Figure figure : figures) {
            Stopping.check();
            byLevel.merge(figure.level(), 1, Integer::sum);
            Map<Severity, Integer> own = new EnumMap<>(Severity.class);
            Audit.of(figure).stream()
                    .filter(finding -> !finding.isMuted())
                    .map(Finding::severity)
                    .forEach(severity -> own.merge(severity, 1, Integer::sum));
            own.forEach((severity, count) -> findings.merge(severity, count, Integer::sum));
            each.add(FigureReport.of(figure, own));
            figure.mutes().forEach(mute -> mutes.add(new MutedFigure(figure.title(), mute)));
        }
        WayCount ways = new WayCount(
                sum(figures, figure -> figure.variants().timings().size()),
                sum(figures, figure -> figure.variants().splits().size()),
                sum(figures, figure -> figure.variants().finishes().size()),
                sum(figures, figure -> figure.variants().repeat().isPresent() ? 1 : 0),
                sum(figures, figure -> figure.variants().schools().size()));
        TeachingCount teaching = new TeachingCount(
                sum(figures, figure -> figure.teaching().cues().size()),
                sum(figures, figure -> figure.teaching().faults().size()),
                sum(figures, figure -> figure.teaching().drills().size()));
        each.sort(FigureReport.MOST_IN_NEED);
        return new DanceReport(
                dance,
                byLevel,
                sum(
                        figures,
                        figure -> figure.man().steps().size()
                                + figure.lady().steps().size()),
                ways,
                teaching,
                findings,
                each,
                mutes,
                links(figures, byLevel));
    }

    private static Map<Level, LinkReport> links(List<Figure> figures, Map<Level, Integer> byLevel) {
        Map<Level, LinkReport> links = new EnumMap<>(Level.class);
        for (Level level : byLevel.keySet()) {
            LinkMap map = LinkMap.of(Repertoire.of(figures, new Conditions(false, level)));
            links.put(
                    level,
                    new LinkReport(
                            map.successors().size(),
                            map.components().size(),
                            map.deadEnds(),
                            map.unreachable(),
                            map.holdingPerFigure()));
        }
        return links;
    }

    private static int sum(List<Figure> figures, ToIntFunction<Figure> count) {
        return figures.stream().mapToInt(count).sum();
    }

    /** How many figures there are of all levels. */
    public int size() {
        return figures.values().stream().mapToInt(Integer::intValue).sum();
    }

    public int count(Severity severity) {
        return findings.getOrDefault(severity, 0);
    }

    /** How many figures can follow a figure with nothing bent, on average, when all levels may be danced. */
    public double holdingPerFigure() {
        return links.values().stream()
                .reduce((lower, higher) -> higher)
                .map(LinkReport::holdingPerFigure)
                .orElse(0.0);
    }
}
