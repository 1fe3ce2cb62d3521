package fluidframe.core.compose;

import fluidframe.core.link.Repertoire;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/** The smallest sets of things to give up that lead to an answer: first each alone, then two, then three at a time. */
final class Relaxations {

    private static final int MOST_TOGETHER = 3;
    private static final int MOST_OFFERED = 5;

    private record Single(String label, UnaryOperator<Wish> relax) {
    }

    private Relaxations() {
    }

    static List<Relaxation> smallest(Repertoire repertoire, Wish wish, Watch watch) {
        List<Single> singles = singles(repertoire, wish);
        for (int together = 1; together <= MOST_TOGETHER; together++) {
            List<Relaxation> found = new ArrayList<>();
            combine(repertoire, wish, singles, 0, together, List.of(), found, watch);
            if (!found.isEmpty() || watch.stops()) {
                return found;
            }
        }
        return List.of();
    }

    private static void combine(Repertoire repertoire, Wish wish, List<Single> singles, int from, int left, List<String> labels,
                                List<Relaxation> found, Watch watch) {
        if (found.size() >= MOST_OFFERED || watch.stops()) {
            return;
        }
        if (left == 0) {
            if (!Composer.search(repertoire, wish.withAnswers(1), watch).compositions().isEmpty()) {
                found.add(new Relaxation(labels, wish));
            }
            return;
        }
        for (int i = from; i < singles.size(); i++) {
            Wish relaxed = singles.get(i).relax().apply(wish);
            if (!relaxed.equals(wish)) {
                List<String> more = new ArrayList<>(labels);
                more.add(singles.get(i).label());
                combine(repertoire, relaxed, singles, i + 1, left - 1, more, found, watch);
            }
        }
    }

    private static List<Single> singles(Repertoire repertoire, Wish wish) {
        List<Single> singles = new ArrayList<>();
        if (!wish.bends()) {
            singles.add(new Single("allow links that bend", each -> each.withBends(true)));
        }
        Beats bar = repertoire.dancings().isEmpty() ? Beats.of(4) : repertoire.dancings().get(0).danced().rhythm().bar();
        singles.add(new Single("add 1 bar", each -> each.withLength(each.least(), each.most().plus(bar))));
        if (wish.least().compareTo(bar) > 0) {
            singles.add(new Single("take 1 bar away", each -> each.withLength(each.least().minus(bar), each.most())));
        }
        for (String id : new TreeSet<>(wish.required())) {
            singles.add(new Single("drop the required " + title(repertoire, id), each -> each.withRequired(without(each.required(), id))));
        }
        singles.add(new Single("let a figure come once more within the window", each -> each.withMostTimes(each.mostTimes() + 1)));
        if (wish.corners() > 0) {
            singles.add(new Single("turn one corner less", each -> each.withCorners(Math.max(0, each.corners() - 1))));
        }
        if (wish.corners() < Wish.MOST_CORNERS) {
            singles.add(new Single("turn one corner more", each -> each.withCorners(each.corners() + 1)));
        }
        return singles;
    }

    private static String title(Repertoire repertoire, String id) {
        return repertoire.dancings().stream().filter(dancing -> dancing.figure().id().equals(id)).findFirst().map(dancing -> dancing.figure().title()).orElse(id);
    }

    private static Set<String> without(Set<String> ids, String id) {
        Set<String> left = new TreeSet<>(ids);
        left.remove(id);
        return left;
    }
}
