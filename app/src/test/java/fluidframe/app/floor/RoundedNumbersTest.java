package fluidframe.app.floor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.json.JsonMapper;

class RoundedNumbersTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private record Numbers(
            @JsonSerialize(using = RoundedNumbers.class) double[] numbers) {}

    @Test
    void numbersAreWrittenToFourDecimalsWithoutNeedlessNoughts() {
        assertThat(written(0, -0.00001, 1.5, -0.05, 12.34567, -720, 0.1234))
                .isEqualTo("[0.0,0.0,1.5,-0.05,12.3457,-720.0,0.1234]");
        assertThat(written()).isEqualTo("[]");
    }

    @Test
    void whatIsReadAgainIsTheRoundedNumber() {
        double[] numbers = new Random(4).doubles(5_000, -4_000, 4_000).toArray();
        double[] read = JSON.readValue(JSON.writeValueAsString(new Numbers(numbers)), Numbers.class)
                .numbers();
        for (int i = 0; i < numbers.length; i++) {
            assertThat(read[i]).isEqualTo(Math.round(numbers[i] * 10_000) / 10_000.0);
        }
    }

    private static String written(double... numbers) {
        return JSON.readTree(JSON.writeValueAsString(new Numbers(numbers)))
                .get("numbers")
                .toString();
    }
}
