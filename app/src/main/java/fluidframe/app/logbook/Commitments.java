package fluidframe.app.logbook;

import fluidframe.app.events.EventDocument;
import fluidframe.app.events.EventStore;
import fluidframe.app.people.CoupleDocument;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.storage.StoredPlainDocument;
import fluidframe.core.practice.Commitment;
import fluidframe.core.practice.Commitment.Occasion;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * What couples are to dance: the routines in work, and those they are entered with for events that are still to come.
 */
@Component
class Commitments {

    private final RoutineStore routines;
    private final EventStore events;

    Commitments(RoutineStore routines, EventStore events) {
        this.routines = routines;
        this.events = events;
    }

    /** As they are now; asked once for all couples. */
    Known known() {
        return new Known(
                routines.all().stream()
                        .map(stored -> stored.document())
                        .collect(Collectors.toMap(
                                RoutineDocument::id, routine -> routine, (one, other) -> one, LinkedHashMap::new)),
                events.all().stream().map(StoredPlainDocument::document).toList());
    }

    /** Every routine by its id, and every event. */
    record Known(Map<String, RoutineDocument> routines, List<EventDocument> events) {

        /** What one couple is to dance from a day on, the earliest event first. */
        List<Commitment> of(CoupleDocument couple, LocalDate from) {
            List<Commitment> commitments = new ArrayList<>();
            events.stream()
                    .filter(event -> !LocalDate.parse(event.date()).isBefore(from))
                    .sorted(Comparator.comparing(EventDocument::date))
                    .forEach(event -> entered(event, couple.id())
                            .forEach(routine -> commitments.add(commitment(
                                    routine,
                                    Optional.of(new Occasion(event.title(), LocalDate.parse(event.date())))))));
            for (String id : couple.routines() == null ? List.<String>of() : couple.routines()) {
                Optional.ofNullable(routines.get(id))
                        .ifPresent(routine -> commitments.add(commitment(routine, Optional.empty())));
            }
            return commitments;
        }

        private List<RoutineDocument> entered(EventDocument event, String couple) {
            return event.rounds().stream()
                    .flatMap(round -> round.entries().stream())
                    .filter(entry -> entry.couple().equals(couple) && entry.routines() != null)
                    .flatMap(entry -> entry.routines().stream())
                    .distinct()
                    .map(routines::get)
                    .filter(Objects::nonNull)
                    .toList();
        }

        Optional<RoutineDocument> routine(String id) {
            return Optional.ofNullable(id).map(routines::get);
        }

        static Commitment commitment(RoutineDocument routine, Optional<Occasion> occasion) {
            return new Commitment(
                    routine.title(),
                    routine.placements().stream()
                            .map(RoutineDocument.PlacementDocument::figure)
                            .filter(Objects::nonNull)
                            .toList(),
                    occasion);
        }
    }
}
