package fluidframe.core.day;

import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.search.limits.FailCounter;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMin;
import org.chocosolver.solver.search.strategy.selectors.variables.FirstFail;
import org.chocosolver.solver.search.strategy.selectors.variables.Smallest;
import org.chocosolver.solver.search.strategy.strategy.AbstractStrategy;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * A day said to a constraint solver: when each round begins, and in which heat each couple dances that dances more than
 * one or is the coach's. First the rounds alone, with what any two of them need between them whatever the heats; that
 * is quickly solved or refuted, and no day can end earlier. Then the whole.
 */
final class DayModel {

    /**
     * A search that has failed so often, times a growing factor, begins again from the top with what it has learnt of
     * the variables.
     */
    private static final int FAILS_BEFORE_RESTART = 400;

    /**
     * So often it may fail while it is tried to prove how early the rounds alone can end; the best order found by then
     * goes on. All limits are steps of the search, so that the same day always has the same plan.
     */
    private static final int MOST_FAILS_OF_ROUNDS = 3_000;
    /** Where a day is at hand already, so many steps of couples it is tried to end it earlier. */
    private static final int STEPS_IMPROVING = 800_000;

    private static final int MOST_FAILS_GATHERING = 500;
    /** A step takes the longer the more couples dance. */
    private static final int STEPS_GATHERING = 20_000;

    /** What came of it, and whether it is proved. */
    record Solved(Optional<DayPlan> plan, boolean exact) {}

    private final DayWish wish;
    private final Optional<DayPlan> before;
    private final int now;
    private final Model model = new Model("day");
    private final List<Round> rounds;
    private final IntVar[] starts;
    private final List<Map<String, IntVar>> heats = new ArrayList<>();
    private final Map<IntVar, Integer> preferred = new HashMap<>();
    private final BoolVar[][] order;
    private IntVar end;
    private boolean impossible;

    private DayModel(DayWish wish, Optional<DayPlan> before, int now) {
        this.wish = wish;
        this.before = before;
        this.now = now;
        this.rounds = wish.rounds();
        this.starts = new IntVar[rounds.size()];
        this.order = new BoolVar[rounds.size()][rounds.size()];
    }

    static DayModel of(DayWish wish, Optional<DayPlan> before, int now) {
        return new DayModel(wish, before, now);
    }

    Solved solve(BooleanSupplier stops) {
        if (rounds.isEmpty()) {
            return new Solved(Optional.of(new DayPlan(wish, List.of())), true);
        }
        placeRounds();
        if (impossible) {
            return new Solved(Optional.empty(), true);
        }
        Solver solver = model.getSolver();
        solver.addStopCriterion(() -> isOver(stops));
        solver.setSearch(roundsFirst().toArray(AbstractStrategy<?>[]::new));
        solver.limitFail(MOST_FAILS_OF_ROUNDS);
        Solution earliest = solver.findOptimalSolution(end, Model.MINIMIZE);
        boolean proved = !solver.isStopCriterionMet();
        if (earliest == null) {
            return proved
                    ? new Solved(Optional.empty(), true)
                    : new DayModel(wish, before, now).solveWhole(wish.begins(), Optional.empty(), stops);
        }
        List<Round> order = IntStream.range(0, rounds.size())
                .boxed()
                .sorted(Comparator.comparingInt(i -> earliest.getIntVal(starts[i])))
                .map(rounds::get)
                .toList();
        Optional<DayPlan> draft = new DayDraft(wish, before, now, order).plan(stops);
        return new DayModel(wish, before, now)
                .solveWhole(proved ? earliest.getIntVal(end) : wish.begins(), draft, stops);
    }

    /** Which of two rounds on one floor comes first; once that is known the earliest starts follow. */
    private List<AbstractStrategy<?>> roundsFirst() {
        List<AbstractStrategy<?>> search = new ArrayList<>();
        BoolVar[] orders = IntStream.range(0, rounds.size())
                .boxed()
                .flatMap(i -> IntStream.range(i + 1, rounds.size()).mapToObj(j -> order[i][j]))
                .filter(Objects::nonNull)
                .toArray(BoolVar[]::new);
        if (orders.length > 0) {
            search.add(Search.domOverWDegSearch(orders));
        }
        search.add(Search.intVarSearch(new Smallest(), new IntDomainMin(), starts));
        return search;
    }

    private Solver searching(BooleanSupplier stops) {
        Solver solver = model.getSolver();
        solver.addStopCriterion(() -> isOver(stops));
        List<AbstractStrategy<?>> search = roundsFirst();
        IntVar[] couples =
                heats.stream().flatMap(each -> each.values().stream()).toArray(IntVar[]::new);
        if (couples.length > 0) {
            search.add(Search.intVarSearch(
                    new FirstFail(model),
                    heat -> heat.contains(preferred.get(heat)) ? preferred.get(heat) : heat.getLB(),
                    couples));
        }
        BoolVar[] choices = model.retrieveBoolVars();
        if (choices.length > 0) {
            search.add(Search.inputOrderLBSearch(choices));
        }
        solver.setSearch(search.toArray(AbstractStrategy<?>[]::new));
        solver.setLubyRestart(FAILS_BEFORE_RESTART, new FailCounter(model, 0), Integer.MAX_VALUE);
        return solver;
    }

    /** How many steps there are for so many couples that dance. */
    private int steps(int ofCouples) {
        int couples = rounds.stream().mapToInt(round -> round.couples().size()).sum();
        return ofCouples / Math.max(1, couples);
    }

    private static boolean isOver(BooleanSupplier stops) {
        Stopping.check();
        return stops.getAsBoolean();
    }

    private Solved solveWhole(int earliest, Optional<DayPlan> draft, BooleanSupplier stops) {
        int latest = draft.map(plan -> plan.ends() - 1).orElse(wish.ends());
        if (latest < earliest) {
            return new Solved(
                    new DayModel(wish, before, now).gathered(latest + 1, stops).or(() -> draft), true);
        }
        placeRounds();
        placeCouples();
        model.arithm(end, ">=", earliest).post();
        model.arithm(end, "<=", latest).post();
        Solver solver = searching(stops);
        draft.ifPresent(plan -> solver.limitFail(steps(STEPS_IMPROVING)));
        Solution solution = solver.findOptimalSolution(end, Model.MINIMIZE);
        boolean ended = !solver.isStopCriterionMet();
        if (solution == null) {
            return new Solved(draft, ended);
        }
        int ends = solution.getIntVal(end);
        return new Solved(
                Optional.of(
                        new DayModel(wish, before, now).gathered(ends, stops).orElseGet(() -> plan(solution))),
                ended || ends == earliest);
    }

    /** Of the days that end no later one whose rounds begin as early as was found: nobody waits for nothing. */
    private Optional<DayPlan> gathered(int latest, BooleanSupplier stops) {
        placeRounds();
        placeCouples();
        model.arithm(end, "<=", latest).post();
        IntVar waiting = model.intVar(DaySentences.startsInAll(), 0, rounds.size() * DayWish.MINUTES_OF_A_DAY);
        model.sum(starts, "=", waiting).post();
        Solver solver = searching(stops);
        solver.limitFail(MOST_FAILS_GATHERING);
        solver.limitNode(steps(STEPS_GATHERING));
        return Optional.ofNullable(solver.findOptimalSolution(waiting, Model.MINIMIZE))
                .map(this::plan);
    }

    /** Times, floors, what comes after what, and what any two rounds that share couples need between them. */
    private void placeRounds() {
        for (int i = 0; i < rounds.size(); i++) {
            Round round = rounds.get(i);
            Optional<Integer> fixed = begun(round).map(PlannedRound::start).or(round::at);
            int from = fixed.orElse(Math.max(wish.begins() + wish.warmUp(), before.isPresent() ? now : 0));
            int to = fixed.orElse(wish.ends() - length(round));
            if (from > to
                    || to + length(round) > wish.ends()
                    || begun(round).isEmpty() && from < wish.begins() + wish.warmUp()) {
                impossible = true;
                return;
            }
            starts[i] = model.intVar(DaySentences.startOf(round.id()), from, to);
        }
        end = model.intVar("end", wish.begins(), wish.ends());
        model.max(
                        end,
                        IntStream.range(0, rounds.size())
                                .mapToObj(i -> model.offset(starts[i], length(rounds.get(i))))
                                .toArray(IntVar[]::new))
                .post();
        rounds.stream().map(Round::floor).distinct().forEach(this::oneAfterTheOther);
        for (int i = 0; i < rounds.size(); i++) {
            for (int j = i + 1; j < rounds.size(); j++) {
                pair(i, j);
            }
        }
    }

    /**
     * A floor holds one round at a time, so no day ends before all that is danced on it is over. The pairs say as much,
     * but one by one.
     */
    private void oneAfterTheOther(String floor) {
        int[] there = IntStream.range(0, rounds.size())
                .filter(i -> rounds.get(i).floor().equals(floor))
                .toArray();
        int needed = IntStream.of(there)
                        .map(i -> length(rounds.get(i)) + wish.between())
                        .sum()
                - wish.between();
        model.arithm(
                        end,
                        ">=",
                        IntStream.of(there).map(i -> starts[i].getLB()).min().orElseThrow() + needed)
                .post();
    }

    private Optional<PlannedRound> begun(Round round) {
        return before.flatMap(plan -> plan.round(round.id())).filter(planned -> planned.start() < now);
    }

    /** Minutes; what has begun goes on in the heats it has. */
    private int length(Round round) {
        return begun(round).map(planned -> planned.end() - planned.start()).orElseGet(round::length);
    }

    private int untilLastOfFirstHeat(Round round) {
        return begun(round).map(planned -> planned.untilLast(0)).orElseGet(() -> round.untilLast(0));
    }

    private int heatsOf(Round round) {
        return begun(round).map(planned -> planned.heats().size()).orElseGet(round::heats);
    }

    /** What has happened cannot be mended by what is still to come. */
    private boolean areOver(Round first, Round second) {
        return begun(first).isPresent() && begun(second).isPresent();
    }

    private void pair(int i, int j) {
        Stopping.check();
        Round first = rounds.get(i);
        Round second = rounds.get(j);
        if (areOver(first, second)) {
            return;
        }
        if (first.floor().equals(second.floor())) {
            int shared = (int)
                    first.couples().stream().filter(second.couples()::contains).count();
            order[i][j] = model.boolVar(first.id() + " before " + second.id());
            order[j][i] = order[i][j].not();
            model.ifThen(
                    order[i][j],
                    model.arithm(
                            starts[j],
                            "-",
                            starts[i],
                            ">=",
                            Math.max(length(first) + wish.between(), least(first, second, shared))));
            model.ifThen(
                    order[j][i],
                    model.arithm(
                            starts[i],
                            "-",
                            starts[j],
                            ">=",
                            Math.max(length(second) + wish.between(), least(second, first, shared))));
        }
        if (second.after().filter(first.id()::equals).isPresent()) {
            model.arithm(starts[j], "-", starts[i], ">=", length(first) + wish.between())
                    .post();
        }
        if (first.after().filter(second.id()::equals).isPresent()) {
            model.arithm(starts[i], "-", starts[j], ">=", length(second) + wish.between())
                    .post();
        }
    }

    /**
     * The fewest minutes from the beginning of one round to the beginning of the next if so many couples dance both:
     * they go in the first heats of the one and the last of the other, in the same order; by exchanging two of them no
     * other order can need less.
     */
    private int least(Round first, Round second, int shared) {
        if (begun(first).isPresent() || begun(second).isPresent()) {
            return Integer.MIN_VALUE;
        }
        List<Integer> early = new ArrayList<>();
        for (int heat = 0; heat < first.heats(); heat++) {
            early.addAll(Collections.nCopies(first.couplesIn(heat), heat));
        }
        List<Integer> late = new ArrayList<>();
        for (int heat = 0; heat < second.heats(); heat++) {
            late.addAll(Collections.nCopies(second.couplesIn(heat), heat));
        }
        int from = late.size() - shared;
        return IntStream.range(0, shared)
                .map(i -> first.untilLast(early.get(i)) + wish.rest() - second.untilFirst(late.get(from + i)))
                .max()
                .orElse(Integer.MIN_VALUE);
    }

    private void placeCouples() {
        List<String> order = rounds.stream()
                .flatMap(round -> round.couples().stream())
                .distinct()
                .sorted(Comparator.comparingLong((String couple) -> -rounds.stream()
                                .filter(round -> round.couples().contains(couple))
                                .count())
                        .thenComparing(couple -> couple))
                .toList();
        for (Round round : rounds) {
            heats.add(heatsOf(round, order));
        }
        for (int i = 0; i < rounds.size(); i++) {
            for (int j = i + 1; j < rounds.size(); j++) {
                Stopping.check();
                for (String couple : heats.get(i).keySet()) {
                    if (heats.get(j).containsKey(couple) && !areOver(rounds.get(i), rounds.get(j))) {
                        rest(couple, i, j);
                    }
                }
            }
        }
        if (!wish.coached().isEmpty()) {
            coach();
        }
    }

    /** A variable for each couple whose heat matters; the others fill what is left. */
    private Map<String, IntVar> heatsOf(Round round, List<String> couplesInOrder) {
        Map<String, IntVar> vars = new LinkedHashMap<>();
        Optional<PlannedRound> was = before.flatMap(plan -> plan.round(round.id()));
        int place = 0;
        for (String couple : couplesInOrder) {
            if (!round.couples().contains(couple)) {
                continue;
            }
            int usual = heatAt(round, place++);
            boolean matters = wish.coached().contains(couple)
                    || rounds.stream()
                                    .filter(other -> other.couples().contains(couple))
                                    .count()
                            > 1;
            int stayed = was.map(planned -> planned.heatOf(couple))
                    .filter(heat -> heat >= 0)
                    .orElse(-1);
            if (begun(round).isPresent() && stayed >= 0) {
                vars.put(couple, model.intVar(stayed));
            } else if (matters) {
                vars.put(couple, model.intVar(couple + " in " + round.id(), 0, round.heats() - 1));
            }
            if (vars.containsKey(couple)) {
                preferred.put(vars.get(couple), stayed >= 0 && stayed < round.heats() ? stayed : usual);
            }
        }
        if (!vars.isEmpty() && begun(round).isEmpty()) {
            int[] values = IntStream.range(0, round.heats()).toArray();
            IntVar[] sizes = IntStream.range(0, round.heats())
                    .mapToObj(heat -> model.intVar(0, round.couplesIn(heat)))
                    .toArray(IntVar[]::new);
            model.globalCardinality(vars.values().toArray(IntVar[]::new), values, sizes, true)
                    .post();
        }
        return vars;
    }

    private static int heatAt(Round round, int place) {
        int left = place;
        int heat = 0;
        while (left >= round.couplesIn(heat)) {
            left -= round.couplesIn(heat++);
        }
        return heat;
    }

    private void rest(String couple, int i, int j) {
        boolean sameFloor = rounds.get(i).floor().equals(rounds.get(j).floor());
        BoolVar inOrder = sameFloor
                ? order[i][j]
                : model.boolVar(DaySentences.inBefore(
                        couple, rounds.get(i).id(), rounds.get(j).id()));
        rests(inOrder, couple, i, j);
        rests(inOrder.not(), couple, j, i);
    }

    private void rests(BoolVar inOrder, String couple, int first, int second) {
        IntVar[] vars = {
            starts[second],
            heats.get(second).get(couple),
            starts[first],
            heats.get(first).get(couple)
        };
        int[] factors = {1, rounds.get(second).minutes(), -1, -rounds.get(first).minutes()};
        model.ifThen(inOrder, model.scalar(vars, factors, ">=", untilLastOfFirstHeat(rounds.get(first)) + wish.rest()));
    }

    /**
     * From the first dance of the coach's couples to their last, and the warm-up before the first round of any of them,
     * the coach is at one place.
     */
    private void coach() {
        IntVar[] from = new IntVar[rounds.size()];
        IntVar[] until = new IntVar[rounds.size()];
        BoolVar[] warmsUp = new BoolVar[rounds.size()];
        for (int i = 0; i < rounds.size(); i++) {
            Round round = rounds.get(i);
            IntVar[] coached = heats.get(i).entrySet().stream()
                    .filter(entry -> wish.coached().contains(entry.getKey()))
                    .map(Map.Entry::getValue)
                    .toArray(IntVar[]::new);
            if (coached.length > 0) {
                IntVar first = model.intVar(0, heatsOf(round) - 1);
                IntVar last = model.intVar(0, heatsOf(round) - 1);
                model.min(first, coached).post();
                model.max(last, coached).post();
                from[i] = model.intVar(wish.begins(), wish.ends());
                until[i] = model.intVar(wish.begins(), wish.ends());
                model.scalar(new IntVar[] {starts[i], first, from[i]}, new int[] {1, round.minutes(), -1}, "=", 0)
                        .post();
                model.scalar(
                                new IntVar[] {starts[i], last, until[i]},
                                new int[] {1, round.minutes(), -1},
                                "=",
                                -untilLastOfFirstHeat(round))
                        .post();
                warmsUp[i] = warmsUp(i);
            }
        }
        for (int i = 0; i < rounds.size(); i++) {
            for (int j = 0; j < rounds.size(); j++) {
                if (i != j && from[i] != null && from[j] != null && !areOver(rounds.get(i), rounds.get(j))) {
                    if (i < j && !rounds.get(i).floor().equals(rounds.get(j).floor())) {
                        model.or(model.arithm(until[i], "<=", from[j]), model.arithm(until[j], "<=", from[i]))
                                .post();
                    }
                    if (wish.warmUp() > 0) {
                        model.ifThen(
                                warmsUp[i],
                                model.or(
                                        model.arithm(starts[i], "-", until[j], ">=", wish.warmUp()),
                                        model.arithm(from[j], ">=", starts[i])));
                    }
                    if (wish.warmUp() > 0 && i < j) {
                        model.ifThen(
                                model.and(warmsUp[i], warmsUp[j]).reify(),
                                model.distance(starts[i], starts[j], ">", wish.warmUp() - 1));
                    }
                }
            }
        }
    }

    /** Whether a round is the first of the day for a couple of the coach. */
    private BoolVar warmsUp(int i) {
        List<BoolVar> firsts = new ArrayList<>();
        for (String couple : heats.get(i).keySet()) {
            if (wish.coached().contains(couple)) {
                BoolVar[] before = IntStream.range(0, rounds.size())
                        .filter(j -> j != i && heats.get(j).containsKey(couple))
                        .mapToObj(j -> model.arithm(starts[i], "<=", starts[j]).reify())
                        .toArray(BoolVar[]::new);
                firsts.add(
                        before.length == 0
                                ? model.boolVar(true)
                                : model.and(before).reify());
            }
        }
        return model.or(firsts.toArray(BoolVar[]::new)).reify();
    }

    private DayPlan plan(Solution solution) {
        List<PlannedRound> planned = new ArrayList<>();
        for (int i = 0; i < rounds.size(); i++) {
            int at = i;
            planned.add(begun(rounds.get(i))
                    .orElseGet(() ->
                            new PlannedRound(rounds.get(at), solution.getIntVal(starts[at]), filled(at, solution))));
        }
        return new DayPlan(wish, planned);
    }

    private List<List<String>> filled(int i, Solution solution) {
        Round round = rounds.get(i);
        List<List<String>> filled = new ArrayList<>();
        IntStream.range(0, round.heats()).forEach(heat -> filled.add(new ArrayList<>()));
        heats.get(i)
                .forEach((couple, heat) -> filled.get(solution.getIntVal(heat)).add(couple));
        Optional<PlannedRound> was = before.flatMap(plan -> plan.round(round.id()));
        for (String couple : round.couples()) {
            if (!heats.get(i).containsKey(couple)) {
                int stayed = was.map(planned -> planned.heatOf(couple)).orElse(-1);
                boolean stays = stayed >= 0
                        && stayed < round.heats()
                        && filled.get(stayed).size() < round.couplesIn(stayed);
                int heat = stays
                        ? stayed
                        : IntStream.range(0, round.heats())
                                .filter(each -> filled.get(each).size() < round.couplesIn(each))
                                .findFirst()
                                .orElse(round.heats() - 1);
                filled.get(heat).add(couple);
            }
        }
        filled.forEach(Collections::sort);
        return filled;
    }
}
