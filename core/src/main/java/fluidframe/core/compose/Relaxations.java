package fluidframe.core.compose;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.text.Series;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/** The smallest sets of things to give up that lead to an answer: first each alone, then two, then three at a time. */
final class Relaxations {

    private static final int MOST_TOGETHER = 3;
    private static final int MOST_OFFERED = 5;
    private static final String BENDS = ComposeSentences.allowLinksThatBend();

    private final Repertoire repertoire;
    private final Wish asked;
    private final Watch watch;
    private final Map<Conditions, Repertoire> repertoires = new HashMap<>();
    private final List<Single> singles = new ArrayList<>();
    private final List<Relaxation> found = new ArrayList<>();

    /** What is wished under which conditions. */
    private record Request(Wish wish, Conditions conditions) {

        Request with(Wish other) {
            return new Request(other, conditions);
        }
    }

    private record Single(String label, UnaryOperator<Request> relax) {}

    private Relaxations(Repertoire repertoire, Wish wish, Watch watch) {
        this.repertoire = repertoire;
        this.asked = wish;
        this.watch = watch;
        length(wish);
        links(wish);
        figures(wish);
        room(wish);
        taste(wish.taste());
    }

    static List<Relaxation> smallest(Repertoire repertoire, Wish wish, Watch watch) {
        Relaxations relaxations = new Relaxations(repertoire, wish, watch);
        Request asked = new Request(wish, repertoire.conditions());
        for (int together = 1; together <= MOST_TOGETHER && relaxations.found.isEmpty(); together++) {
            relaxations.combine(asked, 0, together, List.of());
        }
        return relaxations.found;
    }

    private void combine(Request request, int from, int left, List<String> labels) {
        if (found.size() >= MOST_OFFERED || watch.stops()) {
            return;
        }
        if (left == 0) {
            Answer answer = Composer.search(
                    repertoires.computeIfAbsent(request.conditions(), repertoire::under),
                    request.wish().withAnswers(1),
                    watch);
            answer.compositions().stream()
                    .findFirst()
                    .ifPresent(composition -> found.add(new Relaxation(
                            asked,
                            named(labels, composition),
                            request.wish(),
                            request.conditions(),
                            composition.length())));
            return;
        }
        for (int i = from; i < singles.size(); i++) {
            Request relaxed = singles.get(i).relax().apply(request);
            if (!relaxed.equals(request)) {
                List<String> more = new ArrayList<>(labels);
                more.add(singles.get(i).label());
                combine(relaxed, i + 1, left - 1, more);
            }
        }
    }

    /** Says where the links bend, if they do in few places. */
    private static List<String> named(List<String> labels, Composition composition) {
        String bends = Series.of(composition.steps().stream()
                .filter(piece -> piece.outcome() == Outcome.BENDS)
                .map(piece -> "into " + piece.dancing().wording())
                .distinct()
                .toList());
        return labels.stream()
                .map(label -> label.equals(BENDS) && !bends.isEmpty() ? ComposeSentences.allowABend(bends) : label)
                .toList();
    }

    private void length(Wish wish) {
        Beats bar = repertoire.figures().isEmpty()
                ? Beats.of(4)
                : repertoire.figures().get(0).rhythm().bar();
        offer(
                ComposeSentences.add1Bar(),
                each -> each.withLength(each.least(), each.most().plus(bar)));
        if (wish.least().compareTo(bar) > 0) {
            offer(
                    ComposeSentences.take1BarAway(),
                    each -> each.withLength(each.least().minus(bar), each.most()));
        }
        wish.music().sectionStarts().stream()
                .sorted()
                .forEach(boundary -> offer(
                        ComposeSentences.letAFigureBeDancedAcross((boundary.ticks() / bar.ticks() + 1)),
                        each -> each.withMusic(without(each.music(), boundary))));
    }

    private void links(Wish wish) {
        if (!wish.bends()) {
            offer(BENDS, each -> each.withBends(true));
        }
        Conditions conditions = repertoire.conditions();
        if (conditions.syllabus()) {
            singles.add(new Single(
                    ComposeSentences.goBeyondTheListedNeighbours(),
                    request -> new Request(
                            request.wish(),
                            new Conditions(false, request.conditions().highest()))));
        }
        nextLevel(conditions.highest())
                .ifPresent(level -> singles.add(new Single(
                        "allow " + level,
                        request -> new Request(
                                request.wish(),
                                new Conditions(request.conditions().syllabus(), level)))));
        wish.to()
                .ifPresent(next -> offer(
                        ComposeSentences.endWithoutLeadingInto(next.wording()), each -> each.withTo(Optional.empty())));
    }

    /** The lowest level above the highest allowed at which the book has figures. */
    private Optional<Level> nextLevel(Level highest) {
        return repertoire.figures().stream()
                .map(Figure::level)
                .filter(level -> level.compareTo(highest) > 0)
                .min(Level::compareTo);
    }

    private void figures(Wish wish) {
        for (String id : new TreeSet<>(wish.required())) {
            offer(ComposeSentences.dropTheRequired(title(id)), each -> each.withRequired(without(each.required(), id)));
        }
        for (String id : new TreeSet<>(wish.forbidden())) {
            offer(
                    ComposeSentences.allowTheForbidden(title(id)),
                    each -> each.withForbidden(without(each.forbidden(), id)));
        }
        offer(ComposeSentences.letAFigureComeOnceMore(), each -> each.withMostTimes(each.mostTimes() + 1));
    }

    private void room(Wish wish) {
        if (!wish.sides().isEmpty()) {
            offer(ComposeSentences.leaveTheRoomOutOfAccount(), each -> each.withSides(List.of()));
        }
        if (wish.corners() > 0) {
            offer(
                    ComposeSentences.turnOneCornerLess(),
                    each -> each.corners() > 0 ? each.withCorners(each.corners() - 1) : each);
        }
        if (wish.corners() < wish.mostCorners()) {
            offer(
                    ComposeSentences.turnOneCornerMore(),
                    each -> each.corners() < each.mostCorners() ? each.withCorners(each.corners() + 1) : each);
        }
    }

    private void taste(Taste taste) {
        lift(taste.opens(), ComposeSentences.letItBeginWithAnyFigure(), Taste::withAnyOpening);
        lift(taste.closes(), ComposeSentences.letItEndOnAnyFigure(), Taste::withAnyEnd);
        lift(taste.wholeFigures(), ComposeSentences.usePartsOfFiguresAnywhere(), Taste::withParts);
        lift(taste.cornersInPlace(), ComposeSentences.turnCornersAnywhere(), Taste::withCornersAnywhere);
        lift(taste.requiredWhole(), ComposeSentences.letPartOfARequiredFigure(), Taste::withPartsOfRequired);
        lift(
                taste.mostInAll() < Integer.MAX_VALUE,
                ComposeSentences.letAFigureComeTwiceAs(),
                each -> each.withMostInAll(2 * each.mostInAll()));
        lift(taste.notThrice(), ComposeSentences.letAFigureComeThreeTimes(), Taste::withThrice);
    }

    private void lift(boolean asked, String label, UnaryOperator<Taste> lifted) {
        if (asked) {
            offer(label, each -> each.withTaste(lifted.apply(each.taste())));
        }
    }

    private void offer(String label, UnaryOperator<Wish> relax) {
        singles.add(new Single(label, request -> request.with(relax.apply(request.wish()))));
    }

    private String title(String id) {
        return repertoire.figures().stream()
                .filter(figure -> figure.id().equals(id))
                .findFirst()
                .map(Figure::title)
                .orElse(id);
    }

    private static MusicMap without(MusicMap music, Beats start) {
        return music.withSections(music.sections().stream()
                .filter(section -> !music.bar().times(section.bar() - 1).equals(start))
                .toList());
    }

    private static Set<String> without(Set<String> ids, String id) {
        Set<String> left = new TreeSet<>(ids);
        left.remove(id);
        return left;
    }
}
