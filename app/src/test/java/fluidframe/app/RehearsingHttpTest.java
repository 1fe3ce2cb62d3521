package fluidframe.app;

import static fluidframe.app.Http.JSON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.util.List;
import javax.sound.midi.MidiSystem;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.context.SpringBootTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Floors, sounds and drawings over HTTP. */
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
class RehearsingHttpTest extends OverHttp {

    @Test
    void everyCodeOfARoutinesCardIsExplainedOnceInTheWordsThatAreWanted() throws Exception {
        http.read("/api/routines/ferry-night-waltz/legend")
                .andExpect(jsonPath("$[?(@.code == 'b DC')].meaning", is(List.of("backing diagonally to centre"))))
                .andExpect(jsonPath("$[?(@.code == 'PP')].meaning", is(List.of("promenade"))))
                .andExpect(jsonPath("$[?(@.code == 'HT')].meaning", is(List.of("heel, toe"))))
                .andExpect(jsonPath("$[?(@.code == 'closed')].meaning", is(List.of("closed position", "closed hold"))));
        http.read("/api/routines/ferry-night-waltz/legend?footwork=spoken")
                .andExpect(status().isUnprocessableContent());
        http.read("/api/routines/nowhere/legend").andExpect(status().isNotFound());
    }

    @Test
    void aScoreCarriesTheMotionBetweenTheSteps() throws Exception {
        JsonNode score = json("/api/scores", routine());
        JsonNode motion = score.get("motion").get("lady");
        for (String curve : new String[] {"x", "y", "degrees"}) {
            assertThat(motion.get("body").get(curve).size() % 3).isZero();
            assertThat(motion.get("left").get(curve).size()).isGreaterThanOrEqualTo(6);
        }
        assertThat(score.get("steps")
                        .get(0)
                        .get("contacts")
                        .get(0)
                        .get("surface")
                        .asString())
                .isEqualTo("heel");
    }

    @Test
    void aRoomIsReportedAndARoomOfNothingRefused() throws Exception {
        http.send("/api/room-reports", routine())
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.sides", hasSize(1)))
                .andExpect(jsonPath("$.neededLength", greaterThan(1.0)))
                .andExpect(jsonPath("$.collisions", hasSize(0)));
        ObjectNode tight = routine();
        tight.putObject("floor").put("length", 4.5).put("width", 8);
        http.send("/api/room-reports", tight)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.collisions[*].what", hasItem("the wall of side 2")));
        ObjectNode none = routine();
        none.putObject("floor").put("length", 0).put("width", 8);
        http.send("/api/room-reports", none)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/floor")))
                .andExpect(jsonPath("$.faults[0].expected", containsString("4.0 m to 100.0 m")));
        ObjectNode giants = routine();
        giants.putObject("dancers").put("man", 3.2).put("lady", 1.6);
        http.send("/api/scores", giants)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/dancers")));
    }

    @Test
    void aTrackIsHeardAsCuesAsSoundAndAsNotes() throws Exception {
        JsonNode track = json("/api/tracks", asked());
        assertThat(track.get("countIn").asDouble()).isEqualTo(6);
        assertThat(track.get("words").get(6).get("text").asString()).isEqualTo("1");
        for (JsonNode cue : track.get("cues")) {
            mvc.perform(get("/api/sounds/" + cue.get("sound").asString() + ".wav"))
                    .andExpect(status().isOk());
        }
        byte[] wav = http.send("/api/tracks/wav", asked().put("percent", 80))
                .andExpect(status().isOk())
                .andExpect(header().string("Content-Disposition", containsString("tried.wav")))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (AudioInputStream audio = AudioSystem.getAudioInputStream(new ByteArrayInputStream(wav))) {
            assertThat(audio.getFrameLength() / 44_100.0)
                    .isBetween(12 * 60 / (29 * 3 * 0.8), 12 * 60 / (29 * 3 * 0.8) + 0.7);
        }
        byte[] midi = http.send("/api/tracks/midi", asked())
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(MidiSystem.getSequence(new ByteArrayInputStream(midi)).getTracks())
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "percent, 1, /percent",
        "percent, 900, /percent",
        "from, 99, ''",
        "to, 1000000, ''",
        "countInBars, 40, ''",
        "clicks, 7, ''"
    })
    void whatCannotBeHeardIsRefusedByName(String field, double value, String place) throws Exception {
        ObjectNode question = asked();
        if (field.equals("countInBars")) {
            question.put(field, (int) value);
        } else {
            question.put(field, value);
        }
        http.send("/api/tracks", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is(place)));
    }

    @Test
    void whatIsUnknownIsRefused() throws Exception {
        http.send("/api/tracks", asked().put("counted", "both"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/counted")));
        http.send("/api/tracks", asked().put("counting", "sheep"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/counting")));
        mvc.perform(get("/api/sounds/drum-solo.wav")).andExpect(status().isNotFound());
        ObjectNode fast = routine();
        fast.put("tempo", 900);
        http.send("/api/scores", fast)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/tempo")));
        ObjectNode empty = asked();
        ((ObjectNode) empty.get("routine")).putArray("placements");
        http.send("/api/tracks", empty)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/routine/placements")));
    }

    @Test
    void drawingsComeAsFiles() throws Exception {
        assertThat(http.send("/api/floor-plans", routine())
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("width=\"380.00mm\"");
        String figure = mvc.perform(get("/api/figures/waltz-natural-turn"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(http.send("/api/step-drawings", (ObjectNode) JSON.readTree(figure))
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("Natural Turn")
                .contains("1 : 10");
    }

    private JsonNode json(String path, ObjectNode body) throws Exception {
        return JSON.readTree(http.send(path, body)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private static ObjectNode asked() {
        ObjectNode question = JSON.createObjectNode();
        question.set("routine", routine());
        return question.put("music", 0.5);
    }

    private static ObjectNode routine() {
        ObjectNode routine = JSON.createObjectNode()
                .put("id", "tried")
                .put("title", "Tried")
                .put("dance", "waltz")
                .put("tempo", 29);
        routine.putArray("placements").addObject().put("figure", "waltz-natural-turn");
        return routine;
    }

    @Test
    void theWaysThroughTheFiguresOfADanceAreAnswered() throws Exception {
        JsonNode paths = JSON.readTree(http.read("/api/figure-paths?dance=waltz")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(paths.findValuesAsString("id"))
                .contains("waltz-whisk")
                .hasSize(JSON.readTree(http.read("/api/figures?dance=waltz")
                                .andReturn()
                                .getResponse()
                                .getContentAsString())
                        .size());
        JsonNode change = paths.valueStream()
                .filter(path -> path.get("id").asString().equals("waltz-closed-change-rf"))
                .findFirst()
                .orElseThrow();
        assertThat(change.get("man")).hasSize(2 * 4);
        assertThat(change.get("man").get(7).asDouble())
                .as("towards the centre of the room")
                .isGreaterThan(0.7);
        http.read("/api/figure-paths?dance=no-such-dance")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(0)));
    }
}
