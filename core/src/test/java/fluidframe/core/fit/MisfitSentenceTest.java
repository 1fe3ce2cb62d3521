package fluidframe.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.piece.Hit;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What does not fit, in the words of a coach: whole bars and beats, which bar, before or after. */
class MisfitSentenceTest {

    private static final Beats BAR = Beats.of(3);
    private static final Piece PIECE = PieceReader.read(
                    "verse 2, chorus 2; 30 bars a minute; hit bar 2; stop bar 4", 3, 8)
            .piece()
            .orElseThrow()
            .withTitle("Harbour Lights");
    private static final Fit FIT = fit();

    private static Fit fit() {
        List<Figure> danced = List.of(SmallBook.walk("Left Walk", "LF", "LOD", ""), SmallBook.turning("Turn"));
        List<Placement> placements = danced.stream()
                .map(figure -> Placement.of(Dancing.of(figure, Way.AS_CHARTED)))
                .toList();
        return Fit.of(Score.of(new Routine(
                        "test", "Test", Dances.find("waltz").orElseThrow(), new Tempo(30), Conditions.OPEN, placements)
                .to(new Laying(PIECE, 1))));
    }

    private static String said(Misfit misfit) {
        return MisfitSentence.of(misfit, FIT);
    }

    private static Hit hitOfBar(int bar) {
        return PIECE.hits().stream()
                .filter(hit -> PIECE.barOf(hit.at()) == bar)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0} beats: {1}")
    @CsvSource({
        "3, 1 bar",
        "6, 2 bars",
        "1, 1 beat",
        "2, 2 beats",
        "4, 1 bar and 1 beat",
        "8, 2 bars and 2 beats",
        "0, 0 bars"
    })
    void aLengthIsSaidInBarsAndBeats(int beats, String words) {
        assertThat(MisfitSentence.length(Beats.of(beats), BAR)).isEqualTo(words);
    }

    @Test
    void halfABeatIsSaidAsOne() {
        assertThat(MisfitSentence.length(Beats.HALF, BAR)).isEqualTo("1/2 beat");
    }

    @Test
    void howMuchIsLeftOrTooMuchIsSaid() {
        assertThat(said(new Misfit.TooLong(Beats.of(4))))
                .isEqualTo("The routine goes on for 1 bar and 1 beat after the music has ended.");
        assertThat(said(new Misfit.TooShort(BAR))).isEqualTo("1 bar of music are left, 2 seconds.");
    }

    @Test
    void aFigureOverAPhraseIsNamedWithWhatBegins() {
        assertThat(said(new Misfit.Straddles(3, true, 1, BAR, BAR)))
                .isEqualTo("The Turn goes over bar 3, where the chorus begins: 1 bar before it, 1 bar after.");
        assertThat(said(new Misfit.Straddles(3, false, 0, Beats.of(1), Beats.of(2))))
                .isEqualTo("The Left Walk goes over bar 3, where a phrase begins: 1 beat before it, 2 beats after.");
    }

    @Test
    void aHighlightIsSaidToBeEarlyOrLate() {
        assertThat(said(new Misfit.HighlightOffHit(1, hitOfBar(4), Beats.ZERO.minus(Beats.of(4)))))
                .isEqualTo("The Turn is a highlight, and begins 1 bar and 1 beat before the stop of bar 4.");
        assertThat(said(new Misfit.HighlightOffHit(0, hitOfBar(2), Beats.of(2))))
                .isEqualTo("The Left Walk is a highlight, and begins 2 beats after the accent of bar 2.");
    }

    @Test
    void anotherTempoAndAnotherDanceAreSaidWithWhatIsUsual() {
        assertThat(said(new Misfit.UnusualTempo(40)))
                .isEqualTo("The piece goes at 40 bars a minute; this dance is usually danced at 28 to 30.");
        assertThat(said(new Misfit.UnusualTempo(26.54))).startsWith("The piece goes at 26.5 bars");
        assertThat(said(new Misfit.OtherDance("viennese-waltz")))
                .isEqualTo("Harbour Lights is not marked as music for the Viennese Waltz.");
        assertThat(said(new Misfit.OtherDance("mazurka")))
                .isEqualTo("Harbour Lights is not marked as music for the mazurka.");
    }

    @Test
    void whatIsFoundOfThisRoutineIsSaid() {
        assertThat(FIT.misfits())
                .extracting(MisfitSentenceTest::said)
                .containsExactlyElementsOf(Stream.of(
                                "1 bar of music are left, 2 seconds.",
                                "The Turn goes over bar 3, where the chorus begins: 1 bar before it, 1 bar after.")
                        .toList());
    }
}
