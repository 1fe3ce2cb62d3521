package fluidframe.app.shipped;

import fluidframe.app.exchange.BookDocument;
import fluidframe.app.storage.Author;
import fluidframe.app.storage.CurrentStudio;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.codec.digest.DigestUtils;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes in the books that come with the program when they are new or have changed. A book that is as it was taken in
 * costs nothing.
 */
@Component
class ShippedBooks {

    private static final Logger LOG = LoggerFactory.getLogger(ShippedBooks.class);

    private final List<String> names;
    private final ShippedStore store;
    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final CurrentStudio studio;
    private final EntityManager entities;
    private final TransactionTemplate transaction;

    ShippedBooks(
            @Value("${fluidframe.books}") List<String> names,
            ShippedStore store,
            JdbcClient jdbc,
            JsonMapper json,
            CurrentStudio studio,
            EntityManager entities,
            PlatformTransactionManager transactions) {
        this.names = names;
        this.store = store;
        this.jdbc = jdbc;
        this.json = json;
        this.studio = studio;
        this.entities = entities;
        this.transaction = new TransactionTemplate(transactions);
    }

    private record Book(String name, String text, String fingerprint) {

        static Book of(String name) throws IOException {
            String text = new ClassPathResource("fluidframe/book/" + name + ".json")
                    .getContentAsString(StandardCharsets.UTF_8);
            return new Book(name, text, DigestUtils.sha256Hex(text));
        }
    }

    @EventListener(ApplicationStartedEvent.class)
    @Order(1)
    void takeIn() throws IOException {
        Map<String, String> taken = jdbc
                .sql("select name, fingerprint from shipped_book where studio_id = ?")
                .param(studio.id())
                .query((row, number) -> Map.entry(row.getString(1), row.getString(2)))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        List<Book> fresh = new ArrayList<>();
        for (String name : names) {
            Book book = Book.of(name);
            if (!book.fingerprint().equals(taken.get(name))) {
                fresh.add(book);
            }
        }
        if (!fresh.isEmpty()) {
            Author.program(() -> transaction.executeWithoutResult(status -> fresh.forEach(this::takeIn)));
        }
    }

    /**
     * What has come in is written and let go, or every question asked for the next book would look through all of it
     * for changes.
     */
    private void takeIn(Book book) {
        ShippedStore.Taken came = store.take(json.readValue(book.text(), BookDocument.class));
        jdbc.sql("merge into shipped_book (studio_id, name, fingerprint) key (studio_id, name) values (?, ?, ?)")
                .params(studio.id(), book.name(), book.fingerprint())
                .update();
        entities.flush();
        entities.clear();
        LOG.info(
                "Took in the shipped book {}: {} new, {} renewed, {} left as the coach has them",
                book.name(),
                came.added(),
                came.renewed(),
                came.left());
    }
}
