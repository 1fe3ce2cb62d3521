package fluidframe.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.phrase.Leftover;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PieceReaderTest {

    private static PieceLine waltz(String line) {
        return PieceReader.read(line, 3, 8);
    }

    /** "introduction 4, verse 8+8": sections with their phrases. */
    private static String parts(Piece piece) {
        return piece.sections().stream()
                .map(section -> section.name() + " "
                        + section.phrases().stream().map(String::valueOf).collect(Collectors.joining("+")))
                .collect(Collectors.joining(", "));
    }

    @Test
    void aLineAsACoachWritesIt() {
        PieceLine line = waltz(
                "intro 4, verse 16, chorus 16, verse 16, break 2, chorus 16, end 4; 29 bars a minute; hit on 1 of bar 37");
        Piece piece = line.piece().orElseThrow();
        assertThat(parts(piece))
                .isEqualTo("introduction 4, verse 8+8, chorus 8+8, verse 8+8, break 2, chorus 8+8, ending 4");
        assertThat(piece.bars()).isEqualTo(74);
        assertThat(piece.tempo().opening()).isEqualTo(29);
        assertThat(piece.hits()).containsExactly(new Hit(Beats.of(36 * 3), HitKind.ACCENT));
        assertThat(line.leftovers()).isEmpty();
        assertThat(line.sentences()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "verse 16 (8+8)|verse 8+8",
                "verse 8+6+2|verse 8+6+2",
                "verse 2x8|verse 8+8",
                "A 8, B 8, A 8|A 8, B 8, A 8",
                "4 bars intro, 16 bar verse|introduction 4, verse 8+8",
                "intro of 4 bars, first verse 12 in phrases of 6, chorus 10 as 4+6|introduction 4, first verse 6+6, chorus 4+6",
                "verse 1 16, verse 2 14|verse 1 8+8, verse 2 8+6",
                "verse: 8 x2, tag 2|verse 8+8, ending 2",
                "chorus 8 twice|chorus 8, chorus 8",
                "bridge seven|bridge 7"
            })
    void partsAreSaidInManyWays(String line, String read) {
        assertThat(parts(waltz(line + "; 30 bars a minute").piece().orElseThrow()))
                .isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "29 bars a minute|29.0",
                "tempo 29.5|29.5",
                "29 bars per minute|29.0",
                "28 mpm|28.0",
                "87 beats a minute|29.0",
                "90 bpm|30.0",
                "about 30 bars/min|30.0"
            })
    void temposAreSaidInManyWays(String line, double barsPerMinute) {
        assertThat(waltz("verse 8; " + line).piece().orElseThrow().tempo().opening())
                .isEqualTo(barsPerMinute);
    }

    @Test
    void aSlowingEndAndATempoFromABarOn() {
        Piece piece = waltz(
                        "verse 16, end 8; 30 bars a minute; 27 bars a minute from bar 9; slowing to 18 over the last 4 bars")
                .piece()
                .orElseThrow();
        assertThat(piece.tempo().barsPerMinute(23)).isEqualTo(30);
        assertThat(piece.tempo().barsPerMinute(24)).isEqualTo(27);
        assertThat(piece.tempo().barsPerMinute(60)).isEqualTo(27);
        assertThat(piece.tempo().barsPerMinute(66)).isEqualTo(22.5);
        assertThat(piece.tempo().barsPerMinute(72)).isEqualTo(18);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hit on 1 of bar 5|accent 12",
                "accent bar 5|accent 12",
                "stop on 3 of bar 2|stop 5",
                "hit on 2& of bar 1|accent 1 1/2",
                "held note in bar 8|held note 21",
                "swell on beat 2 of bar 3|swell 7",
                "hits on bars 5, 6 and 7|accent 12, accent 15, accent 18",
                "hit on 1 of bar 5 and on 3 of bar 6|accent 12, accent 17",
                "break on 2 of bar 4|break 10",
                "hit 5.2|accent 13"
            })
    void hitsAreSaidInManyWays(String line, String read) {
        Piece piece = waltz("verse 8; 30 bars a minute; " + line).piece().orElseThrow();
        assertThat(piece.hits().stream().map(hit -> hit.kind() + " " + hit.at()).collect(Collectors.joining(", ")))
                .isEqualTo(read);
        assertThat(piece.bars()).isEqualTo(8);
    }

    @Test
    void upBeatMetreTitleWordsAndFade() {
        Piece piece = PieceReader.read(
                        "\"Harbour Lights\"; in four; up-beat 1; verse 8; 30 bars a minute; \"when the boats come\" on 2 of bar 3; fades over the last 2 bars",
                        3,
                        8)
                .piece()
                .orElseThrow();
        assertThat(piece.title()).isEqualTo("Harbour Lights");
        assertThat(piece.bar()).isEqualTo(Beats.of(4));
        assertThat(piece.upBeat()).isEqualTo(Beats.ONE);
        assertThat(piece.cueWords()).containsExactly(new CueWord(Beats.of(9), "when the boats come"));
        assertThat(piece.fade()).isEqualTo(2);
        assertThat(piece.seconds()).isEqualTo(16.5);
    }

    @Test
    void whatCannotBeIsLeftOutWithASentence() {
        PieceLine line = waltz(
                "verse 8, 900 bars a minute, 30 bars a minute, hit on 1 of bar 12, hit on 4 of bar 2, chorus 8 (4+5), 20 bars in all");
        assertThat(line.sentences())
                .containsExactlyInAnyOrder(
                        "900 bars a minute is not a tempo: expected 1 to 400.",
                        "Bar 2 has no beat 4; a bar has 3.",
                        "Phrases of 4+5 bars make 9, not 8; the bars stay as they are.",
                        "The parts add up to 16 bars, not 20; the parts stay as they are.");
        assertThat(line.piece().orElseThrow().hits()).hasSize(1);
        assertThat(waltz("verse 8, 30 bars a minute, hit on 1 of bar 12").sentences())
                .containsExactly("The accent of bar 12 is left out: the piece has bars 1 to 8.");
        assertThat(waltz("verse 8").sentences())
                .containsExactly("No tempo was found: say how many bars a minute, such as \"29 bars a minute\".");
        assertThat(waltz("0 bars a minute, verse 0").piece()).isEmpty();
    }

    @Test
    void whatIsNotUnderstoodIsLeftOverInItsPlace() {
        String text = "verse 8, lovely strings, 30 bars a minute";
        assertThat(waltz(text).leftovers()).extracting(Leftover::text).containsExactly("lovely strings");
        assertThat(waltz(text).leftovers())
                .allSatisfy(left ->
                        assertThat(text.substring(left.from(), left.to())).isEqualTo(left.text()));
    }

    @Test
    void whatIsWrittenIsReadBack() {
        for (String text : new String[] {
            "intro 4, verse 16, chorus 10 as 4+6; up-beat 1; 29 bars a minute; slowing to 20 over the last 4 bars; stop on 2& of bar 9; \"now\" on 2 of bar 3; fade over the last 2 bars",
            "A 8, B 7; 30 bars a minute; 28 bars a minute from bar 9; accent bar 9"
        }) {
            Piece piece = waltz(text).piece().orElseThrow();
            assertThat(waltz(PieceWriter.write(piece)).piece())
                    .as(PieceWriter.write(piece))
                    .contains(piece);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "slowing to 20|1-9:30 12:20",
                "slowing to 20 over the last 2 bars|1-11:30 12:20",
                "slowing to 20 from bar 5|1-5:30 12:20",
                "quickening to 33 from bar 3 to bar 6|1-3:30 7-12:33",
                "speeding up to 36 over bars 5-8|1-5:30 9-12:36",
                "slowing to 24 by bar 12|1-9:30 12:24",
                "from bar 7 at 28 bars a minute|1-6:30 7-12:28",
                "then 28 from bar 7 on|1-6:30 7-12:28"
            })
    void theTempoChangesAtOnceOrGradually(String said, String steady) {
        PieceLine line = waltz("verse 12; 30 bars a minute; " + said);
        Piece piece = line.piece().orElseThrow();
        assertThat(line.leftovers()).isEmpty();
        assertThat(line.sentences()).isEmpty();
        for (String stretch : steady.split(" ")) {
            String[] bars = stretch.split(":")[0].split("-");
            double tempo = Double.parseDouble(stretch.split(":")[1]);
            assertThat(piece.tempo().barsPerMinute(3 * (Integer.parseInt(bars[0]) - 1)))
                    .as("bar %s", bars[0])
                    .isCloseTo(tempo, within(bars.length == 1 ? 5.5 : 1e-9));
            assertThat(piece.tempo().barsPerMinute(3 * Integer.parseInt(bars[bars.length - 1]) - 3))
                    .as("bar %s", bars[bars.length - 1])
                    .isCloseTo(tempo, within(5.5));
        }
        assertThat(piece.tempo().barsPerMinute(36))
                .isEqualTo(Double.parseDouble(steady.substring(steady.lastIndexOf(':') + 1)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "up-beat|1",
                "pick-up 2|2",
                "an upbeat of half a beat|1/2",
                "pickup &|1/2",
                "two beats up-beat|2",
                "up-beat of one|1"
            })
    void anUpBeatIsSaidInManyWays(String said, String beats) {
        PieceLine line = waltz("verse 8; 30 bars a minute; " + said);
        assertThat(line.leftovers()).as(said).isEmpty();
        assertThat(line.piece().orElseThrow().upBeat()).hasToString(beats);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"fades|4", "it fades out|4", "fade away over the last three bars|3", "fading over 40 bars|8"})
    void aFadeIsNoLongerThanThePiece(String said, int bars) {
        assertThat(waltz("verse 8; 30 bars a minute; " + said)
                        .piece()
                        .orElseThrow()
                        .fade())
                .isEqualTo(bars);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "up-beat 3|An up-beat of 3 beats is as long as a bar; it is left out.",
                "slowing to 20 from bar 9|The tempo cannot change from bar 9 to bar 8: the piece has bars 1 to 8.",
                "slowing to 20 over the last 12 bars|The tempo cannot change from bar -3 to bar 8: the piece has bars 1 to 8.",
                "slowing to 401|401 bars a minute is not a tempo: expected 1 to 400.",
                "27 bars a minute from bar 0|There is no bar 0: the piece has bars 1 to 8.",
                "27 bars a minute from bar 9|There is no bar 9: the piece has bars 1 to 8.",
                "hit bar 0|The accent of bar 0 is left out: the piece has bars 1 to 8.",
                "cue \"now\" in bar 9|\"now\" of bar 9 is left out: the piece has bars 1 to 8.",
                "chorus 0|The chorus of 0 bars is left out: a section has phrases of 1 to 64 bars each."
            })
    void whatDoesNotLieInThePieceIsLeftOutWithASentence(String said, String sentence) {
        PieceLine line = waltz("verse 8; 30 bars a minute; " + said);
        assertThat(line.sentences()).containsExactly(sentence);
        assertThat(line.leftovers()).isEmpty();
        assertThat(line.piece().orElseThrow().bars()).isEqualTo(8);
        assertThat(line.piece().orElseThrow().tempo().barsPerMinute(24)).isEqualTo(30);
    }

    @Test
    void aPieceHasNoMoreBarsThanCanBeHeard() {
        assertThat(waltz("verse " + Piece.MOST_BARS + "; 30 bars a minute").piece())
                .isPresent();
        assertThat(waltz("verse 600, chorus " + (Piece.MOST_BARS - 599) + "; 30 bars a minute")
                        .sentences())
                .containsExactly(
                        (Piece.MOST_BARS + 1) + " bars were found; a piece has at most " + Piece.MOST_BARS + ".");
    }

    /**
     * Words of coaches in any order: nothing breaks, and every clause is either understood or left over in its place.
     */
    @Test
    void whateverIsWrittenIsAnswered() {
        List<String> words = List.of(
                "verse",
                "chorus",
                "A",
                "intro",
                "break",
                "hit",
                "stop",
                "on",
                "of",
                "bar",
                "bars",
                "a minute",
                "0",
                "1",
                "8",
                "16",
                "999",
                "8+8",
                "2x8",
                "slowing to",
                "20",
                "over the last",
                "from",
                "to",
                "the end",
                "up-beat",
                "half",
                "fades",
                "in 3",
                "in 4",
                "\"now\"",
                "twice",
                "(4+4)",
                "and",
                "&",
                "30.5",
                "900",
                "one",
                "twelve",
                ";",
                ",",
                "\n",
                ".");
        Random random = new Random(17);
        for (int i = 0; i < 3_000; i++) {
            String text = random.ints(1 + random.nextInt(14), 0, words.size())
                    .mapToObj(words::get)
                    .collect(Collectors.joining(random.nextInt(5) == 0 ? "" : " "));
            PieceLine line = PieceReader.read(text, 2 + random.nextInt(3), 1 + random.nextInt(8));
            assertThat(line.leftovers())
                    .as(text)
                    .allSatisfy(left ->
                            assertThat(text.substring(left.from(), left.to())).isEqualTo(left.text()));
            line.piece()
                    .ifPresent(piece -> assertThat(PieceReader.read(PieceWriter.write(piece), 4, 8)
                                    .piece())
                            .as(text)
                            .contains(piece));
        }
    }
}
