package fluidframe.core.compose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.SmallBook;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.music.MusicSection;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ComposerTest {

    private static final Beats BAR = Beats.of(3);
    private static final MusicMap MUSIC = MusicMap.plain(BAR, 8, new Tempo(29));

    static LongStream books() {
        return LongStream.rangeClosed(1, 25);
    }

    @ParameterizedTest
    @MethodSource("books")
    void theBestIsAsGoodAsTheBestOfAllThereAre(long seed) {
        Repertoire repertoire = Repertoire.of(SmallBook.random(6, seed), Conditions.OPEN);
        for (Wish wish : wishes()) {
            Answer answer = Composer.compose(repertoire, wish, () -> false);
            OptionalInt best = new BruteForce(repertoire, wish).best();
            assertThat(answer.exact()).isTrue();
            assertThat(answer.compositions().isEmpty()).as("%s", wish).isEqualTo(best.isEmpty());
            if (best.isPresent()) {
                assertThat(answer.compositions().get(0).points()).as("%s", wish).isEqualTo(best.getAsInt());
                assertThat(answer.compositions()).allSatisfy(composition -> {
                    assertThat(composition.reasons().values().stream()
                                    .mapToInt(Integer::intValue)
                                    .sum())
                            .isEqualTo(composition.points());
                    assertThat(composition.length()).isBetween(wish.least(), wish.most());
                });
            }
            answer.relaxations().forEach(relaxation -> {
                assertThat(new BruteForce(repertoire.under(relaxation.conditions()), relaxation.wish()).best())
                        .as("%s really works", relaxation.labels())
                        .isPresent();
                assertThat(relaxation.labels())
                        .hasSize(answer.relaxations().get(0).labels().size());
            });
            boolean several = answer.relaxations().stream()
                    .anyMatch(relaxation -> relaxation.labels().size() > 1);
            if (best.isEmpty() && (several || answer.relaxations().isEmpty())) {
                assertThat(eachAlone(wish))
                        .as("nothing given up alone would do")
                        .allSatisfy(less -> assertThat(new BruteForce(repertoire, less).best())
                                .isEmpty());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("books")
    void underASyllabusTooTheBestIsFound(long seed) {
        Repertoire repertoire = Repertoire.of(SmallBook.random(6, seed), new Conditions(true, Level.OPEN));
        for (Wish wish : wishes()) {
            OptionalInt best = new BruteForce(repertoire, wish).best();
            OptionalInt found = Composer.search(repertoire, wish, () -> false).compositions().stream()
                    .mapToInt(Composition::points)
                    .findFirst();
            assertThat(found).as("%s", wish).isEqualTo(best);
        }
    }

    private static List<Wish> eachAlone(Wish wish) {
        return List.of(
                wish.withBends(true),
                wish.withLength(wish.least(), wish.most().plus(BAR)),
                wish.withLength(wish.least().minus(BAR), wish.most()),
                wish.withMostTimes(wish.mostTimes() + 1),
                wish.withCorners(wish.corners() + 1),
                wish.withRequired(Set.of()),
                wish.withForbidden(Set.of()),
                wish.withTaste(Taste.FREE),
                wish.withMusic(wish.music().withSections(List.of()).withHits(Set.of())),
                wish.withSides(List.of()));
    }

    private static List<Wish> wishes() {
        Wish four = Wish.of(BAR.times(4), BAR.times(4), MUSIC);
        MusicMap music = MusicMap.plain(BAR, 2, new Tempo(29))
                .withSections(List.of(new MusicSection(3, "")))
                .withHits(Set.of(BAR, BAR.times(3)));
        Choice highlight = new Choice(Set.of(), Set.of("walk-5"), Set.of("walk-3"), Set.of("walk-0", "walk-2"));
        return List.of(
                four.withBends(true).withMostTimes(4).withTaste(Taste.FREE.withMostInAll(2)),
                four.withBends(true).withMostTimes(4).withTaste(new Taste(false, false, false, false, false, 4, true)),
                four.withBends(true),
                four,
                four.withBends(true).withMusic(music).withChoice(highlight),
                four.withBends(true).withCorners(1).withSides(List.of(2.5, 1.5, 1.5)),
                four.withBends(true).withSides(List.of(1.2, 1.2)),
                four.withRequired(Set.of("walk-0", "walk-1")).withBends(true),
                four.withCorners(1).withBends(true),
                Wish.of(BAR.times(3), BAR.times(5), MUSIC)
                        .withRequired(Set.of("walk-2"))
                        .withMostTimes(2));
    }

    @Test
    void answersReallyDifferAndComeBestFirst() {
        Repertoire repertoire = Repertoire.of(SmallBook.random(8, 3), Conditions.OPEN);
        List<Composition> found = Composer.compose(
                        repertoire,
                        Wish.of(BAR.times(6), BAR.times(6), MUSIC)
                                .withBends(true)
                                .withMostTimes(3),
                        () -> false)
                .compositions();
        assertThat(found).hasSizeGreaterThan(1).isSortedAccordingTo((a, b) -> b.points() - a.points());
        for (Composition one : found) {
            found.stream()
                    .filter(other -> other != one)
                    .forEach(other -> assertThat(one.reallyDiffersFrom(other)).isTrue());
        }
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        Wish wish = Wish.of(BAR.times(5), BAR.times(5), MUSIC).withBends(true);
        List<String> first = Composer.compose(Repertoire.of(SmallBook.random(7, 9), Conditions.OPEN), wish, () -> false)
                .compositions()
                .stream()
                .map(each -> each.steps().toString())
                .toList();
        List<String> second = Composer.compose(
                        Repertoire.of(SmallBook.random(7, 9), Conditions.OPEN), wish, () -> false)
                .compositions()
                .stream()
                .map(each -> each.steps().toString())
                .toList();
        assertThat(first).isEqualTo(second).isNotEmpty();
    }

    @Test
    void aStoppedSearchNeverClaimsToBeTheBest() {
        Repertoire repertoire = Repertoire.of(SmallBook.random(12, 5), Conditions.OPEN);
        Wish wish = Wish.of(BAR.times(16), BAR.times(16), MUSIC).withBends(true);
        int best = Composer.compose(repertoire, wish, () -> false)
                .compositions()
                .get(0)
                .points();
        Answer stopped = Composer.compose(repertoire, wish, () -> true);
        assertThat(stopped.exact()).isFalse();
        assertThat(stopped.bound()).isGreaterThanOrEqualTo(best);
        assertThat(stopped.compositions()).allMatch(each -> each.points() <= stopped.bound());
    }

    @Test
    void whatFollowsIsMetInTheWayItIsDanced() {
        Repertoire repertoire = Repertoire.of(SmallBook.random(10, 4), Conditions.OPEN);
        Dancing part = Dancing.of(SmallBook.turning("next"), Way.AS_CHARTED.withSplit("4–6"));
        Wish wish = Wish.of(BAR.times(3), BAR.times(4), MUSIC).withBends(true);
        Wish meeting = new Wish(
                wish.from(),
                Optional.of(part),
                wish.least(),
                wish.most(),
                Choice.FREE,
                2,
                BAR,
                true,
                0,
                MusicMap.plain(BAR, 1, new Tempo(29)),
                List.of(),
                Weights.USUAL,
                5,
                Taste.FREE,
                List.of());
        List<Composition> found =
                Composer.compose(repertoire, meeting, () -> false).compositions();
        assertThat(found).isNotEmpty().allSatisfy(each -> {
            Composition.Piece last = each.steps().get(each.steps().size() - 1);
            Beats startsAt = each.steps().get(0).dancing().danced().rhythm().withinBar(last.onset());
            assertThat(Link.between(last.dancing().exitFrom(last.facing(), startsAt), part.entry())
                            .outcome())
                    .isNotEqualTo(Outcome.BREAKS);
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
        Composer.compose(
                Repertoire.of(SmallBook.random(12, 5), Conditions.OPEN),
                Wish.of(BAR.times(32), BAR.times(32), MUSIC).withBends(true),
                watch);
        assertThat(seen).hasSizeGreaterThan(1).isSorted();
    }

    @Test
    void aTurnOfTheWholeFigureTurnsTheGroundItCovers() {
        Figure straight = SmallBook.walk("straight", "RF", "LOD", "");
        Dancing dancing = Dancing.of(straight, Way.AS_CHARTED);
        int along = new Ground().covered(new Move(dancing, Heading.LINE_OF_DANCE, Outcome.HOLDS, dancing.exit()));
        int against = new Ground()
                .covered(new Move(dancing, Heading.LINE_OF_DANCE.plus(new Turn(8)), Outcome.HOLDS, dancing.exit()));
        int across = new Ground()
                .covered(new Move(dancing, Heading.LINE_OF_DANCE.plus(new Turn(4)), Outcome.HOLDS, dancing.exit()));
        assertThat(along).isBetween(40, 100).isEqualTo(-against);
        assertThat(Math.abs(across)).isLessThan(along);
    }

    @Test
    void aLevelMoreIsOfferedWhereItHelps() {
        Figure easy = SmallBook.walk("easy", "RF", "LOD", "");
        Figure hard = SmallBook.at(Level.SILVER, SmallBook.walk("hard", "LF", "LOD", ""));
        Wish wish = Wish.of(BAR.times(2), BAR.times(2), MUSIC);
        Answer answer = Composer.compose(
                Repertoire.of(List.of(easy, hard), new Conditions(false, Level.BRONZE)), wish, () -> false);
        assertThat(answer.compositions()).isEmpty();
        assertThat(answer.relaxations()).extracting(Relaxation::labels).contains(List.of("allow silver"));
    }

    @Test
    void contradictionsAreRefused() {
        Wish wish = Wish.of(BAR, BAR, MUSIC);
        assertThatThrownBy(() -> wish.withForbidden(Set.of("a")).withRequired(Set.of("a")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("both required and forbidden");
        assertThatThrownBy(() -> wish.withCorners(1).withSides(List.of(10.0)))
                .hasMessageContaining("with 1 corners at least 2 sides are danced");
        assertThatThrownBy(() -> wish.withLength(BAR.times(2), BAR)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Tries every sequence there is. */
    private record BruteForce(Repertoire repertoire, Wish wish) {

        OptionalInt best() {
            List<Integer> points = new ArrayList<>();
            for (Move move : repertoire.beginnings()) {
                for (boolean corner : new boolean[] {false, true}) {
                    go(move, Optional.empty(), new ArrayList<>(), Beats.ZERO, 0, 0, corner, wish.corners(), points);
                }
            }
            return points.stream().mapToInt(Integer::intValue).max();
        }

        /** From pre-bronze at the beginning up to silver at three quarters and back to bronze. */
        private int wantedLevel(Beats onset) {
            double done = onset.toDouble() / wish.most().toDouble();
            return (int) Math.round(done <= 0.75 ? 2 * done / 0.75 : 2 - (done - 0.75) * 4);
        }

        private int side(int corners) {
            return (int) Math.round(100 * wish.sides().get(wish.corners() - corners));
        }

        private int sidePoints(int corners, int covered) {
            return wish.sides().isEmpty() ? 0 : 6 * Math.max(0, covered) / side(corners);
        }

        private static boolean echoes(List<Begun> before, String next) {
            return !before.isEmpty()
                    && IntStream.range(1, before.size())
                            .anyMatch(i -> before.get(i).id().equals(next)
                                    && before.get(i - 1)
                                            .id()
                                            .equals(before.get(before.size() - 1)
                                                    .id()));
        }

        private record Begun(String id, Beats onset) {}

        private void go(
                Move move,
                Optional<Figure> last,
                List<Begun> before,
                Beats onset,
                int score,
                int walked,
                boolean corner,
                int corners,
                List<Integer> points) {
            Figure figure = move.dancing().figure();
            Beats end = onset.plus(move.dancing().length());
            int left = corners - (corner ? 1 : 0);
            long repeats = before.stream()
                    .filter(each -> each.id().equals(figure.id())
                            && onset.minus(each.onset()).compareTo(wish.window()) < 0)
                    .count();
            long inAll = before.stream()
                    .filter(each -> each.id().equals(figure.id()))
                    .count();
            int done = before.size();
            boolean twiceNow = done > 1
                    && before.get(done - 1).id().equals(figure.id())
                    && before.get(done - 2).id().equals(figure.id());
            boolean tasteful =
                    inAll < wish.taste().mostInAll() && !(wish.taste().notThrice() && twiceNow);
            boolean allowed =
                    tasteful && (wish.bends() || move.outcome() == Outcome.HOLDS) && repeats < wish.mostTimes();
            int covered = walked + (wish.sides().isEmpty() ? 0 : new Ground().covered(move));
            boolean outside = !wish.sides().isEmpty() && left >= 0 && covered > side(corners);
            boolean across = wish.music().sectionStarts().stream()
                    .anyMatch(boundary -> boundary.compareTo(onset) > 0 && boundary.compareTo(end) < 0);
            if (left < 0
                    || !allowed
                    || outside
                    || across
                    || wish.forbidden().contains(figure.id())
                    || end.compareTo(wish.most()) > 0) {
                return;
            }
            boolean listed = last.filter(each -> each.neighbours().precedes().contains(figure.id()))
                    .isPresent();
            int now = score
                    + (move.outcome() == Outcome.BENDS ? -6 : 0)
                    + (listed ? 4 : 0)
                    + (repeats > 0 || echoes(before, figure.id()) ? -5 : 0)
                    + (wish.music().startsPhrase(onset) ? 3 : 0)
                    + (move.dancing().way().isAsCharted() ? 0 : -2)
                    + (last.isEmpty() ? 2 : 0)
                    + (wish.choice().favourites().contains(figure.id()) ? 3 : 0)
                    + (wish.choice().highlights().contains(figure.id())
                                    && wish.music().hits().contains(onset)
                            ? 10
                            : 0)
                    + (figure.level().ordinal() == wantedLevel(onset) ? 1 : 0)
                    + (corner ? sidePoints(corners, covered) : 0);
            List<Begun> danced = new ArrayList<>(before);
            danced.add(new Begun(figure.id(), onset));
            Set<String> ids =
                    Set.copyOf(danced.stream().map(Begun::id).distinct().toList());
            if (end.compareTo(wish.least()) >= 0 && left == 0 && ids.containsAll(wish.required())) {
                points.add(now + sidePoints(0, corner ? 0 : covered));
            }
            ExitState exit = corner ? move.exit().afterCorner() : move.exit();
            for (Move next : repertoire.after(Optional.of(figure), exit)) {
                for (boolean turned : new boolean[] {false, true}) {
                    go(next, Optional.of(figure), danced, end, now, corner ? 0 : covered, turned, left, points);
                }
            }
        }
    }
}
