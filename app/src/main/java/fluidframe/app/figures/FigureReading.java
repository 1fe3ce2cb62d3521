package fluidframe.app.figures;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.audit.Audit;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** Reads figures, in the program with the studio's dances. */
@Component
public class FigureReading {

    private final Supplier<List<Dance>> dances;

    @Autowired
    FigureReading(StudioDances dances) {
        this(dances::all);
    }

    private FigureReading(Supplier<List<Dance>> dances) {
        this.dances = dances;
    }

    /**
     * With the dances as the catalogue has them, whatever the studio holds: for books, which go from one studio to
     * another.
     */
    public static FigureReading ofCatalogue() {
        return new FigureReading(Dances::all);
    }

    /** All that can be read, taking what cannot as empty. */
    public DraftReading of(FigureDocument document) {
        return DraftReader.read(FigureMapper.draft(document), dances.get());
    }

    /**
     * A figure that is not going to be stored.
     *
     * @throws RefusedException naming every text that cannot be read
     */
    public Figure complete(FigureDocument document) {
        DraftReading reading = of(document);
        if (!reading.isComplete()) {
            List<Fault> faults = reading.unreadable().stream()
                    .map(unreadable -> Fault.of("", unreadable))
                    .toList();
            throw new RefusedException(faults.get(0).sentence(), faults);
        }
        return reading.figure().orElseThrow();
    }

    /**
     * A figure that may be stored.
     *
     * @param root JSON pointer to the document in what was sent, empty if it is all of it
     * @throws RefusedException naming every text that cannot be read, or where the count does not fill its bars
     */
    public Figure accepted(FigureDocument document, String root) {
        DraftReading reading = of(document);
        List<Fault> faults = faults(reading, root);
        if (!faults.isEmpty()) {
            throw new RefusedException(
                    faults.size() == 1
                            ? faults.get(0).sentence()
                            : FiguresSentences.placesCannotBeReadNothingWas(faults.size()),
                    faults);
        }
        return reading.figure().orElseThrow();
    }

    /** Everything that would keep a document from being stored. */
    public List<Fault> faults(FigureDocument document, String root) {
        return faults(of(document), root);
    }

    private static List<Fault> faults(DraftReading reading, String root) {
        List<Fault> faults = new ArrayList<>(reading.unreadable().stream()
                .map(unreadable -> Fault.of(root, unreadable))
                .toList());
        if (faults.isEmpty()) {
            Audit.foundations(reading.figure().orElseThrow()).forEach(finding -> faults.add(Fault.of(root, finding)));
        }
        return faults;
    }
}
