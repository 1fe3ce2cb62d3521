package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.figure.Ways;
import fluidframe.core.link.Repair.Kind;
import fluidframe.core.space.Heading;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LinkingTest {

    private static final Figure TURNING = SmallBook.turning("turning");

    @Test
    void aFigureIsCutFinishedAndRepeated() {
        Map<Way, Figure> ways = Ways.of(TURNING);
        Figure firstHalf = ways.get(Way.AS_CHARTED.withSplit("1–3"));
        assertThat(ExitState.of(firstHalf).facing()).isEqualTo(Heading.parse("ALOD"));
        assertThat(firstHalf.length()).hasToString("3");
        Figure secondHalf = ways.get(Way.AS_CHARTED.withSplit("4–6"));
        assertThat(EntryState.of(secondHalf).facings()).containsExactly(Heading.parse("ALOD"));
        assertThat(ExitState.of(secondHalf).facing()).isEqualTo(Heading.parse("DC"));
        assertThat(ExitState.of(ways.get(Way.AS_CHARTED.withFinish("to LOD"))).facing())
                .isEqualTo(Heading.parse("LOD"));
        assertThat(ways.get(Way.AS_CHARTED.withRepeats(2)).length()).hasToString("12");
        assertThat(ways)
                .containsKey(Way.AS_CHARTED.withFinish("to LOD").withSplit("4–6"))
                .doesNotContainKey(Way.AS_CHARTED.withFinish("to LOD").withSplit("1–3"));
    }

    @Test
    void wordsAndSearchesAgreeOnEveryLink() {
        List<Figure> book = new ArrayList<>(SmallBook.random(15, 1));
        book.add(TURNING);
        Repertoire repertoire = Repertoire.of(book, Conditions.OPEN);
        for (Move begun : repertoire.beginnings()) {
            List<Move> after = repertoire.after(Optional.of(begun.dancing().figure()), begun.exit());
            for (Dancing next : repertoire.dancings()) {
                Outcome said = Link.between(
                                begun.exit(), next.entry(), begun.dancing().figure(), next.figure(), Conditions.OPEN)
                        .outcome();
                Optional<Outcome> searched = after.stream()
                        .filter(move -> move.dancing().equals(next))
                        .map(Move::outcome)
                        .findFirst();
                assertThat(searched.orElse(Outcome.BREAKS)).isEqualTo(said);
            }
        }
    }

    @Test
    void theCheapestRepairComesFirstAndEachIsProved() {
        Figure ahead = SmallBook.walk("ahead", "RF", "LOD", "");
        Repertoire repertoire = Repertoire.of(
                List.of(
                        TURNING,
                        ahead,
                        SmallBook.walk("right", "RF", "DC", "1/8 R"),
                        SmallBook.walk("left", "LF", "LOD", "1/8 L")),
                Conditions.OPEN);
        Repairs repairs = new Repairs(repertoire);
        Repairs.Join seam = new Repairs.Join(
                dancing(repertoire, "turning"),
                Heading.parse("DW"),
                Beats.ZERO,
                dancing(repertoire, "ahead"),
                Optional.empty(),
                false);
        assertThat(repairs.verdict(seam).outcome()).isEqualTo(Outcome.BENDS);
        List<Repair> found = repairs.of(seam);
        assertThat(found.get(0).kind()).isEqualTo(Kind.FINISH);
        assertThat(found.get(0).before()).isEqualTo(Way.AS_CHARTED.withFinish("to LOD"));
        assertThat(found)
                .allSatisfy(repair -> assertThat(repair.verdict().outcome()).isNotEqualTo(Outcome.BREAKS));
        assertThat(found).extracting(Repair::kind).isSorted();
    }

    @Test
    void aBridgeLeadsFromOneToTheOther() {
        Figure start = SmallBook.walk("start", "RF", "LOD", "1/4 L");
        Figure goal = SmallBook.walk("goal", "LF", "DW", "");
        Repertoire repertoire = Repertoire.of(
                List.of(
                        start,
                        goal,
                        SmallBook.walk("back-again", "LF", "C", "1/4 R"),
                        SmallBook.walk("changing", "RF", "LOD", "1/8 R")),
                Conditions.OPEN);
        Dancing begun = dancing(repertoire, "start");
        List<List<Move>> bridges = new Bridges(repertoire)
                .between(
                        Optional.of(start),
                        begun.exitFrom(Heading.parse("LOD"), Beats.ZERO),
                        dancing(repertoire, "goal"),
                        Beats.of(12),
                        3);
        assertThat(bridges).isNotEmpty();
        assertThat(bridges.get(0))
                .extracting(move -> move.dancing().figure().id())
                .containsExactly("back-again", "changing");
        List<Beats> lengths = bridges.stream()
                .map(chain ->
                        chain.stream().map(move -> move.dancing().length()).reduce(Beats.ZERO, Beats::plus))
                .toList();
        assertThat(lengths).isSorted();
    }

    @Test
    void theMapNamesDeadEndsAndWholes() {
        Figure there = SmallBook.walk("there", "RF", "LOD", "1/4 L");
        Figure back = SmallBook.walk("back", "LF", "C", "1/4 R");
        Figure odd = SmallBook.walk("odd", "RF", "ALOD", "1/8 L");
        LinkMap map = LinkMap.of(Repertoire.of(List.of(there, back, odd), Conditions.OPEN));
        assertThat(map.components().get(0)).containsExactlyInAnyOrder("there", "back");
        assertThat(map.unreachable()).containsExactly("odd");
        assertThat(map.successors().get("there")).containsEntry("back", Outcome.HOLDS);
    }

    @Test
    void termsBindTheSyllabusAndTheLevel() {
        Figure first = SmallBook.walk("first", "RF", "LOD", "", "second");
        Figure second = SmallBook.walk("second", "LF", "LOD", "");
        Figure third = SmallBook.walk("third", "LF", "LOD", "");
        ExitState exit = ExitState.of(first);
        assertThat(Link.between(exit, EntryState.of(second), first, second, new Conditions(true, Level.OPEN))
                        .outcome())
                .isEqualTo(Outcome.HOLDS);
        assertThat(Link.between(exit, EntryState.of(third), first, third, new Conditions(true, Level.OPEN))
                        .outcome())
                .isEqualTo(Outcome.BREAKS);
        assertThat(Link.between(exit, EntryState.of(third), first, third, Conditions.OPEN)
                        .outcome())
                .isEqualTo(Outcome.BENDS);
        assertThat(Link.between(exit, EntryState.of(second), first, second, new Conditions(false, Level.PRE_BRONZE))
                        .outcome())
                .isEqualTo(Outcome.BREAKS);
    }

    private static Dancing dancing(Repertoire repertoire, String id) {
        return repertoire.dancings().stream()
                .filter(dancing ->
                        dancing.figure().id().equals(id) && dancing.way().isAsCharted())
                .findFirst()
                .orElseThrow();
    }
}
