package fluidframe.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.time.Beats;
import org.junit.jupiter.api.Test;

/** Sixteen bars of three at two seconds a bar, marked by ear. */
class PieceMarksTest {

    private static final Piece PIECE = PieceReader.read("verse 8+8; 30 bars a minute; hit on 1 of bar 5", 3, 8)
            .piece()
            .orElseThrow();

    @Test
    void theNearestBeatBecomesOne() {
        PieceMarks.Marked later = PieceMarks.one(PIECE, 2.7);
        assertThat(later.later()).isCloseTo(2 / 3.0, within(1e-9));
        assertThat(later.piece().hits()).extracting(Hit::at).containsExactly(Beats.of(11));
        assertThat(PieceMarks.one(PIECE, 3.4).later()).isCloseTo(-2 / 3.0, within(1e-9));
        assertThat(PieceMarks.one(PIECE, 4.05))
                .returns(0.0, PieceMarks.Marked::later)
                .returns(PIECE, PieceMarks.Marked::piece);
    }

    @Test
    void aPhraseBeginsWithTheNearestBar() {
        assertThat(PieceMarks.phrase(PIECE, 9.8).sections().get(0).phrases()).containsExactly(5, 3, 8);
        assertThat(PieceMarks.phrase(PIECE, 15.9).sections().get(0).phrases()).containsExactly(8, 8);
    }

    @Test
    void aHitIsSetOnTheNearestHalfBeatAndTakenAwayAgain() {
        Piece struck = PieceMarks.hit(PIECE, 1.05, HitKind.STOP);
        assertThat(struck.hits()).contains(new Hit(new Beats(3 * Beats.TICKS_PER_BEAT / 2), HitKind.STOP));
        assertThat(PieceMarks.hit(struck, 0.95, HitKind.STOP)).isEqualTo(PIECE);
        assertThat(PieceMarks.hit(struck, 1, HitKind.SWELL).hits())
                .containsExactly(
                        new Hit(struck.hits().get(0).at(), HitKind.SWELL),
                        PIECE.hits().get(0));
        assertThatThrownBy(() -> PieceMarks.hit(PIECE, 33, HitKind.ACCENT)).hasMessageContaining("bars 1 to 16");
    }

    @Test
    void aBarLineIsDraggedAndNoOtherMoves() {
        Piece bent = PieceMarks.bend(PIECE, 4, 6.3);
        for (int bar = 1; bar <= 17; bar++) {
            assertThat(bent.tempo().seconds(PIECE.bar().times(bar - 1)))
                    .as("bar %d", bar)
                    .isCloseTo(bar == 4 ? 6.3 : 2.0 * (bar - 1), within(1e-9));
        }
        assertThatThrownBy(() -> PieceMarks.bend(PIECE, 4, 8.1)).hasMessageContaining("between 4.0 and 8.0");
        assertThatThrownBy(() -> PieceMarks.bend(PIECE, 1, 0.5)).hasMessageContaining("expected 2 to 17");
    }
}
