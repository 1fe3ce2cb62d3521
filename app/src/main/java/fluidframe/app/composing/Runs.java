package fluidframe.app.composing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** The compositions that have been asked for and are not answered yet, by the names their askers gave them. */
@Component
class Runs {

    /** Whoever cancels may be heard before what is cancelled. */
    private static final Duration CANCELLED_AHEAD = Duration.ofMinutes(1);

    private static final int MOST_CANCELLED_AHEAD = 1_000;

    private final Map<String, Run> asked = new ConcurrentHashMap<>();
    private final Cache<String, Boolean> cancelledAhead = Caffeine.newBuilder()
            .expireAfterWrite(CANCELLED_AHEAD)
            .maximumSize(MOST_CANCELLED_AHEAD)
            .build();

    /** Has something worked out that can be stopped from now on, also while it waits for its turn. */
    <T> T run(String name, Duration longest, Function<Run, T> work) {
        String key = name == null || name.isBlank() ? UUID.randomUUID().toString() : name;
        Run run = new Run(longest);
        asked.put(key, run);
        if (cancelledAhead.asMap().remove(key) != null) {
            run.stop();
        }
        try {
            return work.apply(run);
        } finally {
            asked.remove(key, run);
        }
    }

    /** Ends what has been asked for under a name; or, if nothing has, what will be. */
    void stop(String name) {
        Run run = asked.get(name);
        if (run == null) {
            cancelledAhead.put(name, true);
        } else {
            run.stop();
        }
    }

    /** What is being worked out under a name; nothing if that is over, or waits for its turn. */
    Optional<Run> find(String name) {
        return Optional.ofNullable(asked.get(name)).filter(Run::hasBegun);
    }
}
