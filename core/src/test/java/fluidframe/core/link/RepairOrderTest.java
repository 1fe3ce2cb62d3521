package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.space.Heading;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** In which order a coach is offered what would mend a seam on the wrong foot. */
class RepairOrderTest {

    private static final Figure FIRST = SmallBook.walk("first", "RF", "LOD", "", "listed");
    private static final Figure NEXT = SmallBook.walk("next", "RF", "LOD", "");
    private static final Figure LISTED = SmallBook.walk("listed", "LF", "LOD", "", "next");
    private static final Figure SHORT = SmallBook.walk("short", "LF", "LOD", "");
    private static final Figure HARD = SmallBook.at(Level.GOLD, SmallBook.walk("hard", "LF", "LOD", ""));

    private static List<Repair> repairs(Figure... book) {
        Repertoire repertoire = Repertoire.of(List.of(book), Conditions.OPEN);
        return new Repairs(repertoire)
                .of(new Repairs.Join(
                        Dancing.of(FIRST, Way.AS_CHARTED),
                        Heading.parse("LOD"),
                        Beats.ZERO,
                        Dancing.of(NEXT, Way.AS_CHARTED),
                        Optional.empty(),
                        false));
    }

    @Test
    void theListedFigureComesFirstAndWhatStopsTheDanceLast() {
        List<Repair> repairs = repairs(FIRST, NEXT, SHORT, LISTED, HARD);

        assertThat(repairs)
                .extracting(Repair::kind)
                .isSorted()
                .startsWith(Repair.Kind.LISTED)
                .endsWith(Repair.Kind.ELEMENT);
        assertThat(repairs.get(0).label()).isEqualTo("dance the listed between");
        assertThat(repairs.get(repairs.size() - 1).label()).endsWith("which stops the dance");
    }

    @Test
    void aShortFigureIsNoHarderThanTheTwo() {
        assertThat(repairs(FIRST, NEXT, HARD))
                .extracting(Repair::kind)
                .doesNotContain(Repair.Kind.SHORT, Repair.Kind.LISTED);
    }

    @Test
    void nothingIsOfferedTwice() {
        assertThat(repairs(FIRST, NEXT, SHORT, LISTED))
                .extracting(Repair::label)
                .doesNotHaveDuplicates();
    }
}
