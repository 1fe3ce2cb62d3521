package fluidframe.app.exchange;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;

/** Takes in, once, the books that come with the program, through the same importer as any other. */
@Component
class ShippedBooks {

    private static final Logger LOG = LoggerFactory.getLogger(ShippedBooks.class);
    private static final List<String> NAMES = List.of("waltz", "rumba", "demo");

    private final BookImporter importer;
    private final JdbcClient jdbc;
    private final JsonMapper json;

    ShippedBooks(BookImporter importer, JdbcClient jdbc, JsonMapper json) {
        this.importer = importer;
        this.jdbc = jdbc;
        this.json = json;
    }

    @EventListener(ApplicationStartedEvent.class)
    @Transactional
    public void takeIn() throws IOException {
        List<String> taken = jdbc.sql("select name from shipped_book").query(String.class).list();
        for (String name : NAMES) {
            if (!taken.contains(name)) {
                try (InputStream stream = new ClassPathResource("fluidframe/book/" + name + ".json").getInputStream()) {
                    BookImporter.Imported imported = importer.take(json.readValue(stream, BookDocument.class));
                    LOG.info("Took in the shipped book {}: {} figures, {} routines", name, imported.figures().size(), imported.routines().size());
                }
                jdbc.sql("insert into shipped_book (name) values (?)").param(name).update();
            }
        }
    }
}
