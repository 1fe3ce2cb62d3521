package fluidframe.app.storage;

import fluidframe.app.problems.RefusedException;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * Whether there is a document of an id, for who does not know yet: asking for the document itself would be a mistake if
 * there is none.
 */
@RestController
@RequestMapping("/api/taken-ids")
@Tag(name = "ids")
class TakenIdResource {

    private final Map<String, DocumentStore<?>> stores;

    TakenIdResource(List<DocumentStore<?>> stores) {
        this.stores = stores.stream()
                .collect(Collectors.toMap(DocumentStore::kind, Function.identity(), (one, other) -> one, TreeMap::new));
    }

    /** Whether an id is taken among the documents of its kind. */
    record TakenId(boolean taken) {}

    /**
     * @param kind what the document is called in messages: figure, routine
     * @throws RefusedException if there is no such kind
     */
    @GetMapping
    TakenId get(@RequestParam String kind, @RequestParam String id) {
        DocumentStore<?> store = stores.get(kind);
        if (store == null) {
            throw RefusedException.of("?kind", kind, StorageSentences.oneOf(String.join(", ", stores.keySet())));
        }
        return new TakenId(store.isTaken(id));
    }
}
