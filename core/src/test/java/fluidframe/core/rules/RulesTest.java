package fluidframe.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Level;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RulesTest {

    private static final Dance WALTZ = Dances.find("waltz").orElseThrow();
    private static final Dance TANGO = Dances.find("tango").orElseThrow();

    private static Division division(String title, int couples, Dance... dances) {
        return new Division(
                title,
                List.of(dances).stream()
                        .map(dance -> new DanceRule(dance, Limits.NONE))
                        .toList(),
                LengthRule.FREE,
                FigureRule.OPEN,
                new HoldRule.Free(),
                couples,
                "",
                "");
    }

    @ParameterizedTest
    @CsvSource({"79.9, false, 0.1", "80, true, 0", "85, true, 5", "90, true, 0", "90.1, false, 0.1"})
    void bothLimitsBelongToWhatIsAllowed(double value, boolean allowed, double room) {
        assertThat(Limits.of(80, 90).allow(value)).isEqualTo(allowed);
        assertThat(Limits.of(80, 90).room(value)).isCloseTo(room, within(1e-9));
    }

    @Test
    void limitsMayBeOpen() {
        assertThat(Limits.NONE.bind()).isFalse();
        assertThat(Limits.NONE.allow(1e9)).isTrue();
        assertThat(Limits.NONE.room(3)).isInfinite();
        assertThat(Limits.atMost(90).allow(0)).isTrue();
        assertThat(Limits.atMost(90).allow(91)).isFalse();
        assertThat(Limits.atMost(90).width()).isInfinite();
        assertThat(Limits.of(80, 90).width()).isEqualTo(10);
    }

    @Test
    void limitsAreSaidAsCoachesSayThem() {
        assertThat(Limits.of(80, 90)).hasToString("80 to 90");
        assertThat(Limits.of(90, 90)).hasToString("90");
        assertThat(Limits.atMost(90.25)).hasToString("at most 90.3");
        assertThat(new Limits(Optional.of(80.0), Optional.empty())).hasToString("at least 80");
        assertThat(Limits.NONE).hasToString("any");
    }

    @Test
    void whatCannotBeALimitIsNamed() {
        assertThatThrownBy(() -> Limits.of(90, 80)).hasMessage("the least, 90, is more than the most, 80");
        assertThatThrownBy(() -> Limits.of(-1, 80)).hasMessageContaining("nothing or more");
        assertThatThrownBy(() -> Limits.atMost(Double.NaN)).hasMessageContaining("nothing or more");
    }

    @Test
    void aFigureComesByItsNameUnlessItIsBarred() {
        FigureRule only = new FigureRule(
                Level.SILVER,
                Set.of("whisk", "wing"),
                Set.of("wing"),
                Set.of(),
                Set.of(),
                PartsRule.WHOLE,
                true,
                false);

        assertThat(only.admits("whisk")).isTrue();
        assertThat(only.admits("wing")).isFalse();
        assertThat(only.admits("weave")).isFalse();
        assertThat(FigureRule.OPEN.admits("weave")).isTrue();
    }

    @Test
    void aDivisionHasDifferentDancesAndRoomOnTheFloor() {
        Division bronze = division("Bronze", 6, WALTZ, TANGO);

        assertThat(bronze.of(TANGO)).map(DanceRule::dance).contains(TANGO);
        assertThat(division("Bronze", 6, WALTZ).of(TANGO)).isEmpty();
        assertThatThrownBy(() -> division("Bronze", 6, WALTZ, WALTZ)).hasMessageContaining("different dances");
        assertThatThrownBy(() -> division("Bronze", 6)).hasMessageContaining("1 to 10");
        assertThatThrownBy(() -> division("Bronze", 0, WALTZ)).hasMessage("0 couples on the floor: expected 1 to 60");
        assertThat(division("Bronze", 60, WALTZ).couples()).isEqualTo(60);
        assertThatThrownBy(() -> division("Bronze", 61, WALTZ)).hasMessageContaining("61 couples");
    }

    @Test
    void rulesHaveDivisionsEachWithATitleOfItsOwn() {
        Division bronze = division("Bronze", 6, WALTZ);
        Profile profile = new Profile("open", "Open", "", List.of(bronze, division("Silver", 6, WALTZ)));

        assertThat(profile.division("Bronze")).contains(bronze);
        assertThat(profile.division("Gold")).isEmpty();
        assertThatThrownBy(() -> new Profile("open", "Open", "", List.of())).hasMessageContaining("1 to 40 divisions");
        assertThatThrownBy(() -> new Profile("open", "Open", "", List.of(bronze, bronze)))
                .hasMessageContaining("title of its own");
        assertThatThrownBy(() -> new Profile("open", "Open", "", Collections.nCopies(41, bronze)))
                .hasMessageContaining("1 to 40");
    }
}
