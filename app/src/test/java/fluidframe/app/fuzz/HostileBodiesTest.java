package fluidframe.app.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.app.OwnDatabase;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ContextConfiguration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Small requests that would make much: each is refused in few words, and those who never finish keep nobody waiting.
 */
@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"fluidframe.test=fuzz", "springdoc.api-docs.enabled=false"})
class HostileBodiesTest {

    private static final int MOST_FAULTS = 50;
    private static final int MOST_ANSWERED = 150_000;
    /** More than the server has threads. */
    private static final int MANY = 260;

    @LocalServerPort
    private int port;

    private RawClient client;

    @BeforeEach
    void connect() {
        client = new RawClient(port);
    }

    private static String many(String what, int times) {
        return "[" + what + ("," + what).repeat(times - 1) + "]";
    }

    static Stream<Arguments> bodies() {
        String routine = "{\"id\":\"a\",\"title\":\"A\",\"dance\":\"waltz\",\"tempo\":29,\"placements\":";
        String event =
                "{\"id\":\"a\",\"title\":\"A\",\"date\":\"2026-12-05\",\"profile\":\"a\",\"couples\":[],\"rounds\":";
        return Stream.of(
                Arguments.of("rounds without anything", "/api/events", event + many("{}", 33_000) + "}"),
                Arguments.of("rounds of nothing", "/api/events", event + many("null", 20_000) + "}"),
                Arguments.of("placements without anything", "/api/scores", routine + many("{}", 60_000) + "}"),
                Arguments.of(
                        "placements of figures that are none",
                        "/api/scores",
                        routine + many("{\"figure\":\"none\"}", 9_000) + "}"),
                Arguments.of(
                        "few placements of figures that are none",
                        "/api/scores",
                        routine + many("{\"figure\":\"none\"}", 900) + "}"),
                Arguments.of(
                        "escapes within escapes",
                        "/api/scores",
                        routine + many("{\"escapes\":" + many("{\"placements\":" + many("{}", 40) + "}", 40) + "}", 40)
                                + "}"),
                Arguments.of("notes", "/api/notes", "{\"notes\":" + many("{}", 40_000) + "}"),
                Arguments.of(
                        "words of a figure", "/api/readings", "{\"id\":\"a\",\"cues\":" + many("\"\"", 60_000) + "}"),
                Arguments.of(
                        "hits of a piece",
                        "/api/piece-texts",
                        "{\"id\":\"a\",\"title\":\"A\",\"hits\":" + many("{}", 60_000) + "}"),
                Arguments.of("a long word", "/api/scores", "{\"id\":\"" + "a-".repeat(500_000) + "a\"}"),
                Arguments.of(
                        "a long id",
                        "/api/scores",
                        routine.replace("\"a\"", "\"" + "a-".repeat(20_000) + "a\"") + "[]}"),
                Arguments.of("a long name", "/api/scores", "{\"" + "a".repeat(500_000) + "\":1}"),
                Arguments.of("a long number", "/api/scores", "{\"tempo\":" + "1".repeat(500_000) + "}"),
                Arguments.of("a deep body", "/api/scores", "[".repeat(500_000)),
                Arguments.of("a book of nothing", "/api/books", many("{}", 900_000)),
                Arguments.of(
                        "a book of figures that are none",
                        "/api/books",
                        "{\"format\":\"fluidframe-book\",\"version\":1,\"title\":\"A\",\"figures\":"
                                + many("{}", 900_000) + "}"),
                Arguments.of(
                        "a book of one figure with everything",
                        "/api/books",
                        "{\"format\":\"fluidframe-book\",\"version\":1,\"title\":\"A\",\"figures\":[{\"man\":"
                                + many("{}", 900_000) + "}]}"),
                Arguments.of(
                        "a book's title of everything", "/api/import-plans", "{\"title\":" + many("[]", 900_000) + "}"),
                Arguments.of("choices without a book", "/api/imports", "{\"choices\":" + many("{}", 900_000) + "}"),
                Arguments.of(
                        "choices that are nothing",
                        "/api/imports",
                        "{\"book\":{\"format\":\"fluidframe-book\",\"version\":1,\"title\":\"A\",\"figures\":[]},\"choices\":null}"),
                Arguments.of(
                        "a choice that is nothing",
                        "/api/imports",
                        "{\"book\":{\"format\":\"fluidframe-book\",\"version\":1,\"title\":\"A\",\"figures\":[]},\"choices\":[null]}"),
                Arguments.of("control characters", "/api/scores", "{\"title\":\"\\u0000\"}"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("bodies")
    void isRefusedInFewWords(String name, String address, String body) throws IOException {
        RawClient.Answer answer = client.send(
                "POST", address, "Content-Type: application/json\r\n", body.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).as(answer.body()).isIn(400, 413, 422);
        assertThat(answer.isProblem()).isTrue();
        assertThat(answer.body().length()).isLessThan(MOST_ANSWERED);
        JsonNode faults = JsonMapper.shared()
                .readTree(answer.body().getBytes(StandardCharsets.ISO_8859_1))
                .path("faults");
        assertThat(faults.size()).isLessThanOrEqualTo(MOST_FAULTS);
    }

    @Test
    void notesThatClaimAQuarterOfAGigabyteAreRefused() throws IOException {
        byte[] notes = HexFormat.of().parseHex("4d54686400000006000000010060" + "4d54726b0000000a00ff06ffffff7f00ff2f");
        assertThat(client.send("POST", "/api/piece-notes", "Content-Type: audio/midi\r\n", notes)
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aFormIsNothingThatIsSentHere() throws IOException {
        assertThat(client.send(
                                "POST",
                                "/api/scores",
                                "Content-Type: application/x-www-form-urlencoded\r\n",
                                "a=%zz&b".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(415);
        assertThat(client.send(
                                "PUT",
                                "/api/figures/waltz-whisk",
                                "Content-Type: application/x-www-form-urlencoded\r\n",
                                "a=%zz&b".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(415);
    }

    @Test
    void manyWhoNeverFinishKeepNobodyWaiting() throws IOException {
        List<Socket> waiting = new ArrayList<>();
        try {
            for (int i = 0; i < MANY; i++) {
                Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
                String host = i % 2 == 0 ? "localhost" : "evil.example";
                socket.getOutputStream()
                        .write(("POST /api/scores HTTP/1.1\r\nHost: " + host
                                        + "\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{")
                                .getBytes(StandardCharsets.US_ASCII));
                waiting.add(socket);
            }
            assertThat(client.send("GET", "/api/status", "", null).status()).isEqualTo(200);
            assertThat(client.send(
                                    "POST",
                                    "/api/scores",
                                    "Content-Type: application/json\r\n",
                                    "{}".getBytes(StandardCharsets.UTF_8))
                            .status())
                    .isEqualTo(422);
        } finally {
            for (Socket socket : waiting) {
                socket.close();
            }
        }
    }

    /** What comes piece by piece is answered as what comes at once, whether or not it says how long it is. */
    @Test
    void aBodyMayComeInPieces() throws IOException, InterruptedException {
        byte[] routine = client.send("GET", "/api/routines/lamplight-waltz", "", null)
                .body()
                .getBytes(StandardCharsets.ISO_8859_1);
        String atOnce = client.send("POST", "/api/scores", "Content-Type: application/json\r\n", routine)
                .body();
        assertThat(inPieces(routine, false)).contains("200").contains(atOnce.substring(0, 200));
        assertThat(inPieces(routine, true)).contains("200");
    }

    private String inPieces(byte[] body, boolean chunked) throws IOException, InterruptedException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            String length = chunked ? "Transfer-Encoding: chunked" : "Content-Length: " + body.length;
            socket.getOutputStream()
                    .write(
                            ("POST /api/scores HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Type: application/json\r\n"
                                            + length + "\r\n\r\n")
                                    .getBytes(StandardCharsets.US_ASCII));
            int half = body.length / 2;
            for (byte[] piece : List.of(
                    java.util.Arrays.copyOf(body, half), java.util.Arrays.copyOfRange(body, half, body.length))) {
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                out.writeBytes(
                        chunked
                                ? (Integer.toHexString(piece.length) + "\r\n").getBytes(StandardCharsets.US_ASCII)
                                : new byte[0]);
                out.writeBytes(piece);
                out.writeBytes(chunked ? "\r\n".getBytes(StandardCharsets.US_ASCII) : new byte[0]);
                socket.getOutputStream().write(out.toByteArray());
                socket.getOutputStream().flush();
                Thread.sleep(100);
            }
            if (chunked) {
                socket.getOutputStream().write("0\r\n\r\n".getBytes(StandardCharsets.US_ASCII));
            }
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.ISO_8859_1);
        }
    }
}
