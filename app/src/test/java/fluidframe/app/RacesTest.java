package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Eight who keep the same thing at the same moment: one does, and the others are told of it as if they had come a
 * minute later.
 */
@SpringBootTest(properties = {"fluidframe.test=exchange", "springdoc.api-docs.enabled=false"})
class RacesTest extends OverHttp {

    private static final int PEOPLE = 8;
    private static final int ROUNDS = 6;
    private final ExecutorService people = Executors.newFixedThreadPool(PEOPLE);

    @AfterEach
    void goHome() {
        people.shutdownNow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"figures", "routines"})
    void creatingReplacingAndDeleting(String kind) throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String id = "raced-" + round;
            String path = "/api/" + kind + "/" + id;
            oneOfAll(201, 409, person -> body(post("/api/" + kind), document(kind, id, person)));
            oneOfAll(200, 409, person -> body(put(path).header("If-Match", "\"0\""), document(kind, id, 100 + person)));
            oneOfAll(204, 404, person -> delete(path).header("If-Match", "\"1\""));
        }
    }

    @Test
    void takingInOneBook() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String id = "booked-" + round;
            List<MockHttpServletResponse> answers = atOnce(person -> body(post("/api/books"), book(id, person)));
            assertThat(answers)
                    .extracting(MockHttpServletResponse::getStatus)
                    .containsOnlyOnce(201)
                    .allMatch(status -> status == 201 || status == 409 || status == 422);
            List<MockHttpServletResponse> replaced =
                    atOnce(person -> body(post("/api/imports"), replacing(id, 200 + person)));
            assertThat(replaced)
                    .as("whoever was compared with what is gone is told so")
                    .extracting(MockHttpServletResponse::getStatus)
                    .contains(201)
                    .allMatch(status -> status == 201 || status == 409);
            assertThat(JSON.readTree(http.text("/api/figures/" + id))
                            .path("title")
                            .asString())
                    .isIn(IntStream.range(0, PEOPLE)
                            .filter(person -> replaced.get(person).getStatus() == 201)
                            .mapToObj(person -> "By person " + (200 + person))
                            .toList());
        }
    }

    @Test
    void aBookDoesNotReplaceWhatWasSavedAfterItWasCompared() throws Exception {
        String id = "compared";
        mvc.perform(body(post("/api/figures"), figure(id, 1)));
        JsonNode plan = JSON.readTree(mvc.perform(body(post("/api/import-plans"), book(id, 2)))
                .andReturn()
                .getResponse()
                .getContentAsString());
        mvc.perform(body(put("/api/figures/" + id).header("If-Match", "\"0\""), figure(id, 3)));
        ObjectNode question = replacing(id, 2);
        ((ObjectNode) question.at("/choices/0"))
                .put("revision", plan.at("/items/0/revision").asLong());
        MockHttpServletResponse refused =
                mvc.perform(body(post("/api/imports"), question)).andReturn().getResponse();
        assertThat(refused.getStatus()).isEqualTo(409);
        assertThat(refused.getContentAsString())
                .contains("after you compared it")
                .contains(id);
        assertThat(http.text("/api/figures/" + id)).contains("By person 3");
        ((ObjectNode) question.at("/choices/0")).put("revision", 1);
        assertThat(mvc.perform(body(post("/api/imports"), question))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(201);
    }

    /** Those who come too late are given what is stored, so that they have both versions. */
    private void oneOfAll(int first, int others, IntFunction<MockHttpServletRequestBuilder> request) throws Exception {
        List<MockHttpServletResponse> answers = atOnce(request);
        assertThat(answers)
                .extracting(MockHttpServletResponse::getStatus)
                .containsOnlyOnce(first)
                .containsOnly(first, others);
        for (MockHttpServletResponse answer : answers) {
            if (answer.getStatus() == 409) {
                assertThat(JSON.readTree(answer.getContentAsString())
                                .at("/stored/id")
                                .asString())
                        .as(answer.getContentAsString())
                        .startsWith("raced-");
            }
        }
    }

    private List<MockHttpServletResponse> atOnce(IntFunction<MockHttpServletRequestBuilder> request) throws Exception {
        CyclicBarrier start = new CyclicBarrier(PEOPLE);
        List<Callable<MockHttpServletResponse>> asking = new ArrayList<>();
        for (int person = 0; person < PEOPLE; person++) {
            MockHttpServletRequestBuilder asked = request.apply(person);
            asking.add(() -> {
                start.await();
                return mvc.perform(asked).andReturn().getResponse();
            });
        }
        List<MockHttpServletResponse> answers = new ArrayList<>();
        for (Future<MockHttpServletResponse> answer : people.invokeAll(asking)) {
            answers.add(answer.get());
        }
        return answers;
    }

    private static MockHttpServletRequestBuilder body(MockHttpServletRequestBuilder request, JsonNode document) {
        return request.contentType(MediaType.APPLICATION_JSON).content(JSON.writeValueAsString(document));
    }

    private static ObjectNode document(String kind, String id, int person) {
        return kind.equals("figures") ? figure(id, person) : routine(id, person);
    }

    private static ObjectNode figure(String id, int person) {
        ObjectNode figure = (ObjectNode) JSON.readTree(RacesTest.class.getResourceAsStream("/every-field.json"));
        return figure.put("id", id).put("title", "By person " + person);
    }

    private static ObjectNode routine(String id, int person) {
        ObjectNode routine = JSON.createObjectNode()
                .put("id", id)
                .put("title", "By person " + person)
                .put("dance", "waltz")
                .put("tempo", 29);
        routine.putArray("placements");
        return routine;
    }

    private static ObjectNode book(String id, int person) {
        ObjectNode book = JSON.createObjectNode()
                .put("format", "fluidframe-book")
                .put("version", 1)
                .put("title", "Raced");
        book.putArray("figures").add(figure(id, person));
        return book;
    }

    private static ObjectNode replacing(String id, int person) {
        ObjectNode question = JSON.createObjectNode();
        question.set("book", book(id, person));
        question.putArray("choices")
                .addObject()
                .put("kind", "figure")
                .put("id", id)
                .put("choice", "replace");
        return question;
    }
}
