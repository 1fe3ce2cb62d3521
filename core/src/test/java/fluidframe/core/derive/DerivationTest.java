package fluidframe.core.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.RandomRows;
import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Doubts;
import fluidframe.core.audit.Finding;
import fluidframe.core.audit.Severity;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.MirrorImage;
import fluidframe.core.step.Step;
import fluidframe.core.time.Count;
import fluidframe.core.time.CountException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class DerivationTest {

    private static final Dance WALTZ = Dances.find("waltz").orElseThrow();

    static Stream<String> figures() {
        return Danced.all().keySet().stream();
    }

    @Test
    void theOppositeOfTheOppositeIsTheRow() {
        for (Dance dance : List.of(WALTZ, Dances.find("rumba").orElseThrow())) {
            RandomRows.many(3000)
                    .forEach(step -> assertThat(NaturalOpposite.of(NaturalOpposite.of(step, dance), dance))
                            .isEqualTo(step));
        }
    }

    @Test
    void theMirrorImageOfTheMirrorImageIsTheRow() {
        RandomRows.many(3000)
                .forEach(step -> assertThat(step.mirrored().mirrored()).isEqualTo(step));
    }

    @ParameterizedTest
    @MethodSource("figures")
    void theMirrorImageOfTheMirrorImageIsTheFigure(String name) {
        Figure figure = Charts.read(Danced.figure(name));
        assertThat(MirrorImage.of(MirrorImage.of(figure))).isEqualTo(figure);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"basic in place", "change step", "sur place", "slow walks"})
    void theLadysPartOfAPlainFigureIsTheNaturalOpposite(String name) {
        Figure figure = Charts.read(Danced.figure(name));
        List<Step> derived = NaturalOpposite.of(figure.man(), figure.dance()).steps();
        for (int row = 0; row < derived.size(); row++) {
            Step charted = figure.lady().steps().get(row);
            assertThat(derived.get(row).foot()).isEqualTo(charted.foot());
            assertThat(derived.get(row).footPosition().map(Object::toString))
                    .isEqualTo(charted.footPosition().map(Object::toString));
            assertThat(derived.get(row).alignment().map(alignment -> alignment.foot()))
                    .isEqualTo(charted.alignment().map(alignment -> alignment.foot()));
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"closed promenade", "progressive link", "fallaway rock", "change step", "basic in place"})
    void thePartnersPartFollowsThePositions(String name) {
        Figure figure = Charts.read(Danced.figure(name));
        Figure derived = figure.withCharts(figure.man(), PartnerPart.of(figure, Part.MAN));
        assertThat(Audit.of(derived))
                .filteredOn(finding -> finding.severity() == Severity.ERROR)
                .extracting(Finding::sentence)
                .isEmpty();
        assertThat(derived.lady().steps())
                .extracting(step -> step.foot())
                .isEqualTo(figure.lady().steps().stream().map(Step::foot).toList());
    }

    @Test
    void inShadowBothDanceTheSame() {
        Figure figure = Charts.read(Charts.figure(
                "rumba",
                "1",
                "shadow R; no hold",
                "shadow R; no hold",
                Charts.rows("2|LF|fwd|f LOD", "3|RF|ip", "4-1|LF|bk"),
                Charts.rows("2|LF|fwd|f LOD", "3|RF|ip", "4-1|LF|bk")));
        assertThat(PartnerPart.of(figure, Part.MAN)).isEqualTo(figure.lady());
    }

    @Test
    void retimingShowsWhatChanges() {
        Figure feather = Charts.read(Danced.figure("feather step"));
        Retiming retiming = Retiming.of(feather, Count.parse("Q Q S"), Count.parse("Q Q S"));
        assertThat(retiming.changes())
                .extracting(change -> change.part() + " " + (change.row() + 1) + ": "
                        + change.before().length() + " → " + change.after().length())
                .containsExactly(
                        "MAN 1: 2 → 1",
                        "MAN 2: 1 → 1",
                        "MAN 3: 1 → 2",
                        "LADY 1: 2 → 1",
                        "LADY 2: 1 → 1",
                        "LADY 3: 1 → 2");
        assertThat(retiming.figure().length()).isEqualTo(feather.length());
        assertThat(Retiming.of(feather, Count.parse("S S S"), Count.parse("S S S"))
                        .figure()
                        .length())
                .hasToString("6");
    }

    @Test
    void aCountWithAnotherNumberOfMarksIsRefused() {
        Figure feather = Charts.read(Danced.figure("feather step"));
        assertThatThrownBy(() -> Retiming.of(feather, Count.parse("S S"), Count.parse("S Q Q")))
                .isInstanceOf(CountException.class)
                .hasMessageContaining("3 rows")
                .hasMessageContaining("2 marks");
    }

    @Test
    void oneChartIsDerivedForThePartnerWhicheverItIs() {
        Chart lady = Charts.read(Danced.figure("change step")).lady();
        assertThat(NaturalOpposite.of(lady, WALTZ).part()).isEqualTo(Part.MAN);
    }

    @Test
    void whatIsPlacedUpIsOnTheToeInBothParts() {
        Figure feather = Charts.read(Danced.figure("feather step"));

        Chart lady = PartnerPart.of(feather, Part.MAN);

        assertThat(lady.steps()).extracting(step -> step.footwork().toString()).containsExactly("TH", "T", "TH");
        assertThat(Audit.of(feather.withCharts(feather.man(), lady)))
                .noneMatch(finding -> finding.rule().startsWith("F"));
    }

    @Test
    void aFirstStepInPromenadeIsTakenFromPromenade() {
        Figure closed = Charts.read(Charts.figure(
                "tango",
                "0.5",
                "closed; closed",
                "PP; closed",
                Charts.rows("S|LF|sd in PP|m LOD p DW"),
                Charts.rows("S|RF|sd in PP|m LOD p DC")));

        assertThat(PartnerPart.standing(closed, Part.MAN).position()).isEqualTo(Position.PROMENADE);
        assertThat(PartnerPart.of(closed, Part.MAN)
                        .steps()
                        .get(0)
                        .turn()
                        .between()
                        .isNone())
                .isTrue();
        assertThat(PartnerPart.standing(Charts.read(Danced.figure("natural turn")), Part.MAN)
                        .position())
                .isEqualTo(Position.CLOSED);
    }

    @Test
    void openingSideBySideKeepsTheFeetOpposite() {
        Figure opened = Charts.read(Charts.figure(
                "rumba",
                "1",
                "open facing; L-to-R",
                "open facing; L-to-R",
                Charts.rows("2|LF|bk|f LOD|1/4 L|side R", "3|RF|ip|f LOD", "4-1|LF|sd|f W|1/4 R|open facing"),
                Charts.rows("2|RF|bk|f LOD|1/4 R|side R", "3|LF|ip|f LOD", "4-1|RF|sd|b W|1/4 L|open facing")));

        assertThat(PartnerPart.of(opened, Part.MAN).steps())
                .extracting(step -> step.foot().orElseThrow().shorthand())
                .containsExactly("RF", "LF", "RF");
    }

    @Test
    void whatCouldNotBeKnownIsSaid() {
        Figure natural = Charts.read(Danced.figure("natural turn"));
        Chart same = natural.lady();

        assertThat(Doubts.of(natural, natural.withCharts(natural.man(), same), Part.LADY))
                .isEmpty();
        assertThat(Doubts.of(
                        natural,
                        natural.withCharts(
                                natural.man(),
                                new Chart(Part.LADY, natural.man().steps())),
                        Part.LADY))
                .isNotEmpty();
    }
}
