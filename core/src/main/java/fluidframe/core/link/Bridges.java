package fluidframe.core.link;

import fluidframe.core.figure.Figure;
import fluidframe.core.time.Beats;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;

/**
 * The shortest chains of figures from one state to another that never come back to where they have been, in beats, then
 * in bends, then in figures, then in the order of the book. Chains are taken up shortest first, and no state is passed
 * through more often than chains are asked for; so the first to arrive are the shortest.
 */
public final class Bridges {

    /** Chains longer than this many figures are no bridges. */
    private static final int MOST_FIGURES = 12;

    private final Repertoire repertoire;

    public Bridges(Repertoire repertoire) {
        this.repertoire = repertoire;
    }

    private record Chain(
            List<Move> moves,
            Optional<Figure> last,
            ExitState exit,
            Set<ExitState> passed,
            Beats length,
            int bends,
            long order) {

        Chain with(Move move, long at) {
            List<Move> longer = new ArrayList<>(moves);
            longer.add(move);
            Set<ExitState> more = new HashSet<>(passed);
            more.add(move.exit());
            return new Chain(
                    List.copyOf(longer),
                    Optional.of(move.dancing().figure()),
                    move.exit(),
                    more,
                    length.plus(move.dancing().length()),
                    bends + (move.outcome() == Outcome.BENDS ? 1 : 0),
                    at);
        }
    }

    /**
     * @param last the figure that was danced before, if any
     * @param exit how it left the couple
     * @param to what is to be reached
     * @param most the longest a chain may be, beats
     * @param k how many chains
     * @return at most k chains, the shortest first; an empty chain where the two meet already
     */
    public List<List<Move>> between(Optional<Figure> last, ExitState exit, Dancing to, Beats most, int k) {
        PriorityQueue<Chain> open = new PriorityQueue<>(Comparator.comparing(Chain::length)
                .thenComparingInt(Chain::bends)
                .thenComparingInt(chain -> chain.moves().size())
                .thenComparingLong(Chain::order));
        open.add(new Chain(List.of(), last, exit, Set.of(exit), Beats.ZERO, 0, 0));
        long order = 0;
        Map<ExitState, Integer> passed = new HashMap<>();
        List<List<Move>> found = new ArrayList<>();
        while (!open.isEmpty() && found.size() < k) {
            Stopping.check();
            Chain chain = open.poll();
            if (passed.merge(chain.exit(), 1, Integer::sum) > k) {
                continue;
            }
            if (arrives(chain, to)) {
                found.add(chain.moves());
            }
            if (chain.moves().size() < MOST_FIGURES) {
                for (Move move : repertoire.after(chain.last(), chain.exit())) {
                    boolean goesOn = !chain.passed().contains(move.exit());
                    if (goesOn && chain.length().plus(move.dancing().length()).compareTo(most) <= 0) {
                        open.add(chain.with(move, ++order));
                    }
                }
            }
        }
        return found;
    }

    private boolean arrives(Chain chain, Dancing to) {
        return repertoire.meets(chain.last(), chain.exit(), to) != Outcome.BREAKS;
    }
}
