package fluidframe.core.choreography;

import fluidframe.core.text.Series;
import java.util.stream.IntStream;

/** Says why a choreography is as it is. */
public final class BecauseSentence {

    /** Less of a side than this is not left for anything, metres. */
    private static final double ALL_USED = 0.3;

    private BecauseSentence() {}

    /** @param before whole bars danced before the choreography begins */
    public static String of(Because because, int before) {
        if (because instanceof Because.Start start) {
            return ChoreographySentences.beginMFromTheWall(start.metres(), start.usual());
        }
        if (because instanceof Because.Opening opening) {
            return ChoreographySentences.opensWith(bars(opening.from(), opening.to(), before), opening.figures());
        }
        if (because instanceof Because.Highlight highlight) {
            String bars = bars(highlight.from(), highlight.to(), before);
            return highlight.after().isEmpty()
                    ? ChoreographySentences.highlightAtTheEnd(bars, highlight.figures(), highlight.before())
                    : ChoreographySentences.highlight(bars, highlight.figures(), highlight.before(), highlight.after());
        }
        if (because instanceof Because.Breath breath) {
            return ChoreographySentences.breathes(Series.of(IntStream.range(
                            0, breath.from().size())
                    .mapToObj(i -> bars(breath.from().get(i), breath.to().get(i), before))
                    .toList()));
        }
        if (because instanceof Because.Corner corner) {
            int bar = corner.after() + before;
            String left = corner.left() < ALL_USED ? "" : ChoreographySentences.sideLeft(corner.left());
            return corner.inside()
                    ? ChoreographySentences.cornerInside(bar, corner.figure(), left)
                    : ChoreographySentences.cornerAfter(bar, corner.figure(), left);
        }
        if (because instanceof Because.Joins joins) {
            return ChoreographySentences.joinedBy(joins.figures());
        }
        if (because instanceof Because.Ending ending) {
            return ChoreographySentences.endsWith(bars(ending.from(), ending.to(), before), ending.figures());
        }
        Because.Most most = (Because.Most) because;
        return switch (most.leaning()) {
            case TRAVELLING -> ChoreographySentences.travelsMost(most.measured());
            case OPEN -> ChoreographySentences.mostOpen(most.measured());
            case CALM -> ChoreographySentences.calmest(most.measured());
            case TURNING -> ChoreographySentences.turnsMost(most.measured() / 16);
            case EASY_FOR_HER -> ChoreographySentences.easiestForHer();
            case BRILLIANT -> ChoreographySentences.mostBrilliant(most.measured());
            case BALANCED -> "";
        };
    }

    private static String bars(int from, int to, int before) {
        return from == to
                ? ChoreographySentences.bar(from + before)
                : ChoreographySentences.bars(from + before, to + before);
    }
}
