package fluidframe.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CleanFiguresTest {

    static Stream<String> names() {
        return Danced.all().keySet().stream();
    }

    @ParameterizedTest
    @MethodSource("names")
    void aFigureDancedAsItShouldBeIsLeftAlone(String name) {
        assertThat(Audit.of(Charts.read(Danced.figure(name))))
                .filteredOn(finding -> finding.severity() != Severity.NOTE)
                .extracting(finding ->
                        name + ": " + finding.rule() + " " + finding.place().pointer() + " " + finding.sentence())
                .isEmpty();
    }
}
