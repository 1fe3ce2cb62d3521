package fluidframe.app.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.Problems;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The JSON Schema of books, the same one that is published in the documentation: of a book as a whole, and of each kind
 * of document in it.
 */
@Component
@Lazy
class BookSchema {

    private static final String PLACE = "fluidframe/fluidframe-book.schema.json";

    private final Schema book;
    private final Map<String, Schema> parts = new HashMap<>();
    private final Map<String, Integer> most = new HashMap<>();

    BookSchema() {
        try {
            String text = new ClassPathResource(PLACE).getContentAsString(StandardCharsets.UTF_8);
            ObjectNode schema = (ObjectNode) JsonMapper.shared().readTree(text);
            this.book = compiled(schema);
            schema.get("properties").properties().forEach(property -> {
                if (property.getValue().has("items")) {
                    most.put(
                            property.getKey(),
                            property.getValue().get("maxItems").asInt());
                    parts.put(
                            property.getKey(),
                            compiled(part(schema, property.getValue().get("items"))));
                }
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The schema of one document, with what it refers to. */
    private static ObjectNode part(ObjectNode book, JsonNode item) {
        ObjectNode part = JsonMapper.shared().createObjectNode();
        part.set("$schema", book.get("$schema"));
        part.set("$defs", book.get("$defs"));
        part.setAll((ObjectNode) item);
        return part;
    }

    private static Schema compiled(ObjectNode schema) {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema);
    }

    /** What is wrong with a book but for its documents. */
    List<Fault> faults(JsonNode head) {
        return faults(book, head, ExchangeSentences.theBook());
    }

    /**
     * What is wrong with a document.
     *
     * @param part where it stands: figures, routines
     */
    List<Fault> faults(String part, JsonNode document) {
        return faults(parts.get(part), document, ExchangeSentences.theDocument());
    }

    /** How many documents there may be in a part of a book. */
    int most(String part) {
        return most.get(part);
    }

    private static List<Fault> faults(Schema schema, JsonNode node, String whole) {
        return schema.validate(node).stream()
                .limit(Problems.MOST_FAULTS)
                .map(error -> fault(error, whole))
                .toList();
    }

    private static Fault fault(Error error, String whole) {
        String place = error.getInstanceLocation().toString();
        JsonNode found = error.getInstanceNode();
        String text = found == null || found.isContainer() ? "" : found.asString();
        return new Fault(
                place,
                text,
                error.getMessage(),
                (place.isEmpty() ? whole : place) + ": " + error.getMessage(),
                List.of());
    }
}
