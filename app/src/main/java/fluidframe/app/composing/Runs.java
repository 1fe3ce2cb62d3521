package fluidframe.app.composing;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** The compositions that are being worked out just now, by the names their askers gave them. */
@Component
class Runs {

    private final Map<String, Run> running = new ConcurrentHashMap<>();

    /** Works something out while its progress can be asked for. */
    <T> T run(String name, Duration longest, Function<Run, T> work) {
        String key = name == null || name.isBlank() ? UUID.randomUUID().toString() : name;
        Run run = new Run(longest);
        running.put(key, run);
        try {
            return work.apply(run);
        } finally {
            running.remove(key, run);
        }
    }

    /** What is being worked out under a name; nothing if that is over, or waits for its turn. */
    Optional<Run> find(String name) {
        return Optional.ofNullable(running.get(name));
    }
}
