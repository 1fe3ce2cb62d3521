package fluidframe.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.music.Percussion;
import fluidframe.core.text.UnreadableTextException;
import java.util.Arrays;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sounds are asked for by name; a name reads back to its sound, and nothing else is a name. */
class SoundTest {

    static Stream<Sound> sounds() {
        return Stream.<Stream<? extends Sound>>of(
                        Arrays.stream(Sound.Click.values()),
                        Arrays.stream(Percussion.values()).map(Sound.Drum::new),
                        Spoken.WORDS.stream().map(Sound.Word::new),
                        IntStream.of(1, 36, 99).mapToObj(key -> new Sound.Bass(key)),
                        IntStream.of(1, 60, 99)
                                .boxed()
                                .flatMap(root -> Stream.of(new Sound.Chord(root, true), new Sound.Chord(root, false))))
                .flatMap(each -> each)
                .map(Sound.class::cast);
    }

    @ParameterizedTest
    @MethodSource("sounds")
    void aNameReadsBackToItsSound(Sound sound) {
        assertThat(sound.id()).matches("[a-z0-9-]+");
        assertThat(Sound.parse(sound.id())).isEqualTo(sound);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "click",
                "click-loud",
                "CLICK-STRONG",
                "drum",
                "drum-",
                "word",
                "word-thirteen",
                "word-one-two",
                "bass",
                "bass-0",
                "bass-01",
                "bass-100",
                "bass--1",
                "bass-36-minor",
                "chord",
                "chord-60-major",
                "chord-60-minor-minor",
                "chord-x",
                "gong-1"
            })
    void nothingElseIsAName(String name) {
        assertThatThrownBy(() -> Sound.parse(name))
                .isInstanceOf(UnreadableTextException.class)
                .hasMessageContaining("chord-60-minor");
    }

    @Test
    void aMinorChordHasTheLowerThird() {
        assertThat(new Sound.Chord(60, false).keys()).containsExactly(60, 64, 67);
        assertThat(new Sound.Chord(60, true).keys()).containsExactly(60, 63, 67);
    }
}
