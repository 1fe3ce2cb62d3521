package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.listing.ListedEntry;
import fluidframe.core.listing.ListingReader;
import fluidframe.core.listing.ListingWriter;
import fluidframe.core.listing.RoutineListing;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Section;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lists as coaches keep them, read against the shipped book. */
class ShippedListingTest {

    private static RoutineListing listed(String dance, String text) {
        return ListingReader.read(text, dance(dance), book(dance));
    }

    private static Dance dance(String id) {
        return Dances.find(id).orElseThrow();
    }

    private static List<Figure> book(String dance) {
        return ShippedLibrary.figures().stream()
                .filter(figure -> figure.dance().id().equals(dance))
                .toList();
    }

    /** "A, B 3 times, corner": a gap is "?", a name with several meanings "? one or another". */
    private static String shown(ListedEntry entry) {
        String what = entry.item()
                .map(Item::wording)
                .orElseGet(() -> "? "
                        + entry.choices().stream()
                                .map(Dancing::wording)
                                .limit(3)
                                .collect(Collectors.joining(" or ")));
        return what + (entry.times() > 1 ? " x" + entry.times() : "") + (entry.cornerAfter() ? " corner" : "");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz|nat turn, RF closed change, rev turn 1-3, whisk → chassé from PP|Natural Turn; Closed Change on RF; Reverse Turn (1–3); Whisk; Chassé from Promenade",
                "waltz|nat spin turn, [corner] 4-6 rev turn|Natural Spin Turn corner; Reverse Turn (4–6)",
                "waltz|Natral Spin Turn (corner)|Natural Spin Turn corner",
                "waltz|open tele - wing|Open Telemark; Wing",
                "waltz|2nd half of the reverse turn|Reverse Turn (4–6)",
                "waltz|hesitation|Hesitation Change",
                "tango|open reverse|? Open Reverse Turn, Lady Outside or Open Reverse Turn, Lady in Line",
                "waltz|reverse turn turned a quarter at the end|Reverse Turn (turned a quarter at the end)",
                "jive|change R-L / change L-R / whip x2 / stop & go|Change of Places Right to Left; Change of Places Left to Right; Link and Whip x2; Stop and Go",
                "rumba|basic 1-6; NYs x 2; hand-to-hands (3)|Basic Movement; New York x2; Hand to Hand x3",
                "quickstep|1/4 turn to R, natural turn w/ hesitation, fwd lock step|Quarter Turn to Right; Natural Turn with Hesitation; Forward Lock",
                "foxtrot|feather // corner // reverse wave|Feather Step corner; Reverse Wave",
                "tango|closed finish, 2 walks|? Closed Promenade; Walks (2 times)",
                "rumba|basic|Basic Movement",
                "rumba|walks|Progressive Walks Forward",
                "rumba|NY x3, spot turn L|New York x3; Spot Turn",
                "rumba|alemana → OHT → fan; cucarachas; nat top|Alemana; Open Hip Twist; Fan; Cucarachas; Natural Top",
                "rumba|hand to hand twice|Hand to Hand x2",
                "rumba|hold 2 beats, bow|hold for 2 beats; bow for 1 beat",
                "tango|open reverse lady outside, basic rev turn, back corte|Open Reverse Turn, Lady Outside; Basic Reverse Turn; Back Corté",
                "foxtrot|open telemark > feather from prom > 3 step|Open Telemark; Feather from Promenade; Three Step",
                "jive|change of places R to L, change of places L to R, link & whip|Change of Places Right to Left; Change of Places Left to Right; Link and Whip",
                "viennese-waltz|6 natural turns, fwd change nat to rev, reverse turn x 4|Natural Turn x6; Forward Change, Natural to Reverse; Reverse Turn (4 times)"
            })
    void shortNamesPartsRepeatsAndCornersAreRead(String dance, String list, String figures) {
        assertThat(listed(dance, list).entries())
                .extracting(ShippedListingTest::shown)
                .containsExactly(figures.split("; "));
    }

    @Test
    void linesHaveNumbersSectionsAndBars() {
        RoutineListing listing = listed(
                "waltz",
                "My waltz routine\nLong side:\n1. Double reverse spin (2 bars)\n2) LF closed change\n\nShort side x2:\n- Whisk\n- Chasse from promenade\n");
        assertThat(listing.title()).contains("My waltz routine");
        assertThat(listing.entries())
                .extracting(entry -> entry.section()
                        .map(section -> section.title() + " " + section.times())
                        .orElse(""))
                .containsExactly("Long side 1", "", "Short side 2", "");
        assertThat(listing.entries().get(0).remarks()).containsExactly("noted as 2 bars, danced in 1");
    }

    @Test
    void aSectionMayBeDancedAgainAndACornerComeBeforeOne() {
        RoutineListing listing = listed(
                "cha-cha", "Verse 1: NY, spot turn\nShort side (corner before)\ntime steps x2\nVerse 2: as verse 1");
        assertThat(listing.entries())
                .extracting(ShippedListingTest::shown)
                .containsExactly("New York", "Spot Turn corner", "Time Step (2 times)", "New York", "Spot Turn");
        assertThat(listing.entries())
                .extracting(entry -> entry.section().map(Section::title).orElse(""))
                .containsExactly("Verse 1", "", "Short side", "Verse 2", "");
    }

    @Test
    void whatIsUnknownStaysInItsPlaceWithTheNearestNames() {
        String text = "whisk, back corte, wing";
        RoutineListing listing = listed("waltz", text);
        ListedEntry gap = listing.entries().get(1);
        assertThat(gap.item()).isEmpty();
        assertThat(gap.choices())
                .extracting(Dancing::wording)
                .containsExactly("Backward Lock", "Reverse Corté", "Back Whisk", "Hover Corté");
        assertThat(text.substring(gap.from(), gap.to())).isEqualTo("back corte");
    }

    @Test
    void whatIsSaidBesidesTheNameIsNeverDroppedInSilence() {
        assertThat(listed("waltz", "impetus under-turned").entries().get(0).remarks())
                .containsExactly("\"under turned\" is not a variant of the Impetus");
        assertThat(listed("waltz", "nat turn (under turned) x1")
                        .entries()
                        .get(0)
                        .remarks())
                .containsExactly("\"under turned\" is not a variant of the Natural Turn");
        assertThat(listed("waltz", "whisk 7-9").entries().get(0).remarks())
                .containsExactly("the Whisk has no such part");
    }

    @Test
    void aListIsWrittenAndReadAgain() {
        for (Dance dance : Dances.all()) {
            List<Placement> placements = book(dance.id()).stream()
                    .map(figure -> Placement.of(Dancing.of(figure, Way.AS_CHARTED)))
                    .toList();
            Routine routine = new Routine(
                    "all",
                    "Every figure",
                    dance,
                    new Tempo(dance.slowest().barsPerMinute()),
                    Conditions.OPEN,
                    placements);
            RoutineListing listing = listed(dance.id(), ListingWriter.write(routine));
            assertThat(listing.entries())
                    .as(ListingWriter.write(routine))
                    .extracting(ShippedListingTest::shown)
                    .containsExactlyElementsOf(placements.stream()
                            .map(placement -> placement.item().wording())
                            .toList());
            assertThat(listing.entries())
                    .allSatisfy(entry -> assertThat(entry.remarks()).isEmpty());
        }
    }
}
