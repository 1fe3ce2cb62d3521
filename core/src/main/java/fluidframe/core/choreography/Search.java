package fluidframe.core.choreography;

import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.choreography.Strand.Counts;
import fluidframe.core.compose.Watch;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Floor;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Carries the most promising beginnings on, a block at a time and all of one length together, until they are as long as
 * was asked. So the same brief has the same answers on any machine.
 */
final class Search {

    private static final int CHECK_EVERY = 512;
    /** For each that is carried on so many are looked at. */
    private static final int LOOKED_AT_EACH = 4;
    /** Of those that leave the couple alike so many at most. */
    private static final int MOST_AT_ONE_NODE = 8;
    /** Complete ones that are remembered. */
    private static final int MOST_COMPLETE = 300;
    /** Joining figures that come one after another at most. */
    private static final int MOST_JOINS = 2;

    private static final Comparator<Strand> BEST_FIRST = (one, other) -> Double.compare(other.points(), one.points());

    private final Repertoire repertoire;
    private final Brief brief;
    private final Blocks blocks;
    private final Scorecard scorecard;
    private final Watch watch;
    private final Floor floor;
    private final int least;
    private final int most;
    private final int width;
    private final int mostJoins;
    /** By length in ticks: those that wait to be carried on, and what another of that length must have to wait too. */
    private final List<List<Strand>> open = new ArrayList<>();

    private final double[] floors;
    private List<Strand> complete = new ArrayList<>();
    private int looked;
    private int answers;
    private boolean stopped;
    private double care;

    /**
     * @param width how many of each length are carried on
     * @param joinsFreely whether any number of joining figures may come one after another
     */
    Search(
            Repertoire repertoire,
            Brief brief,
            Blocks blocks,
            Scorecard scorecard,
            Watch watch,
            int width,
            boolean joinsFreely) {
        this.repertoire = repertoire;
        this.brief = brief;
        this.blocks = blocks;
        this.scorecard = scorecard;
        this.watch = watch;
        this.floor = brief.course().routine().floor();
        this.least = brief.wish().least().ticks();
        this.most = brief.wish().most().ticks();
        this.width = width;
        this.floors = new double[most + 1];
        for (int ticks = 0; ticks <= most; ticks++) {
            open.add(new ArrayList<>(0));
        }
        this.mostJoins = joinsFreely ? Integer.MAX_VALUE : MOST_JOINS;
    }

    /**
     * Complete ones, the best first.
     *
     * @param care metres that are kept from walls beyond what the bodies need
     */
    List<Strand> best(List<Stand> starts, int answersFound, double care) {
        this.care = care;
        Arrays.fill(floors, Double.NEGATIVE_INFINITY);
        complete = new ArrayList<>();
        answers = answersFound;
        starts.forEach(this::begin);
        for (List<Strand> ofOneLength : open) {
            List<Strand> carriedOn = stopped ? List.of() : mostPromising(ofOneLength);
            ofOneLength.clear();
            for (Strand strand : carriedOn) {
                for (Block block : blocks.after(strand.node())) {
                    extend(strand, block);
                }
            }
        }
        complete.sort(BEST_FIRST);
        return complete;
    }

    boolean wasStopped() {
        return stopped;
    }

    private void begin(Stand start) {
        Optional<Node> from = brief.wish().from().map(begun -> blocks.node(begun.last(), begun.exit()));
        Strand empty = new Strand(
                null,
                null,
                false,
                from.orElse(null),
                0,
                start,
                0,
                0,
                Counts.NONE,
                0,
                new int[2 * scorecard.others()],
                0);
        if (from.isPresent()) {
            open.get(0).add(empty);
        } else {
            blocks.openings().forEach(block -> extend(empty, block));
        }
    }

    private void extend(Strand strand, Block block) {
        if (++looked % CHECK_EVERY == 0) {
            watch.saw(looked, answers);
            stopped |= watch.stops();
        }
        int end = strand.ticks() + block.ticks();
        boolean tooLong = end > most;
        boolean joinsOn = block.joins() && strand.counts().joins() >= mostJoins;
        boolean again =
                !strand.isEmpty() && !block.joins() && strand.block().key().equals(block.key());
        if (tooLong
                || joinsOn
                || again
                || !scorecard.maySetMore(strand, block)
                || !scorecard.keepsSections(block, strand.ticks())) {
            return;
        }
        Stand stand = strand.stand();
        boolean cramped = false;
        for (int i = 0; i < block.legs().size(); i++) {
            Leg leg = block.legs().get(i);
            if (brief.onFloor()) {
                if (!stand.hasRoomFor(leg, floor, care)) {
                    return;
                }
                cramped |= stand.isCrampedBy(leg, floor);
            }
            stand = stand.after(leg);
            if (i < block.legs().size() - 1) {
                if (!scorecard.mayTurnCorner(stand, end)) {
                    return;
                }
                stand = stand.roundCorner(floor);
            }
        }
        int corners = strand.corners() + block.corners();
        if (corners > mostCorners()) {
            return;
        }
        if (end >= least && scorecard.mayEndWith(block)) {
            finish(strand, block, stand, corners, cramped);
        }
        boolean onlyEnds = !block.joins()
                && block.traits().is(AmalgamationUse.ENDING)
                && block.traits().uses().size() == 1
                && brief.wish().taste().closes();
        if (end == most || onlyEnds) {
            return;
        }
        add(strand, block, stand, false, corners, cramped);
        boolean turns = corners < mostCorners()
                && block.corners() == 0
                && (brief.onFloor() || brief.corners().isPresent())
                && scorecard.mayTurnCorner(stand, end);
        if (turns) {
            add(strand, block, stand.roundCorner(floor), true, corners + 1, cramped);
        }
    }

    private int mostCorners() {
        return brief.corners().orElse(brief.onFloor() ? Integer.MAX_VALUE : 0);
    }

    private void finish(Strand strand, Block block, Stand stand, int corners, boolean cramped) {
        int required = strand.required() | block.traits().required();
        if (required != blocks.allRequired()
                || brief.corners().filter(asked -> asked != corners).isPresent()
                || !arrives(block)) {
            return;
        }
        Counts counts = scorecard.counts(strand, block, false);
        double points = points(strand, block, stand, false, cramped, true, counts);
        complete.add(set(strand, block, stand, false, corners, counts, points));
        if (complete.size() >= 2 * MOST_COMPLETE) {
            complete.sort(BEST_FIRST);
            complete.subList(MOST_COMPLETE, complete.size()).clear();
        }
    }

    private boolean arrives(Block block) {
        return brief.wish()
                .to()
                .map(next -> repertoire.meets(block.to().last(), block.to().exit(), next))
                .map(outcome -> outcome == Outcome.HOLDS || brief.wish().bends() && outcome == Outcome.BENDS)
                .orElse(true);
    }

    private double points(
            Strand strand, Block block, Stand stand, boolean corner, boolean cramped, boolean ends, Counts counts) {
        int required = strand.required() | block.traits().required();
        int news = Integer.bitCount(required) - Integer.bitCount(strand.required());
        return strand.points()
                + scorecard.points(strand, block, stand, corner, ends, cramped, counts, null)
                + news * Scorecard.REQUIRED;
    }

    private Strand set(
            Strand strand, Block block, Stand stand, boolean corner, int corners, Counts counts, double points) {
        return new Strand(
                strand,
                block,
                corner,
                corner ? block.to().roundCorner() : block.to(),
                strand.ticks() + block.ticks(),
                stand,
                corners,
                strand.required() | block.traits().required(),
                counts,
                strand.pieces() + block.pieces().size(),
                scorecard.shared(strand, block),
                points);
    }

    private void add(Strand strand, Block block, Stand stand, boolean corner, int corners, boolean cramped) {
        int length = strand.ticks() + block.ticks();
        Counts counts = scorecard.counts(strand, block, corner);
        double points = points(strand, block, stand, corner, cramped, false, counts);
        if (points <= floors[length]) {
            return;
        }
        List<Strand> alike = open.get(length);
        alike.add(set(strand, block, stand, corner, corners, counts, points));
        if (alike.size() >= 2 * LOOKED_AT_EACH * width) {
            alike.sort(BEST_FIRST);
            alike.subList(LOOKED_AT_EACH * width, alike.size()).clear();
            floors[length] = alike.get(alike.size() - 1).points();
        }
    }

    /** What lies ahead of those that agree in this is nearly the same. */
    private record Ahead(Node node, int side, int along, int across, int required, String lastKey) {}

    private List<Strand> mostPromising(List<Strand> strands) {
        strands.sort(BEST_FIRST);
        Set<Ahead> seen = new HashSet<>();
        Map<Node, Integer> atNode = new HashMap<>();
        List<Strand> kept = new ArrayList<>();
        for (Strand strand : strands) {
            if (kept.size() >= width) {
                break;
            }
            Stand stand = strand.stand();
            Ahead ahead = new Ahead(
                    strand.node(),
                    stand.side(),
                    (int) Math.round(stand.along()),
                    (int) Math.round(stand.across()),
                    strand.required(),
                    strand.isEmpty() ? "" : strand.block().key());
            if (atNode.getOrDefault(strand.node(), 0) < MOST_AT_ONE_NODE && seen.add(ahead)) {
                kept.add(strand);
                atNode.merge(strand.node(), 1, Integer::sum);
            }
        }
        return kept;
    }

    /** The same strand as an answer, with what each term gave. */
    Choreography choreography(Strand strand, Leaning leaning) {
        double[] all = new double[Term.values().length];
        List<Strand> strands = strand.strands();
        for (Strand each : strands) {
            double[] by = new double[all.length];
            boolean ends = each == strand;
            scorecard.points(
                    each.before(), each.block(), each.stand(), each.corner(), ends, cramps(each), each.counts(), by);
            for (int i = 0; i < all.length; i++) {
                all[i] += by[i];
            }
        }
        Point start = strands.get(0).before().stand().place(floor);
        return Choreography.of(start, strand, leaning, scorecard.byTerm(all));
    }

    private boolean cramps(Strand strand) {
        Stand stand = strand.before().stand();
        boolean cramped = false;
        for (int i = 0; i < strand.block().legs().size(); i++) {
            Leg leg = strand.block().legs().get(i);
            cramped |= brief.onFloor() && stand.isCrampedBy(leg, floor);
            stand = stand.after(leg);
            stand = i < strand.block().legs().size() - 1 ? stand.roundCorner(floor) : stand;
        }
        return cramped;
    }
}
