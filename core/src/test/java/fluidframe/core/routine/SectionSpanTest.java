package fluidframe.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Which placements a section holds: from the one it begins with to the last before the next. */
class SectionSpanTest {

    /** One placement of no section, two of a verse, one of a chorus danced twice. */
    private static final List<Placement> PLACEMENTS = Stream.of(
                    Optional.<Section>empty(),
                    Optional.of(new Section("Verse", 1)),
                    Optional.<Section>empty(),
                    Optional.of(new Section("Chorus", 2)))
            .map(section -> Placement.of(Dancing.of(SmallBook.walk("walk", "LF", "LOD", ""), Way.AS_CHARTED))
                    .withSection(section))
            .toList();

    private static String around(int placement) {
        return SectionSpan.around(PLACEMENTS, placement)
                .map(span -> span.section().title() + " " + span.from() + "–" + span.to())
                .orElse("none");
    }

    @Test
    void aPlacementLiesInTheLastSectionThatHasBegun() {
        assertThat(List.of(around(0), around(1), around(2), around(3)))
                .containsExactly("none", "Verse 1–3", "Verse 1–3", "Chorus 3–4");
    }

    @Test
    void aPassageIsOfOneTimeOfItsSection() {
        SectionSpan chorus = SectionSpan.around(PLACEMENTS, 3).orElseThrow();

        assertThat(Stream.of(
                                new Passage(2, 2, PLACEMENTS.get(2)),
                                new Passage(3, 1, PLACEMENTS.get(3)),
                                new Passage(3, 2, PLACEMENTS.get(3)),
                                new Passage(4, 2, PLACEMENTS.get(3)))
                        .map(passage -> chorus.has(passage, 2)))
                .containsExactly(false, false, true, false);
    }
}
