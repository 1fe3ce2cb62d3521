package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.figure.Mute;
import fluidframe.core.notation.FigureDraft.RelationDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.TimingDraft;
import fluidframe.core.notation.FigureDraft.UsageDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** In what two descriptions of a figure differ. */
class DraftDifferenceTest {

    private static final FigureDraft ONE = Charts.naturalTurn();
    private static final RelationDraft PROMENADE = Charts.relation("PP; closed; close");
    private static final RowDraft WIDER = new RowDraft(Map.of(Column.FOOT_POSITION, "sd small"));

    /** The same figure with another thing in it, by what is another. */
    private static final Map<String, FigureDraft> OTHERS = Map.ofEntries(
            Map.entry("dance", ONE.withDance("foxtrot")),
            Map.entry("feel", ONE.withFeel(Optional.of("triplet"))),
            Map.entry("title", ONE.withTitle("Right Turn")),
            Map.entry("otherNames", ONE.withOtherNames(List.of("Right Turn"))),
            Map.entry("level", ONE.withLevel("silver")),
            Map.entry("bars", ONE.withBars("3")),
            Map.entry("start", ONE.withStart(PROMENADE)),
            Map.entry("end", ONE.withEnd(PROMENADE)),
            Map.entry("startAlignments", ONE.withStartAlignments(List.of("f LOD"))),
            Map.entry("insistsOnAlignment", ONE.withInsistsOnAlignment(true)),
            Map.entry("man", ONE.withMan(Charts.rows("1|RF|fwd|f DW"))),
            Map.entry("lady", ONE.withLady(List.of())),
            Map.entry(
                    "variants",
                    ONE.withVariants(Charts.NO_VARIANTS
                            .with()
                            .splits(List.of(new SplitDraft("1–3", 1, 3)))
                            .build())),
            Map.entry("follows", ONE.withFollows(List.of("whisk"))),
            Map.entry("precedes", ONE.withPrecedes(List.of("whisk"))),
            Map.entry("cues", ONE.withCues(List.of("Turn early"))),
            Map.entry("faults", ONE.withFaults(List.of("Too late"))),
            Map.entry("drills", ONE.withDrills(List.of("Alone"))),
            Map.entry("cautions", ONE.withCautions(List.of("warm-up"))),
            Map.entry("lastRead", ONE.withLastRead(Optional.of("2026-11-26"))),
            Map.entry("sameFoot", ONE.withSameFoot(true)),
            Map.entry("mutes", ONE.withMutes(List.of(new Mute("A1", "/man/2/turn", "so taught")))),
            Map.entry("derived", ONE.withDerived(List.of("/lady/0"))));

    private static final Map<String, VariantsDraft> OTHER_VARIANTS = Map.of(
            "timings",
                    Charts.NO_VARIANTS
                            .with()
                            .timings(List.of(new TimingDraft("even", "1 2 3 1 2 3", "1 2 3 1 2 3")))
                            .build(),
            "splits",
                    Charts.NO_VARIANTS
                            .with()
                            .splits(List.of(new SplitDraft("1–3", 1, 3)))
                            .build(),
            "finishes",
                    Charts.NO_VARIANTS
                            .with()
                            .finishes(List.of(new VariationDraft("to LOD", List.of(), List.of(), Optional.empty())))
                            .build(),
            "repeat",
                    Charts.NO_VARIANTS
                            .with()
                            .repeat(Optional.of(new RepeatDraft(1, 6, Optional.empty(), Optional.empty(), "2")))
                            .build(),
            "manSchool",
                    Charts.NO_VARIANTS
                            .with()
                            .manSchool(Optional.of("inside edge"))
                            .build(),
            "ladySchool",
                    Charts.NO_VARIANTS
                            .with()
                            .ladySchool(Optional.of("inside edge"))
                            .build(),
            "schools",
                    Charts.NO_VARIANTS
                            .with()
                            .schools(List.of(new VariationDraft("inside edge", List.of(), List.of(), Optional.empty())))
                            .build(),
            "entries",
                    Charts.NO_VARIANTS
                            .with()
                            .entries(List.of(new VariationDraft(
                                    "from PP", List.of(), List.of(), Optional.of(PROMENADE), Optional.empty())))
                            .build(),
            "usage",
                    Charts.NO_VARIANTS
                            .with()
                            .usage(new UsageDraft(true, Optional.of("1/8"), Optional.of(true), Optional.of(false)))
                            .build());

    private static List<String> said(FigureDraft other) {
        return DraftDifference.between(ONE, other).stream()
                .map(difference -> difference.place().pointer() + " " + difference.one() + " > " + difference.other())
                .toList();
    }

    private static List<String> saidOf(VariantsDraft variants) {
        return said(ONE.withVariants(variants));
    }

    /** Whatever is added to a figure, a difference in it must be told: two that differ in nothing are the same. */
    static Stream<String> everythingButItsName() {
        return components(FigureDraft.class).filter(name -> !name.equals("id"));
    }

    static Stream<String> everyVariant() {
        return components(VariantsDraft.class);
    }

    private static Stream<String> components(Class<?> draft) {
        return Arrays.stream(draft.getRecordComponents()).map(RecordComponent::getName);
    }

    @ParameterizedTest
    @MethodSource("everythingButItsName")
    void whateverDiffersIsTold(String what) {
        assertThat(OTHERS).containsKey(what);
        assertThat(said(OTHERS.get(what))).isNotEmpty();
        assertThat(DraftDifference.between(OTHERS.get(what), OTHERS.get(what))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("everyVariant")
    void soIsEveryOtherWayOfDancingIt(String what) {
        assertThat(OTHER_VARIANTS).containsKey(what);
        assertThat(saidOf(OTHER_VARIANTS.get(what))).hasSize(1);
    }

    @Test
    void aCellThatDiffersIsNamedByItsPlace() {
        FigureDraft other = ONE.withMan(Charts.rows(
                "1|RF|fwd|f DW",
                "2|LF|sd|b DC|3/8 R",
                "3|RF|cl|b LOD|1/8 R",
                "1|LF|bk|b LOD",
                "2|RF|sd|p DC|3/8 R, body less",
                "3|LF|cl|f DC|body completes"));

        assertThat(said(other)).containsExactly("/man/1/turn 1/4 R > 3/8 R");
    }

    @Test
    void aRowThatOnlyOneHasIsToldCellByCell() {
        FigureDraft shorter = ONE.withMan(ONE.man().subList(0, 5));

        assertThat(said(shorter))
                .containsExactly(
                        "/man/5/count 3 > ",
                        "/man/5/foot LF > ",
                        "/man/5/footPosition cl > ",
                        "/man/5/alignment f DC > ",
                        "/man/5/turn body completes > ");
        assertThat(DraftDifference.between(shorter, ONE))
                .extracting(DraftDifference::one)
                .containsOnly("");
    }

    @Test
    void textsAreToldOneByOne() {
        FigureDraft told = ONE.withCues(List.of("Turn early", "Head left"));

        assertThat(DraftDifference.between(told, told.withCues(List.of("Turn early", "Head right", "Breathe"))))
                .extracting(difference ->
                        difference.place().pointer() + " " + difference.one() + " > " + difference.other())
                .containsExactly("/cues/1 Head left > Head right", "/cues/2  > Breathe");
    }

    @Test
    void otherWaysAreToldInWords() {
        assertThat(saidOf(OTHER_VARIANTS.get("timings")))
                .containsExactly("/timings  > even: 1 2 3 1 2 3 and 1 2 3 1 2 3");
        assertThat(saidOf(OTHER_VARIANTS.get("repeat"))).containsExactly("/repeat  > steps 1 to 6, 2 times");
        assertThat(saidOf(OTHER_VARIANTS.get("entries")))
                .containsExactly(
                        "/entries  > from PP: man as charted; lady as charted; begins in PP, hold closed, close");
        assertThat(saidOf(OTHER_VARIANTS.get("usage")))
                .containsExactly("/usage  > from either foot, curves by 1/8, begins routine, ends no routine");
        assertThat(saidOf(Charts.NO_VARIANTS
                        .with()
                        .splits(List.of(new SplitDraft("1–3", 1, 3, List.of("f LOD", "f DC"), Optional.of("link"))))
                        .build()))
                .containsExactly("/splits  > 1–3: steps 1 to 3 from f LOD, f DC, link");
        assertThat(saidOf(Charts.NO_VARIANTS
                        .with()
                        .finishes(List.of(new VariationDraft(
                                "wide", List.of(new RowChangeDraft(5, WIDER)), List.of(), Optional.of(PROMENADE))))
                        .build()))
                .containsExactly(
                        "/finishes  > wide: man step 5 [sd small]; lady as charted; ends in PP, hold closed, close");
        assertThat(said(ONE.withMutes(List.of(new Mute("A1", "", "so taught"), new Mute("F2", "/man/0", "small")))))
                .containsExactly("/mutes  > A1: so taught; F2 at /man/0: small");
    }
}
