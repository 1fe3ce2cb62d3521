package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Variation;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A4. The man's charted start, or the first alignment his chart states, must be among those the figure may start on;
 * and every finish must still add up when its rows are laid into the charts.
 */
final class StartAndFinishesAreLegal extends CheckedRule {

    private static final List<Rule> TURN_RULES = List.of(new TurnAccountAgrees(), new PartsTurnTogether());

    StartAndFinishesAreLegal() {
        super("A4", AuditSentences.itStartsOnAnAlignmentIt(), AuditSentences.aStartOrAFinishThat());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.ALL;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        start(subject).ifPresent(found::add);
        List<Variation> finishes = subject.figure().variants().finishes();
        for (int i = 0; i < finishes.size(); i++) {
            finish(subject, finishes.get(i), i).ifPresent(found::add);
        }
        return found;
    }

    private Optional<Finding> start(Subject subject) {
        Figure figure = subject.figure();
        List<Heading> allowed =
                figure.startAlignments().stream().map(Alignment::foot).toList();
        Optional<Heading> stated = firstStated(figure.man());
        Heading start = subject.account(Part.MAN).start();
        if (allowed.isEmpty() || stated.isEmpty() || allowed.contains(start) || allowed.contains(stated.get())) {
            return Optional.empty();
        }
        String names =
                figure.startAlignments().stream().map(Alignment::toString).collect(Collectors.joining(" or "));
        return Optional.of(error(
                Place.cell(Part.MAN, rowStated(figure.man()), Column.ALIGNMENT),
                "f " + start,
                names,
                AuditSentences.theMansChartStartsFacingThe(start.wording(), names)));
    }

    private static int rowStated(Chart chart) {
        int row = 0;
        while (chart.steps().get(row).alignment().isEmpty()) {
            row++;
        }
        return row;
    }

    private static Optional<Heading> firstStated(Chart chart) {
        return chart.steps().stream()
                .map(Step::alignment)
                .flatMap(Optional::stream)
                .map(Alignment::foot)
                .findFirst();
    }

    private Optional<Finding> finish(Subject subject, Variation finish, int index) {
        long before = TURN_RULES.stream()
                .mapToLong(rule -> rule.check(subject).size())
                .sum();
        Subject finished = new Subject(finish.applyTo(subject.figure()));
        List<Finding> after = TURN_RULES.stream()
                .flatMap(rule -> rule.check(finished).stream())
                .toList();
        if (after.size() <= before) {
            return Optional.empty();
        }
        Finding first = after.get(0);
        Place place = first.place()
                .part()
                .map(part -> changed(finish, part, first.place().step().orElse(0), index))
                .orElse(Place.field("finishes/" + index));
        return Optional.of(error(
                place,
                first.stated(),
                first.reckoned(),
                AuditSentences.dancedWithTheFinish(finish.name(), first.sentence())));
    }

    /** The change of the finish that made the row, if it is one; else the finish as a whole. */
    private static Place changed(Variation finish, Part part, int row, int index) {
        int position = Stream.iterate(0, i -> i + 1)
                .limit(finish.rows(part).size())
                .filter(i -> List.copyOf(finish.rows(part).keySet()).get(i) == row)
                .findFirst()
                .orElse(-1);
        return Place.field("finishes/" + index + (position < 0 ? "" : "/" + part.key() + "/" + position));
    }
}
