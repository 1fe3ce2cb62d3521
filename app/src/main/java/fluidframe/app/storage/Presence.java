package fluidframe.app.storage;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Says beside the data where the program answers that uses it, and by which word it knows that it is meant. So the
 * command line reaches that program and no other, whatever ports there are.
 */
@Component
@Lazy(false)
public class Presence {

    /** The header in which the word is sent. */
    public static final String HEADER = "Fluid-Frame-Data";

    private static final Logger LOG = LoggerFactory.getLogger(Presence.class);
    private static final String NAME = "fluidframe.run";

    private final Path file;
    private final String address;
    private final String word = UUID.randomUUID().toString();

    Presence(@Value("${spring.datasource.url}") String url, @Value("${server.address}") String address) {
        this.file = DatabaseFile.at(url).folder().resolve(NAME);
        this.address = address.equals("0.0.0.0") || address.equals("::") ? "127.0.0.1" : address;
    }

    /**
     * Where a program answers.
     *
     * @param address such as http://127.0.0.1:8080
     * @param word by which it knows that it is meant
     */
    public record Place(String address, String word) {}

    /** Where the program says it answers that uses the data in a folder. */
    public static Optional<Place> in(Path folder) {
        try {
            String[] said = Files.readString(folder.resolve(NAME)).strip().split(" ");
            return said.length == 2 ? Optional.of(new Place(said[0], said[1])) : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Whether this program is meant by who sends that word; who sends none takes it as it is. */
    public boolean isMeant(String sent) {
        return sent == null || sent.equals(word);
    }

    @EventListener
    public void come(WebServerInitializedEvent started) {
        try {
            Path written = Files.createTempFile(file.getParent(), NAME, ".new");
            Files.write(
                    written,
                    ("http://" + address + ":" + started.getWebServer().getPort() + " " + word + "\n")
                            .getBytes(StandardCharsets.UTF_8));
            Files.move(written, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            LOG.warn("./backup and ./restore will not find this program: {} cannot be written.", file);
        }
    }

    @PreDestroy
    void go() throws IOException {
        if (in(file.getParent()).filter(place -> place.word().equals(word)).isPresent()) {
            Files.deleteIfExists(file);
        }
    }
}
