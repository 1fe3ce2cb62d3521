package fluidframe.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Item;
import fluidframe.core.music.MusicMap;
import fluidframe.core.music.Percussion;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Tempo;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class TrackTest {

    private static final Synthesizer CLICKS_ONLY = new Synthesizer(word -> new float[] {1});
    private static final Tempo TEMPO = new Tempo(29);
    private static final Score WALTZ =
            score("waltz", Dancing.of(SmallBook.turning("turning"), Way.AS_CHARTED), Element.of(ElementKind.HOLD, 6));

    static List<Dance> dances() {
        return Dances.all();
    }

    @ParameterizedTest
    @CsvSource({"1, 1 2 3 4 1", "0, 1 2 3 4", "2, 1 2 3 4 1 2"})
    void aStretchThatBeginsInsideABarIsCountedInThroughTheBeatsBeforeIt(int from, String counted) {
        Score rumba = score("rumba", Element.of(ElementKind.HOLD, 8));
        Track track =
                Track.of(rumba, new TrackWish(Beats.of(from), rumba.length(), 1, Part.MAN, Counting.BEATS, 1, 1, 0));
        assertThat(track.countIn()).isEqualTo(Beats.of(counted.split(" ").length));
        assertThat(track.words())
                .filteredOn(word -> word.at().compareTo(Beats.ZERO) < 0)
                .extracting(Track.ShownWord::text)
                .containsExactly(counted.split(" "));
        assertThat(track.words())
                .filteredOn(word -> word.at().equals(Beats.ZERO))
                .extracting(Track.ShownWord::text)
                .containsExactly(String.valueOf(from + 1));
    }

    @Test
    void whatIsCountedIsChosen() {
        assertThat(said(Counting.STEPS).subList(0, 6)).containsExactly("1", "2", "3", "1", "2", "3");
        assertThat(said(Counting.BARS)).containsExactly("1", "2", "3", "2", "2", "3", "3", "2", "3", "4", "2", "3");
        Track quiet = Track.of(WALTZ, new TrackWish(Beats.ZERO, WALTZ.length(), 0, Part.LADY, Counting.STEPS, 0, 0, 0));
        assertThat(quiet.cues()).allMatch(cue -> cue.sound() instanceof Sound.Word && cue.gain() == 0);
    }

    private static List<String> said(Counting counting) {
        return Track.of(WALTZ, new TrackWish(Beats.ZERO, WALTZ.length(), 0, Part.MAN, counting, 1, 1, 0))
                .words()
                .stream()
                .map(Track.ShownWord::text)
                .toList();
    }

    @Test
    void theFirstBeatOfABarIsTheStrongest() {
        Track track = Track.of(WALTZ, new TrackWish(Beats.ZERO, Beats.of(6), 0, Part.MAN, Counting.BEATS, 1, 0, 0));
        assertThat(track.cues().stream().map(Cue::sound).filter(Sound.Click.class::isInstance))
                .containsExactly(
                        Sound.Click.STRONG,
                        Sound.Click.WEAK,
                        Sound.Click.WEAK,
                        Sound.Click.STRONG,
                        Sound.Click.WEAK,
                        Sound.Click.WEAK);
    }

    @ParameterizedTest
    @MethodSource("dances")
    void everyDanceIsAccompaniedInItsOwnRhythmFromAnyBeat(Dance dance) {
        Rhythm rhythm = dance.rhythm();
        Band band = new Band(
                dance.music().groove(),
                MusicMap.plain(rhythm.bar(), dance.music().phraseBars(), dance.slowest()),
                Optional.empty());
        List<Cue> whole = band.play(Beats.ZERO, Beats.ZERO, rhythm.bar().times(8));
        assertThat(whole)
                .anyMatch(cue -> cue.sound() instanceof Sound.Bass)
                .anyMatch(cue -> cue.sound() instanceof Sound.Drum);
        List<Cue> later = band.play(Beats.ONE, Beats.ZERO, rhythm.bar().times(8).minus(Beats.ONE));
        assertThat(later)
                .containsExactlyElementsOf(whole.stream()
                        .filter(cue -> cue.at().compareTo(Beats.ONE) >= 0)
                        .map(cue -> new Cue(cue.at().minus(Beats.ONE), cue.sound(), cue.gain()))
                        .toList());
    }

    @ParameterizedTest
    @ValueSource(doubles = {40, 73, 100, 120})
    void everyClickIsHeardAtItsSample(double percent) {
        Track track = Track.of(WALTZ, new TrackWish(Beats.ZERO, WALTZ.length(), 2, Part.MAN, Counting.BEATS, 1, 0, 0));
        short[] samples = Recording.of(track, percent, CLICKS_ONLY).samples();
        double secondsPerBeat = 60.0 / (29 * 3) * 100 / percent;
        for (int beat = 0; beat < 6 + WALTZ.length().wholeBeats(); beat++) {
            int heard = firstSoundAfter(samples, (int) (beat * secondsPerBeat * Synthesizer.RATE) - 500);
            assertThat(Math.abs(heard - beat * secondsPerBeat * Synthesizer.RATE))
                    .as("beat %d", beat)
                    .isLessThanOrEqualTo(1);
        }
    }

    private static int firstSoundAfter(short[] samples, int from) {
        for (int i = Math.max(0, from); i < samples.length; i++) {
            if (samples[i] != 0) {
                return i;
            }
        }
        throw new AssertionError("silence");
    }

    @Test
    void theNotesHoldTheWordsAtTheSameOnsets() throws Exception {
        Track track = Track.of(WALTZ, TrackWish.whole(WALTZ.length()));
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        MidiSystem.write(MidiScore.of(track, WALTZ.routine().dance().rhythm(), 100), 1, file);
        Sequence read = MidiSystem.getSequence(new ByteArrayInputStream(file.toByteArray()));
        List<String> lyrics = new ArrayList<>();
        List<Long> ticks = new ArrayList<>();
        for (javax.sound.midi.Track each : read.getTracks()) {
            for (int i = 0; i < each.size(); i++) {
                MidiEvent event = each.get(i);
                if (event.getMessage() instanceof MetaMessage meta && meta.getType() == 0x05) {
                    lyrics.add(new String(meta.getData(), StandardCharsets.US_ASCII));
                    ticks.add(event.getTick());
                }
            }
        }
        assertThat(lyrics).startsWith("1", "2", "3", "1", "2", "3", "1", "2", "3");
        List<Long> expected = Stream.concat(
                        Stream.of(0, 1, 2, 3, 4, 5).map(beat -> 48L * beat),
                        WALTZ.steps().stream()
                                .filter(step -> step.part() == Part.MAN)
                                .map(ScoreStep::onset)
                                .map(onset -> 6 * 48L + onset.ticks()))
                .toList();
        assertThat(ticks).containsExactlyElementsOf(expected);
        assertThat(read.getMicrosecondLength() / 1e6).isBetween(17 * 60 / 87.0, 18 * 60 / 87.0);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new TrackWish(Beats.of(3), Beats.of(3), 0, Part.MAN, Counting.STEPS, 1, 1, 1))
                .hasMessageContaining("is empty");
        assertThatThrownBy(() -> new TrackWish(Beats.ZERO, Beats.of(3), 9, Part.MAN, Counting.STEPS, 1, 1, 1))
                .hasMessageContaining("0 to 4");
        assertThatThrownBy(() -> new TrackWish(Beats.ZERO, Beats.of(3), 0, Part.MAN, Counting.STEPS, 1, Double.NaN, 1))
                .hasMessageContaining("a gain");
        assertThatThrownBy(() -> Track.of(WALTZ, TrackWish.whole(Beats.of(99))))
                .hasMessageContaining("the routine ends at beat 12");
        assertThatThrownBy(() -> Sound.parse("click-loud")).isInstanceOf(UnreadableTextException.class);
    }

    @Test
    void everySoundReadsBack() {
        List<Sound> sounds = List.of(
                Sound.Click.MIDDLE,
                new Sound.Drum(Percussion.BELL),
                new Sound.Word("quick"),
                new Sound.Bass(36),
                new Sound.Chord(60, false),
                new Sound.Chord(65, true));
        assertThat(sounds)
                .allSatisfy(sound -> assertThat(Sound.parse(sound.id())).isEqualTo(sound));
        assertThat(sounds)
                .allSatisfy(sound -> assertThat(CLICKS_ONLY.alone(sound)[0]).isNotZero());
    }

    private static Score score(String dance, Item... items) {
        List<Placement> placements = Arrays.stream(items).map(Placement::of).toList();
        return Score.of(
                new Routine("tried", "Tried", Dances.find(dance).orElseThrow(), TEMPO, Conditions.OPEN, placements));
    }
}
