package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.SmallBook;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Way;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ElementTest {

    private static final Dance WALTZ = Dances.find("waltz").orElseThrow();
    private static final ExitState STANDING = new ExitState(
            Foot.RIGHT,
            Foot.LEFT,
            Heading.parse("DW"),
            Relation.of(Position.CLOSED, Hold.CLOSED),
            true,
            Travel.FORWARD,
            false,
            Beats.ZERO,
            Line.IN_LINE,
            false,
            0);

    @ParameterizedTest
    @CsvSource({
        "HOLD,3,RF,LF",
        "TAP,1,RF,LF",
        "REPLACE,1,LF,RF",
        "REPLACE,3,LF,RF",
        "CHECK,1,LF,RF",
        "WALK,2,RF,LF",
        "WALK,3,LF,RF",
        "ROUND,8,RF,LF",
        "BOW,6,both,both",
        "POSE,1,both,both"
    })
    void itLeavesTheFootFreeThatItsWeightChangesSay(ElementKind kind, int beats, String his, String hers) {
        ExitState left = after(Element.of(kind, beats), STANDING);
        assertThat(List.of(left.manFree().shorthand(), left.ladyFree().shorthand()))
                .containsExactly(his, hers);
    }

    @ParameterizedTest
    @EnumSource(ElementKind.class)
    void itTakesTheCoupleAsItFindsThem(ElementKind kind) {
        Element element = Element.of(kind, 2);
        Dancing dancing = element.after(STANDING, WALTZ);
        boolean keepsPosition = kind != ElementKind.ROUND;
        assertThat(Link.between(STANDING, dancing.entry()).comparisons())
                .filteredOn(compared -> keepsPosition || compared.aspect() != Aspect.POSITION)
                .allMatch(compared -> compared.outcome() == Outcome.HOLDS);
        assertThat(after(element, STANDING).up()).isFalse();
        assertThat(after(element, STANDING).beat()).isEqualTo(Beats.of(2));
    }

    @Test
    void onePartCanChangeWeightWhileTheOtherWaits() {
        ExitState left = after(Element.of(ElementKind.REPLACE, 1).by(Part.LADY), STANDING);
        assertThat(left.manFree()).isEqualTo(Foot.RIGHT);
        assertThat(left.ladyFree()).isEqualTo(Foot.RIGHT);
    }

    @Test
    void itTurnsAndLeadsIntoAnotherPosition() {
        Element element =
                new Element(ElementKind.WALK, 4, Optional.empty(), RelationChange.parse("PP"), Turn.parse("3/8 L"));
        Dancing dancing = element.after(STANDING, WALTZ);
        assertThat(dancing.exit().facing()).isEqualTo(Heading.parse("DW").plus(Turn.parse("3/8 L")));
        assertThat(dancing.exit().relation().position()).isEqualTo(Position.PROMENADE);
        assertThat(dancing.danced().lady().turnAccount().end())
                .isEqualTo(dancing.exit().facing().plus(Position.PROMENADE.facing()));
        assertThat(dancing.danced().man().turnAccount().entries()).allMatch(entry -> entry.agrees());
        assertThat(dancing.danced().man().steps()).filteredOn(Step::takesWeight).hasSize(4);
    }

    @Test
    void anImpossibleLengthIsRefused() {
        assertThatThrownBy(() -> Element.of(ElementKind.HOLD, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("0 beats");
        assertThatThrownBy(() -> Element.of(ElementKind.HOLD, 257))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("257");
    }

    @Test
    void oneStepMendsAWrongFootAndEachOfferIsProved() {
        Dancing walk = Dancing.of(SmallBook.walk("walk", "LF", "LOD", ""), Way.AS_CHARTED);
        Repairs repairs = new Repairs(Repertoire.of(List.of(walk.figure()), Conditions.OPEN));
        Dancing same = Dancing.of(SmallBook.walk("again", "LF", "LOD", ""), Way.AS_CHARTED);
        Repairs.Join seam = new Repairs.Join(walk, Heading.LINE_OF_DANCE, Beats.ZERO, same, Optional.empty(), false);
        List<Repair> offered = repairs.of(seam).stream()
                .filter(repair -> repair.kind() == Repair.Kind.ELEMENT)
                .toList();
        assertThat(repairs.verdict(seam).outcome()).isEqualTo(Outcome.BREAKS);
        assertThat(offered)
                .extracting(Repair::label)
                .containsExactly(
                        "replace for 3 beats between, which stops the dance",
                        "check for 3 beats between, which stops the dance");
        for (Repair repair : offered) {
            Dancing between = repair.between().get(0).after(walk.exitFrom(Heading.LINE_OF_DANCE, Beats.ZERO), WALTZ);
            assertThat(Link.between(between.exit(), same.entry()).outcome()).isEqualTo(Outcome.HOLDS);
        }
    }

    private static ExitState after(Element element, ExitState before) {
        return element.after(before, WALTZ).exitFrom(before.facing(), before.beat());
    }
}
