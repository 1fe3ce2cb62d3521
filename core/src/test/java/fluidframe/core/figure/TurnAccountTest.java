package fluidframe.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import java.util.List;
import org.junit.jupiter.api.Test;

class TurnAccountTest {

    private final Figure naturalTurn = Charts.read(Charts.naturalTurn());

    @Test
    void theMansNaturalTurn() {
        TurnAccount account = naturalTurn.man().turnAccount();
        assertThat(account.entries()).allMatch(TurnAccount.Entry::agrees);
        assertThat(degrees(account)).containsExactly(-45, -135, 180, 180, 45, 45);
        assertThat(account.net()).hasToString("3/4 R");
        assertThat(account.end()).isEqualTo(Heading.parse("DC"));
    }

    @Test
    void theLadysNaturalTurn() {
        TurnAccount account = naturalTurn.lady().turnAccount();
        assertThat(account.entries()).allMatch(TurnAccount.Entry::agrees);
        assertThat(degrees(account)).containsExactly(135, 0, 0, 0, -90, -135);
        assertThat(account.entries().get(1).body())
                .as("her body turns less on 2")
                .isEqualTo(Heading.parse("DC"));
    }

    @Test
    void freeFeet() {
        assertThat(naturalTurn.man().freeFeet().before()).isEqualTo(Foot.RIGHT);
        assertThat(naturalTurn.man().freeFeet().last()).isEqualTo(Foot.RIGHT);
        assertThat(naturalTurn.lady().freeFeet().last()).isEqualTo(Foot.LEFT);
    }

    private static List<Integer> degrees(TurnAccount account) {
        return account.entries().stream().map(entry -> entry.placed().degrees()).toList();
    }
}
