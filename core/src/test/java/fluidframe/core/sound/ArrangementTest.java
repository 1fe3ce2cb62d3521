package fluidframe.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.NotesReader;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.piece.WrittenNotes;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A waltz of five parts, played from beginning to end. */
class ArrangementTest {

    private static final Dance WALTZ = Dances.find("waltz").orElseThrow();
    private static final Piece PIECE = PieceReader.read(
                    "intro 1, verse 2, bridge 1, break 1, chorus 2, end 1; 30 bars a minute; stop on 2 of bar 3; accent bar 6",
                    3,
                    8)
            .piece()
            .orElseThrow();

    private static List<Cue> played(int bar) {
        Laying laying = new Laying(PIECE, 1);
        return new Band(WALTZ.music().groove(), laying.map(), Optional.of(laying))
                .play(Beats.of(3 * (bar - 1)), Beats.ZERO, Beats.of(3));
    }

    private static double loudest(List<Cue> cues) {
        return cues.stream()
                .filter(cue -> cue.sound() instanceof Sound.Chord)
                .mapToDouble(Cue::gain)
                .max()
                .orElse(0);
    }

    @Test
    void itsPartsAreToldApart() {
        assertThat(played(1)).noneMatch(cue -> cue.sound() instanceof Sound.Bass);
        assertThat(played(2)).anyMatch(cue -> cue.sound() instanceof Sound.Bass);
        assertThat(played(5)).isNotEmpty().allMatch(cue -> cue.sound() instanceof Sound.Drum);
        assertThat(loudest(played(7))).isGreaterThan(loudest(played(2)));
        assertThat(loudest(played(1))).isLessThan(loudest(played(2)));
        assertThat(played(8)).isNotEmpty().allMatch(cue -> cue.at().equals(Beats.ZERO));
    }

    @Test
    void aBridgeIsAFourthHigher() {
        int verse = ((Sound.Chord) played(2).stream()
                        .map(Cue::sound)
                        .filter(Sound.Chord.class::isInstance)
                        .findFirst()
                        .orElseThrow())
                .root();
        int bridge = ((Sound.Chord) played(4).stream()
                        .map(Cue::sound)
                        .filter(Sound.Chord.class::isInstance)
                        .findFirst()
                        .orElseThrow())
                .root();
        assertThat(bridge - verse).isEqualTo(5);
    }

    @Test
    void aStopIsStruckAndThenSilent() {
        List<Cue> bar = played(3);
        assertThat(bar).filteredOn(cue -> cue.at().equals(Beats.ONE)).anyMatch(cue -> cue.gain() == 1);
        assertThat(bar).noneMatch(cue -> cue.at().compareTo(Beats.ONE) > 0);
        assertThat(played(6))
                .filteredOn(cue -> cue.at().equals(Beats.ZERO))
                .extracting(Cue::gain)
                .anyMatch(gain -> gain == 1);
    }

    @Test
    void anUpBeatIsPlayedBeforeTheFirstBarLineAndEndsTheCountIn() {
        Piece piece = PieceReader.read("up-beat 1, verse 4; 30 bars a minute", 3, 8)
                .piece()
                .orElseThrow();
        Track alone = Track.of(piece, WALTZ);
        assertThat(alone.countIn()).isEqualTo(Beats.ONE);
        assertThat(alone.cues().get(0).at()).isEqualTo(Beats.ZERO.minus(Beats.ONE));
        assertThat(alone.seconds(piece.length(), 100)).isEqualTo(piece.seconds(), within(1e-9));

        Routine routine = new Routine(
                "r",
                "R",
                WALTZ,
                new Tempo(30),
                Conditions.OPEN,
                List.of(Placement.of(Element.of(ElementKind.HOLD, 12))));
        assertThat(playedBeforeBarOne(routine.to(new Laying(piece, 1)), 1))
                .containsExactly(Beats.ZERO.minus(Beats.ONE));
        assertThat(playedBeforeBarOne(routine.to(new Laying(piece, 1)), 0)).isEmpty();
        assertThat(playedBeforeBarOne(routine.to(new Laying(piece, 2)), 1)).isEmpty();
        assertThat(playedBeforeBarOne(routine, 1)).isEmpty();
    }

    /** When the band is heard in the count-in, on whole beats. */
    private static Set<Beats> playedBeforeBarOne(Routine routine, int countInBars) {
        Score score = Score.of(routine);
        return Track.of(
                        score,
                        new TrackWish(Beats.ZERO, score.length(), countInBars, Part.MAN, Counting.BEATS, 0, 0, 1))
                .cues()
                .stream()
                .filter(cue -> cue.gain() > 0
                        && cue.at().compareTo(Beats.ZERO) < 0
                        && cue.at().ticks() % Beats.TICKS_PER_BEAT == 0)
                .map(Cue::at)
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "up-beat 1, ", "up-beat half, ", "up-beat 2, "})
    void whatTheBandWritesReadsBackBarForBar(String opening) {
        Piece piece = PieceReader.read(
                        opening + "verse 8, chorus 9; 30 bars a minute; 20 bars a minute from bar 5", 3, 8)
                .piece()
                .orElseThrow();
        Piece read = NotesReader.read(WrittenNotes.file(MidiScore.of(Track.of(piece, WALTZ), WALTZ.rhythm(), 100)), 8)
                .piece()
                .orElseThrow();
        assertThat(read.upBeat()).isEqualTo(piece.upBeat());
        assertThat(read.bars()).isEqualTo(piece.bars());
        assertThat(read.barLines().get(10)).isCloseTo(piece.barLines().get(10), within(0.001));
    }

    @Test
    void nothingIsPlayedAfterTheEndAndAFadeGrowsSofter() {
        assertThat(played(9)).isEmpty();
        Piece fading = PieceReader.read("verse 4; 30 bars a minute; fade over the last 3 bars", 3, 8)
                .piece()
                .orElseThrow();
        Laying laying = new Laying(fading, 1);
        Band band = new Band(WALTZ.music().groove(), laying.map(), Optional.of(laying));
        double first = loudest(band.play(Beats.ZERO, Beats.ZERO, Beats.of(3)));
        assertThat(loudest(band.play(Beats.of(6), Beats.ZERO, Beats.of(3)))).isEqualTo(first / 2, within(1e-9));
    }
}
