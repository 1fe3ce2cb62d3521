package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Finding;
import fluidframe.core.audit.Severity;
import fluidframe.core.book.BookReport;
import fluidframe.core.book.BookReportText;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Style;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Moment;
import fluidframe.core.figure.Moments;
import fluidframe.core.figure.Way;
import fluidframe.core.figure.Ways;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.step.Step;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The figures that ship with the program, as a coach would look them through. */
class ShippedFiguresTest {

    private static final Path REPORT = Path.of("..", "docs", "book.md");

    static List<Figure> figures() {
        return ShippedLibrary.figures();
    }

    @ParameterizedTest
    @CsvSource({
        "waltz, 34",
        "tango, 28",
        "viennese-waltz, 16",
        "foxtrot, 32",
        "quickstep, 30",
        "cha-cha, 30",
        "samba, 24",
        "rumba, 30",
        "paso-doble, 24",
        "jive, 24",
        "american-waltz, 12",
        "american-tango, 12",
        "american-foxtrot, 12",
        "american-viennese-waltz, 12",
        "american-cha-cha, 12",
        "american-rumba, 12",
        "swing, 12",
        "bolero, 12",
        "mambo, 12"
    })
    void everyDanceHasItsFigures(String dance, int atLeast) {
        assertThat(ShippedLibrary.ofDance(dance))
                .hasSizeGreaterThanOrEqualTo(atLeast)
                .anyMatch(figure -> figure.level() == Level.PRE_BRONZE);
    }

    @Test
    void theBookIsLargeAndItsCountsAreKept() throws IOException {
        BookReport report = BookReport.of(figures());
        String text = BookReportText.of(report);
        if (System.getProperty("fluidframe.write-book") != null) {
            Files.writeString(REPORT, text);
        }
        assertThat(report.figures()).isGreaterThanOrEqualTo(400);
        assertThat(Files.readString(REPORT))
                .as("docs/book.md is out of date; run this test with -Dfluidframe.write-book")
                .isEqualTo(text);
    }

    @Test
    void nothingIsWrongAndLittleIsUnusual() {
        Map<Severity, Long> found = figures().stream()
                .flatMap(figure -> unmuted(figure).stream())
                .collect(Collectors.groupingBy(Finding::severity, Collectors.counting()));
        assertThat(found).doesNotContainKey(Severity.ERROR);
        assertThat(found.getOrDefault(Severity.WARNING, 0L))
                .isLessThan(figures().size() / 5);
    }

    /** A finish or another timing must be as danceable as the charts themselves. */
    @Test
    void everyWayOfDancingAFigureAddsUp() {
        for (Figure figure : figures()) {
            for (Map.Entry<Way, Figure> way : Ways.of(figure).entrySet()) {
                if (way.getKey().split().isEmpty()) {
                    assertThat(Audit.foundations(way.getValue()))
                            .as("%s, %s", figure.id(), way.getKey().wording())
                            .isEmpty();
                    assertThat(unmuted(way.getValue()))
                            .as("%s, %s", figure.id(), way.getKey().wording())
                            .noneMatch(finding -> finding.severity() == Severity.ERROR
                                    && Set.of("A1", "A2", "A3", "P1", "W1").contains(finding.rule()));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("figures")
    void everyFigureSaysHowToDanceIt(Figure figure) {
        assertThat(figure.teaching().cues()).hasSizeGreaterThanOrEqualTo(3).doesNotHaveDuplicates();
        assertThat(figure.teaching().faults()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(figure.teaching().drills()).isNotEmpty();
        assertThat(figure.teaching().cautions())
                .as("what is asked of every dancer is said once, by the page")
                .doesNotContain(Caution.WARM_UP);
        assertThat(figure.neighbours().precedes())
                .as("listed neighbours")
                .isNotEmpty()
                .allMatch(id -> figures().stream().anyMatch(other -> other.id().equals(id)));
        for (Part part : Part.values()) {
            assertThat(figure.chart(part).steps())
                    .as("%s's chart", part.wording())
                    .allSatisfy(step -> assertThat(columnsFilled(figure, step)).isTrue());
        }
    }

    /** A caution that is everywhere is read nowhere. */
    @Test
    void noCautionStandsOnMostOfAStylesFigures() {
        for (Style style : Style.values()) {
            List<Figure> of = figures().stream()
                    .filter(figure -> figure.dance().style() == style)
                    .toList();
            for (Caution caution : Caution.values()) {
                assertThat(of)
                        .as("%s in %s", caution, style)
                        .filteredOn(figure -> figure.teaching().cautions().contains(caution))
                        .hasSizeLessThanOrEqualTo(of.size() / 2);
            }
        }
    }

    private static boolean columnsFilled(Figure figure, Step step) {
        boolean placed = step.count().isPresent()
                && step.foot().isPresent()
                && step.footPosition().isPresent()
                && step.alignment().isPresent();
        boolean swings =
                figure.dance().style() == Style.STANDARD && !figure.dance().id().equals("tango");
        return placed
                && (!step.takesWeight() || !step.footwork().isNone())
                && (!swings || step.sway().isPresent() || !step.rise().isNone() || !step.takesWeight());
    }

    private static List<Finding> unmuted(Figure figure) {
        return Stream.of(Audit.of(figure))
                .flatMap(List::stream)
                .filter(finding -> !finding.isMuted())
                .toList();
    }

    /** In the score as in what the audits compare, at every row of every way, whichever part says so. */
    @ParameterizedTest
    @MethodSource("figures")
    void theScoreShowsThePositionThatTheAuditsCompare(Figure figure) {
        Ways.of(figure).forEach((way, danced) -> {
            Routine alone = new Routine(
                    "alone",
                    "Alone",
                    figure.dance(),
                    figure.dance().slowest(),
                    Conditions.OPEN,
                    List.of(Placement.of(Dancing.of(figure, way))));
            List<Moment> moments = Moments.of(danced, danced.timing(Part.MAN), danced.timing(Part.LADY));
            Score.of(alone)
                    .steps()
                    .forEach(step -> assertThat(step.relation())
                            .as("%s, %s %d", way, step.part(), step.row() + 1)
                            .isEqualTo(moments.stream()
                                    .filter(moment -> moment.row(step.part()).equals(OptionalInt.of(step.row())))
                                    .findFirst()
                                    .orElseThrow()
                                    .relation()));
        });
    }
}
