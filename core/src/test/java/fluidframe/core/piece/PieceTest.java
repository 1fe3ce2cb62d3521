package fluidframe.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.time.Beats;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A piece in bars and beats: what lies where, and what is left of it when bars are cut out. */
class PieceTest {

    private static final Beats BAR = Beats.of(3);

    private static Piece piece(String line) {
        return PieceReader.read(line, 3, 8).piece().orElseThrow();
    }

    private static final Piece PIECE = piece(
            "up-beat 1; intro 2, verse 4+4, chorus 4, verse 4; 30 bars a minute; hit bar 3; stop bar 12; \"now\" on 2 of bar 5; fade over the last 4 bars");

    @ParameterizedTest(name = "beat {0} is in bar {1}")
    @CsvSource({"0, 1", "2, 1", "3, 2", "-1, 0", "53, 18"})
    void aBeatIsInItsBar(int beat, int bar) {
        assertThat(PIECE.barOf(Beats.of(beat))).isEqualTo(bar);
    }

    @ParameterizedTest(name = "bar {0}: {1}, time {2}, from bar {3}")
    @CsvSource({
        "1, introduction, 1, 1",
        "2, introduction, 1, 1",
        "3, verse, 1, 3",
        "10, verse, 1, 3",
        "11, chorus, 1, 11",
        "15, verse, 2, 15",
        "18, verse, 2, 15",
        "19, verse, 2, 15"
    })
    void aBarIsInItsSection(int bar, String section, int times, int from) {
        Piece.Begun begun = PIECE.sectionOf(bar);

        assertThat(begun.section().name()).isEqualTo(section);
        assertThat(begun.times()).isEqualTo(times);
        assertThat(begun.bar()).isEqualTo(from);
    }

    @Test
    void itIsHeardFromItsUpBeatToItsEnd() {
        assertThat(PIECE.bars()).isEqualTo(18);
        assertThat(PIECE.length()).isEqualTo(BAR.times(18));
        assertThat(PIECE.seconds()).isEqualTo(36 + 2.0 / 3, within(1e-9));
        assertThat(PIECE.barLines()).hasSize(19).startsWith(0.0, 2.0).endsWith(36.0);
        assertThat(PIECE.phraseStarts()).containsExactly(1, 3, 7, 11, 15);
    }

    @Test
    void whatIsCutGoesWithItsBarsAndTheRestMovesUp() {
        Piece cut = PIECE.without(5, 13);

        assertThat(cut.sections())
                .extracting(section -> section.name() + " " + section.phrases())
                .containsExactly("introduction [2]", "verse [2]", "chorus [2]", "verse [4]");
        assertThat(cut.hits()).containsExactly(new Hit(BAR.times(2), HitKind.ACCENT));
        assertThat(cut.cueWords()).isEmpty();
        assertThat(cut.seconds()).isEqualTo(PIECE.seconds() - 16, within(1e-9));
        assertThat(PIECE.without(4, 5).cueWords())
                .containsExactly(new CueWord(BAR.times(3).plus(Beats.ONE), "now"));
        assertThat(PIECE.without(1, 16).fade()).isEqualTo(3);
    }

    @Test
    void aWholeSectionThatIsCutIsGone() {
        assertThat(PIECE.without(11, 15).sections())
                .extracting(PieceSection::name)
                .containsExactly("introduction", "verse", "verse");
        assertThat(PIECE.without(11, 15).begun()).extracting(Piece.Begun::times).containsExactly(1, 1, 2);
    }

    @Test
    void hitsAreInTheirOrderAndEachOnce() {
        List<Hit> hits = List.of(
                new Hit(Beats.of(9), HitKind.STOP),
                new Hit(Beats.of(3), HitKind.ACCENT),
                new Hit(Beats.of(9), HitKind.STOP));

        assertThat(PIECE.withHits(hits).hits()).extracting(Hit::at).containsExactly(Beats.of(3), Beats.of(9));
    }

    @Test
    void whatCannotBeAPieceIsNamed() {
        List<Hit> many = IntStream.rangeClosed(0, Piece.MOST_HITS)
                .mapToObj(i -> new Hit(new Beats(i), HitKind.ACCENT))
                .toList();
        List<PieceSection> long64 = Collections.nCopies(12, new PieceSection(SectionKind.VERSE, "", List.of(64)));

        assertThat(PIECE.withHits(many.subList(0, Piece.MOST_HITS)).hits()).hasSize(Piece.MOST_HITS);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> PIECE.withHits(many))
                .withMessage("more than 200 hits or cue words");
        assertThat(PIECE.withHits(List.of(new Hit(Beats.ZERO.minus(Beats.ONE), HitKind.ACCENT)))
                        .hits())
                .as("in the up-beat")
                .hasSize(1);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> PIECE.withHits(List.of(new Hit(Beats.of(-2), HitKind.ACCENT))))
                .withMessage("something in bar 0: the piece has bars 1 to 18");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> PIECE.withHits(List.of(new Hit(PIECE.length(), HitKind.ACCENT))))
                .withMessage("something in bar 19: the piece has bars 1 to 18");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> PIECE.withFade(19))
                .withMessage("a fade of 19 bars: the piece has 18");
        assertThatIllegalArgumentException().isThrownBy(() -> PIECE.withFade(-1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> PIECE.withSections(List.of()))
                .withMessage("a piece of 0 bars: expected 1 to 800");
        assertThat(PIECE.withSections(long64).bars()).isEqualTo(768);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> PIECE.withSections(
                        Collections.nCopies(13, new PieceSection(SectionKind.VERSE, "", List.of(64)))))
                .withMessage("a piece of 832 bars: expected 1 to 800");
    }
}
