package fluidframe.app.backups;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RetentionTest {

    private static final LocalDate WEDNESDAY = LocalDate.of(2026, 11, 25);

    @Test
    void sevenDaysAndFourWeeksStay() {
        List<LocalDate> ninetyDays =
                IntStream.range(0, 90).mapToObj(WEDNESDAY::minusDays).toList();
        List<LocalDate> gone = Retention.superfluous(ninetyDays, WEDNESDAY);
        List<LocalDate> stay =
                ninetyDays.stream().filter(day -> !gone.contains(day)).toList();
        assertThat(stay.subList(0, 7)).containsExactlyElementsOf(ninetyDays.subList(0, 7));
        assertThat(stay.subList(7, stay.size()))
                .containsExactly(LocalDate.of(2026, 11, 15), LocalDate.of(2026, 11, 8), LocalDate.of(2026, 11, 1));
    }

    @Test
    void aSingleOldOneOfAWeekStaysForFourWeeks() {
        assertThat(Retention.superfluous(List.of(WEDNESDAY.minusDays(20)), WEDNESDAY))
                .isEmpty();
        assertThat(Retention.superfluous(List.of(WEDNESDAY.minusDays(60)), WEDNESDAY))
                .hasSize(1);
    }
}
