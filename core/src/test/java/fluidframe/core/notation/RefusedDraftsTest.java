package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.figure.Mute;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.TimingDraft;
import fluidframe.core.notation.FigureDraft.UsageDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is refused of a figure, where, and what was expected there; what is just within is taken. */
class RefusedDraftsTest {

    private static final FigureDraft TURN = Charts.naturalTurn();
    private static final RowDraft WIDE = new RowDraft(Map.of(Column.FOOT_POSITION, "sd small"));

    private static List<String> refused(FigureDraft draft) {
        return DraftReader.read(draft).unreadable().stream()
                .map(unreadable -> unreadable.place().pointer() + ": " + unreadable.text())
                .toList();
    }

    private static FigureDraft with(VariantsDraft variants) {
        return TURN.withVariants(variants);
    }

    private static VariationDraft variation(String name, int... rows) {
        return new VariationDraft(
                name,
                Arrays.stream(rows)
                        .mapToObj(row -> new RowChangeDraft(row, WIDE))
                        .toList(),
                List.of(),
                Optional.empty());
    }

    @ParameterizedTest(name = "id {0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz-whisk|true",
                "w2|true",
                "2-step|true",
                "Whisk|false",
                "-whisk|false",
                "whisk-|false",
                "a--b|false",
                "a_b|false",
                "''|false"
            })
    void anIdIsSmallLettersDigitsAndHyphens(String id, boolean taken) {
        assertThat(refused(TURN.withId(id))).isEqualTo(taken ? List.of() : List.of("/id: " + id));
    }

    @Test
    void namesHaveOneTo120Letters() {
        assertThat(refused(TURN.withId("i".repeat(120))
                        .withTitle("T".repeat(120))
                        .withOtherNames(Collections.nCopies(20, "N".repeat(120)))))
                .isEmpty();
        assertThat(refused(TURN.withId("i".repeat(121)))).hasSize(1);
        assertThat(refused(TURN.withTitle("T".repeat(121)))).hasSize(1);
        assertThat(refused(TURN.withTitle("  "))).containsExactly("/title:   ");
        assertThat(refused(TURN.withOtherNames(List.of("Turn", " ", "N".repeat(121)))))
                .hasSize(2)
                .first()
                .isEqualTo("/otherNames/1:  ");
        assertThat(refused(TURN.withOtherNames(Collections.nCopies(21, "Turn"))))
                .containsExactly("/otherNames: 21 names");
    }

    /** Two bars of three beats are danced; other lengths do not fit them, but can be read. */
    @ParameterizedTest(name = "{0} bars")
    @CsvSource(
            delimiter = '|',
            value = {
                "2|true",
                "1/3|true",
                "2.0|true",
                "64|true",
                "0|false",
                "65|false",
                "1/2|false",
                "-1|false",
                "1.5|false",
                "1.3333|false",
                "1e9|false",
                "two|false",
                "1.|true",
                "9999999999/3|false"
            })
    void barsComeOutInWholeBeats(String bars, boolean taken) {
        DraftReading reading = DraftReader.read(TURN.withBars(bars));

        assertThat(reading.figure().isPresent()).isEqualTo(taken);
        assertThat(reading.unreadable())
                .extracting(unreadable -> unreadable.place().pointer())
                .isEqualTo(taken ? List.of() : List.of("/bars"));
    }

    @Test
    void aDanceThatThereIsNotIsRefusedWithThoseThatThereAre() {
        assertThat(DraftReader.read(TURN.withDance("mazurka")).unreadable())
                .singleElement()
                .satisfies(unreadable -> assertThat(unreadable.sentence())
                        .startsWith("dance: found \"mazurka\", expected a dance: ")
                        .contains("viennese-waltz"));
    }

    @Test
    void whatIsSaidOfTheTwoIsRefusedPieceByPiece() {
        FigureDraft draft = TURN.withStart(Charts.relation("closed; closed; touching"))
                .withEnd(Charts.relation("promenading; clasped"))
                .withLevel("tin")
                .withFeel(Optional.of("lazy"));

        assertThat(refused(draft))
                .containsExactlyInAnyOrder(
                        "/level: tin",
                        "/feel: lazy",
                        "/start/proximity: touching",
                        "/end/position: promenading",
                        "/end/hold: clasped");
        assertThat(DraftReader.read(draft).figure()).isPresent();
    }

    @Test
    void aChartHasOneTo64Rows() {
        List<RowDraft> many = Collections.nCopies(65, TURN.man().get(0));

        assertThat(refused(TURN.withMan(many.subList(0, 64)))).isEmpty();
        assertThat(refused(TURN.withMan(many))).containsExactly("/man: 65 rows");
        assertThat(refused(TURN.withLady(List.of()))).containsExactly("/lady: 0 rows");
    }

    @Test
    void textsHaveOneTo1000Letters() {
        assertThat(refused(TURN.withCues(List.of("C".repeat(1000)))
                        .withFaults(List.of("F"))
                        .withDrills(List.of("D"))
                        .withFollows(List.of("f"))
                        .withPrecedes(List.of("p"))))
                .isEmpty();
        assertThat(refused(TURN.withCues(List.of("Early", " ")).withDrills(List.of("D".repeat(1001)))))
                .containsExactly("/cues/1: 1 letters", "/drills/0: 1001 letters");
        assertThat(refused(TURN.withCautions(List.of("warm-up", "wild animals"))))
                .containsExactly("/cautions/1: wild animals");
        assertThat(refused(TURN.withLastRead(Optional.of("26.11.2026")))).containsExactly("/lastRead: 26.11.2026");
        assertThat(refused(TURN.withMan(Charts.chart("count|foot|footPosition|note", "1|RF|fwd|" + "n".repeat(1001)))))
                .containsExactly("/man/0/note: 1001 letters");
    }

    @Test
    void whatIsMutedIsARuleInAPlaceForAReason() {
        assertThat(refused(TURN.withMutes(
                        List.of(new Mute("W10", "/man/0/turn", "so taught"), new Mute("F1", "", "small")))))
                .isEmpty();
        assertThat(refused(TURN.withMutes(List.of(new Mute("W100", "man/0", " ")))))
                .containsExactly("/mutes/0/reason:  ", "/mutes/0/rule: W100", "/mutes/0/at: man/0");
        assertThat(refused(TURN.withMutes(List.of(new Mute("w1", "", "r".repeat(1001))))))
                .hasSize(2);
        assertThat(refused(TURN.withDerived(List.of("/lady/0", "lady/1")))).containsExactly("/derived/1: lady/1");
    }

    @ParameterizedTest(name = "steps {0} to {1}")
    @CsvSource({"1, 6, true", "3, 3, true", "0, 3, false", "4, 3, false", "4, 7, false"})
    void aPartOrAUnitLiesWithinTheChart(int first, int last, boolean taken) {
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .splits(List.of(new SplitDraft("part", first, last)))
                        .build())))
                .isEqualTo(taken ? List.of() : List.of("/splits/0: " + first + "–" + last));
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .repeat(Optional.of(new RepeatDraft(first, last, Optional.empty(), Optional.empty(), "2")))
                        .build())))
                .isEqualTo(taken ? List.of() : Collections.nCopies(2, "/repeat: " + first + "–" + last));
    }

    @Test
    void ofAUnitTheLadysRowsAreCheckedInHerChart() {
        RepeatDraft unit = new RepeatDraft(1, 6, Optional.of(2), Optional.of(7), "2");

        assertThat(refused(
                        with(Charts.NO_VARIANTS.with().repeat(Optional.of(unit)).build())))
                .containsExactly("/repeat: 2–7");
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .repeat(Optional.of(unit.withLadyLast(Optional.of(6)).withTimes("often")))
                        .build())))
                .containsExactly("/repeat/times: often");
    }

    @Test
    void aPartHasANameAPurposeAndPlacesToStart() {
        SplitDraft split = new SplitDraft(" ", 1, 3, List.of("f LOD", "f the band"), Optional.of("fun"));

        assertThat(refused(with(Charts.NO_VARIANTS.with().splits(List.of(split)).build())))
                .containsExactly(
                        "/splits/0/name:  ", "/splits/0/startAlignments/1: f the band", "/splits/0/purpose: fun");
    }

    @Test
    void aVariationChangesRowsThatThereAreEachOnce() {
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .finishes(List.of(variation("wide", 1, 6)))
                        .build())))
                .isEmpty();
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .finishes(List.of(variation("wide", 0, 5, 5, 7)))
                        .build())))
                .containsExactly("/finishes/0/man/0/row: 0", "/finishes/0/man/2/row: 5", "/finishes/0/man/3/row: 7");
        RowDraft unreadable = new RowDraft(Map.of(Column.TURN, "5/7 R"));
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .entries(List.of(new VariationDraft(
                                "", List.of(), List.of(new RowChangeDraft(2, unreadable)), Optional.empty())))
                        .build())))
                .containsExactly("/entries/0/name: ", "/entries/0/lady/0/turn: 5/7");
    }

    @Test
    void aTimingIsReadForBothParts() {
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .timings(List.of(new TimingDraft("even", "1 2 3 1 2 3", "1 2 3 1 2 3")))
                        .build())))
                .isEmpty();
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .timings(List.of(new TimingDraft("swung", "1 2 soon 1 2 3", "1 2 3 1 2 3")))
                        .build())))
                .singleElement()
                .asString()
                .isEqualTo("/timings/0/man: soon");
    }

    @Test
    void aSchoolIsOneThatThereIs() {
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .manSchool(Optional.of("moonwalk"))
                        .schools(List.of(variation("moonwalk")))
                        .build())))
                .containsExactlyInAnyOrder("/schools/0/name: moonwalk", "/school/man: moonwalk");
    }

    @Test
    void aFigureCurvesByNoMoreThanAQuarter() {
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .usage(new UsageDraft(false, Optional.of("1/4"), Optional.empty(), Optional.empty()))
                        .build())))
                .isEmpty();
        assertThat(refused(with(Charts.NO_VARIANTS
                        .with()
                        .usage(new UsageDraft(false, Optional.of("5/16"), Optional.empty(), Optional.empty()))
                        .build())))
                .containsExactly("/curve: 5/16");
    }
}
