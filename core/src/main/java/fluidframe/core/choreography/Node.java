package fluidframe.core.choreography;

import fluidframe.core.figure.Figure;
import fluidframe.core.link.ExitState;
import java.util.Optional;

/**
 * How a couple are left, and after which figure; all that decides what can be danced next.
 *
 * @param last the figure, if the syllabus can speak of it
 */
record Node(Optional<Figure> last, ExitState exit) {

    Node roundCorner() {
        return new Node(last, exit.afterCorner());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Node node
                && node.exit.equals(exit)
                && node.last.map(Figure::id).equals(last.map(Figure::id));
    }

    @Override
    public int hashCode() {
        return 31 * exit.hashCode() + last.map(Figure::id).hashCode();
    }
}
