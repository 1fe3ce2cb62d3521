package fluidframe.core.choreography;

import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.choreography.Block.Piece;
import fluidframe.core.choreography.Strand.Counts;
import fluidframe.core.compose.Bookends;
import fluidframe.core.compose.Fullness;
import fluidframe.core.compose.StepRates;
import fluidframe.core.compose.Stretch;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Floor;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What each block is worth where it is set. The terms and their values are those by which coaches judge a choreography;
 * see the decision on choreography. They guide the search and are never shown as a reason.
 */
final class Scorecard {

    private static final double WHOLE_GROUP = 6;
    private static final double MOST_OF_GROUP = 3;
    private static final double OUT_OF_PLACE = 2;
    private static final double OWN_GROUP = 1.5;
    private static final double HELD = -4;
    private static final double JOIN_SWINGING = -2;
    private static final double JOIN_LATIN = -4;
    private static final double JOINS_RUNNING = -8;
    private static final double LONG_GROUP_ON_PHRASE = 10;
    private static final double ON_PHRASE = 8;
    private static final double ON_HALF_PHRASE = 4;
    private static final double ACROSS_PHRASE = -5;
    private static final int HALF_PHRASE_BARS = 4;
    private static final double OPENED = 10;
    private static final double ENDED = 12;
    private static final double ENDED_ON_PHRASE = 20;
    private static final double ENDED_BY_A_FIGURE = -60;
    private static final double OPENED_BY_A_FIGURE = -30;
    private static final double JOIN_TOO_MANY = -6;
    private static final double JOINS_IN_BARS = 8;
    private static final double JOIN_AGAIN = -6;
    private static final double NO_HIGHLIGHT = -18;
    private static final int HIGHLIGHT_FROM_BARS = 16;
    private static final double HIGHLIGHT = 15;
    private static final double HIGHLIGHT_OUT_OF_PLACE = -12;
    private static final double BEST_HIGHLIGHT = 8;
    private static final double BEST_FROM = 0.55;
    private static final double BEST_TO = 0.85;
    private static final int NO_HIGHLIGHT_BARS = 8;
    private static final int HIGHLIGHT_BARS = 32;
    private static final double OFF_CURVE = -1.5;
    private static final double GROUP_AGAIN_SOON = -28;
    private static final double GROUP_AGAIN = -8;
    private static final double NEARLY_AGAIN = -8;
    private static final int SOON_BARS = 32;
    private static final double FIGURE_AGAIN = -4;
    private static final double SAME_FIGURE_RUNNING = -12;
    private static final int STAMMER_BARS = 8;
    private static final double OFF_LEVEL = 2;
    private static final double LEVEL_SLACK_BARS = 3;
    private static final double HARDEST_AT_THE_EDGE = -5;
    private static final double THIRD_SAME_WAY = -4;
    private static final double ROUND_TOO_MANY = 1.5;
    private static final int ROUNDS_EITHER_WAY = 32;
    private static final double WHOLE_TURN = 16;
    private static final double GAINED = 2;
    private static final double DRIFTED = -3;
    private static final double DRIFT_METRES = 1.5;
    private static final double CRAMPED = -10;
    /** For each metre. */
    private static final double INWARDS = -6;

    private static final double CORNER_INSIDE = 6;
    private static final double CORNER_ELSEWHERE = -6;
    private static final double CORNER_OUT_OF_PLACE = -16;
    private static final int CORNER_BARS = 4;
    private static final double REOPENED = -3;
    private static final double FAVOURITE = 4;
    /** What a coach asks for by name outweighs how it begins. */
    private static final double ASKED_ON_HIT = 120;

    private static final double ON_HIT = 15;
    private static final double FULLNESS = 25;
    private static final double BEND = -6;
    private static final double FIGURE_ALIKE = 1.5;
    private static final double FIGURES_ALIKE = 0.5;
    private static final double CAREFULLY_ALIKE = 0.38;
    /** What must come draws the search on by so much. */
    static final double REQUIRED = 30;

    /** Of a side so much must be behind the couple before they turn its corner. */
    private static final double MOST_AHEAD_AT_CORNER = 0.4;

    private static final double[] SWINGING_CURVE = {2, 3, 4, 3, 3, 4, 5, 2};
    private static final double[] LATIN_CURVE = {2.5, 3, 3.5, 3, 3.5, 4, 5, 4};

    private final Brief brief;
    private final StepRates rates;
    private final boolean swings;
    private final boolean travels;
    private final Floor floor;
    private final int bar;
    private final int most;
    private final int bars;
    private final int topLevel;
    private final boolean levels;
    private final int highlightsAllowed;
    private final boolean highlightsThereAre;
    private final double[] curve;
    private final double usualGain;
    private final double[] weights = new double[Term.values().length];
    private final int[] barOfPhrase;
    private final int[] phraseEnd;
    private final Set<Integer> sections = new HashSet<>();
    private final Set<Integer> hits = new HashSet<>();
    private final Map<String, Integer> groupsBefore = new HashMap<>();
    private final Set<String> figuresBefore;

    private Leaning leaning = Leaning.BALANCED;
    private Distance distance = Distance.NONE;
    private List<Set<String>> otherKeys = List.of();
    private List<Set<String>> otherWordings = List.of();
    /** For each block how many of its figures each other answer has too; worked out when first asked. */
    private final List<int[]> shared = new ArrayList<>();

    /**
     * @param weights how much each term counts, {@value Term#USUAL_WEIGHT} as usual
     * @param usualGain metres gained along the line in a usual bar of the dance
     * @param past what the routine has shortly before
     */
    Scorecard(
            Repertoire repertoire,
            Brief brief,
            int topLevel,
            boolean levels,
            Map<Term, Integer> weights,
            double usualGain,
            Past past) {
        this.brief = brief;
        this.rates = new StepRates(repertoire);
        this.swings = brief.course().routine().dance().technique().contraryMovement();
        this.travels = brief.course().routine().dance().travels();
        this.floor = brief.course().routine().floor();
        this.bar = brief.wish().music().bar().ticks();
        this.most = brief.wish().most().ticks();
        this.bars = Math.max(1, (most + bar - 1) / bar);
        this.topLevel = topLevel;
        this.levels = levels;
        this.usualGain = Math.max(0.2, usualGain);
        this.highlightsAllowed = Math.max(1, Math.round((float) perThirtyTwo(topLevel) * bars / HIGHLIGHT_BARS));
        this.highlightsThereAre = brief.shelf().stream()
                .anyMatch(group ->
                        group.level().ordinal() <= topLevel && group.uses().contains(AmalgamationUse.HIGHLIGHT));
        this.curve = curve();
        for (Term term : Term.values()) {
            this.weights[term.ordinal()] = weights.getOrDefault(term, Term.USUAL_WEIGHT) / (double) Term.USUAL_WEIGHT;
        }
        this.barOfPhrase = new int[bars + 1];
        this.phraseEnd = new int[bars + 1];
        for (int at = bars; at >= 0; at--) {
            barOfPhrase[at] = brief.wish().music().barOfPhrase(at + 1);
            phraseEnd[at] = at == bars || barOfPhrase[at + 1] == 1 ? at + 1 : phraseEnd[at + 1];
        }
        brief.wish().music().sectionStarts().forEach(start -> sections.add(start.ticks()));
        brief.wish().music().hits().forEach(hit -> hits.add(hit.ticks()));
        groupsBefore.putAll(past.groups());
        this.figuresBefore = past.figures();
    }

    private static int perThirtyTwo(int topLevel) {
        return topLevel <= Level.BRONZE.ordinal() ? 1 : topLevel == Level.SILVER.ordinal() ? 2 : 4;
    }

    private double[] curve() {
        double[] asked = brief.energies().isEmpty()
                ? swings ? SWINGING_CURVE : LATIN_CURVE
                : brief.energies().stream().mapToDouble(Double::doubleValue).toArray();
        double[] found = new double[bars + 1];
        for (int at = 0; at <= bars; at++) {
            found[at] = asked[Math.min(asked.length - 1, at * asked.length / bars)];
        }
        return found;
    }

    /** From now on what is more of a leaning is worth more, and what others have already is worth less. */
    void favour(Leaning favoured, Distance distance, List<Choreography> others) {
        this.leaning = favoured;
        this.distance = distance;
        this.otherKeys = others.stream().map(Choreography::keys).toList();
        this.otherWordings = others.stream().map(Choreography::wordings).toList();
        shared.clear();
    }

    /** How many other answers there are. */
    int others() {
        return otherWordings.size();
    }

    /** For each other answer how long it has the block too, and how many of its figures. */
    private int[] sharedOf(Block block) {
        while (shared.size() <= block.number()) {
            shared.add(null);
        }
        int[] known = shared.get(block.number());
        if (known == null) {
            known = new int[2 * others()];
            for (int i = 0; i < others(); i++) {
                known[i] =
                        !block.joins() && !isBookend(block) && otherKeys.get(i).contains(block.key())
                                ? block.ticks()
                                : 0;
                for (Piece piece : block.pieces()) {
                    known[others() + i] += otherWordings
                                    .get(i)
                                    .contains(piece.placement().item().wording())
                            ? 1
                            : 0;
                }
            }
            shared.set(block.number(), known);
        }
        return known;
    }

    /** A level has one or two ways to begin and to end; that answers share them makes them no less different. */
    private static boolean isBookend(Block block) {
        return block.traits().is(AmalgamationUse.OPENING) || block.traits().is(AmalgamationUse.ENDING);
    }

    /** Whether it can still become something other than each other answer. */
    boolean maySetMore(Strand strand, Block block) {
        if (others() == 0) {
            return true;
        }
        int[] more = sharedOf(block);
        for (int i = 0; i < others(); i++) {
            if (100 * (strand.shared()[i] + more[i]) > distance.mostInGroups() * most) {
                return false;
            }
        }
        return true;
    }

    /** How long each other answer is the same once a block is set, and how many figures it has too. */
    int[] shared(Strand strand, Block block) {
        int[] more = sharedOf(block);
        int[] all = strand.shared().clone();
        for (int i = 0; i < all.length; i++) {
            all[i] += more[i];
        }
        return all;
    }

    /** Points for where a routine begins: the nearer to the middle of the floor, the less of its sides is danced. */
    double startPoints(Stand start) {
        if (brief.after().isPresent()) {
            return 0;
        }
        Stand usual = Stand.at(floor.start(), 0, floor);
        return INWARDS * Math.max(0, start.across() - usual.across());
    }

    /** Whether it may stand there at all: no section of the music begins in the middle of one of its figures. */
    boolean keepsSections(Block block, int onset) {
        if (sections.isEmpty()) {
            return true;
        }
        for (int start : sections) {
            if (start > onset && start < onset + block.ticks()) {
                boolean begins = block.pieces().stream().anyMatch(piece -> onset + piece.onset() == start);
                if (!begins) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether a corner can be turned from there: the side lies behind the couple, and some is still to come. */
    boolean mayTurnCorner(Stand stand, int at) {
        if (!brief.onFloor() || !brief.wish().taste().cornersInPlace()) {
            return true;
        }
        return stand.ahead(floor) <= MOST_AHEAD_AT_CORNER * floor.along(stand.side()) && at < most;
    }

    /**
     * The points of a block set after a strand.
     *
     * @param end where the man stands then
     * @param corner whether a corner is turned after it
     * @param ends whether it is the last
     * @param counts what is counted with it
     * @param sink takes the points of each term; null if nobody asks
     */
    double points(
            Strand before,
            Block block,
            Stand end,
            boolean corner,
            boolean ends,
            boolean cramped,
            Counts counts,
            double[] sink) {
        double[] by = sink == null ? scratch() : sink;
        int onset = before.ticks();
        double length = (double) block.ticks() / bar;
        groups(before, block, length, ends, by);
        phrases(block, onset, by);
        bookends(before, block, onset, ends, by);
        highlights(before, block, onset, ends, by);
        energy(block, onset, by);
        repetition(before, block, onset, by);
        level(before, block, counts, onset, ends, by);
        if (swings) {
            turns(before, block, counts, by);
        } else {
            hold(before, block, by);
        }
        if (travels) {
            ground(before, block, end, length, cramped, by);
        }
        corners(before, block, corner, onset, by);
        music(block, onset, by);
        by[Term.FAVOURITES.ordinal()] += FAVOURITE * block.traits().favourites();
        if (block.worst() == Outcome.BENDS) {
            by[Term.BENDS.ordinal()] += BEND;
        }
        leaning(block, end, before, length, by);
        alike(before, block, by);
        double sum = 0;
        for (int i = 0; i < by.length; i++) {
            by[i] *= weights[i];
            sum += by[i];
        }
        return sum;
    }

    private final double[] scratch = new double[Term.values().length];

    private double[] scratch() {
        Arrays.fill(scratch, 0);
        return scratch;
    }

    private void groups(Strand before, Block block, double length, boolean ends, double[] by) {
        double each;
        if (block.joins()) {
            each = swings ? JOIN_SWINGING : JOIN_LATIN;
            by[Term.GROUPS.ordinal()] += before.counts().joins() > 0 ? JOINS_RUNNING : 0;
            by[Term.GROUPS.ordinal()] += JOIN_TOO_MANY
                    * (tooManyJoins(before.counts().joinTicks() + block.ticks(), before.ticks() + block.ticks())
                            - tooManyJoins(before.counts().joinTicks(), before.ticks()));
        } else {
            boolean outOfPlace = block.traits().is(AmalgamationUse.OPENING) && !before.isEmpty()
                    || block.traits().is(AmalgamationUse.ENDING) && !ends;
            each = !block.whole() ? MOST_OF_GROUP : outOfPlace ? OUT_OF_PLACE : WHOLE_GROUP;
            each += brief.own().contains(block.key()) ? OWN_GROUP : 0;
        }
        double held = (double) block.held() / bar;
        by[Term.GROUPS.ordinal()] += each * (length - held) + HELD * held;
    }

    /** Bars of joining figures above one in eight; the first two are always free. */
    private double tooManyJoins(int joinTicks, int ticks) {
        return Math.max(0, (double) joinTicks / bar - 2 - ticks / JOINS_IN_BARS / bar);
    }

    private void phrases(Block block, int onset, double[] by) {
        if (block.joins() || onset % bar != 0) {
            by[Term.PHRASES.ordinal()] += block.joins() ? 0 : ACROSS_PHRASE;
            return;
        }
        int at = Math.min(onset / bar, bars);
        int end = (onset + block.ticks() + bar - 1) / bar;
        int ofPhrase = barOfPhrase[at];
        boolean isLong = block.ticks() >= 2 * HALF_PHRASE_BARS * bar;
        if (ofPhrase == 1) {
            by[Term.PHRASES.ordinal()] += isLong ? LONG_GROUP_ON_PHRASE : ON_PHRASE;
        } else if (ofPhrase % HALF_PHRASE_BARS == 1) {
            by[Term.PHRASES.ordinal()] += ON_HALF_PHRASE;
        }
        if (ofPhrase != 1 && end > phraseEnd[at]) {
            by[Term.PHRASES.ordinal()] += ACROSS_PHRASE;
        }
    }

    private void bookends(Strand before, Block block, int onset, boolean ends, double[] by) {
        if (before.isEmpty() && brief.after().isEmpty()) {
            by[Term.BEGINNING_AND_END.ordinal()] +=
                    block.traits().is(AmalgamationUse.OPENING) ? OPENED : OPENED_BY_A_FIGURE;
        }
        if (ends && brief.wish().to().isEmpty()) {
            int end = onset + block.ticks();
            boolean onPhrase = brief.wish().music().startsPhrase(new Beats(end));
            by[Term.BEGINNING_AND_END.ordinal()] +=
                    !block.traits().is(AmalgamationUse.ENDING) ? ENDED_BY_A_FIGURE : onPhrase ? ENDED_ON_PHRASE : ENDED;
        }
    }

    private void highlights(Strand before, Block block, int onset, boolean ends, double[] by) {
        if (!block.joins() && !block.whole() && block.traits().is(AmalgamationUse.HIGHLIGHT)) {
            by[Term.HIGHLIGHTS.ordinal()] += HIGHLIGHT_OUT_OF_PLACE;
        }
        if (!isHighlight(block)) {
            boolean none =
                    highlightsThereAre && ends && before.counts().highlights() == 0 && bars >= HIGHLIGHT_FROM_BARS;
            by[Term.HIGHLIGHTS.ordinal()] += none && brief.after().isEmpty() ? NO_HIGHLIGHT : 0;
            return;
        }
        double middle = (onset + block.ticks() / 2.0) / most;
        boolean early = bars > 2 * NO_HIGHLIGHT_BARS && brief.after().isEmpty() && onset < NO_HIGHLIGHT_BARS * bar;
        boolean next = before.counts().highlightEnd() == onset;
        boolean tooMany = before.counts().highlights() >= highlightsAllowed;
        by[Term.HIGHLIGHTS.ordinal()] += early || next || tooMany ? HIGHLIGHT_OUT_OF_PLACE : HIGHLIGHT;
        if (!early && !next && middle >= BEST_FROM && middle <= BEST_TO) {
            by[Term.HIGHLIGHTS.ordinal()] += BEST_HIGHLIGHT * block.traits().energy() / 5;
        }
    }

    static boolean isHighlight(Block block) {
        return !block.joins() && block.whole() && block.traits().is(AmalgamationUse.HIGHLIGHT);
    }

    private void energy(Block block, int onset, double[] by) {
        double lowered = leaning == Leaning.CALM ? 1 : leaning == Leaning.BRILLIANT ? -0.5 : 0;
        int first = onset / bar;
        int last = Math.max(first, (onset + block.ticks() - 1) / bar);
        for (int at = first; at <= last && at <= bars; at++) {
            double off = Math.abs(block.traits().energy() - curve[at] + lowered);
            by[Term.ENERGY.ordinal()] += OFF_CURVE * Math.max(0, off - 1);
        }
    }

    private void repetition(Strand before, Block block, int onset, double[] by) {
        double points = 0;
        long seen = 0;
        Strand each = before;
        while (each != null && !each.isEmpty()) {
            boolean soon = each.ticks() > onset - STAMMER_BARS * bar;
            if (block.joins() && each.block().joins() && each.block().key().equals(block.key())) {
                points += JOIN_AGAIN;
            }
            if (!block.joins() && each.block().key().equals(block.key())) {
                points += onset - each.ticks() < SOON_BARS * bar ? GROUP_AGAIN_SOON : GROUP_AGAIN;
            } else if (!block.joins() && onset - each.ticks() < SOON_BARS * bar && isNearly(block, each.block())) {
                points += NEARLY_AGAIN;
            }
            if (soon) {
                long again = block.figures() & each.block().figures() & ~seen;
                points += FIGURE_AGAIN * Long.bitCount(again);
                seen |= again;
            }
            each = each.before();
        }
        if (!before.isEmpty() && runsOn(before.block(), block)) {
            points += SAME_FIGURE_RUNNING;
        }
        if (!block.joins() && groupsBefore.containsKey(block.key())) {
            points += onset + groupsBefore.get(block.key()) < SOON_BARS * bar ? GROUP_AGAIN_SOON : GROUP_AGAIN;
        }
        if (!figuresBefore.isEmpty() && onset < STAMMER_BARS * bar) {
            for (Piece piece : block.pieces()) {
                points += figuresBefore.contains(piece.dancing().figure().id()) ? FIGURE_AGAIN : 0;
            }
        }
        by[Term.REPETITION.ordinal()] += points;
    }

    /** Whether two amalgamations are made of nearly the same figures: at least two, and two in three of the smaller. */
    private static boolean isNearly(Block block, Block other) {
        int common = Long.bitCount(block.figures() & other.figures());
        int smaller = Math.min(Long.bitCount(block.figures()), Long.bitCount(other.figures()));
        return common >= 2 && 3 * common >= 2 * smaller;
    }

    private static boolean runsOn(Block one, Block next) {
        int last = one.pieces().get(one.pieces().size() - 1).figure();
        return last >= 0 && last == next.pieces().get(0).figure();
    }

    private void level(Strand before, Block block, Counts counts, int onset, boolean ends, double[] by) {
        if (!levels || topLevel <= Level.BRONZE.ordinal()) {
            return;
        }
        by[Term.LEVEL.ordinal()] -= OFF_LEVEL
                * (offLevel(counts.topTicks(), onset + block.ticks(), ends)
                        - offLevel(before.counts().topTicks(), onset, false));
        boolean edge = brief.after().isEmpty() && onset < HALF_PHRASE_BARS * bar || ends;
        if (edge && block.traits().topTicks() > 0) {
            by[Term.LEVEL.ordinal()] += HARDEST_AT_THE_EDGE;
        }
    }

    /** Bars by which what is danced at the level itself is outside of what is good. */
    private double offLevel(int topTicks, int ticks, boolean ends) {
        double least = topLevel >= Level.GOLD.ordinal() ? 0.25 : 0.2;
        double greatest = topLevel >= Level.GOLD.ordinal() ? 0.45 : 0.5;
        double slack = ends ? 0 : LEVEL_SLACK_BARS;
        double top = (double) topTicks / bar;
        double all = (double) ticks / bar;
        return Math.max(0, least * all - top - slack) + Math.max(0, top - greatest * all - slack);
    }

    private void turns(Strand before, Block block, Counts counts, double[] by) {
        if (Math.abs(counts.sameWay()) >= 3) {
            by[Term.TURN_BALANCE.ordinal()] += THIRD_SAME_WAY;
        }
        by[Term.TURN_BALANCE.ordinal()] -= ROUND_TOO_MANY
                * (tooManyRounds(counts.turned())
                        - tooManyRounds(before.counts().turned()));
    }

    private static double tooManyRounds(int turned) {
        return Math.max(0, Math.abs(turned) - ROUNDS_EITHER_WAY) / WHOLE_TURN;
    }

    private void ground(Strand before, Block block, Stand end, double length, boolean cramped, double[] by) {
        double gained = gained(block);
        by[Term.GROUND.ordinal()] += GAINED * length * Math.max(-1, Math.min(1, gained / (usualGain * length)));
        if (cramped) {
            by[Term.GROUND.ordinal()] += CRAMPED;
        }
        if (swings && block.corners() == 0) {
            double from = acrossBefore(before, STAMMER_BARS * bar);
            by[Term.GROUND.ordinal()] += DRIFTED * Math.max(0, Math.abs(end.across() - from) - DRIFT_METRES);
        }
    }

    /** Where across the side the couple were so long before, or where they came onto it. */
    private double acrossBefore(Strand before, int ticks) {
        Strand each = before;
        while (!each.isEmpty()
                && each.before().stand().side() == before.stand().side()
                && before.ticks() - each.before().ticks() < ticks) {
            each = each.before();
        }
        return each.stand().across();
    }

    static double gained(Block block) {
        double gained = 0;
        for (Leg leg : block.legs()) {
            gained += leg.end().x();
        }
        return gained;
    }

    private void corners(Strand before, Block block, boolean corner, int onset, double[] by) {
        if (block.corners() == 0 && !corner) {
            return;
        }
        by[Term.CORNERS.ordinal()] +=
                block.corners() > 0 && block.traits().is(AmalgamationUse.CORNER) ? CORNER_INSIDE : CORNER_ELSEWHERE;
        int at = onset + block.cornerAt();
        if (before.corners() > 0 && at - before.counts().cornerAt() < CORNER_BARS * bar) {
            by[Term.CORNERS.ordinal()] += CORNER_OUT_OF_PLACE;
        }
        if (most - at < CORNER_BARS * bar && brief.wish().to().isEmpty()) {
            by[Term.CORNERS.ordinal()] += CORNER_OUT_OF_PLACE;
        }
    }

    private void hold(Strand before, Block block, double[] by) {
        if (before.isEmpty() || before.before().isEmpty() || block.ticks() > HALF_PHRASE_BARS * bar) {
            return;
        }
        Block last = before.block();
        boolean reopened = last.traits().opensClosed() != last.traits().endsClosed()
                && last.traits().endsClosed() == block.traits().opensClosed()
                && block.traits().endsClosed() == last.traits().opensClosed()
                && last.ticks() + block.ticks() <= HALF_PHRASE_BARS * bar;
        by[Term.HOLD.ordinal()] += reopened ? REOPENED : 0;
    }

    private void music(Block block, int onset, double[] by) {
        if (hits.isEmpty() && brief.wish().stretches().isEmpty()) {
            return;
        }
        for (Piece piece : block.pieces()) {
            by[Term.MUSIC.ordinal()] += fullness(piece, onset + piece.onset());
            if (hits.contains(onset + piece.onset())) {
                boolean asked = brief.wish()
                        .choice()
                        .highlights()
                        .contains(piece.dancing().figure().id());
                by[Term.MUSIC.ordinal()] +=
                        asked ? ASKED_ON_HIT : piece.placement().highlight() ? ON_HIT : 0;
            }
        }
    }

    /** For every bar of a figure that is sparse or full where it should be; as many are taken off for the contrary. */
    private double fullness(Piece piece, int at) {
        for (Stretch stretch : brief.wish().stretches()) {
            if (at >= stretch.from().ticks() && at < stretch.to().ticks()) {
                Fullness is = rates.of(piece.dancing());
                double points = FULLNESS * piece.dancing().length().ticks() / bar;
                return is == Fullness.USUAL ? 0 : is == stretch.fullness() ? points : -points;
            }
        }
        return 0;
    }

    private void leaning(Block block, Stand end, Strand before, double length, double[] by) {
        BlockTraits traits = block.traits();
        by[Term.LEANING.ordinal()] += switch (leaning) {
            case BALANCED -> 0;
            case TRAVELLING -> 1.2 * gained(block);
            case OPEN -> (traits.opensClosed() ? 0 : length) + (traits.endsClosed() ? 0 : length);
            case CALM -> -1.2 * length * (traits.energy() - 2);
            case TURNING -> 1.6 * traits.turning() / WHOLE_TURN;
            case EASY_FOR_HER -> -2 * traits.herWork();
            case BRILLIANT -> length * (traits.energy() - 3) + (isHighlight(block) ? 4 : 0);
        };
    }

    private void alike(Strand before, Block block, double[] by) {
        if (others() == 0) {
            return;
        }
        double points = 0;
        int[] more = sharedOf(block);
        int[] had = before.shared();
        int pieces = before.pieces() + block.pieces().size();
        for (int i = 0; i < others(); i++) {
            int figures = others() + i;
            points -= tooLongAlike(had[i] + more[i], before.ticks() + block.ticks())
                    - tooLongAlike(had[i], before.ticks());
            points -= FIGURE_ALIKE
                    * (tooManyAlike(had[figures] + more[figures], pieces)
                            - tooManyAlike(had[figures], before.pieces()));
        }
        points *= distance.weight();
        by[Term.ALIKE.ordinal()] += points;
    }

    /** Bars above those that may be the same, with some care for what is still to come. */
    private double tooLongAlike(int ticks, int all) {
        return Math.max(0, ticks - CAREFULLY_ALIKE * all) / bar;
    }

    private static double tooManyAlike(int shared, int pieces) {
        return Math.max(0, shared - FIGURES_ALIKE * pieces);
    }

    /** Whether a routine may end with it. */
    boolean mayEndWith(Block block) {
        if (!brief.wish().taste().closes() || brief.wish().to().isPresent()) {
            return true;
        }
        return block.joins()
                ? Bookends.closes(block.pieces().get(0).dancing())
                : block.whole() && block.traits().is(AmalgamationUse.ENDING);
    }

    Counts counts(Strand before, Block block, boolean corner) {
        Counts counts = before.counts();
        int onset = before.ticks();
        int end = onset + block.ticks();
        int turned = block.traits().turned();
        int way = turned >= 4 ? 1 : turned <= -4 ? -1 : 0;
        int sameWay = way == 0 ? 0 : Integer.signum(counts.sameWay()) == way ? counts.sameWay() + way : way;
        boolean highlight = isHighlight(block);
        return new Counts(
                counts.topTicks() + block.traits().topTicks(),
                counts.turned() + turned,
                sameWay,
                counts.highlights() + (highlight ? 1 : 0),
                highlight ? end : counts.highlightEnd(),
                corner || block.corners() > 0 ? onset + block.cornerAt() : counts.cornerAt(),
                block.joins() ? counts.joins() + 1 : 0,
                counts.joinTicks() + (block.joins() ? block.ticks() : 0));
    }

    Map<Term, Double> byTerm(double[] sink) {
        Map<Term, Double> found = new EnumMap<>(Term.class);
        for (Term term : Term.values()) {
            found.put(term, sink[term.ordinal()]);
        }
        return found;
    }
}
