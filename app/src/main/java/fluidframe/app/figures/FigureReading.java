package fluidframe.app.figures;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import java.util.List;

/** Reads a figure that is not going to be stored. */
public final class FigureReading {

    private FigureReading() {
    }

    /**
     * @throws RefusedException naming every text that cannot be read
     */
    public static Figure complete(FigureDocument document) {
        DraftReading reading = DraftReader.read(FigureMapper.draft(document));
        if (!reading.isComplete()) {
            List<Fault> faults = reading.unreadable().stream().map(unreadable -> Fault.of("", unreadable)).toList();
            throw new RefusedException(faults.get(0).sentence(), faults);
        }
        return reading.figure().orElseThrow();
    }
}
