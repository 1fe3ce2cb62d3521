package fluidframe.app.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import fluidframe.app.problems.Fault;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** The JSON Schema of books, the same one that is published in the documentation. */
@Component
@Lazy
class BookSchema {

    private static final String PLACE = "fluidframe/fluidframe-book.schema.json";
    private static final int MOST_FAULTS = 50;

    private final Schema schema;

    BookSchema() {
        try {
            String text = new ClassPathResource(PLACE).getContentAsString(StandardCharsets.UTF_8);
            this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    List<Fault> faults(JsonNode book) {
        return schema.validate(book).stream().limit(MOST_FAULTS).map(BookSchema::fault).toList();
    }

    private static Fault fault(Error error) {
        String place = error.getInstanceLocation().toString();
        JsonNode found = error.getInstanceNode();
        String text = found == null || found.isContainer() ? "" : found.asString();
        return new Fault(place, text.length() > 120 ? text.substring(0, 120) + "…" : text, error.getMessage(),
                (place.isEmpty() ? "The book" : place) + ": " + error.getMessage(), List.of());
    }
}
