package fluidframe.core.choreography;

import java.util.List;

/** Something a coach would say of a choreography; bars are counted from 1 where it begins. */
public sealed interface Because {

    /** Where the couple stand as it begins, metres from the wall; said only where the floor itself says otherwise. */
    record Start(double metres, double usual) implements Because {}

    /** How it opens; with what the amalgamation is good for, where its author says. */
    record Opening(int from, int to, String figures) implements Because {}

    /**
     * What is to be looked at.
     *
     * @param before the figure danced before it
     * @param after the figure danced after it; empty where it ends so
     */
    record Highlight(int from, int to, String figures, String before, String after) implements Because {}

    /** Where it breathes, no more than walking: the first and last bars of each such stretch. */
    record Breath(List<Integer> from, List<Integer> to) implements Because {

        public Breath {
            from = List.copyOf(from);
            to = List.copyOf(to);
        }
    }

    /**
     * A corner of the room.
     *
     * @param after the bar it is turned after
     * @param figure the figure it is turned after
     * @param inside whether that is in the middle of an amalgamation made for it
     * @param left metres of the side that are not used
     */
    record Corner(int after, String figure, boolean inside, double left) implements Because {}

    /** Figures that only join, with the bars in which they come. */
    record Joins(String figures) implements Because {}

    /** How it ends. */
    record Ending(int from, int to, String figures) implements Because {}

    /**
     * What it has more of than the other answers.
     *
     * @param measured metres, whole turns of his, bars in open hold, whole turns of hers, or energy from 1 to 5
     */
    record Most(Leaning leaning, double measured) implements Because {}
}
