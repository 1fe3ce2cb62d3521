package fluidframe.core.compose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.Charts;
import fluidframe.core.compose.Composition.Reason;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FullnessTest {

    private static final Beats BAR = Beats.of(4);
    private static final MusicMap MUSIC = MusicMap.plain(BAR, 8, new Tempo(29));
    /** Each begins and ends with the same foot free, so any may follow any. */
    private static final Figure SPARSE = walks("sparse", "1", "S", "S");

    private static final Figure USUAL = walks("usual", "2", "S", "Q", "Q", "S", "Q", "Q");
    private static final Figure FULL = walks("full", "1", "Q", "Q", "Q", "Q");
    private static final Repertoire BOOK = Repertoire.of(List.of(SPARSE, USUAL, FULL), Conditions.OPEN);

    private static Figure walks(String id, String bars, String... counts) {
        List<RowDraft> man = new ArrayList<>();
        List<RowDraft> lady = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            man.addAll(Charts.rows(counts[i] + "|" + (i % 2 == 0 ? "LF" : "RF") + "|fwd|f LOD"));
            lady.addAll(Charts.rows(counts[i] + "|" + (i % 2 == 0 ? "RF" : "LF") + "|bk|b LOD"));
        }
        return Charts.read(Charts.figure("foxtrot", bars, man, lady))
                .with()
                .id(id)
                .title(id)
                .neighbours(new Neighbours(List.of(), List.of()))
                .build();
    }

    private static Wish wish(Stretch... stretches) {
        return Wish.of(BAR.times(8), BAR.times(8), MUSIC).withMostTimes(8).withStretches(List.of(stretches));
    }

    private static List<String> composed(Wish wish) {
        Answer answer = Composer.compose(BOOK, wish.withAnswers(1), () -> false);
        assertThat(answer.exact()).isTrue();
        return answer.compositions().get(0).steps().stream()
                .map(piece -> piece.onset().ticks() / BAR.ticks() + 1 + " "
                        + piece.dancing().figure().id())
                .toList();
    }

    private static Stretch stretch(int from, int to, Fullness fullness) {
        return new Stretch(BAR.times(from - 1), BAR.times(to), fullness);
    }

    @Test
    void aVerseIsSparseAndAChorusFullWhereThatIsAsked() {
        Weights only = new Weights(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 3);
        Wish wish = wish(stretch(1, 4, Fullness.SPARSE), stretch(5, 8, Fullness.FULL))
                .withWeights(only);

        assertThat(composed(wish))
                .containsExactly(
                        "1 sparse", "2 sparse", "3 sparse", "4 sparse", "5 full", "6 full", "7 full", "8 full");
        assertThat(composed(wish.withForbidden(Set.of("full"))))
                .endsWith("7 usual")
                .hasSize(6);
    }

    @Test
    void everyBarCountsForOrAgainst() {
        Composition sparse = Composer.compose(
                        BOOK, wish(stretch(1, 8, Fullness.SPARSE)).withForbidden(Set.of("usual", "full")), () -> false)
                .compositions()
                .get(0);
        Composition contrary = Composer.compose(
                        BOOK, wish(stretch(1, 8, Fullness.FULL)).withForbidden(Set.of("usual", "full")), () -> false)
                .compositions()
                .get(0);
        Composition neither = Composer.compose(
                        BOOK, wish(stretch(1, 8, Fullness.FULL)).withForbidden(Set.of("sparse", "full")), () -> false)
                .compositions()
                .get(0);

        assertThat(sparse.reasons()).containsEntry(Reason.SPARSE_AND_FULL, 8 * Weights.USUAL.fullness());
        assertThat(contrary.reasons()).containsEntry(Reason.SPARSE_AND_FULL, -8 * Weights.USUAL.fullness());
        assertThat(neither.reasons()).containsEntry(Reason.SPARSE_AND_FULL, 0);
        assertThat(List.of(sparse, contrary, neither))
                .allSatisfy(composition -> assertThat(composition.points())
                        .isEqualTo(composition.reasons().values().stream()
                                .mapToInt(Integer::intValue)
                                .sum()));
    }

    @Test
    void whereMostFiguresHaveTheSameStepsToTheBarOnlyOthersAreSparseOrFull() {
        List<Figure> even = List.of(
                USUAL,
                USUAL.with().id("b").build(),
                USUAL.with().id("c").build(),
                USUAL.with().id("d").build(),
                USUAL.with().id("e").build(),
                FULL);
        StepRates rates = new StepRates(Repertoire.of(even, Conditions.OPEN));

        assertThat(BOOK.dancings())
                .extracting(rates::of)
                .containsExactlyInAnyOrder(Fullness.SPARSE, Fullness.USUAL, Fullness.FULL);
    }

    @Test
    void aStretchLiesInTheComposition() {
        assertThatThrownBy(() -> new Stretch(BAR, BAR, Fullness.FULL)).hasMessageContaining("ends after that");
        assertThatThrownBy(() -> new Stretch(BAR.times(-1), BAR, Fullness.FULL))
                .hasMessageContaining("begins with the composition");
        assertThat(new Stretch(Beats.ZERO, BAR, Fullness.FULL).to()).isEqualTo(BAR);
    }
}
