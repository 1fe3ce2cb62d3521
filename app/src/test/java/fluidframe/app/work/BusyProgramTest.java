package fluidframe.app.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.app.OwnDatabase;
import fluidframe.core.work.StoppedException;
import fluidframe.core.work.Stopping;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ContextConfiguration;

/**
 * Where everything heavy is taken, what is light goes on, what is heavy is told when to come again, and who hangs up is
 * let go.
 */
@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"fluidframe.test=fuzz", "springdoc.api-docs.enabled=false"})
class BusyProgramTest {

    @LocalServerPort
    private int port;

    @Autowired
    private Work work;

    private final CountDownLatch done = new CountDownLatch(1);
    private final List<Thread> busy = new ArrayList<>();

    @AfterEach
    void finish() throws InterruptedException {
        done.countDown();
        for (Thread thread : busy) {
            thread.join();
        }
    }

    @Test
    void theNextInAFullLineIsToldWhenToComeAgainAndLightRequestsGoOn() throws Exception {
        occupy(Lane.LONG, Lane.LONG.atOnce() + Lane.LONG.mostWaiting());
        HttpResponse<String> refused =
                ask(HttpRequest.newBuilder(address("/api/routine-standings")).build());
        assertThat(refused.statusCode()).isEqualTo(503);
        assertThat(refused.headers().firstValue("Retry-After"))
                .hasValueSatisfying(
                        seconds -> assertThat(Integer.parseInt(seconds)).isPositive());
        assertThat(refused.headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(ask(HttpRequest.newBuilder(address("/api/figures?dance=waltz"))
                                .build())
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void whoHangsUpWhileWaitingLeavesTheLine() throws Exception {
        occupy(Lane.LONG, Lane.LONG.atOnce());
        try (Socket caller = new Socket(InetAddress.getLoopbackAddress(), port)) {
            caller.getOutputStream()
                    .write("GET /api/routine-standings HTTP/1.1\r\nHost: localhost\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            awaitWaiting(1);
        }
        awaitWaiting(0);
    }

    @Test
    void workThatIsNotWantedAnyMoreIsCalledOff() {
        Patience over = new Patience(Duration.ZERO, () -> false);
        assertThatThrownBy(() -> Stopping.when(over, () -> {
                    for (; ; ) {
                        Stopping.check();
                    }
                }))
                .isInstanceOf(StoppedException.class);
    }

    private void occupy(Lane lane, int people) throws InterruptedException {
        for (int person = 0; person < people; person++) {
            Thread thread = new Thread(() -> work.patiently(this::waitUntilDone));
            busy.add(thread);
            thread.start();
        }
        awaitWaiting(people - lane.atOnce());
    }

    private boolean waitUntilDone() {
        try {
            done.await();
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private void awaitWaiting(int number) throws InterruptedException {
        while (work.waiting(Lane.LONG) != number || work.working(Lane.LONG) != Lane.LONG.atOnce()) {
            Thread.sleep(5);
        }
    }

    private URI address(String path) {
        return URI.create("http://localhost:" + port + path);
    }

    private static HttpResponse<String> ask(HttpRequest request) throws IOException, InterruptedException {
        return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
    }
}
