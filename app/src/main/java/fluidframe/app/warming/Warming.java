package fluidframe.app.warming;

import fluidframe.app.problems.LastWords;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.routines.RoutineSummary;
import fluidframe.app.storage.Access;
import fluidframe.app.storage.Database;
import fluidframe.app.work.Prepared;
import fluidframe.core.work.Stopping;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Works out what coaches ask for first, before they can: how all routines stand, what is due, how something is kept,
 * though it is taken back before it is. The first of each takes a hundred times as long as those that follow, while the
 * machine learns how to do it, and fifty people who come at once would all wait for it. Then the program is asked as a
 * browser asks it.
 */
@Component
@Lazy(false)
class Warming implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(Warming.class);
    private static final List<String> QUESTIONS = List.of("/api/today", "/api/routines", "/api/dances", "/api/status");
    private static final List<String> AT_THE_END = List.of("/api/routine-standings", "/api/book-report");
    /** Nobody waits longer for the program to open. */
    private static final Duration LONGEST_BEFORE = Duration.ofSeconds(6);

    private static final int MOST_ROUTINES = 6;
    private static final int TIMES_KEPT = 4;
    private static final Duration LONGEST_ANSWER = Duration.ofSeconds(60);

    private final List<Prepared> prepared;
    private final RoutineStore routines;
    private final TransactionTemplate transaction;
    private final Database database;
    private final JsonMapper json;
    private final int rounds;
    private volatile boolean over;
    private volatile boolean running;
    private Thread warming;
    private ExecutorService workers;
    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    Warming(
            List<Prepared> prepared,
            @Lazy RoutineStore routines,
            PlatformTransactionManager transactions,
            Database database,
            JsonMapper json,
            @Value("${fluidframe.warming-rounds}") int rounds) {
        this.prepared = prepared;
        this.routines = routines;
        this.transaction = new TransactionTemplate(transactions);
        this.database = database;
        this.json = json;
        this.rounds = rounds;
    }

    /** Before the program answers, on all processors: what everybody asks for, and how something is kept. */
    @Override
    public void start() {
        running = true;
        FirstThoughts.end();
        if (rounds == 0) {
            return;
        }
        List<Runnable> first = new ArrayList<>();
        prepared.forEach(each -> first.add(each::prepare));
        first.add(this::practiseKeeping);
        workers = Executors.newFixedThreadPool(first.size());
        first.forEach(each -> workers.execute(() -> Stopping.when(() -> over, () -> trying(each))));
        workers.shutdown();
        try {
            if (!workers.awaitTermination(LONGEST_BEFORE.toSeconds(), TimeUnit.SECONDS)) {
                LOG.debug("What is asked first goes on being worked out while others are answered");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void practiseKeeping() {
        List<RoutineDocument> danced = danced();
        for (int time = 0; time < TIMES_KEPT && !over; time++) {
            danced.forEach(this::keepAndTakeBack);
        }
    }

    private static boolean trying(Runnable work) {
        try {
            work.run();
            return true;
        } catch (RuntimeException e) {
            LOG.debug("Something that is asked first could not be worked out", e);
        } catch (OutOfMemoryError e) {
            LastWords.heed(e);
        }
        return false;
    }

    /** Not by an interruption, which would close the file that the database reads. */
    @Override
    public void stop() {
        over = true;
        running = false;
        try {
            if (workers != null && !workers.awaitTermination(LONGEST_ANSWER.toSeconds(), TimeUnit.SECONDS)) {
                LOG.warn("What was worked out beforehand does not end");
            }
            if (warming != null) {
                warming.join(LONGEST_ANSWER.toMillis());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** Before the server. */
    @Override
    public int getPhase() {
        return WebServerApplicationContext.START_STOP_LIFECYCLE_PHASE - 1;
    }

    private List<RoutineDocument> danced() {
        return routines.list().stream()
                .map(RoutineSummary::id)
                .limit(MOST_ROUTINES)
                .map(id -> routines.get(id).document())
                .toList();
    }

    @EventListener
    void begin(WebServerInitializedEvent started) {
        int port = started.getWebServer().getPort();
        if (rounds > 0) {
            warming = new Thread(() -> warm("http://localhost:" + port), "warming");
            warming.setDaemon(true);
            warming.start();
        }
    }

    private void warm(String address) {
        try {
            List<RoutineDocument> danced = danced();
            for (int round = 0; round < rounds && !over; round++) {
                for (RoutineDocument routine : over ? List.<RoutineDocument>of() : danced) {
                    keepAndTakeBack(routine);
                    askAbout(address, routine);
                }
                for (String question : QUESTIONS) {
                    ask(address, question, Optional.empty());
                }
            }
            for (String question : over ? List.<String>of() : AT_THE_END) {
                ask(address, question, Optional.empty());
            }
        } catch (IOException | RuntimeException e) {
            LOG.debug("What is asked first could not all be tried", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void askAbout(String address, RoutineDocument routine) throws IOException, InterruptedException {
        String body = json.writeValueAsString(routine);
        String place = json.writeValueAsString(Map.of("routine", routine, "after", 0));
        ask(address, "/api/scores", Optional.of(body));
        ask(address, "/api/next", Optional.of(place));
        ask(address, "/api/repairs", Optional.of(place));
        ask(address, "/api/figures?dance=" + routine.dance(), Optional.empty());
    }

    private void ask(String address, String path, Optional<String> body) throws IOException, InterruptedException {
        HttpRequest.Builder question = HttpRequest.newBuilder(URI.create(address + path))
                .timeout(LONGEST_ANSWER)
                .header("Content-Type", "application/json");
        client.send(
                (body.isPresent() ? question.POST(BodyPublishers.ofString(body.get())) : question).build(),
                BodyHandlers.discarding());
    }

    /** Nothing of it is ever committed, so nobody sees it and nothing of it stays. */
    private void keepAndTakeBack(RoutineDocument routine) {
        if (database.access() == Access.WRITABLE) {
            transaction.executeWithoutResult(status -> {
                status.setRollbackOnly();
                routines.create(routine.called(
                        routine.id().substring(0, Math.min(routine.id().length(), 80)) + "-warming", routine.title()));
            });
        }
    }
}
