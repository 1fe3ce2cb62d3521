package fluidframe.core.notation;

import fluidframe.core.figure.Figure;
import java.util.List;
import java.util.Optional;

/**
 * What came of reading a draft. Cells that could not be read count as empty, so that the rest can still be checked;
 * without a dance or a length there is no figure at all.
 */
public record DraftReading(Optional<Figure> figure, List<Unreadable> unreadable) {

    public DraftReading {
        unreadable = List.copyOf(unreadable);
    }

    public boolean isComplete() {
        return figure.isPresent() && unreadable.isEmpty();
    }
}
