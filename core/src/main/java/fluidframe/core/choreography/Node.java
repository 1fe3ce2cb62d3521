package fluidframe.core.choreography;

import fluidframe.core.figure.Figure;
import fluidframe.core.link.ExitState;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a couple are left, and after which figure; all that decides what can be danced next. There is one node for each,
 * which keeps what was found for it.
 */
final class Node {

    private record Key(Optional<String> last, ExitState exit) {}

    /** All nodes of one search. */
    static final class Known {

        private final Map<Key, Node> nodes = new HashMap<>();

        Node of(Optional<Figure> last, ExitState exit) {
            return nodes.computeIfAbsent(new Key(last.map(Figure::id), exit), key -> new Node(this, last, exit));
        }
    }

    private final Known known;
    private final Optional<Figure> last;
    private final ExitState exit;
    private Node roundCorner;
    private List<Block> groups;
    private List<Block> blocks;

    private Node(Known known, Optional<Figure> last, ExitState exit) {
        this.known = known;
        this.last = last;
        this.exit = exit;
    }

    /** The figure before, if the syllabus can speak of it. */
    Optional<Figure> last() {
        return last;
    }

    ExitState exit() {
        return exit;
    }

    /** The same once a corner of the room is turned. */
    Node roundCorner() {
        if (roundCorner == null) {
            roundCorner = known.of(last, exit.afterCorner());
        }
        return roundCorner;
    }

    Optional<List<Block>> groups() {
        return Optional.ofNullable(groups);
    }

    Optional<List<Block>> blocks() {
        return Optional.ofNullable(blocks);
    }

    void keepGroups(List<Block> found) {
        groups = List.copyOf(found);
    }

    void keepBlocks(List<Block> found) {
        blocks = List.copyOf(found);
    }
}
