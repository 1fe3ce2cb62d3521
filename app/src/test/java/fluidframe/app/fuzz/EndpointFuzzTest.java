package fluidframe.app.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.app.OwnDatabase;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.ContextConfiguration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever is sent to whatever endpoint, the program answers that it is wrong, never that the program is; and what is
 * refused leaves nothing behind. {@code -Dfluidframe.fuzz=20000} sends so many requests, and prints how long the
 * slowest took.
 */
@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"fluidframe.test=fuzz", "springdoc.api-docs.enabled=false"})
class EndpointFuzzTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int REQUESTS = Integer.getInteger("fluidframe.fuzz", 400);
    private static final int SEED = Integer.getInteger("fluidframe.seed", 20_261_125);

    @Autowired
    private JdbcClient jdbc;

    @LocalServerPort
    private int port;

    private RawClient client;
    private RequestMaker maker;
    private Random random;

    @BeforeEach
    void learnWhatIsRight() throws IOException {
        client = new RawClient(port);
        random = new Random(SEED);
        ObjectNode figure = (ObjectNode) document("/api/figures/waltz-whisk");
        ObjectNode routine = (ObjectNode) document("/api/routines/lamplight-waltz");
        ObjectNode book = JsonNodeFactory.instance
                .objectNode()
                .put("format", "fluidframe-book")
                .put("version", 1)
                .put("title", "A book");
        book.putArray("figures").add(figure.deepCopy().put("id", "fuzzed-figure"));
        book.putArray("routines");
        maker = new RequestMaker(
                random,
                JSON.readTree(Files.readString(Path.of("..", "docs", "openapi.json"))),
                Map.of("Figure", figure, "Routine", routine.put("id", "fuzzed-routine"), "Book", book));
    }

    @Test
    void nothingThatIsSentIsAnsweredAsAMistakeOfTheProgram() throws IOException {
        List<String> wrong = new ArrayList<>();
        long slowest = 0;
        int longerThanASecond = 0;
        String slowestTarget = "";
        for (int i = 0; i < REQUESTS; i++) {
            RequestMaker.Endpoint endpoint =
                    maker.endpoints().get(i % maker.endpoints().size());
            RequestMaker.Request request = maker.of(endpoint);
            int before = endpoint.writes() ? revisions() : 0;
            long begun = System.nanoTime();
            RawClient.Answer answer =
                    client.send(endpoint.method().toUpperCase(), request.target(), request.headers(), request.body());
            long took = System.nanoTime() - begun;
            slowestTarget = took > slowest ? endpoint.method() + " " + request.target() : slowestTarget;
            slowest = Math.max(slowest, took);
            longerThanASecond += took > 1_000_000_000L ? 1 : 0;
            boolean refused = answer.status() >= 400;
            if (answer.status() < 200 || answer.status() >= 500 || refused && !answer.isProblem()) {
                wrong.add(told(request, answer));
            }
            if (endpoint.writes() && refused && revisions() != before) {
                wrong.add("stored although refused: " + told(request, answer));
            }
        }
        System.out.printf(
                "%d requests, the slowest %d ms: %s; %d longer than a second%n",
                REQUESTS, slowest / 1_000_000, slowestTarget, longerThanASecond);
        assertThat(wrong).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "any type of content   | POST /api/scores HTTP/1.1~Host: localhost~Content-Type: */*~Content-Length: 2~~{}                            | 415",
                "multipart, no boundary| POST /api/scores HTTP/1.1~Host: localhost~Content-Type: multipart/form-data~Content-Length: 2~~{}            | 415",
                "broken UTF-8 in query | GET /api/figures?words=%ED%A0%80 HTTP/1.1~Host: localhost~~                                                 | 400",
                "broken address        | GET /api/figures/%zz HTTP/1.1~Host: localhost~~                                                             | 400",
                "letters no address has| GET /api/figures/<x> HTTP/1.1~Host: localhost~~                                                             | 400",
                "accepts nonsense      | GET /api/figures HTTP/1.1~Host: localhost~Accept: nonsense~~                                                | 406",
                "the server's own page | GET /error HTTP/1.1~Host: localhost~~                                                                       | 404",
                "no such address       | GET /api/nothing HTTP/1.1~Host: localhost~~                                                                 | 404",
                "a method that is none | FROB /api/figures HTTP/1.1~Host: localhost~~                                                                | 405",
                "a strange host        | GET /api/figures HTTP/1.1~Host: evil.example~~                                                              | 403",
                "a page elsewhere      | POST /api/backups HTTP/1.1~Host: localhost~Origin: http://evil.example~Content-Length: 0~~                   | 403",
                "a page of no origin   | POST /api/backups HTTP/1.1~Host: localhost~Origin: null~Content-Length: 0~~                                  | 403"
            })
    void whatTheServerItselfRefusesIsAProblemToo(String name, String request, int status) throws IOException {
        RawClient.Answer answer = client.exchange(request.strip()
                .replace("~", "\r\n")
                .replace(" HTTP/1.1\r\n", " HTTP/1.1\r\nConnection: close\r\n")
                .getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).as(answer.head() + answer.body()).isEqualTo(status);
        assertThat(answer.isProblem()).as(answer.head() + answer.body()).isTrue();
        assertThat(answer.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(answer.header("Content-Security-Policy"))
                .contains("frame-ancestors 'none'")
                .doesNotContain("script-src 'self' 'unsafe");
    }

    private JsonNode document(String path) throws IOException {
        return JSON.readTree(new String(
                client.send("GET", path, "", null).body().getBytes(StandardCharsets.ISO_8859_1),
                StandardCharsets.UTF_8));
    }

    /** How often anything has been kept, changed or thrown away. */
    private int revisions() {
        return jdbc.sql("select count(*) from revinfo").query(Integer.class).single();
    }

    private static String told(RequestMaker.Request request, RawClient.Answer answer) {
        String body = request.body() == null ? "" : new String(request.body(), StandardCharsets.UTF_8);
        return request.endpoint().method() + " " + request.target() + " "
                + request.headers().replace("\r\n", "; ") + shortened(body) + " → " + answer.status() + " "
                + shortened(answer.body());
    }

    private static String shortened(String text) {
        return text.length() > 400 ? text.substring(0, 400) + "…" : text;
    }
}
