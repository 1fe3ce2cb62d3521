package fluidframe.core.compose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.SmallBook;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Link;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.link.Terms;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ComposerTest {

    private static final Beats BAR = Beats.of(3);

    static LongStream books() {
        return LongStream.rangeClosed(1, 25);
    }

    @ParameterizedTest
    @MethodSource("books")
    void theBestIsAsGoodAsTheBestOfAllThereAre(long seed) {
        Repertoire repertoire = Repertoire.of(SmallBook.random(6, seed), Terms.OPEN);
        for (Wish wish : wishes()) {
            Answer answer = Composer.compose(repertoire, wish, () -> false);
            OptionalInt best = new BruteForce(repertoire, wish).best();
            assertThat(answer.exact()).isTrue();
            assertThat(answer.compositions().isEmpty()).as("%s", wish).isEqualTo(best.isEmpty());
            if (best.isPresent()) {
                assertThat(answer.compositions().get(0).points()).isEqualTo(best.getAsInt());
                assertThat(answer.compositions()).allSatisfy(composition -> {
                    assertThat(composition.reasons().values().stream().mapToInt(Integer::intValue).sum()).isEqualTo(composition.points());
                    assertThat(composition.length()).isBetween(wish.least(), wish.most());
                });
            }
            answer.relaxations().forEach(relaxation -> {
                assertThat(new BruteForce(repertoire, relaxation.wish()).best()).as("%s really works", relaxation.labels()).isPresent();
                assertThat(relaxation.labels()).hasSize(answer.relaxations().get(0).labels().size());
            });
        }
    }

    private static List<Wish> wishes() {
        Wish four = Wish.of(BAR.times(4), BAR.times(4), BAR);
        return List.of(four.withBends(true), four, four.withRequired(Set.of("walk-0", "walk-1")).withBends(true), four.withCorners(1).withBends(true),
                Wish.of(BAR.times(3), BAR.times(5), BAR).withRequired(Set.of("walk-2")).withMostTimes(2));
    }

    @Test
    void answersReallyDifferAndComeBestFirst() {
        Repertoire repertoire = Repertoire.of(SmallBook.random(8, 3), Terms.OPEN);
        List<Composition> found = Composer.compose(repertoire, Wish.of(BAR.times(6), BAR.times(6), BAR).withBends(true).withMostTimes(3), () -> false).compositions();
        assertThat(found).hasSizeGreaterThan(1).isSortedAccordingTo((a, b) -> b.points() - a.points());
        for (Composition one : found) {
            found.stream().filter(other -> other != one).forEach(other -> assertThat(one.reallyDiffersFrom(other)).isTrue());
        }
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        Wish wish = Wish.of(BAR.times(5), BAR.times(5), BAR).withBends(true);
        List<String> first = Composer.compose(Repertoire.of(SmallBook.random(7, 9), Terms.OPEN), wish, () -> false).compositions().stream().map(each -> each.steps().toString()).toList();
        List<String> second = Composer.compose(Repertoire.of(SmallBook.random(7, 9), Terms.OPEN), wish, () -> false).compositions().stream().map(each -> each.steps().toString()).toList();
        assertThat(first).isEqualTo(second).isNotEmpty();
    }

    @Test
    void aStoppedSearchNeverClaimsToBeTheBest() {
        Repertoire repertoire = Repertoire.of(SmallBook.random(12, 5), Terms.OPEN);
        Answer answer = Composer.compose(repertoire, Wish.of(BAR.times(32), BAR.times(32), BAR).withBends(true), () -> true);
        assertThat(answer.exact() || answer.compositions().isEmpty() || answer.bound() >= answer.compositions().get(0).points()).isTrue();
    }

    @Test
    void whatFollowsIsMetInTheWayItIsDanced() {
        Repertoire repertoire = Repertoire.of(SmallBook.random(10, 4), Terms.OPEN);
        Dancing part = Dancing.of(SmallBook.turning("next"), Way.AS_CHARTED.withSplit("4–6"));
        Wish wish = Wish.of(BAR.times(3), BAR.times(4), BAR).withBends(true);
        Wish meeting = new Wish(wish.from(), Optional.of(part), wish.least(), wish.most(), Set.of(), Set.of(), 2, BAR, true, 0, BAR, Set.of(), Weights.USUAL, 5);
        List<Composition> found = Composer.compose(repertoire, meeting, () -> false).compositions();
        assertThat(found).isNotEmpty().allSatisfy(each -> {
            Composition.Piece last = each.steps().get(each.steps().size() - 1);
            Beats startsAt = each.steps().get(0).dancing().danced().rhythm().withinBar(last.onset());
            assertThat(Link.between(last.dancing().exitFrom(last.facing(), startsAt), part.entry()).outcome()).isNotEqualTo(Outcome.BREAKS);
        });
    }

    @Test
    void aWatchIsToldHowFarTheSearchIs() {
        List<Integer> seen = new ArrayList<>();
        Watch watch = new Watch() {
            @Override
            public boolean stops() {
                return seen.size() > 3;
            }

            @Override
            public void saw(int sequences, int answers) {
                seen.add(sequences);
            }
        };
        Composer.compose(Repertoire.of(SmallBook.random(12, 5), Terms.OPEN), Wish.of(BAR.times(32), BAR.times(32), BAR).withBends(true), watch);
        assertThat(seen).hasSizeGreaterThan(1).isSorted();
    }

    @Test
    void contradictionsAreRefused() {
        Wish wish = Wish.of(BAR, BAR, BAR);
        assertThatThrownBy(() -> new Wish(wish.from(), wish.to(), wish.least(), wish.most(), Set.of("a"), Set.of("a"), 1, BAR, false, 0, BAR, Set.of(), Weights.USUAL, 1))
                .isInstanceOf(IllegalArgumentException.class).hasMessageContaining("both required and forbidden");
        assertThatThrownBy(() -> wish.withLength(BAR.times(2), BAR)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Tries every sequence there is. */
    private record BruteForce(Repertoire repertoire, Wish wish) {

        OptionalInt best() {
            List<Integer> points = new ArrayList<>();
            for (Move move : repertoire.beginnings()) {
                for (boolean corner : new boolean[] {false, true}) {
                    go(move, Optional.empty(), new ArrayList<>(), Beats.ZERO, 0, corner, wish.corners(), points);
                }
            }
            return points.stream().mapToInt(Integer::intValue).max();
        }

        private record Begun(String id, Beats onset) {
        }

        private void go(Move move, Optional<Figure> last, List<Begun> before, Beats onset, int score, boolean corner, int corners, List<Integer> points) {
            Figure figure = move.dancing().figure();
            Beats end = onset.plus(move.dancing().length());
            int left = corners - (corner ? 1 : 0);
            long repeats = before.stream().filter(each -> each.id().equals(figure.id()) && onset.minus(each.onset()).compareTo(wish.window()) < 0).count();
            boolean allowed = (wish.bends() || move.outcome() == Outcome.HOLDS) && repeats < wish.mostTimes();
            if (left < 0 || !allowed || end.compareTo(wish.most()) > 0) {
                return;
            }
            boolean listed = last.filter(each -> each.neighbours().precedes().contains(figure.id())).isPresent();
            int now = score + (move.outcome() == Outcome.BENDS ? -6 : 0) + (listed ? 4 : 0) + (repeats > 0 ? -5 : 0)
                    + (onset.ticks() % wish.phrase().ticks() == 0 ? 3 : 0) + (move.dancing().way().isAsCharted() ? 0 : -1);
            List<Begun> danced = new ArrayList<>(before);
            danced.add(new Begun(figure.id(), onset));
            Set<String> ids = Set.copyOf(danced.stream().map(Begun::id).distinct().toList());
            if (end.compareTo(wish.least()) >= 0 && left == 0 && ids.containsAll(wish.required())) {
                points.add(now);
            }
            ExitState exit = corner ? move.exit().afterCorner() : move.exit();
            for (Move next : repertoire.after(Optional.of(figure), exit)) {
                for (boolean turned : new boolean[] {false, true}) {
                    go(next, Optional.of(figure), danced, end, now, turned, left, points);
                }
            }
        }
    }
}
