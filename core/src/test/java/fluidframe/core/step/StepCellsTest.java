package fluidframe.core.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.space.Turn;
import fluidframe.core.step.Footwork.Surface;
import fluidframe.core.step.RiseFall.Kind;
import fluidframe.core.text.UnreadableTextException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What one cell says: written, written again in shorthand, and said. */
class StepCellsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/4 r                     | 1/4 R                    | 1/4 to the right",
                "on 1/2 L                  | on 1/2 L                 | on the foot 1/2 to the left",
                "1/4 R, on ½ R             | 1/4 R, on 1/2 R          | 1/4 to the right, on the foot 1/2 to the right",
                "3/8 R, body less          | 3/8 R, body less         | 3/8 to the right, the body 1/8 less",
                "3/8 R body less 1/4       | 3/8 R, body less 1/4     | 3/8 to the right, the body 1/4 less",
                "body comp                 | body completes           | the body completes the turn",
                "body turns 1/8 L          | body 1/8 L               | the body turns 1/8 to the left",
                "commence to turn R        | begin R                  | begins to turn to the right",
                "cont L                    | cont L                   | goes on turning to the left"
            })
    void aTurn(String text, String shorthand, String wording) {
        StepTurn turn = StepTurn.parse(text.strip());

        assertThat(turn).hasToString(shorthand.strip());
        assertThat(turn.wording()).isEqualTo(wording.strip());
        assertThat(StepTurn.parse(turn.toString())).isEqualTo(turn);
        assertThat(turn.mirrored().mirrored()).isEqualTo(turn);
        assertThat(turn.mirrored().toString())
                .isEqualTo(shorthand
                        .strip()
                        .replaceAll("\\bR\\b", "#")
                        .replaceAll("\\bL\\b", "R")
                        .replace("#", "L"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-", "0", " "})
    void noTurn(String text) {
        assertThat(StepTurn.parse(text)).isEqualTo(StepTurn.NONE).hasToString("");
    }

    @ParameterizedTest
    @ValueSource(strings = {"1/4", "R", "1/4 X", "body", "1/4 R and more", "on R"})
    void whatIsNoTurnIsNamed(String text) {
        assertThatThrownBy(() -> StepTurn.parse(text)).isInstanceOf(UnreadableTextException.class);
    }

    @Test
    void theBodyTurnsLessByAnEighthWhereNothingIsSaid() {
        assertThat(((BodyTurn.Less) StepTurn.parse("1/4 R, body less").body()).by())
                .isEqualTo(new Turn(2));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "h t                | HT        | heel, toe",
                "T-H                | TH        | toe, heel",
                "bf                 | BF        | ball, flat",
                "whole              | WF        | whole foot",
                "WF T               | WF T      | whole foot, toe",
                "IE T               | IE T      | inside edge of toe",
                "IE BH              | IE BH     | inside edge of ball, heel",
                "T OE B             | T OE B    | toe, outside edge of ball"
            })
    void footwork(String text, String shorthand, String wording) {
        Footwork footwork = Footwork.parse(text.strip());

        assertThat(footwork).hasToString(shorthand.strip());
        assertThat(footwork.wording()).isEqualTo(wording.strip());
        assertThat(Footwork.parse(footwork.toString())).isEqualTo(footwork);
    }

    @Test
    void footworkInHeelsAndToes() {
        Footwork edges = Footwork.parse("IE BF");

        assertThat(edges.in(FootworkSchool.EDGES)).isEqualTo(edges);
        assertThat(edges.first()).contains(Surface.BALL);
        assertThat(edges.last()).contains(Surface.FLAT);
        assertThat(edges.uses(Surface.FLAT)).isTrue();
        assertThat(edges.uses(Surface.HEEL)).isFalse();
        for (FootworkSchool school : FootworkSchool.values()) {
            if (school != FootworkSchool.EDGES) {
                assertThat(edges.in(school)).hasToString("TH");
            }
        }
        assertThat(Footwork.parse("")).isEqualTo(Footwork.NONE).matches(Footwork::isNone);
    }

    @ParameterizedTest
    @ValueSource(strings = {"HX", "IE", "heel toe", "OE ", "tr"})
    void whatIsNoFootworkIsNamed(String text) {
        assertThatThrownBy(() -> Footwork.parse(text)).isInstanceOf(UnreadableTextException.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "commence to rise end of 1 | cr e1          | begins to rise at the end of 1",
                "cont, lo e3               | cont, lo e3    | goes on rising, lowers at the end of 3",
                "up                        | up             | up",
                "remains up; NFR           | rem up, NFR    | remains up, no foot rise",
                "body rise                 | BR             | body rise",
                "lowers e                  | lo e           | lowers at the end of the step",
                "up 4                      | up 4           | up on 4"
            })
    void riseAndFall(String text, String shorthand, String wording) {
        RiseFall rise = RiseFall.parse(text.strip());

        assertThat(rise).hasToString(shorthand.strip());
        assertThat(rise.wording()).isEqualTo(wording.strip());
        assertThat(RiseFall.parse(rise.toString())).isEqualTo(rise);
    }

    @Test
    void aNumberThatMeansTheStepItselfIsNotSaidBesideIt() {
        RiseFall rise = RiseFall.parse("cont, lo e3");

        assertThat(rise.wordingBeside(2, "Q")).isEqualTo("goes on rising, lowers at the end of the step");
        assertThat(rise.wordingBeside(5, "3")).isEqualTo("goes on rising, lowers at the end of the step");
        assertThat(rise.wordingBeside(1, "2")).isEqualTo("goes on rising, lowers at the end of 3");
        assertThat(rise.has(Kind.LOWER)).isTrue();
        assertThat(rise.has(Kind.UP)).isFalse();
        assertThat(RiseFall.parse("-").isNone()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"high", "up e123", "cr e1 x", "lo3"})
    void whatIsNoRiseIsNamed(String text) {
        assertThatThrownBy(() -> RiseFall.parse(text)).isInstanceOf(UnreadableTextException.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "forward                   | fwd            | FULL",
                "sd sl forward             | sd sl fwd      | FULL",
                "back CBMP partner outside | bk CBMP PO     | FULL",
                "together                  | cl             | FULL",
                "sd pw                     | sd pw          | PART",
                "fwd nw                    | fwd nw         | NONE"
            })
    void whereTheFootGoes(String text, String shorthand, Weight weight) {
        FootPosition position = FootPosition.parse(text.strip());

        assertThat(position).hasToString(shorthand.strip());
        assertThat(position.weight()).isEqualTo(weight);
        assertThat(FootPosition.parse(position.toString())).isEqualTo(position);
        assertThat(position.mirrored().mirrored()).isEqualTo(position);
    }

    @Test
    void aFootGoesToOnePlace() {
        assertThatThrownBy(() -> FootPosition.parse("fwd bk")).hasMessageContaining("not both fwd and bk");
        assertThatThrownBy(() -> FootPosition.parse("CBMP")).isInstanceOf(UnreadableTextException.class);
        FootPosition outside = FootPosition.of(
                StepDirection.FORWARD, PositionModifier.OUTSIDE_PARTNER, PositionModifier.LEFT_SIDE_LEADING);
        assertThat(outside.mirrored()).hasToString("fwd RSL OP L");
        assertThat(outside.has(PositionModifier.OUTSIDE_PARTNER)).isTrue();
        assertThat(outside.with(PositionModifier.CBMP)).hasToString("fwd LSL CBMP OP");
        assertThat(outside.withWeight(Weight.PART)).hasToString("fwd LSL OP pw");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "settle right              | settle R                 | hips settle right",
                "turn L @1/2; incline R    | turn L @1/2; incline R   | hips turn left after 1/2 beat; hips incline right",
                "figure 8, bounce          | fig8; bounce             | figure of eight; knees and ankles give and return"
            })
    void hipsAndBody(String text, String shorthand, String wording) {
        BodyAction body = BodyAction.parse(text.strip());

        assertThat(body).hasToString(shorthand.strip());
        assertThat(body.wording()).isEqualTo(wording.strip());
        assertThat(BodyAction.parse(body.toString())).isEqualTo(body);
        assertThat(body.mirrored().mirrored()).isEqualTo(body);
        assertThatThrownBy(() -> BodyAction.parse("wiggle " + text)).isInstanceOf(UnreadableTextException.class);
    }
}
