package fluidframe.core.choreography;

import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.choreography.Block.Piece;
import fluidframe.core.compose.Bookends;
import fluidframe.core.figure.Figure;
import fluidframe.core.geometry.StepLengths;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Passage;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Point;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * What can be set next, as it is danced there: amalgamations whole, most of one, and single figures that lead to one.
 * What has been found for one way of being left is kept.
 */
final class Blocks {

    /** Figures that lead to no amalgamation are of no use between two. */
    private static final int MOST_JOINS = 8;
    /** Of an amalgamation so many figures at least are danced together. */
    private static final int LEAST_OF_GROUP = 2;

    private static final int MOST_BARS_HELD = 2;
    private static final int MOST_BARS_OF_PICTURE = 3;
    private static final double ENERGY_OF_JOINS = 2;

    private final Repertoire repertoire;
    private final Brief brief;
    private final Routine routine;
    private final boolean mayBend;
    private final Tread.Known ground;
    private final int topLevel;
    private final Map<String, Integer> figures = new HashMap<>();
    private final Map<String, Integer> requiredBits = new HashMap<>();
    private final List<Variant> variants = new ArrayList<>();
    private final Node.Known nodes = new Node.Known();
    private final List<Block> openings = new ArrayList<>();
    private int blocks;
    private final Map<List<Object>, BlockTraits> traits = new HashMap<>();

    /**
     * An amalgamation, or most of it, begun in one of its ways.
     *
     * @param key of what it is a variant
     */
    private record Variant(Amalgamation group, boolean whole, List<Placement> placements, String key) {

        boolean asWritten() {
            return placements
                    .get(0)
                    .item()
                    .equals(group.routine().placements().get(0).item());
        }
    }

    Blocks(Repertoire repertoire, Brief brief) {
        this.repertoire = repertoire;
        this.brief = brief;
        this.routine = brief.course().routine();
        this.mayBend = brief.wish().bends();
        this.ground = new Tread.Known(StepLengths.of(routine.dance(), routine.tempo(), routine.dancers()));
        this.topLevel = repertoire.dancings().stream()
                .mapToInt(dancing -> dancing.figure().level().ordinal())
                .max()
                .orElse(0);
        new TreeSet<>(brief.wish().required()).forEach(id -> requiredBits.put(id, 1 << requiredBits.size()));
        new TreeSet<>(brief.requiredGroups()).forEach(id -> requiredBits.put(id, 1 << requiredBits.size()));
        brief.shelf().stream().filter(this::isAllowed).forEach(this::addVariants);
    }

    /** The set of all that must come, each a bit. */
    int allRequired() {
        return (1 << requiredBits.size()) - 1;
    }

    /** The number of a figure, the same for every way of it. */
    int number(Figure figure) {
        return figures.computeIfAbsent(figure.id(), id -> figures.size());
    }

    Node node(Optional<Figure> last, ExitState exit) {
        return nodes.of(last, exit);
    }

    int topLevel() {
        return topLevel;
    }

    private boolean isAllowed(Amalgamation group) {
        return group.level().compareTo(repertoire.conditions().highest()) <= 0
                && group.routine().dance().id().equals(routine.dance().id())
                && !brief.barredGroups().contains(group.routine().id())
                && group.routine().placements().stream()
                        .noneMatch(placement -> placement.item() instanceof Dancing dancing
                                && brief.wish()
                                        .forbidden()
                                        .contains(dancing.figure().id()));
    }

    private void addVariants(Amalgamation group) {
        List<Placement> all = group.routine().passages().stream()
                .map(Passage::placement)
                .map(Placement::once)
                .toList();
        String key = group.routine().id();
        for (List<Placement> begun : Amalgamation.begun(all)) {
            variants.add(new Variant(group, true, begun, key));
            if (group.uses().contains(AmalgamationUse.ENDING)) {
                for (int bars = 1; bars <= mostHeld(all); bars++) {
                    variants.add(new Variant(group, true, held(begun, bars), key + " held " + bars));
                }
            }
        }
        boolean turnsInside = all.stream().anyMatch(Placement::cornerAfter);
        if (all.size() > LEAST_OF_GROUP && !turnsInside) {
            for (List<Placement> begun : Amalgamation.begun(all.subList(0, all.size() - 1))) {
                variants.add(new Variant(group, false, begun, key + " head"));
            }
            for (List<Placement> begun : Amalgamation.begun(all.subList(1, all.size()))) {
                variants.add(new Variant(group, false, begun, key + " tail"));
            }
        }
    }

    /**
     * How many bars longer the last picture may be held: up to three in all. A dip is held no longer than it was set,
     * for her back is not to bear it.
     */
    private int mostHeld(List<Placement> placements) {
        if (placements.get(placements.size() - 1).item() instanceof Element picture) {
            int bars = picture.beats() / routine.dance().rhythm().beatsPerBar();
            return picture.kind() == ElementKind.DIP ? 0 : Math.max(0, MOST_BARS_OF_PICTURE - bars);
        }
        return MOST_BARS_HELD;
    }

    /** Its last picture held so many bars longer; where figures of six counts meet phrases of eight, coaches do. */
    private List<Placement> held(List<Placement> placements, int bars) {
        int beats = bars * routine.dance().rhythm().beatsPerBar();
        List<Placement> longer = new ArrayList<>(placements);
        Placement last = placements.get(placements.size() - 1);
        if (last.item() instanceof Element picture) {
            longer.set(placements.size() - 1, last.withItem(picture.lasting(picture.beats() + beats)));
        } else {
            longer.add(Placement.of(Element.of(ElementKind.HOLD, beats)));
        }
        return longer;
    }

    /** What a routine can begin with. */
    List<Block> openings() {
        if (openings.isEmpty()) {
            openings.addAll(findOpenings());
        }
        return openings;
    }

    private List<Block> findOpenings() {
        List<Block> found = new ArrayList<>();
        for (Variant variant : variants) {
            if (variant.whole()
                    && variant.asWritten()
                    && (!brief.wish().taste().opens() || variant.group().uses().contains(AmalgamationUse.OPENING))) {
                fromStanding(variant).ifPresent(found::add);
            }
        }
        for (Move move : repertoire.beginnings()) {
            if (isUsed(move) && (!brief.wish().taste().opens() || Bookends.opens(move.dancing()))) {
                found.add(joining(Placement.of(move.dancing()).withStart(new Alignment.Facing(move.facing())), move));
            }
        }
        return found;
    }

    private Optional<Block> fromStanding(Variant variant) {
        Course course = Course.of(routine.placing(variant.placements()));
        boolean fits = course.seams().stream()
                .allMatch(seam -> isAllowed(seam.verdict().outcome()));
        if (!fits) {
            return Optional.empty();
        }
        Built built = new Built();
        for (int i = 0; i < course.placements().size(); i++) {
            ScoredPlacement placed = course.placements().get(i);
            Outcome outcome =
                    i == 0 ? Outcome.HOLDS : course.seams().get(i - 1).verdict().outcome();
            built.add(placed.placement(), placed.dancing(), placed.entry(), outcome);
        }
        int last = course.placements().size() - 1;
        Dancing end = course.placements().get(last).dancing();
        return Optional.of(built.block(variant, nodes.of(end.listed(), course.exit(last))));
    }

    private boolean isAllowed(Outcome outcome) {
        return outcome == Outcome.HOLDS || mayBend && outcome == Outcome.BENDS;
    }

    /** What can be set after the couple are left so: amalgamations first, then what leads on to one. */
    List<Block> after(Node node) {
        if (node.blocks().isEmpty()) {
            Stopping.check();
            List<Block> found = new ArrayList<>(groupsAfter(node));
            found.addAll(joins(node));
            node.keepBlocks(found);
        }
        return node.blocks().orElseThrow();
    }

    private List<Block> groupsAfter(Node node) {
        if (node.groups().isEmpty()) {
            List<Block> found = new ArrayList<>();
            Set<String> seen = new HashSet<>();
            for (Variant variant : variants) {
                if (!seen.contains(variant.key())) {
                    danced(variant, node).ifPresent(block -> {
                        found.add(block);
                        seen.add(variant.key());
                    });
                }
            }
            node.keepGroups(found);
        }
        return node.groups().orElseThrow();
    }

    private Optional<Block> danced(Variant variant, Node node) {
        Built built = new Built();
        Optional<Figure> last = node.last();
        ExitState exit = node.exit();
        for (Placement placement : variant.placements()) {
            Dancing dancing = placement.item().after(exit, routine.dance());
            EntryState entry = placement
                    .start()
                    .map(alignment -> dancing.entry().from(alignment.foot()))
                    .orElse(dancing.entry());
            Outcome outcome = repertoire.meets(last, exit, dancing, entry);
            if (!isAllowed(outcome)) {
                return Optional.empty();
            }
            Heading facing = entry.nearestTo(exit.facing());
            built.add(placement, dancing, facing, outcome);
            ExitState left = dancing.exitFrom(facing, exit.beat());
            exit = placement.cornerAfter() ? left.afterCorner() : left;
            last = dancing.listed();
        }
        return Optional.of(built.block(variant, nodes.of(last, exit)));
    }

    /** The figures by which more amalgamations can be reached come first; where none leads to any, all of them. */
    private List<Block> joins(Node node) {
        Map<Node, Block> shortest = new LinkedHashMap<>();
        List<Block> closing = new ArrayList<>();
        for (Move move : repertoire.after(node.last(), node.exit())) {
            if (isUsed(move) && isAllowed(move.outcome())) {
                Block block = joining(Placement.of(move.dancing()), move);
                shortest.merge(block.to(), block, (one, other) -> one.ticks() <= other.ticks() ? one : other);
                if (Bookends.closes(move.dancing()) || block.traits().required() != 0) {
                    closing.add(block);
                }
            }
        }
        List<Block> leading = shortest.values().stream()
                .filter(block -> !groupsAfter(block.to()).isEmpty())
                .sorted(Comparator.comparingInt(
                        block -> -groupsAfter(block.to()).size()))
                .limit(MOST_JOINS)
                .toList();
        Set<Block> found = new LinkedHashSet<>(leading.isEmpty() ? List.copyOf(shortest.values()) : leading);
        found.addAll(closing);
        return List.copyOf(found);
    }

    private boolean isUsed(Move move) {
        return move.dancing().way().repeats() == 1
                && (!brief.wish().taste().wholeFigures()
                        || move.dancing().way().split().isEmpty())
                && !brief.wish().forbidden().contains(move.dancing().figure().id());
    }

    private Block joining(Placement placement, Move move) {
        Built built = new Built();
        built.add(placement, move.dancing(), move.facing(), move.outcome());
        return built.block(nodes.of(move.dancing().listed(), move.exit()));
    }

    /** A block as it grows. */
    private final class Built {

        private final List<Piece> pieces = new ArrayList<>();
        private final List<Leg> legs = new ArrayList<>();
        private final List<Point> bodies = new ArrayList<>();
        private Point at = Point.ORIGIN;
        private int ticks;

        void add(Placement placement, Dancing dancing, Heading facing, Outcome outcome) {
            boolean element = placement.item() instanceof Element;
            Tread tread = element ? ground.ofElement(dancing) : ground.of(dancing, facing);
            tread.bodies().forEach(body -> bodies.add(body.plus(at)));
            at = at.plus(tread.end());
            pieces.add(new Piece(placement, dancing, facing, outcome, ticks, element ? -1 : number(dancing.figure())));
            ticks += dancing.length().ticks();
            if (placement.cornerAfter()) {
                endLeg();
            }
        }

        private void endLeg() {
            legs.add(Leg.of(bodies, at));
            bodies.clear();
            at = Point.ORIGIN;
        }

        Block block(Variant variant, Node to) {
            endLeg();
            return Block.of(
                    Optional.of(variant.group()),
                    variant.whole(),
                    pieces,
                    to,
                    legs,
                    traits(variant),
                    variant.group().routine().id(),
                    blocks++);
        }

        Block block(Node to) {
            endLeg();
            Dancing dancing = pieces.get(0).dancing();
            return Block.of(
                    Optional.empty(),
                    true,
                    pieces,
                    to,
                    legs,
                    counted(List.of(), ENERGY_OF_JOINS, EnumSet.noneOf(AmalgamationUse.class), dancing.wording()),
                    dancing.figure().id(),
                    blocks++);
        }

        /** Only all of an amalgamation is the one that must come. */
        private BlockTraits traits(Variant variant) {
            Amalgamation group = variant.group();
            Set<AmalgamationUse> uses =
                    group.uses().isEmpty() ? EnumSet.noneOf(AmalgamationUse.class) : EnumSet.copyOf(group.uses());
            List<String> ids = variant.whole() ? List.of(group.routine().id()) : List.of();
            return counted(ids, group.energy(), uses, variant.key());
        }

        private BlockTraits counted(List<String> ids, double energy, Set<AmalgamationUse> uses, String key) {
            return traits.computeIfAbsent(List.of(key, pieces.size(), ids), each -> count(ids, energy, uses));
        }

        private BlockTraits count(List<String> ids, double energy, Set<AmalgamationUse> uses) {
            int level = 0;
            int top = 0;
            int turned = 0;
            int turning = 0;
            int required = 0;
            int favourites = 0;
            double her = 0;
            for (Piece piece : pieces) {
                Dancing dancing = piece.dancing();
                Figure danced = dancing.danced();
                int net = danced.man().turnAccount().net().sixteenths();
                level = Math.max(level, dancing.figure().level().ordinal());
                top += dancing.figure().level().ordinal() == topLevel && topLevel > 0
                        ? dancing.length().ticks()
                        : 0;
                turned += net;
                turning += Math.abs(net);
                her += Leanings.herWork(dancing);
                boolean wholeFigure = dancing.way().split().isEmpty();
                required |= wholeFigure || !brief.wish().taste().requiredWhole()
                        ? requiredBits.getOrDefault(dancing.figure().id(), 0)
                        : 0;
                favourites += brief.wish()
                                .choice()
                                .favourites()
                                .contains(dancing.figure().id())
                        ? 1
                        : 0;
            }
            for (String id : ids) {
                required |= requiredBits.getOrDefault(id, 0);
            }
            Figure first = pieces.get(0).dancing().danced();
            Figure last = pieces.get(pieces.size() - 1).dancing().danced();
            return new BlockTraits(
                    uses,
                    energy,
                    level,
                    top,
                    turned,
                    turning,
                    her,
                    first.start().position().isClosedHold(),
                    last.end().position().isClosedHold(),
                    required,
                    favourites);
        }
    }
}
