package fluidframe.app.dances;

import fluidframe.app.problems.RefusedException;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * The dances as the studio holds them. What is read of figures and routines is read with these; when one changes,
 * everything is read anew.
 */
@Component
public class StudioDances {

    private static final Logger LOG = LoggerFactory.getLogger(StudioDances.class);

    private final DanceCustomRepository repository;
    private final CurrentStudio studio;
    private final Changes changes;
    private final TransactionOperations reading;
    private final JsonMapper json;
    private volatile Held held;

    StudioDances(
            @Lazy DanceCustomRepository repository,
            CurrentStudio studio,
            Changes changes,
            TransactionOperations reading,
            JsonMapper json) {
        this.repository = repository;
        this.studio = studio;
        this.changes = changes;
        this.reading = reading;
        this.json = json;
    }

    private record Held(long era, List<Dance> dances, Map<String, Dance> byId, Map<String, List<String>> teaching) {}

    private record Custom(Dance dance, List<String> teaching) {}

    /** In the order of the catalogue. */
    public List<Dance> all() {
        return held().dances();
    }

    public Optional<Dance> find(String id) {
        return Optional.ofNullable(held().byId().get(id));
    }

    /** The ids of the figures of a dance that the studio teaches first, in order. */
    public List<String> teaching(String dance) {
        return held().teaching().getOrDefault(dance, List.of());
    }

    /** What today's rules do not read any more is kept, and the dance is as the catalogue has it. */
    private Optional<Custom> readable(DanceCustomEntity entity) {
        try {
            DanceCustomDocument document = json.readValue(entity.document(), DanceCustomDocument.class);
            return Optional.of(new Custom(
                    DanceCustomReading.read(document),
                    document.teaching() == null ? List.of() : List.copyOf(document.teaching())));
        } catch (RefusedException e) {
            LOG.warn("What is held of the dance \"{}\" is left out: {}", entity.slug(), e.getMessage());
            return Optional.empty();
        }
    }

    private Held held() {
        long era = changes.era();
        Held known = held;
        if (known == null || known.era() != era) {
            List<Custom> customs =
                    reading.execute(status -> repository.findAllByStudioIdOrderByTitleAscSlugAsc(studio.id())).stream()
                            .flatMap(entity -> readable(entity).stream())
                            .toList();
            Map<String, Dance> changed =
                    customs.stream().map(Custom::dance).collect(Collectors.toMap(Dance::id, Function.identity()));
            List<Dance> dances = Dances.all().stream()
                    .map(dance -> changed.getOrDefault(dance.id(), dance))
                    .toList();
            known = new Held(
                    era,
                    dances,
                    dances.stream().collect(Collectors.toUnmodifiableMap(Dance::id, Function.identity())),
                    customs.stream()
                            .collect(Collectors.toUnmodifiableMap(
                                    custom -> custom.dance().id(), Custom::teaching)));
            held = known;
        }
        return known;
    }
}
