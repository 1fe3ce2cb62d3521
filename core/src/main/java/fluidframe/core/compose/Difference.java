package fluidframe.core.compose;

import fluidframe.core.text.Series;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * In one line what sets an answer apart from the first: which figures it has and has not, how it begins, where it turns
 * its corners.
 */
public final class Difference {

    private static final int MOST_NAMED = 3;

    private Difference() {}

    /**
     * @param bar how long a bar lasts, beats
     * @param before whole bars danced before the compositions begin
     */
    public static String between(Composition first, Composition other, Beats bar, int before) {
        if (first == other) {
            return ComposeSentences.beginsWithThe(titles(first).get(0), corners(first, bar, before));
        }
        List<String> said = new ArrayList<>();
        Set<String> more = new LinkedHashSet<>(titles(other));
        more.removeAll(titles(first));
        Set<String> less = new LinkedHashSet<>(titles(first));
        less.removeAll(titles(other));
        if (!titles(first).get(0).equals(titles(other).get(0))) {
            said.add(ComposeSentences.beginsWithThe2(titles(other).get(0)));
            more.remove(titles(other).get(0));
        }
        if (!more.isEmpty()) {
            said.add(ComposeSentences.hasThe(named(more)));
        }
        if (!less.isEmpty()) {
            said.add(ComposeSentences.goesWithoutThe(named(less)));
        }
        if (said.isEmpty()) {
            said.add(ComposeSentences.dancesTheSameFiguresInAnother());
        }
        if (!corners(first, bar, before).equals(corners(other, bar, before))) {
            said.add(
                    corners(other, bar, before).isEmpty()
                            ? ComposeSentences.turnsNoCorner()
                            : corners(other, bar, before).substring(2));
        }
        String sentence = String.join("; ", said);
        return sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1) + ".";
    }

    private static List<String> titles(Composition composition) {
        return composition.steps().stream()
                .map(piece -> piece.dancing().figure().title())
                .distinct()
                .toList();
    }

    private static String named(Set<String> titles) {
        String named = titles.stream().limit(MOST_NAMED).collect(Collectors.joining(", "));
        return titles.size() > MOST_NAMED ? ComposeSentences.andMore(named, (titles.size() - MOST_NAMED)) : named;
    }

    private static String corners(Composition composition, Beats bar, int before) {
        List<String> bars = composition.steps().stream()
                .filter(Composition.Piece::cornerAfter)
                .map(piece -> String.valueOf(before
                        + (piece.onset().plus(piece.dancing().length()).ticks() + bar.ticks() - 1) / bar.ticks()))
                .toList();
        return bars.isEmpty()
                ? ""
                : (bars.size() == 1
                                ? ComposeSentences.turnsACornerAfterBar()
                                : ComposeSentences.turnsCornersAfterBars())
                        + Series.of(bars);
    }
}
