package fluidframe.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.link.Repertoire;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.MusicCut;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.replacing.Replacement;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Bars of a waltz on pieces whose fit can be counted on the fingers. */
class FitTest {

    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");
    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");
    private static final Figure TURN = SmallBook.turning("turn");
    private static final Repertoire BOOK = Repertoire.of(List.of(RIGHT, LEFT, TURN), Conditions.OPEN);

    private static Placement placed(Figure figure) {
        return Placement.of(Dancing.of(figure, Way.AS_CHARTED));
    }

    private static Piece piece(String line) {
        return PieceReader.read(line, 3, 8).piece().orElseThrow();
    }

    private static Fit fit(String line, int from, Placement... placements) {
        return Fit.of(Score.of(new Routine(
                        "test",
                        "Test",
                        Dances.find("waltz").orElseThrow(),
                        new Tempo(30),
                        Conditions.OPEN,
                        Arrays.asList(placements))
                .to(new Laying(piece(line), from))));
    }

    @Test
    void whatFitsHasNothingToMend() {
        Fit fit = fit("verse 2+2; 30 bars a minute", 1, placed(RIGHT), placed(LEFT), placed(RIGHT), placed(LEFT));
        assertThat(fit.misfits()).isEmpty();
        assertThat(fit.left()).isEqualTo(Beats.ZERO);
        assertThat(fit.phrases()).containsExactly(1, 3);
    }

    @Test
    void whatIsLeftIsCountedInBeatsAndInSecondsOfItsOwnTempo() {
        Fit fit = fit(
                "intro 1, verse 5; 30 bars a minute; 20 bars a minute from bar 5",
                2,
                placed(RIGHT),
                placed(LEFT),
                placed(RIGHT));
        assertThat(fit.misfits()).containsExactly(new Misfit.TooShort(Beats.of(6)));
        assertThat(fit.secondsLeft()).isEqualTo(6, within(1e-9));
        assertThat(fit.seconds(fit.begins())).isEqualTo(2, within(1e-9));
        assertThat(fit.sections()).extracting(SectionFit::danced).containsExactly(Beats.ZERO, Beats.of(9));
        assertThat(fit.sections()).extracting(SectionFit::silent).containsExactly(Beats.of(3), Beats.of(6));
        assertThat(fit.sections()).extracting(SectionFit::passages).containsExactly(List.of(), List.of(0, 1, 2));
    }

    @Test
    void aFigureOverAPhraseIsFoundWithWhatItLacks() {
        Fit fit =
                fit("verse 2, chorus 3; 30 bars a minute", 1, placed(LEFT), placed(TURN), placed(RIGHT), placed(LEFT));
        assertThat(fit.misfits()).containsExactly(new Misfit.Straddles(3, true, 1, Beats.of(3), Beats.of(3)));
    }

    @Test
    void hitsFallOnSteps() {
        Fit fit = fit(
                "verse 3; 30 bars a minute; hit on 2 of bar 2; hit on 1& of bar 3",
                1,
                placed(RIGHT),
                placed(LEFT),
                placed(RIGHT));
        assertThat(fit.hits()).extracting(HitFit::exact).containsExactly(true, false);
        assertThat(fit.hits().get(0).steps())
                .extracting(step -> step.part() + " " + step.placement() + " " + step.row())
                .containsExactly("MAN 1 1", "LADY 1 1");
        assertThat(fit.hits().get(1).steps())
                .extracting(step -> step.part() + " " + step.placement() + " " + step.row())
                .containsExactly("MAN 2 0", "LADY 2 0");
    }

    @Test
    void aHighlightWithoutItsHitIsFound() {
        Fit fit = fit(
                "verse 4; 30 bars a minute; hit bar 4",
                1,
                placed(RIGHT),
                placed(LEFT).withHighlight(true),
                placed(RIGHT),
                placed(LEFT));
        assertThat(fit.misfits())
                .hasSize(1)
                .first()
                .satisfies(misfit ->
                        assertThat(((Misfit.HighlightOffHit) misfit).away()).isEqualTo(Beats.of(-6)));
        assertThat(fit(
                                "verse 4; 30 bars a minute; hit bar 2",
                                1,
                                placed(RIGHT),
                                placed(LEFT).withHighlight(true),
                                placed(RIGHT),
                                placed(LEFT))
                        .misfits())
                .isEmpty();
    }

    @Test
    void musicOfAnotherTempoIsNamed() {
        assertThat(fit("verse 1; 60 bars a minute", 1, placed(RIGHT)).misfits())
                .containsExactly(new Misfit.UnusualTempo(60));
        assertThatThrownBy(() -> fit("in 4; verse 1; 30 bars a minute", 1, placed(RIGHT)))
                .hasMessageContaining("4 beats in a bar");
        assertThatThrownBy(() -> fit("verse 1; 30 bars a minute", 2, placed(RIGHT)))
                .hasMessageContaining("bars 1 to 1");
    }

    @Test
    void whatIsLeftIsFilledToTheBeatOrCutFromTheMusic() {
        Fit fit = fit("verse 2+2; 30 bars a minute", 1, placed(RIGHT), placed(LEFT));
        List<FitRepair> repairs = FitRepairs.of(fit.misfits().get(0), fit, BOOK, () -> false);
        assertThat(repairs)
                .hasAtLeastOneElementOfType(FitRepair.Danced.class)
                .hasAtLeastOneElementOfType(FitRepair.Cut.class);
        assertThat(danced(repairs))
                .allSatisfy(replacement -> assertThat(length(replacement)).isEqualTo(Beats.of(6)));
    }

    @Test
    void whatIsTooLongIsShortenedByExactlyThat() {
        Fit fit = fit("verse 3; 30 bars a minute", 1, placed(RIGHT), placed(LEFT), placed(RIGHT), placed(LEFT));
        assertThat(fit.misfits()).containsExactly(new Misfit.TooLong(Beats.of(3)));
        List<FitRepair> repairs = FitRepairs.of(fit.misfits().get(0), fit, BOOK, () -> false);
        assertThat(danced(repairs))
                .isNotEmpty()
                .allSatisfy(replacement -> assertThat(length(replacement))
                        .isEqualTo(Beats.of(3 * replacement.replaced()).minus(Beats.of(3))));
    }

    private static List<Replacement> danced(List<FitRepair> repairs) {
        return repairs.stream()
                .filter(FitRepair.Danced.class::isInstance)
                .map(repair -> ((FitRepair.Danced) repair).replacement())
                .toList();
    }

    private static Beats length(Replacement replacement) {
        return replacement.danced().stream().map(Item::length).reduce(Beats.ZERO, Beats::plus);
    }

    @Test
    void anUnusualTempoIsMendedByPlayingThePieceABitFasterOrSlowerAndNoMore() {
        Fit slow = fit("verse 1; 27 bars a minute", 1, placed(RIGHT));
        assertThat(FitRepairs.of(slow.misfits().get(0), slow, BOOK, () -> false))
                .singleElement()
                .satisfies(repair -> {
                    assertThat(repair.sentence()).isEqualTo("Play the piece 3.7 % faster, at 28 bars a minute.");
                    assertThat(slow.laying()
                                    .piece()
                                    .tempo()
                                    .times(((FitRepair.Paced) repair).factor())
                                    .opening())
                            .isEqualTo(28, within(1e-9));
                });
        Fit far = fit("verse 1; 60 bars a minute", 1, placed(RIGHT));
        assertThat(FitRepairs.of(far.misfits().get(0), far, BOOK, () -> false)).isEmpty();
    }

    @Test
    void aPhraseIsMetByOtherFiguresAroundIt() {
        Fit fit = fit("verse 2, chorus 2; 30 bars a minute", 1, placed(LEFT), placed(TURN), placed(RIGHT));
        List<FitRepair> repairs = FitRepairs.of(fit.misfits().get(0), fit, BOOK, () -> false);
        assertThat(repairs)
                .isNotEmpty()
                .first()
                .satisfies(repair -> assertThat(repair.sentence()).endsWith("bar 3 begins with a figure."));
    }

    @Test
    void aCutLeavesOutWhatLiesBetweenLikePlaces() {
        Piece piece = piece(
                "intro 4, verse 8, chorus 8, verse 8, end 4; 30 bars a minute; hit bar 7; hit bar 22; slowing to 20 over the last 4 bars");
        List<MusicCut> cuts = MusicCut.leavingOut(piece, 16);
        assertThat(cuts.get(0).like()).isEqualTo(MusicCut.Likeness.SAME_SECTION);
        assertThat(cuts).allSatisfy(cut -> assertThat(cut.bars()).isEqualTo(16));
        MusicCut cut = new MusicCut(5, 21, MusicCut.Likeness.SAME_SECTION);
        assertThat(cuts).contains(cut);
        Piece shorter = piece.without(cut.from(), cut.to());
        assertThat(shorter.bars()).isEqualTo(16);
        assertThat(shorter.hits()).extracting(hit -> hit.at()).containsExactly(Beats.of(15));
        assertThat(shorter.tempo().barsPerMinute(48)).isEqualTo(20, within(1e-9));
        assertThat(piece.seconds() - shorter.seconds()).isEqualTo(32, within(1e-9));
    }

    private static List<String> sentences(Fit fit) {
        return FitRepairs.of(fit.misfits().get(0), fit, BOOK, () -> false).stream()
                .map(FitRepair::sentence)
                .toList();
    }

    @Test
    void aLittleThatIsLeftMayBeHeldAndNoMoreThanThat() {
        assertThat(sentences(fit("verse 3; 30 bars a minute", 1, placed(RIGHT), placed(LEFT))))
                .contains("Hold the last figure for 3 beats.");
        assertThat(sentences(fit("verse 4; 30 bars a minute", 1, placed(RIGHT), placed(LEFT))))
                .contains("Hold the last figure for 6 beats.");
        assertThat(sentences(fit("verse 5; 30 bars a minute", 1, placed(RIGHT), placed(LEFT))))
                .noneMatch(sentence -> sentence.startsWith("Hold"))
                .allMatch(sentence -> sentence.endsWith("in the 3 bars that are left.") || sentence.startsWith("Cut"));
    }

    @Test
    void aHighlightThatComesEarlyIsHeldBack() {
        Fit early = fit(
                "verse 4; 30 bars a minute; hit bar 3",
                1,
                placed(RIGHT),
                placed(LEFT).withHighlight(true),
                placed(RIGHT));
        Misfit.HighlightOffHit off = early.misfits().stream()
                .filter(Misfit.HighlightOffHit.class::isInstance)
                .map(Misfit.HighlightOffHit.class::cast)
                .findFirst()
                .orElseThrow();
        List<FitRepair> repairs = FitRepairs.of(off, early, BOOK, () -> false);

        assertThat(off.away()).isEqualTo(Beats.of(-3));
        assertThat(repairs).extracting(FitRepair::sentence).contains("Hold for 3 beats before the left.");
        assertThat(repairs)
                .filteredOn(repair -> repair.sentence().startsWith("Hold"))
                .singleElement()
                .satisfies(repair -> {
                    Routine mended = ((FitRepair.Danced) repair).rewritten().routine();
                    assertThat(Fit.of(Score.of(mended.to(early.laying()))).misfits())
                            .noneMatch(Misfit.HighlightOffHit.class::isInstance);
                });
    }

    @Test
    void oneThatComesLateIsBroughtEarlierByOtherFiguresBeforeItAndNeverHeld() {
        Fit late = fit(
                "verse 4; 30 bars a minute; hit bar 2",
                1,
                placed(RIGHT),
                placed(LEFT),
                placed(RIGHT).withHighlight(true),
                placed(LEFT));
        Misfit.HighlightOffHit off = late.misfits().stream()
                .filter(Misfit.HighlightOffHit.class::isInstance)
                .map(Misfit.HighlightOffHit.class::cast)
                .findFirst()
                .orElseThrow();

        assertThat(off.away()).isEqualTo(Beats.of(3));
        assertThat(FitRepairs.of(off, late, BOOK, () -> false)).allSatisfy(repair -> {
            assertThat(repair.sentence()).doesNotStartWith("Hold");
            assertThat(((FitRepair.Danced) repair).replacement().to()).isLessThanOrEqualTo(2);
        });
    }

    @Test
    void whereOnlyAnotherPieceWouldHelpNothingIsOffered() {
        Fit fit = fit("verse 2; 30 bars a minute", 1, placed(RIGHT), placed(LEFT));

        assertThat(FitRepairs.of(new Misfit.OtherDance("tango"), fit, BOOK, () -> false))
                .isEmpty();
    }

    @Test
    void aPieceThatIsTooFastIsPlayedSlowerWhereItsRecordingBearsIt() {
        assertThat(sentences(fit("verse 1; 31 bars a minute", 1, placed(RIGHT))))
                .containsExactly("Play the piece 3.2 % slower, at 30 bars a minute.");
        assertThat(sentences(fit("verse 1; 20 bars a minute", 1, placed(RIGHT))))
                .isEmpty();
    }
}
