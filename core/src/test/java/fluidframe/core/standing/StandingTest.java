package fluidframe.core.standing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.Charts;
import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Teaching;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Item;
import fluidframe.core.link.Repertoire;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.rules.DanceRule;
import fluidframe.core.rules.Division;
import fluidframe.core.rules.FigureRule;
import fluidframe.core.rules.HoldRule;
import fluidframe.core.rules.LengthRule;
import fluidframe.core.rules.Limits;
import fluidframe.core.rules.PartsRule;
import fluidframe.core.step.Action;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Waltzes of a few bars at 30 bars a minute, two seconds a bar, against rules whose numbers can be counted. */
class StandingTest {

    private static final Dance WALTZ = Dances.find("waltz").orElseThrow();
    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");
    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");
    private static final Figure GOLD = SmallBook.at(Level.GOLD, SmallBook.walk("gold", "LF", "LOD", ""));
    private static final Figure TURN = SmallBook.turning("turn");
    private static final Figure APART = apart();
    private static final Repertoire BOOK = Repertoire.of(List.of(RIGHT, LEFT, GOLD, TURN, APART), Conditions.OPEN);

    /** A bar that lets go on its second beat and takes hold again on the third, with a spin on the second. */
    private static Figure apart() {
        Figure figure = Charts.read(Charts.figure(
                "waltz",
                "1",
                Charts.chart(
                        "count|foot|footPosition|alignment|action|relation",
                        "1|RF|fwd|f LOD",
                        "2|LF|sd|||hold none",
                        "3|RF|cl|||hold closed"),
                Charts.chart(
                        "count|foot|footPosition|alignment|action|relation",
                        "1|LF|bk|b LOD",
                        "2|RF|sd||spin",
                        "3|LF|cl")));
        return figure.with().id("apart").title("apart").build();
    }

    private static Placement placed(Figure figure) {
        return Placement.of(Dancing.of(figure, Way.AS_CHARTED));
    }

    private static Placement placed(ElementKind kind, int beats) {
        return Placement.of(Element.of(kind, beats));
    }

    private static List<Placement> bars(int bars) {
        List<Placement> placements = new ArrayList<>();
        for (int i = 0; i < bars; i++) {
            placements.add(placed(i % 2 == 0 ? RIGHT : LEFT));
        }
        return placements;
    }

    private static Routine routine(List<Placement> placements) {
        return new Routine("test", "Test", WALTZ, new Tempo(30), Conditions.OPEN, placements);
    }

    private static Division division(LengthRule length, FigureRule figures, HoldRule hold) {
        return new Division(
                "Bronze", List.of(new DanceRule(WALTZ, Limits.of(28, 31))), length, figures, hold, 6, "", "");
    }

    private static Division lasting(Limits seconds) {
        return division(
                new LengthRule(seconds, Limits.NONE, Optional.empty(), Optional.empty()),
                FigureRule.OPEN,
                new HoldRule.Free());
    }

    private static Division dancing(FigureRule figures) {
        return division(LengthRule.FREE, figures, new HoldRule.Free());
    }

    private static Division holding(HoldRule hold) {
        return division(LengthRule.FREE, FigureRule.OPEN, hold);
    }

    private static Standing standing(Routine routine, Division division) {
        return Standing.of(Score.of(routine), division);
    }

    private static Ruling ruling(Rule rule, Routine routine, Division division) {
        return standing(routine, division).ruling(rule).orElseThrow();
    }

    private static List<RulingRepair> repairs(Rule rule, Routine routine, Division division) {
        Standing standing = standing(routine, division);
        List<RulingRepair> repairs =
                RulingRepairs.of(standing, standing.ruling(rule).orElseThrow(), 0, BOOK, () -> false);
        assertThat(repairs).isNotEmpty();
        return repairs;
    }

    private static Routine mended(RulingRepair repair) {
        return ((RulingRepair.Danced) repair).rewritten().routine();
    }

    @Test
    void lengthsAreHeldAgainstBothLimitsAndNearThemWithinTwoHundredths() {
        assertThat(ruling(Rule.SECONDS, routine(bars(45)), lasting(Limits.of(60, 90))))
                .returns(Stand.NEAR, Ruling::stand)
                .returns("90 seconds", Ruling::found);
        assertThat(ruling(Rule.SECONDS, routine(bars(44)), lasting(Limits.of(60, 90)))
                        .stand())
                .isEqualTo(Stand.HOLDS);
        assertThat(ruling(Rule.SECONDS, routine(bars(29)), lasting(Limits.of(60, 90)))
                        .stand())
                .isEqualTo(Stand.BREAKS);
        assertThat(ruling(Rule.SECONDS, routine(bars(46)), lasting(Limits.of(60, 90))))
                .returns(Stand.BREAKS, Ruling::stand)
                .satisfies(ruling ->
                        assertThat(ruling.places()).extracting(Place::bar).containsExactly(46));
    }

    @Test
    void whatIsTooLongIsShortenedByBarsOrByATempoThatIsAllowed() {
        List<RulingRepair> repairs = repairs(Rule.SECONDS, routine(bars(46)), lasting(Limits.of(60, 90)));
        assertThat(repairs.get(0))
                .isEqualTo(new RulingRepair.OtherTempo("Dance it at 31 bars a minute instead of 30.", 31));
        List<RulingRepair> slow = repairs(Rule.SECONDS, routine(bars(49)), lasting(Limits.of(60, 90)));
        assertThat(slow)
                .allSatisfy(repair -> assertThat(standing(mended(repair), lasting(Limits.of(60, 90)))
                                .ruling(Rule.SECONDS)
                                .orElseThrow()
                                .stand())
                        .isNotEqualTo(Stand.BREAKS));
    }

    @Test
    void whatIsTooShortIsDancedOnByTheFewestBars() {
        assertThat(repairs(Rule.SECONDS, routine(bars(24)), lasting(Limits.of(54, 90))))
                .allSatisfy(
                        repair -> assertThat(mended(repair).length().toDouble()).isEqualTo(27 * 3));
    }

    @Test
    void entryAndExitCountOnlyWhereTheyHaveATimeOfTheirOwn() {
        List<Placement> placements = new ArrayList<>(List.of(placed(ElementKind.BOW, 6)));
        placements.addAll(bars(4));
        placements.add(placed(ElementKind.POSE, 3));
        Routine routine = routine(placements);
        assertThat(ruling(Rule.SECONDS, routine, lasting(Limits.atMost(90))).found())
                .isEqualTo("14 seconds");
        Division apart = division(
                new LengthRule(Limits.atMost(90), Limits.NONE, Optional.of(3.0), Optional.of(2.0)),
                FigureRule.OPEN,
                new HoldRule.Free());
        assertThat(ruling(Rule.SECONDS, routine, apart).found()).isEqualTo("8 seconds");
        assertThat(ruling(Rule.ENTRY, routine, apart))
                .returns(Stand.BREAKS, Ruling::stand)
                .returns("4 seconds", Ruling::found);
        assertThat(ruling(Rule.EXIT, routine, apart).stand()).isEqualTo(Stand.NEAR);
        assertThat(repairs(Rule.ENTRY, routine, apart))
                .singleElement()
                .satisfies(repair -> assertThat(mended(repair).placements()).hasSize(5));
    }

    @Test
    void everyTempoOfThePieceCountsWhileSomethingIsDanced() {
        Routine slowing = routine(bars(4))
                .to(new Laying(
                        PieceReader.read("verse 4; 30 bars a minute; slowing to 20 over the last 2 bars", 3, 8)
                                .piece()
                                .orElseThrow(),
                        1));
        Ruling ruling = ruling(Rule.TEMPO, slowing, dancing(FigureRule.OPEN));
        assertThat(ruling).returns(Stand.BREAKS, Ruling::stand).returns("20 to 30 bars a minute", Ruling::found);
        assertThat(ruling.places()).extracting(Place::bar).containsExactly(3, 4);
        assertThat(ruling(Rule.TEMPO, routine(bars(2)), dancing(FigureRule.OPEN))
                        .stand())
                .isEqualTo(Stand.HOLDS);
        Routine fast = new Routine("test", "Test", WALTZ, new Tempo(33), Conditions.OPEN, bars(2));
        assertThat(repairs(Rule.TEMPO, fast, dancing(FigureRule.OPEN)))
                .containsExactly(new RulingRepair.OtherTempo("Dance it at 31 bars a minute instead of 33.", 31));
    }

    @Test
    void aFigureThatIsTooHighIsExchangedForOthersAsLong() {
        Routine routine = routine(List.of(placed(RIGHT), placed(GOLD), placed(RIGHT)));
        Division bronze = dancing(
                new FigureRule(Level.BRONZE, Set.of(), Set.of(), Set.of(), Set.of(), PartsRule.ANY, false, false));
        assertThat(ruling(Rule.LEVEL, routine, bronze))
                .returns("gold", Ruling::found)
                .satisfies(ruling ->
                        assertThat(ruling.places()).extracting(Place::what).containsExactly("gold"));
        List<RulingRepair> repairs = repairs(Rule.LEVEL, routine, bronze);
        assertThat(repairs.get(0).sentence()).isEqualTo("Dance left instead of gold.");
        assertThat(repairs).allSatisfy(repair -> {
            assertThat(mended(repair).length()).isEqualTo(routine.length());
            assertThat(standing(mended(repair), bronze).stand()).isNotEqualTo(Stand.BREAKS);
        });
    }

    @Test
    void whatIsDancedSeveralTimesIsExchangedEachTime() {
        List<Placement> placements =
                List.of(placed(RIGHT).beginning(new fluidframe.core.routine.Section("Verse", 2)), placed(GOLD));
        Division bronze = dancing(
                new FigureRule(Level.BRONZE, Set.of(), Set.of(), Set.of(), Set.of(), PartsRule.ANY, false, false));
        assertThat(repairs(Rule.LEVEL, routine(placements), bronze)).first().satisfies(repair -> {
            assertThat(mended(repair).placements()).hasSize(2);
            assertThat(standing(mended(repair), bronze).stand()).isNotEqualTo(Stand.BREAKS);
        });
    }

    @Test
    void listsOfFiguresElementsActionsAndPartsBind() {
        Item part = Dancing.of(TURN, Way.AS_CHARTED.withSplit("1–3"));
        Routine routine =
                routine(List.of(Placement.of(part), placed(LEFT), placed(ElementKind.HOLD, 3), placed(APART)));
        assertThat(ruling(
                                Rule.FIGURES,
                                routine,
                                dancing(new FigureRule(
                                        Level.OPEN,
                                        Set.of("turn", "apart"),
                                        Set.of(),
                                        Set.of(),
                                        Set.of(),
                                        PartsRule.ANY,
                                        false,
                                        false)))
                        .places())
                .extracting(Place::what)
                .containsExactly("left");
        assertThat(ruling(
                                Rule.FIGURES,
                                routine,
                                dancing(new FigureRule(
                                        Level.OPEN,
                                        Set.of(),
                                        Set.of("left"),
                                        Set.of(),
                                        Set.of(),
                                        PartsRule.ANY,
                                        false,
                                        false)))
                        .places())
                .hasSize(1);
        assertThat(ruling(
                                Rule.PARTS,
                                routine,
                                dancing(new FigureRule(
                                        Level.OPEN,
                                        Set.of(),
                                        Set.of(),
                                        Set.of(),
                                        Set.of(),
                                        PartsRule.WHOLE,
                                        false,
                                        false)))
                        .places())
                .extracting(Place::bar)
                .containsExactly(1);
        assertThat(ruling(
                                Rule.ELEMENTS,
                                routine,
                                dancing(new FigureRule(
                                        Level.OPEN,
                                        Set.of(),
                                        Set.of(),
                                        Set.of(ElementKind.HOLD),
                                        Set.of(),
                                        PartsRule.ANY,
                                        false,
                                        false)))
                        .places())
                .extracting(Place::bar)
                .containsExactly(3);
        Ruling spins = ruling(
                Rule.ACTIONS,
                routine,
                dancing(new FigureRule(
                        Level.OPEN, Set.of(), Set.of(), Set.of(), Set.of(Action.SPIN), PartsRule.ANY, false, false)));
        assertThat(spins.places())
                .singleElement()
                .returns(4, Place::bar)
                .returns(2, Place::beat)
                .returns(Optional.of(Part.LADY), Place::part)
                .returns(Optional.of(1), Place::row);
    }

    @Test
    void onlyListedFiguresFollowWhereTheSyllabusBinds() {
        Division listed =
                dancing(new FigureRule(Level.OPEN, Set.of(), Set.of(), Set.of(), Set.of(), PartsRule.ANY, true, false));
        Figure first = SmallBook.walk("first", "RF", "LOD", "", "second");
        Figure second = SmallBook.walk("second", "LF", "LOD", "");
        assertThat(ruling(Rule.SYLLABUS, routine(List.of(placed(first), placed(second))), listed)
                        .stand())
                .isEqualTo(Stand.HOLDS);
        assertThat(ruling(Rule.SYLLABUS, routine(List.of(placed(first), placed(second), placed(first))), listed)
                        .places())
                .extracting(Place::bar)
                .containsExactly(3);
    }

    @Test
    void aLiftNeedsLeave() {
        Figure lift = RIGHT.withTeaching(new Teaching(List.of(), List.of(), List.of(), List.of(Caution.LIFT)));
        assertThat(ruling(
                                Rule.LIFTS,
                                routine(List.of(placed(lift))),
                                dancing(new FigureRule(
                                        Level.OPEN,
                                        Set.of(),
                                        Set.of(),
                                        Set.of(),
                                        Set.of(),
                                        PartsRule.ANY,
                                        false,
                                        false)))
                        .stand())
                .isEqualTo(Stand.BREAKS);
        assertThat(standing(
                                routine(List.of(placed(lift))),
                                dancing(new FigureRule(
                                        Level.OPEN,
                                        Set.of(),
                                        Set.of(),
                                        Set.of(),
                                        Set.of(),
                                        PartsRule.ANY,
                                        false,
                                        true)))
                        .ruling(Rule.LIFTS))
                .isEmpty();
    }

    @Test
    void holdIsCountedFromLettingGoToTakingAgain() {
        Routine routine = routine(List.of(placed(LEFT), placed(APART), placed(LEFT), placed(APART)));
        Ruling twice = ruling(Rule.HOLD, routine, holding(new HoldRule.Apart(Optional.of(0.7), Optional.of(1.0))));
        assertThat(twice)
                .returns(Stand.BREAKS, Ruling::stand)
                .returns("apart for 1.3 seconds, 0.7 at once", Ruling::found);
        assertThat(twice.places()).extracting(Place::bar).containsExactly(2, 4);
        assertThat(ruling(Rule.HOLD, routine, holding(new HoldRule.Apart(Optional.of(0.7), Optional.of(1.5))))
                        .stand())
                .isEqualTo(Stand.HOLDS);
        assertThat(ruling(Rule.HOLD, routine, holding(new HoldRule.Apart(Optional.of(2 / 3.0), Optional.empty())))
                        .stand())
                .isEqualTo(Stand.NEAR);
        assertThat(ruling(Rule.HOLD, routine, holding(new HoldRule.Kept())).places())
                .extracting(Place::bar, Place::beat)
                .contains(org.assertj.core.groups.Tuple.tuple(2, 2))
                .doesNotContain(org.assertj.core.groups.Tuple.tuple(2, 3));
        assertThat(repairs(Rule.HOLD, routine, holding(new HoldRule.Kept())))
                .first()
                .satisfies(repair -> assertThat(repair.sentence()).doesNotContain("Dance apart"));
    }

    @Test
    void anotherDanceIsNone() {
        Division tango = new Division(
                "Tango",
                List.of(new DanceRule(Dances.find("tango").orElseThrow(), Limits.NONE)),
                LengthRule.FREE,
                FigureRule.OPEN,
                new HoldRule.Free(),
                6,
                "",
                "");
        assertThat(ruling(Rule.DANCE, routine(bars(1)), tango))
                .returns(Stand.BREAKS, Ruling::stand)
                .returns("Waltz", Ruling::found)
                .returns("Tango", Ruling::wanted);
    }

    @Test
    void limitsAndDivisionsThatCannotBeAreRefused() {
        assertThatThrownBy(() -> Limits.of(90, 60)).hasMessage("the least, 90, is more than the most, 60");
        assertThatThrownBy(() -> Limits.atMost(Double.NaN)).hasMessageContaining("nothing or more");
        assertThatThrownBy(() -> new Division(
                        "x", Collections.emptyList(), LengthRule.FREE, FigureRule.OPEN, new HoldRule.Free(), 6, "", ""))
                .hasMessageContaining("1 to 10 different dances");
    }

    @Test
    void barsAreHeldAgainstTheirLimitsAndMendedByTheFewest() {
        Division bars = division(
                new LengthRule(Limits.NONE, Limits.of(16, 24), Optional.empty(), Optional.empty()),
                FigureRule.OPEN,
                new HoldRule.Free());
        assertThat(ruling(Rule.BARS, routine(bars(20)), bars))
                .returns(Stand.HOLDS, Ruling::stand)
                .returns("20 bars", Ruling::found);
        assertThat(ruling(Rule.BARS, routine(bars(24)), bars).stand()).isEqualTo(Stand.NEAR);
        assertThat(ruling(Rule.BARS, routine(bars(25)), bars))
                .returns(Stand.BREAKS, Ruling::stand)
                .satisfies(ruling ->
                        assertThat(ruling.places()).extracting(Place::bar).containsExactly(25));
        assertThat(ruling(Rule.BARS, routine(bars(15)), bars))
                .returns(Stand.BREAKS, Ruling::stand)
                .satisfies(ruling -> assertThat(ruling.places()).isEmpty());
        assertThat(repairs(Rule.BARS, routine(bars(26)), bars).stream().filter(RulingRepair.Danced.class::isInstance))
                .isNotEmpty()
                .allSatisfy(
                        repair -> assertThat(mended(repair).length().toDouble()).isEqualTo(24 * 3));
        assertThat(repairs(Rule.BARS, routine(bars(14)), bars).stream().filter(RulingRepair.Danced.class::isInstance))
                .isNotEmpty()
                .allSatisfy(
                        repair -> assertThat(mended(repair).length().toDouble()).isEqualTo(16 * 3));
    }

    @Test
    void limitsWithoutRoomBetweenHaveNothingThatIsNear() {
        assertThat(ruling(Rule.SECONDS, routine(bars(45)), lasting(Limits.of(90, 90)))
                        .stand())
                .isEqualTo(Stand.HOLDS);
        Division oneTempo = new Division(
                "Bronze",
                List.of(new DanceRule(WALTZ, Limits.of(30, 30))),
                LengthRule.FREE,
                FigureRule.OPEN,
                new HoldRule.Free(),
                6,
                "",
                "");
        assertThat(ruling(Rule.TEMPO, routine(bars(2)), oneTempo).stand()).isEqualTo(Stand.HOLDS);
    }

    @Test
    void aTempoCloseToALimitIsNear() {
        Division narrow = new Division(
                "Bronze",
                List.of(new DanceRule(WALTZ, Limits.of(29.6, 33))),
                LengthRule.FREE,
                FigureRule.OPEN,
                new HoldRule.Free(),
                6,
                "",
                "");
        assertThat(ruling(Rule.TEMPO, routine(bars(2)), narrow))
                .returns(Stand.NEAR, Ruling::stand)
                .returns("30 bars a minute", Ruling::found);
        Division wide = new Division(
                "Bronze",
                List.of(new DanceRule(WALTZ, Limits.of(29.5, 33))),
                LengthRule.FREE,
                FigureRule.OPEN,
                new HoldRule.Free(),
                6,
                "",
                "");
        assertThat(ruling(Rule.TEMPO, routine(bars(2)), wide).stand()).isEqualTo(Stand.HOLDS);
    }

    @Test
    void whatHoldsOrIsNearNeedsNoMending() {
        for (int each : List.of(44, 45)) {
            Standing standing = standing(routine(bars(each)), lasting(Limits.of(60, 90)));
            assertThat(RulingRepairs.of(standing, standing.ruling(Rule.SECONDS).orElseThrow(), 0, BOOK, () -> false))
                    .isEmpty();
        }
    }

    @Test
    void aPieceHasItsOwnTempoAndNoOtherIsOffered() {
        Routine laid = routine(bars(4))
                .to(new Laying(
                        PieceReader.read("verse 4; 33 bars a minute", 3, 8)
                                .piece()
                                .orElseThrow(),
                        1));
        Standing standing = standing(laid, dancing(FigureRule.OPEN));
        assertThat(standing.ruling(Rule.TEMPO).orElseThrow().stand()).isEqualTo(Stand.BREAKS);
        assertThat(RulingRepairs.of(standing, standing.ruling(Rule.TEMPO).orElseThrow(), 0, BOOK, () -> false))
                .isEmpty();
    }
}
