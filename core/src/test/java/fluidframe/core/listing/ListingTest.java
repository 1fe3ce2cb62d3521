package fluidframe.core.listing;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Section;
import fluidframe.core.time.Tempo;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Lists of figures read against a book of five, whose names can be told apart only as far as coaches tell them apart.
 */
class ListingTest {

    private static final Dance WALTZ = Dances.find("waltz").orElseThrow();
    private static final Figure NATURAL = called(SmallBook.turning("natural-turn"), "Natural Turn", "Right Turn");
    private static final Figure REVERSE = called(SmallBook.walk("reverse-turn", "LF", "LOD", ""), "Reverse Turn");
    private static final Figure CLOSED =
            called(SmallBook.walk("closed-change", "RF", "LOD", ""), "Closed Change on RF");
    private static final Figure OTHER_CLOSED =
            called(SmallBook.walk("closed-change-lf", "LF", "LOD", ""), "Closed Change on LF");
    private static final Figure WHISK = called(SmallBook.walk("whisk", "LF", "DW", ""), "Whisk");
    private static final List<Figure> BOOK = List.of(NATURAL, REVERSE, CLOSED, OTHER_CLOSED, WHISK);

    private static Figure called(Figure figure, String title, String... others) {
        return figure.with().title(title).otherNames(List.of(others)).build();
    }

    private static RoutineListing read(String text) {
        return ListingReader.read(text, WALTZ, BOOK);
    }

    /** "Whisk x2 corner"; "? one or another" where it is not decided, "?" where nothing is near. */
    private static String said(ListedEntry entry) {
        String what = entry.item()
                .map(item -> item.wording())
                .orElseGet(() -> entry.choices().stream()
                        .map(Dancing::wording)
                        .collect(Collectors.joining(" or ", "? ", ""))
                        .strip());
        return entry.section()
                        .map(section -> section.title() + " " + section.times() + ": ")
                        .orElse("")
                + what
                + (entry.times() > 1 ? " x" + entry.times() : "")
                + (entry.cornerAfter() ? " corner" : "");
    }

    private static List<String> listed(String text) {
        return read(text).entries().stream().map(ListingTest::said).toList();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Natural Turn|Natural Turn",
                "nat turn|Natural Turn",
                "turn natural|Natural Turn",
                "NATURAL TURN!|Natural Turn",
                "Natrual Turn|Natural Turn",
                "right turn|Natural Turn",
                "naturel|Natural Turn",
                "wisk|Whisk",
                "whisks|Whisk",
                "rev|Reverse Turn",
                "closed change RF|Closed Change on RF",
                "LF closed change|Closed Change on LF",
                "closed change|? Closed Change on RF or Closed Change on LF",
                "turn|? Natural Turn or Reverse Turn",
                "gallop|?",
                "tumble turn|? Natural Turn or Reverse Turn"
            })
    void aNameIsTakenAsItIsMeantOrNotDecided(String written, String meant) {
        assertThat(listed(written)).containsExactly(meant);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "whisk, reverse turn|Whisk; Reverse Turn", "whisk -> reverse turn|Whisk; Reverse Turn",
                        "whisk → reverse turn|Whisk; Reverse Turn", "whisk > reverse turn|Whisk; Reverse Turn",
                        "whisk + reverse turn|Whisk; Reverse Turn",
                "whisk / reverse turn|Whisk; Reverse Turn", "whisk - reverse turn|Whisk; Reverse Turn",
                        "whisk – reverse turn|Whisk; Reverse Turn", "whisk then reverse turn|Whisk; Reverse Turn",
                        "whisk,, reverse turn ,|Whisk; Reverse Turn"
            })
    void figuresAreSetApartAsCoachesDo(String written, String meant) {
        assertThat(listed(written)).containsExactly(meant.split("; "));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "whisk x2|Whisk x2",
                "whisk ×3|Whisk x3",
                "2x whisk|Whisk x2",
                "whisk twice|Whisk x2",
                "whisk three times|Whisk x3",
                "whisk 4 times|Whisk x4",
                "whisk (2)|Whisk x2",
                "3 whisks|Whisk x3",
                "whisk x 8|Whisk x8",
                "whisk x9|Whisk x8",
                "whisk x0|Whisk",
                "whisk x1|Whisk",
                "natural turn x2|Natural Turn (2 times)",
                "natural turn x3|Natural Turn x3"
            })
    void aFigureIsDancedAsOftenAsItSays(String written, String meant) {
        assertThat(listed(written)).containsExactly(meant);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "natural turn 1-3|Natural Turn (1–3)|",
                "natural turn (steps 4 to 6)|Natural Turn (4–6)|",
                "1-3 of natural turn|Natural Turn (1–3)|",
                "first half of the natural turn|Natural Turn (1–3)|",
                "2nd half natural turn|Natural Turn (4–6)|",
                "natural turn 1-6|Natural Turn|",
                "natural turn 2-5|Natural Turn|the Natural Turn has no such part",
                "first half whisk|Whisk|the Whisk has no such part",
                "natural turn to LOD|Natural Turn (to LOD)|",
                "natural turn overturned|Natural Turn|\"overturned\" is not a variant of the Natural Turn",
                "natural turn 1-3 (2 bars)|Natural Turn (1–3)|noted as 2 bars, danced in 1",
                "whisk (1 bar)|Whisk|",
                "whisk ½ bar|Whisk|noted as 1/2 bars, danced in 1",
                "whisk x2 2 bars|Whisk x2|",
                "natural turn 1.5 bars|Natural Turn|noted as 1 1/2 bars, danced in 2"
            })
    void howItIsDancedIsReadAndWhatIsNotSoIsRemarked(String written, String meant, String remark) {
        ListedEntry entry = read(written).entries().get(0);

        assertThat(said(entry)).isEqualTo(meant);
        assertThat(entry.remarks()).isEqualTo(remark == null ? List.of() : List.of(remark));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "hold 2 beats|hold for 2 beats",
                "pause|hold for 1 beat",
                "wait for 3 counts|hold for 3 beats",
                "bow 2|bow for 2 beats",
                "pose|pose for 1 beat",
                "tap|tap for 1 beat",
                "walk 3 steps|walk for 3 beats",
                "walk round 6|walk round for 6 beats",
                "walk|?",
                "check|?",
                "hold 0|?"
            })
    void whatIsNoFigureIsAnElementWhereItSaysHowLong(String written, String meant) {
        assertThat(listed(written)).containsExactly(meant);
    }

    @Test
    void cornersStandAfterWhatTheyFollow() {
        assertThat(listed("whisk, corner, reverse turn [corner]\ncorner\nnatural turn"))
                .containsExactly("Whisk corner", "Reverse Turn corner", "Natural Turn");
        assertThat(listed("whisk (corner) , (corner) reverse turn ↰"))
                .containsExactly("Whisk corner", "Reverse Turn corner");
        assertThat(listed("whisk\n(corner) natural turn, (corner)"))
                .containsExactly("Whisk corner", "Natural Turn corner");
        assertThat(listed("corner, whisk")).containsExactly("Whisk");
    }

    @Test
    void linesAreNumberedAndStandUnderHeadings() {
        RoutineListing listing = read(
                "Our waltz for the spring\n\n[Long side]\n 1. Natural turn\n 2) Whisk\n\n## Short side x2\n - Reverse turn\nEnding: whisk\n");

        assertThat(listing.title()).contains("Our waltz for the spring");
        assertThat(listing.entries())
                .extracting(ListingTest::said)
                .containsExactly("Long side 1: Natural Turn", "Whisk", "Short side 2: Reverse Turn", "Ending 1: Whisk");
    }

    @Test
    void theFirstLineIsATitleOnlyWhereItSpeaksOfARoutine() {
        assertThat(read("Whisk\nroutine").title()).isEmpty();
        assertThat(read("Spring routine\nWhisk").title()).contains("Spring routine");
        assertThat(listed("Something else\nWhisk")).containsExactly("?", "Whisk");
    }

    @Test
    void aSectionIsDancedAgainAsItWasButForItsCorner() {
        assertThat(
                        listed(
                                "Verse: whisk, corner, reverse turn, corner\nChorus: natural turn\nVerse again: as verse\nLast: like refrain"))
                .containsExactly(
                        "Verse 1: Whisk corner",
                        "Reverse Turn corner",
                        "Chorus 1: Natural Turn",
                        "Verse again 1: Whisk corner",
                        "Reverse Turn",
                        "Last 1: ?");
    }

    /** "Verse" is nearly "reverse", and a coach who sets headings means the verse. */
    @Test
    void aHeadingIsNoFigureThatSoundsLikeIt() {
        assertThat(listed("Verse\nwhisk\nVerse 2:\nreverse turn\nRefrain x2: whisk"))
                .containsExactly("Verse 1: Whisk", "Verse 2 1: Reverse Turn", "Refrain 2: Whisk");
        assertThat(listed("reverse\nwhisk")).containsExactly("Reverse Turn", "Whisk");
    }

    @Test
    void anEntryKnowsWhereItStands() {
        String text = "1. whisk x2, gallop\nreverse turn";

        assertThat(read(text).entries())
                .allSatisfy(entry ->
                        assertThat(text.substring(entry.from(), entry.to())).isEqualTo(entry.text()));
        assertThat(read(text).entries())
                .extracting(ListedEntry::text)
                .containsExactly("whisk x2", "gallop", "reverse turn");
    }

    @Test
    void whateverIsWrittenIsReadAndNeverMoreThanIsListed() {
        assertThat(listed("  \n,;->\n()")).isEmpty();
        assertThat(read(String.join(",", Collections.nCopies(ListingReader.MOST_ENTRIES + 1, "whisk")))
                        .entries())
                .hasSize(ListingReader.MOST_ENTRIES);
        assertThat(read("x".repeat(ListingReader.MOST_LETTERS) + ", whisk").entries())
                .hasSize(1);
    }

    @Test
    void whatIsWrittenOfARoutineReadsBackTheSame() {
        Way first = Way.AS_CHARTED.withSplit("1–3");
        List<Placement> placements = List.of(
                Placement.of(Dancing.of(WHISK, Way.AS_CHARTED)).withSection(Optional.of(new Section("Long side", 2))),
                Placement.of(Dancing.of(NATURAL, first)).withCornerAfter(true),
                Placement.of(Dancing.of(NATURAL, Way.AS_CHARTED.withFinish("to LOD")))
                        .withSection(Optional.of(new Section("Short side", 1))),
                Placement.of(Dancing.of(NATURAL, Way.AS_CHARTED.withRepeats(2))),
                Placement.of(Element.of(ElementKind.HOLD, 2)));
        String written =
                ListingWriter.write(new Routine("spring", "Spring", WALTZ, new Tempo(29), Conditions.OPEN, placements));

        assertThat(written).isEqualTo("""
                Spring, Waltz routine

                Long side x2:
                Whisk (1 bar)
                1–3 Natural Turn (1 bar) [corner]

                Short side:
                Natural Turn to LOD (2 bars)
                Natural Turn x2 (4 bars)
                hold 2 beats
                """);
        RoutineListing listing = read(written);
        assertThat(listing.title()).contains("Spring, Waltz routine");
        assertThat(listing.entries())
                .extracting(entry -> entry.item().orElseThrow().wording())
                .containsExactlyElementsOf(placements.stream()
                        .map(placement -> placement.item().wording())
                        .toList());
        assertThat(listing.entries())
                .extracting(ListedEntry::section)
                .containsExactlyElementsOf(
                        placements.stream().map(Placement::section).toList());
        assertThat(listing.entries())
                .allSatisfy(entry -> assertThat(entry.remarks()).isEmpty());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "nat, true",
        "natural turn, true",
        "turn right, true",
        "NTURAL, true",
        "natural whisk, false",
        "'', false",
        "the, false"
    })
    void aNameIsFoundWhileItIsTyped(String typed, boolean found) {
        assertThat(FigureNames.mayBe(List.of("Natural Turn", "Right Turn"), typed))
                .isEqualTo(found);
    }
}
