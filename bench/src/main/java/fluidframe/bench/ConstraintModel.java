package fluidframe.bench;

import fluidframe.core.compose.Weights;
import fluidframe.core.compose.Wish;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.constraints.extension.Tuples;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.IntVar;

/**
 * What {@link fluidframe.core.compose.Composer} answers, said to a general constraint solver: one slot for each figure
 * there is room for, a table of what leads from which state to which, and the same points. For wishes without corners
 * in which no figure may come twice in the window.
 */
final class ConstraintModel {

    private static final int START = 0;

    private final Repertoire repertoire;
    private final Wish wish;
    private final Map<List<Object>, Integer> states = new HashMap<>();
    private final Map<String, Integer> figures = new HashMap<>();
    /** State, figure, length in beats, points, next state. */
    private final List<int[]> moves = new ArrayList<>();

    ConstraintModel(Repertoire repertoire, Wish wish) {
        this.repertoire = repertoire;
        this.wish = wish;
        figures.put("nothing", 0);
        states.put(List.of("start"), START);
        repertoire.beginnings().forEach(move -> move(START, Optional.empty(), move));
    }

    private void move(int from, Optional<Figure> last, Move move) {
        boolean part = move.dancing().way().split().isPresent();
        if (part || move.outcome() == Outcome.BENDS && !wish.bends()) {
            return;
        }
        Weights weights = wish.weights();
        Figure figure = move.dancing().figure();
        int points = move.outcome() == Outcome.BENDS ? -weights.bend() : 0;
        points += last.filter(before -> Neighbours.areListed(before, figure)).isPresent() ? weights.neighbour() : 0;
        points -= move.dancing().way().isAsCharted() ? 0 : weights.charted();
        int id = figures.computeIfAbsent(figure.id(), added -> figures.size());
        moves.add(new int[] {from, id, move.dancing().length().wholeBeats(), points, state(figure, move.exit())});
    }

    private int state(Figure last, ExitState exit) {
        List<Object> key = List.of(last.id(), exit);
        Integer known = states.get(key);
        if (known == null) {
            known = states.size();
            states.put(key, known);
            for (Move move : repertoire.after(Optional.of(last), exit)) {
                move(known, Optional.of(last), move);
            }
        }
        return known;
    }

    /** The points of the best sequence; empty if there is none. */
    Optional<Integer> best() {
        int shortest = moves.stream().mapToInt(move -> move[2]).min().orElseThrow();
        int beats = wish.most().wholeBeats();
        int slots = beats / shortest;
        Model model = new Model();
        IntVar[] state = model.intVarArray("state", slots + 1, 0, states.size() - 1);
        IntVar[] figure = model.intVarArray("figure", slots, 0, figures.size() - 1);
        IntVar[] length = model.intVarArray(
                "length",
                slots,
                0,
                moves.stream().mapToInt(move -> move[2]).max().orElseThrow());
        IntVar[] points = model.intVarArray("points", slots, -20, 20);
        IntVar[] onset = model.intVarArray("onset", slots + 1, 0, beats);
        IntVar[] phrase = model.intVarArray("phrase", slots, 0, wish.weights().phrase());
        Tuples table = new Tuples(true);
        moves.forEach(move -> table.add(move[0], move[1], move[2], move[3], move[4]));
        for (int id = 0; id < states.size(); id++) {
            table.add(id, 0, 0, 0, id);
        }
        model.arithm(state[0], "=", START).post();
        model.arithm(onset[0], "=", 0).post();
        for (int slot = 0; slot < slots; slot++) {
            model.table(new IntVar[] {state[slot], figure[slot], length[slot], points[slot], state[slot + 1]}, table)
                    .post();
            model.arithm(onset[slot], "+", length[slot], "=", onset[slot + 1]).post();
            model.table(new IntVar[] {onset[slot], figure[slot], phrase[slot]}, phrases(beats))
                    .post();
            if (slot > 0) {
                model.ifThen(model.arithm(figure[slot - 1], "=", 0), model.arithm(figure[slot], "=", 0));
            }
            for (int earlier = 0; earlier < slot; earlier++) {
                model.ifThen(
                        model.and(model.arithm(figure[slot], ">", 0), model.arithm(figure[slot], "=", figure[earlier])),
                        model.arithm(
                                onset[slot],
                                "-",
                                onset[earlier],
                                ">=",
                                wish.window().wholeBeats()));
            }
        }
        model.arithm(onset[slots], ">=", wish.least().wholeBeats()).post();
        for (String required : wish.required()) {
            IntVar times = model.intVar(1, slots);
            model.count(figures.get(required), figure, times).post();
        }
        IntVar total = model.intVar("total", -20 * slots, 20 * slots);
        IntVar[] all = new IntVar[2 * slots];
        System.arraycopy(points, 0, all, 0, slots);
        System.arraycopy(phrase, 0, all, slots, slots);
        model.sum(all, "=", total).post();
        IntVar[] decisions = new IntVar[2 * slots];
        for (int slot = 0; slot < slots; slot++) {
            decisions[2 * slot] = figure[slot];
            decisions[2 * slot + 1] = state[slot + 1];
        }
        model.getSolver().setSearch(Search.domOverWDegSearch(decisions), Search.inputOrderUBSearch(all));
        Solution solution = model.getSolver().findOptimalSolution(total, Model.MAXIMIZE);
        return Optional.ofNullable(solution).map(found -> found.getIntVal(total));
    }

    private Tuples phrases(int beats) {
        Tuples phrases = new Tuples(true);
        Beats phrase = wish.music().bar().times(wish.music().phrases().get(0));
        for (int at = 0; at <= beats; at++) {
            phrases.add(at, 0, 0);
            for (int id = 1; id < figures.size(); id++) {
                phrases.add(
                        at, id, at % phrase.wholeBeats() == 0 ? wish.weights().phrase() : 0);
            }
        }
        return phrases;
    }
}
