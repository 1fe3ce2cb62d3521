package fluidframe.core.music;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class MusicMapTest {

    private static final Beats BAR = Beats.of(3);
    private static final Tempo TEMPO = new Tempo(29);

    @Test
    void plainMusicHasPhrasesOfTheSameLengthForEver() {
        MusicMap plain = MusicMap.plain(BAR, 8, TEMPO);
        assertThat(IntStream.of(1, 8, 9, 16, 17, 801).map(plain::barOfPhrase)).containsExactly(1, 8, 1, 8, 1, 1);
        assertThat(plain.startsPhrase(BAR.times(8))).isTrue();
        assertThat(plain.startsPhrase(BAR.times(7))).isFalse();
        assertThat(plain.startsPhrase(BAR.times(8).plus(Beats.ONE))).isFalse();
    }

    @Test
    void phrasesMayDifferAndTheLastGoesOn() {
        MusicMap piece = new MusicMap(
                BAR, Beats.ONE, List.of(8, 10, 4), List.of(), TempoMap.steady(BAR, TEMPO), new TreeSet<>());
        assertThat(IntStream.rangeClosed(1, 40).filter(bar -> piece.barOfPhrase(bar) == 1))
                .containsExactly(1, 9, 19, 23, 27, 31, 35, 39);
        assertThat(piece.barOfPhrase(18)).isEqualTo(10);
    }

    @Test
    void barsBeforeTheFirstLeadUpToIt() {
        MusicMap piece =
                new MusicMap(BAR, Beats.ZERO, List.of(6, 8), List.of(), TempoMap.steady(BAR, TEMPO), new TreeSet<>());
        assertThat(IntStream.of(-6, -5, 0).map(piece::barOfPhrase)).containsExactly(6, 1, 6);
    }

    @Test
    void sectionsBeginWithTheirBars() {
        MusicMap piece = MusicMap.plain(BAR, 8, TEMPO)
                .withSections(List.of(new MusicSection(1, "verse"), new MusicSection(17, "chorus")));
        assertThat(piece.sectionStarts()).containsExactlyInAnyOrder(Beats.ZERO, BAR.times(16));
    }

    @Test
    void hitsAreCountedFromWhereTheDanceBegins() {
        MusicMap piece = MusicMap.plain(BAR, 8, TEMPO).withHits(Set.of(Beats.ZERO, Beats.ONE, BAR.plus(Beats.ONE)));
        assertThat(piece.hitsFrom(Beats.ONE).hits()).containsExactly(Beats.ZERO, BAR);
        assertThat(piece.hitsFrom(Beats.ONE).from(2).hits()).containsExactly(Beats.ZERO);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> MusicMap.plain(BAR, 0, TEMPO)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> MusicMap.plain(Beats.ZERO, 8, TEMPO)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() ->
                        new MusicMap(BAR, BAR, List.of(8), List.of(), TempoMap.steady(BAR, TEMPO), new TreeSet<>()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new MusicSection(0, "")).isInstanceOf(IllegalArgumentException.class);
    }
}
