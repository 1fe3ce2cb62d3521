package fluidframe.app.logbook;

import fluidframe.app.problems.RefusedException;
import fluidframe.app.storage.Changes;
import fluidframe.core.practice.Ledger;
import fluidframe.core.practice.Noted;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** How every couple stands, reckoned from their notes once and again only when notes came or went. */
@Component
class Ledgers {

    private static final Logger LOG = LoggerFactory.getLogger(Ledgers.class);
    private static final Ledger NOTHING = Ledger.of(List.of());

    private final NoteStore notes;
    private final Changes changes;
    private final Map<Long, Known> known = new ConcurrentHashMap<>();

    Ledgers(NoteStore notes, Changes changes) {
        this.notes = notes;
        this.changes = changes;
    }

    private record Known(long era, NoteRepository.Extent extent, Ledger ledger) {}

    /** The standing of a couple by its number in the database. */
    Ledger of(long couple) {
        return all().getOrDefault(couple, NOTHING);
    }

    /** The standing of every couple that has notes. */
    Map<Long, Ledger> all() {
        long era = changes.era();
        Map<Long, NoteRepository.Extent> extents = notes.extents();
        known.keySet().retainAll(extents.keySet());
        Map<Long, Ledger> all = new HashMap<>();
        extents.forEach((couple, extent) -> all.put(
                couple,
                known.compute(
                                couple,
                                (key, before) -> before != null
                                                && before.era() == era
                                                && before.extent().equals(extent)
                                        ? before
                                        : new Known(era, extent, Ledger.of(danced(notes.of(couple)))))
                        .ledger()));
        return all;
    }

    static List<Noted> danced(List<NoteDocument> documents) {
        return documents.stream()
                .map(Ledgers::read)
                .flatMap(Optional::stream)
                .flatMap(reading -> reading.danced().stream())
                .toList();
    }

    /** One that can no longer be read, after a word has left the vocabulary, is left out and stays kept. */
    static Optional<NoteReading> read(NoteDocument note) {
        try {
            return Optional.of(NoteReading.of(note));
        } catch (RefusedException e) {
            LOG.warn("A kept note is left out: {}", e.getMessage());
            return Optional.empty();
        }
    }
}
