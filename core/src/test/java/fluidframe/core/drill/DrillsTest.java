package fluidframe.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Teaching;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The exercises that a chart suggests by itself: its unit, its actions one by one, its parts, and all of it. */
class DrillsTest {

    static Set<String> figures() {
        return Danced.all().keySet();
    }

    private static Figure danced(String name) {
        return Charts.read(Danced.figure(name));
    }

    private static List<String> titles(Figure figure) {
        return Drills.of(figure).stream()
                .map(drill -> drill.alone().map(part -> part.wording() + " ").orElse("")
                        + DrillSheet.of(drill).title())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("figures")
    void everyFigureHasSomeAndTheLastIsAllOfItUnlessTheyAreEight(String name) {
        List<Drill> drills = Drills.of(danced(name));

        assertThat(drills).hasSizeBetween(1, 8);
        assertThat(drills.stream()
                        .map(drill -> drill.alone() + DrillSheet.of(drill).title())
                        .collect(Collectors.toSet()))
                .as("no two alike")
                .hasSameSizeAs(drills);
        if (drills.size() < 8) {
            assertThat(DrillSheet.of(drills.get(drills.size() - 1)).title()).isEqualTo("A Figure");
        }
        assertThat(drills)
                .allSatisfy(drill -> assertThat(DrillSheet.of(drill).cautions()).contains(Caution.WARM_UP));
    }

    @Test
    void whatTurnsOnAnActionIsTurnedByDegrees() {
        Drill spin = Drills.of(danced("spot turns")).stream()
                .filter(drill -> drill.alone().equals(Optional.of(Part.LADY)))
                .findFirst()
                .orElseThrow();

        assertThat(spin.degrees()).containsExactly(25, 50, 100);
        assertThat(DrillSheet.of(spin).sentences())
                .anyMatch(sentence ->
                        sentence.startsWith("One degree at a time: 25 %, then 50 %, then all of the lady's "));
        assertThat(Drills.of(danced("new york")).get(0).degrees())
                .as("a check at a turn")
                .isNotEmpty();
        assertThat(Drills.of(danced("forward lock")).get(0).degrees())
                .as("a lock turns nothing")
                .isEmpty();
    }

    @Test
    void aStepIsDancedWithItsNeighboursAsFarAsThereAreAny() {
        assertThat(titles(danced("twist turn"))).contains("man A Figure (steps 4-5)");
        assertThat(titles(danced("spin turn"))).contains("man A Figure (steps 3-5)");
        assertThat(titles(danced("spot turns"))).contains("man A Figure (steps 1-2)", "lady A Figure (steps 1-2)");
    }

    @Test
    void partsAndUnitsAreTakenAsTheFigureHasThem() {
        assertThat(titles(SmallBook.turning("turn"))).contains("turn (1–3)", "turn (4–6)", "turn");
        assertThat(titles(danced("natural turn"))).containsExactly("A Figure");
    }

    @Test
    void whatIsDangerousInHeelsIsFirstDancedFlat() {
        Figure lock = danced("forward lock");
        Figure warned =
                lock.withTeaching(new Teaching(List.of(), List.of(), List.of(), List.of(Caution.LOCK_AT_SPEED)));

        assertThat(Drills.of(lock)).noneMatch(Drill::flatShoes);
        assertThat(Drills.of(warned)).allMatch(Drill::flatShoes);
        assertThat(Drills.of(warned)).extracting(Drill::alone).contains(Optional.empty());
    }
}
