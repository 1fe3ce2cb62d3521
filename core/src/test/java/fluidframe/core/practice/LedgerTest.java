package fluidframe.core.practice;

import static fluidframe.core.memory.Grade.GOOD;
import static fluidframe.core.memory.Grade.LOST;
import static fluidframe.core.memory.Grade.SECURE;
import static fluidframe.core.memory.Grade.SHAKY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.couple.Part;
import fluidframe.core.memory.Grade;
import fluidframe.core.notation.Column;
import fluidframe.core.text.UnreadableTextException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LedgerTest {

    private static final Instant BEGIN = Instant.parse("2026-02-02T18:00:00Z");
    private static final Subject WHISK = new Subject.Whole("whisk");
    private static final Subject.Fault HEEL =
            new Subject.Fault("whisk", Part.MAN, 1, Optional.of(Column.FOOTWORK), "toe first");

    private static Noted noted(int day, Grade grade, Subject.Fault... faults) {
        return new Noted(BEGIN.plus(Duration.ofDays(day)), WHISK, Optional.of(grade), List.of(faults));
    }

    @Test
    void faultsAloneSayNothingOfTheFigure() {
        Ledger ledger = Ledger.of(List.of(new Noted(BEGIN, WHISK, Optional.empty(), List.of(HEEL))));
        assertThat(ledger.of(WHISK)).isEmpty();
        assertThat(ledger.of(HEEL).orElseThrow().keepsComingBack()).isFalse();
        assertThat(Ledger.of(List.of(new Noted(BEGIN, WHISK, Optional.empty(), List.of(HEEL)), noted(3, Grade.GOOD)))
                        .stage(HEEL))
                .as("looked for when the figure is danced again")
                .isEqualTo(Ledger.of(List.of(noted(0, Grade.SHAKY, HEEL), noted(3, Grade.GOOD)))
                        .stage(HEEL));
    }

    private static Stage after(Noted... notes) {
        return Ledger.of(List.of(notes)).stage(WHISK);
    }

    @Test
    void aFigureComesFromShownToSecure() {
        assertThat(after()).isEqualTo(Stage.NOT_SHOWN);
        assertThat(after(noted(0, GOOD))).isEqualTo(Stage.SHOWN);
        assertThat(after(noted(0, GOOD), noted(2, SHAKY))).isEqualTo(Stage.COMING);
        assertThat(after(noted(0, GOOD), noted(3, GOOD))).isEqualTo(Stage.STEADY);
        assertThat(after(noted(0, GOOD), noted(3, GOOD), noted(17, GOOD))).isEqualTo(Stage.SECURE);
        assertThat(after(noted(0, GOOD), noted(3, GOOD), noted(17, GOOD), noted(60, LOST)))
                .isEqualTo(Stage.SHOWN);
        assertThat(after(noted(0, SECURE))).isEqualTo(Stage.STEADY);
    }

    @Test
    void onlyWhatIsSteadyIsKnown() {
        assertThat(Ledger.of(List.of(noted(0, GOOD))).known()).isEmpty();
        assertThat(Ledger.of(List.of(noted(0, GOOD), noted(3, GOOD))).known()).containsExactly("whisk");
    }

    @Test
    void aFaultIsLookedForWheneverItsFigureIsDancedAgain() {
        Practised seenOnce = Ledger.of(List.of(noted(0, GOOD, HEEL), noted(3, GOOD), noted(6, LOST)))
                .of(HEEL)
                .orElseThrow();
        assertThat(seenOnce.times()).isEqualTo(2);
        assertThat(seenOnce.lost()).isEqualTo(1);
        assertThat(seenOnce.last()).isEqualTo(GOOD);
        assertThat(seenOnce.keepsComingBack()).isFalse();
        Practised again = Ledger.of(List.of(
                        noted(0, GOOD, HEEL),
                        noted(3, GOOD),
                        noted(6, SHAKY, HEEL),
                        noted(9, SECURE),
                        noted(12, GOOD, HEEL)))
                .of(HEEL)
                .orElseThrow();
        assertThat(again.lost()).isEqualTo(3);
        assertThat(again.keepsComingBack()).isTrue();
        assertThat(again.first()).isEqualTo(BEGIN);
    }

    @Test
    void theSameFaultSpeltOtherwiseIsTheSame() {
        Subject.Fault same = new Subject.Fault("whisk", Part.MAN, 1, Optional.of(Column.FOOTWORK), "Toe  first. ");
        assertThat(same).isEqualTo(HEEL).hasSameHashCodeAs(HEEL);
        assertThat(new Subject.Fault("whisk", Part.LADY, 1, Optional.of(Column.FOOTWORK), "toe first"))
                .isNotEqualTo(HEEL);
        assertThat(Ledger.of(List.of(noted(0, GOOD, HEEL), noted(1, GOOD, same)))
                        .of(HEEL)
                        .orElseThrow()
                        .lost())
                .isEqualTo(2);
    }

    @Test
    void inWhichOrderNotesComeInDoesNotMatter() {
        List<Noted> notes = new ArrayList<>(List.of(
                noted(0, LOST, HEEL), noted(2, GOOD), noted(4, SHAKY, HEEL), noted(9, GOOD), noted(30, SECURE)));
        List<Practised> inOrder = List.copyOf(Ledger.of(notes).all());
        for (int seed = 0; seed < 20; seed++) {
            Collections.shuffle(notes, new Random(seed));
            assertThat(Ledger.of(notes).all()).containsExactlyElementsOf(inOrder);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "figure~waltz-whisk",
                "seam~waltz-whisk~waltz-chasse-from-promenade",
                "fault~waltz-whisk~man~1~footwork~toe first",
                "fault~waltz-whisk~lady~0~~she looks down",
                "posture~waltz-closed",
                "chart~waltz-whisk~free foot"
            })
    void aSubjectIsReadAsItIsWritten(String text) {
        assertThat(Subject.parse(text)).hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "figure~",
                "figure~Waltz Whisk",
                "seam~one",
                "fault~waltz-whisk~both~1~footwork~x",
                "fault~waltz-whisk~man~1~colour~x",
                "fault~waltz-whisk~man~1~footwork~",
                "step~1"
            })
    void whatNamesNoSubjectIsRefused(String text) {
        assertThatThrownBy(() -> Subject.parse(text)).isInstanceOf(UnreadableTextException.class);
    }

    @Test
    void aSubjectIsSaidInTitles() {
        assertThat(HEEL.wording(id -> "Whisk")).isEqualTo("Whisk, man, step 1, footwork: toe first");
        assertThat(new Subject.Seam("a", "b").wording(String::toUpperCase)).isEqualTo("A into B");
    }
}
