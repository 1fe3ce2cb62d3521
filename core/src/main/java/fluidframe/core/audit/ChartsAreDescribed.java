package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** D1. Rows that have a count and nothing else are still to be described: nothing in them can be right or wrong. */
final class ChartsAreDescribed extends CheckedRule {

    ChartsAreDescribed() {
        super("D1", AuditSentences.bothChartsAreDescribed(), AuditSentences.nobodyCanDanceACount());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.ALL;
    }

    @Override
    public List<Finding> check(Subject subject) {
        return Stream.of(Part.values())
                .filter(subject::isBlank)
                .map(part -> warning(
                        Place.cell(part, 0, Column.COUNT),
                        AuditSentences.onlyACount(),
                        AuditSentences.stepsToDance(),
                        part == Part.MAN
                                ? AuditSentences.theMansChartIsBlank()
                                : AuditSentences.theLadysChartIsBlank()))
                .toList();
    }
}
