package fluidframe.core.learning;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class LearningPathTest {

    /** A waltz step with actions of the man, separated by commas. */
    private static Figure figure(String id, Level level, String actions) {
        return Charts.read(Charts.figure(
                        "waltz",
                        "1",
                        Charts.chart(
                                "count|foot|footPosition|alignment|action",
                                "1|LF|fwd|f LOD|" + actions,
                                "2|RF|sd",
                                "3|LF|cl"),
                        Charts.rows("1|RF|bk|b LOD", "2|LF|sd", "3|RF|cl")))
                .with()
                .id(id)
                .title(id)
                .level(level)
                .build();
    }

    static final Figure PLAIN = figure("plain", Level.BRONZE, "");
    static final Figure CHECK = figure("check", Level.BRONZE, "check");
    static final Figure ALSO_CHECK = figure("also-check", Level.SILVER, "check");
    static final Figure PIVOT = figure("pivot", Level.BRONZE, "pivot");
    static final Figure BOTH = figure("both", Level.SILVER, "check, pivot");
    static final Figure ALL = figure("all", Level.GOLD, "check, pivot, hover");
    static final List<Figure> BOOK = List.of(ALL, BOTH, ALSO_CHECK, CHECK, PIVOT, PLAIN);

    private static List<String> path(Collection<Figure> wanted, Figure... known) {
        return LearningPath.to(wanted, Arrays.asList(known), BOOK).steps().stream()
                .map(step -> step.figure().id()
                        + Stream.concat(Stream.of(""), step.learns().stream().map(Skill::what))
                                .collect(Collectors.joining(" +")))
                .toList();
    }

    @Test
    void whatAFigureAsksIsReadFromItsCharts() {
        assertThat(Skill.of(PLAIN)).isEmpty();
        assertThat(Skill.of(BOTH)).extracting(Skill::wording).containsExactly("check of the man", "pivot of the man");
        assertThat(Skill.of(Charts.read(Danced.figure("closed promenade"))))
                .contains(new Skill("beginning in promenade", Optional.empty()));
        assertThat(Skill.of(Charts.read(Danced.figure("feather step"))))
                .containsExactly(new Skill("stepping outside partner", Optional.of(Part.MAN)));
        assertThat(Skill.of(Charts.read(Danced.figure("forward lock"))))
                .extracting(Skill::wording)
                .contains("lock of the man", "lock of the lady");
    }

    @Test
    void oneThingIsLearnedAtATimeFromTheEasiestFigure() {
        assertThat(path(List.of(PLAIN))).containsExactly("plain");
        assertThat(path(List.of(CHECK))).containsExactly("check +check");
        assertThat(path(List.of(BOTH))).containsExactly("check +check", "both +pivot");
        assertThat(path(List.of(ALL))).containsExactly("check +check", "pivot +pivot", "all +hover");
    }

    @Test
    void whatIsKnownIsNotLearnedAgain() {
        assertThat(path(List.of(ALL), PIVOT)).containsExactly("check +check", "all +hover");
        assertThat(path(List.of(ALL), BOTH)).containsExactly("all +hover");
        assertThat(path(List.of(BOTH, CHECK), ALL)).containsExactly("both", "check");
        assertThat(path(List.of(ALL), ALL)).isEmpty();
    }

    @Test
    void whatIsWantedFirstHelpsWithWhatIsWantedThen() {
        assertThat(path(List.of(PIVOT, ALL))).containsExactly("pivot +pivot", "check +check", "all +hover");
    }

    @Test
    void whereNoFigureBringsOneNewThingAloneAllIsLearnedAtOnce() {
        List<Figure> book = List.of(ALL, PLAIN);

        assertThat(LearningPath.to(List.of(ALL), List.of(), book).steps())
                .singleElement()
                .satisfies(step -> assertThat(step.learns()).hasSize(3));
    }

    @Test
    void noHarderFigureIsLearnedOnTheWay() {
        Figure silver = figure("silver", Level.SILVER, "check");
        Figure wanted = figure("wanted", Level.BRONZE, "check, pivot");

        assertThat(LearningPath.to(List.of(wanted), List.of(), List.of(silver, wanted))
                        .steps())
                .singleElement()
                .satisfies(step -> assertThat(step.learns()).hasSize(2));
    }
}
