package fluidframe.app.amalgamations;

import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.room.FloorWay;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Score;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The studio's amalgamations as they are danced with its figures as they are now. */
@Component
public class Amalgamations {

    private final AmalgamationStore store;
    private final RoutineReader reader;
    private final Scores scores;

    Amalgamations(AmalgamationStore store, RoutineReader reader, Scores scores) {
        this.store = store;
        this.reader = reader;
        this.scores = scores;
    }

    /**
     * One as it stands in a list.
     *
     * @param problem why it cannot be danced now, such as a figure that was deleted; what is danced is empty then
     */
    record Shelved(
            AmalgamationDocument document, Optional<Score> score, Optional<FloorWay> way, Optional<String> problem) {}

    List<Shelved> shelf(String dance) {
        return store.ofDance(dance).stream().map(this::shelved).toList();
    }

    /** Those of a dance that can be danced. */
    public List<Amalgamation> ofDance(String dance) {
        return store.ofDance(dance).stream()
                .flatMap(document -> find(document).stream())
                .toList();
    }

    /** Those of a dance that did not come with the program, by id. */
    public Set<String> own(String dance) {
        return store.own(dance);
    }

    private Optional<Amalgamation> find(AmalgamationDocument document) {
        try {
            return Optional.of(AmalgamationReading.read(document, reader::read, ""));
        } catch (RefusedException gone) {
            return Optional.empty();
        }
    }

    private Shelved shelved(AmalgamationDocument document) {
        try {
            Score score = scores.of(
                    AmalgamationReading.read(document, reader::read, "").routine());
            return new Shelved(
                    document,
                    Optional.of(score),
                    Optional.of(RoomReport.of(score).way()),
                    Optional.empty());
        } catch (RefusedException e) {
            return new Shelved(document, Optional.empty(), Optional.empty(), Optional.of(e.getMessage()));
        }
    }
}
