package fluidframe.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A waltz of five parts, played from beginning to end. */
class ArrangementTest {

    private static final Dance WALTZ = Dances.find("waltz").orElseThrow();
    private static final Piece PIECE = PieceReader.read("intro 1, verse 2, bridge 1, break 1, chorus 2, end 1; 30 bars a minute; stop on 2 of bar 3; accent bar 6", 3, 8).piece().orElseThrow();

    private static List<Cue> played(int bar) {
        Laying laying = new Laying(PIECE, 1);
        return new Band(WALTZ.music().groove(), laying.map(), Optional.of(laying)).play(Beats.of(3 * (bar - 1)), Beats.of(3));
    }

    private static double loudest(List<Cue> cues) {
        return cues.stream().filter(cue -> cue.sound() instanceof Sound.Chord).mapToDouble(Cue::gain).max().orElse(0);
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
        int verse = ((Sound.Chord) played(2).stream().map(Cue::sound).filter(Sound.Chord.class::isInstance).findFirst().orElseThrow()).root();
        int bridge = ((Sound.Chord) played(4).stream().map(Cue::sound).filter(Sound.Chord.class::isInstance).findFirst().orElseThrow()).root();
        assertThat(bridge - verse).isEqualTo(5);
    }

    @Test
    void aStopIsStruckAndThenSilent() {
        List<Cue> bar = played(3);
        assertThat(bar).filteredOn(cue -> cue.at().equals(Beats.ONE)).anyMatch(cue -> cue.gain() == 1);
        assertThat(bar).noneMatch(cue -> cue.at().compareTo(Beats.ONE) > 0);
        assertThat(played(6)).filteredOn(cue -> cue.at().equals(Beats.ZERO)).extracting(Cue::gain).anyMatch(gain -> gain == 1);
    }

    @Test
    void nothingIsPlayedAfterTheEndAndAFadeGrowsSofter() {
        assertThat(played(9)).isEmpty();
        Piece fading = PieceReader.read("verse 4; 30 bars a minute; fade over the last 3 bars", 3, 8).piece().orElseThrow();
        Laying laying = new Laying(fading, 1);
        Band band = new Band(WALTZ.music().groove(), laying.map(), Optional.of(laying));
        double first = loudest(band.play(Beats.ZERO, Beats.of(3)));
        assertThat(loudest(band.play(Beats.of(6), Beats.of(3)))).isEqualTo(first / 2, within(1e-9));
    }
}
