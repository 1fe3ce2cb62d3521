package fluidframe.app.shipped;

import org.apache.commons.codec.digest.DigestUtils;
import fluidframe.app.exchange.BookDocument;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Takes in the books that come with the program when they are new or have changed. A book that is as it was taken in costs nothing. */
@Component
class ShippedBooks {

    private static final Logger LOG = LoggerFactory.getLogger(ShippedBooks.class);

    private final List<String> names;
    private final ShippedShelf shelf;
    private final JdbcClient jdbc;
    private final JsonMapper json;

    ShippedBooks(@Value("${fluidframe.books}") List<String> names, ShippedShelf shelf, JdbcClient jdbc, JsonMapper json) {
        this.names = names;
        this.shelf = shelf;
        this.jdbc = jdbc;
        this.json = json;
    }

    @EventListener(ApplicationStartedEvent.class)
    @Transactional
    public void takeIn() throws IOException {
        Map<String, String> taken = jdbc.sql("select name, fingerprint from shipped_book").query((row, number) -> Map.entry(row.getString(1), row.getString(2)))
                .list().stream().collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        for (String name : names) {
            String text = new ClassPathResource("fluidframe/book/" + name + ".json").getContentAsString(StandardCharsets.UTF_8);
            String fingerprint = DigestUtils.sha256Hex(text);
            if (!fingerprint.equals(taken.get(name))) {
                ShippedShelf.Taken came = shelf.take(json.readValue(text, BookDocument.class));
                jdbc.sql("merge into shipped_book (name, fingerprint) key (name) values (?, ?)").params(name, fingerprint).update();
                LOG.info("Took in the shipped book {}: {} new, {} renewed, {} left as the coach has them", name, came.added(), came.renewed(), came.left());
            }
        }
    }
}
