package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.RandomRows;
import fluidframe.core.SmallBook;
import fluidframe.core.audit.Audit;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.MirrorImage;
import fluidframe.core.figure.RepeatOutcome;
import fluidframe.core.figure.Repeats;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

/** What is true of everything that can be written. */
class PropertiesTest {

    @Provide
    Arbitrary<Step> rows() {
        return Arbitraries.longs().map(seed -> new RandomRows(seed).next());
    }

    @Provide
    Arbitrary<Figure> figures() {
        return Arbitraries.of(Danced.all().keySet()).map(name -> Charts.read(Danced.figure(name)));
    }

    @Provide
    Arbitrary<String> turns() {
        return Arbitraries.of("", "1/8 L", "1/8 R", "1/4 L", "1/4 R", "3/8 L", "3/8 R");
    }

    @Property
    void whatIsWrittenIsReadAsItWasMeant(@ForAll("rows") Step row) {
        assertThat(RowReader.read(DraftWriter.row(row))).isEqualTo(row);
    }

    @Property
    void aRowMirroredTwiceIsTheSame(@ForAll("rows") Step row) {
        assertThat(row.mirrored().mirrored()).isEqualTo(row);
    }

    @Property(tries = 60)
    void aFigureMirroredTwiceIsTheSameAndItsImageIsAsSound(@ForAll("figures") Figure figure) {
        Figure image = MirrorImage.of(figure);
        assertThat(MirrorImage.of(image).man()).isEqualTo(figure.man());
        assertThat(MirrorImage.of(image).lady()).isEqualTo(figure.lady());
        assertThat(image.length()).isEqualTo(figure.length());
        for (Part part : Part.values()) {
            assertThat(image.chart(part).turnAccount().end())
                    .isEqualTo(figure.chart(part).turnAccount().end().mirrored());
        }
    }

    @Property(tries = 200)
    void whichWayTheRoomLiesChangesNoVerdict(
            @ForAll("turns") String turned,
            @ForAll("turns") String then,
            @ForAll @IntRange(min = 1, max = 15) int sixteenths) {
        Figure before = SmallBook.walk("before", "RF", "DW", turned);
        Figure after = SmallBook.walk("after", "LF", "DC", then);
        Outcome outcome =
                Link.between(ExitState.of(before), EntryState.of(after)).outcome();
        assertThat(Link.between(ExitState.of(rotated(before, sixteenths)), EntryState.of(rotated(after, sixteenths)))
                        .outcome())
                .isEqualTo(outcome);
    }

    private static Figure rotated(Figure figure, int sixteenths) {
        Turn by = new Turn(sixteenths);
        return figure.withCharts(
                        new Chart(
                                Part.MAN,
                                figure.man().steps().stream()
                                        .map(step -> step.turned(by))
                                        .toList()),
                        new Chart(
                                Part.LADY,
                                figure.lady().steps().stream()
                                        .map(step -> step.turned(by))
                                        .toList()))
                .withStartAlignments(figure.startAlignments().stream()
                        .map(alignment -> alignment.turned(by))
                        .toList());
    }

    @Property(tries = 100)
    void aUnitDancedNTimesLastsNTimesAsLong(
            @ForAll @IntRange(min = 1, max = 12) int times, @ForAll("turns") String turn) {
        Figure unit = Charts.read(Charts.figure(
                        "waltz",
                        "2",
                        Charts.rows(
                                "1|LF|fwd|f LOD",
                                "2|RF|sd||" + turn,
                                "3|LF|cl",
                                "1|RF|fwd",
                                "2|LF|sd||" + turn,
                                "3|RF|cl"),
                        Charts.rows(
                                "1|RF|bk|b LOD",
                                "2|LF|sd||" + turn,
                                "3|RF|cl",
                                "1|LF|bk",
                                "2|RF|sd||" + turn,
                                "3|LF|cl"))
                .withVariants(new VariantsDraft(
                        List.of(),
                        List.of(),
                        List.of(),
                        Optional.of(new RepeatDraft(1, 6, Optional.empty(), Optional.empty(), "1-12")),
                        Optional.empty(),
                        Optional.empty(),
                        List.of())));
        RepeatOutcome outcome = Repeats.table(unit).get(times - 1);
        assertThat(outcome.length()).isEqualTo(unit.length().times(times));
        assertThat(outcome.manFree())
                .as("an even unit leaves the foot free that it began with")
                .isEqualTo(unit.man().freeFeet().before());
        Turn once = unit.startHeading().turnTo(unit.man().turnAccount().end());
        assertThat(outcome.facing()).isEqualTo(unit.startHeading().plus(new Turn(once.sixteenths() * times)));
        assertThat(Audit.foundations(Repeats.danced(unit, times))).isEmpty();
    }
}
