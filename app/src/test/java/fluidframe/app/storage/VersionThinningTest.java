package fluidframe.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.app.storage.VersionThinning.Kept;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class VersionThinningTest {

    private static final Instant NOW = Instant.parse("2026-05-20T18:30:00Z");
    private final List<Kept> versions = new ArrayList<>();

    @Test
    void everyVersionOfTheLastDayStays() {
        for (int minutes = 0; minutes <= 24 * 60; minutes += 10) {
            version(Duration.ofMinutes(minutes), false);
        }
        assertThat(VersionThinning.superfluous(versions, NOW)).isEmpty();
    }

    @Test
    void forAMonthTheLastOfEachHourStaysAndThenTheLastOfEachDay() {
        List<Integer> stay = List.of(
                version(Duration.ZERO, false),
                version(Duration.ofHours(49), false),
                version(Duration.ofDays(40), false));
        version(Duration.ofHours(49).plusMinutes(20), false);
        version(Duration.ofDays(40).plusHours(3), false);
        int otherDay = version(Duration.ofDays(41), false);
        versions.sort((a, b) -> b.at().compareTo(a.at()));
        assertThat(VersionThinning.superfluous(versions, NOW))
                .hasSize(2)
                .doesNotContainAnyElementsOf(stay)
                .doesNotContain(otherDay);
    }

    @Test
    void theLatestAndWhatADeletionEndedStayHoweverOld() {
        version(Duration.ofDays(400), false);
        int deletion = version(Duration.ofDays(400).plusMinutes(5), true);
        int ended = version(Duration.ofDays(400).plusMinutes(6), false);
        int worn = version(Duration.ofDays(400).plusMinutes(7), false);
        assertThat(VersionThinning.superfluous(versions, NOW))
                .containsExactly(worn)
                .doesNotContain(deletion, ended);
    }

    @Test
    void thinningTwiceTakesNothingMore() {
        for (int hours = 0; hours < 24 * 60; hours++) {
            version(Duration.ofMinutes(hours * 37L), false);
        }
        List<Integer> going = VersionThinning.superfluous(versions, NOW);
        List<Kept> left = versions.stream()
                .filter(version -> !going.contains(version.number()))
                .toList();
        assertThat(going).isNotEmpty();
        assertThat(VersionThinning.superfluous(left, NOW)).isEmpty();
    }

    private int version(Duration age, boolean deletion) {
        int number = 10_000 - versions.size();
        versions.add(new Kept(number, NOW.minus(age), deletion));
        return number;
    }
}
