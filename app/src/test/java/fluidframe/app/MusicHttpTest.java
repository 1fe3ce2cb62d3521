package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import javax.sound.midi.MidiSystem;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.node.ObjectNode;

/** Pieces of music, how they come about, and routines laid on them. */
@ContextConfiguration(initializers = OwnDatabase.class)
@SpringBootTest(properties = {"fluidframe.test=program", "springdoc.api-docs.enabled=false"})
@AutoConfigureMockMvc
class MusicHttpTest {

    private final MockMvc mvc;
    private final Http http;

    @Autowired
    MusicHttpTest(MockMvc mvc) {
        this.mvc = mvc;
        this.http = new Http(mvc);
    }

    private ObjectNode piece(String id, String line) throws Exception {
        ObjectNode question = Http.JSON.createObjectNode().put("text", line).put("dance", "waltz");
        ObjectNode piece = (ObjectNode) http.send("/api/piece-lines", question)
                .andReturn()
                .getResponse()
                .getContentAsString()
                .transform(text -> Http.JSON.readTree(text))
                .get("piece");
        return piece.put("id", id).put("title", "Piece " + id);
    }

    private ObjectNode waltz(String piece, int bars) {
        ObjectNode routine = Http.JSON
                .createObjectNode()
                .put("id", "to-" + piece)
                .put("title", "To " + piece)
                .put("dance", "waltz")
                .put("tempo", 29);
        routine.putObject("music").put("piece", piece);
        var placements = routine.putArray("placements");
        for (int i = 0; i < bars; i++) {
            placements.addObject().put("figure", i % 2 == 0 ? "waltz-closed-change-rf" : "waltz-closed-change-lf");
        }
        return routine;
    }

    @Test
    void aPieceIsWrittenAsALineKeptChangedAndThrownAway() throws Exception {
        ObjectNode piece = piece("kept", "intro 2, verse 8; 29 bars a minute; hit on 2& of bar 5");
        http.send("/api/pieces", piece).andExpect(status().isCreated());
        http.send("/api/pieces", piece).andExpect(status().isConflict());
        http.read("/api/pieces")
                .andExpect(jsonPath("$[?(@.id == 'kept')].bars", hasItem(10)))
                .andExpect(jsonPath("$[?(@.id == 'harbour-lights')].title", hasItem("Harbour Lights")));
        String tag = http.read("/api/pieces/kept")
                .andExpect(jsonPath("$.hits[0].beat", is("2 1/2")))
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        mvc.perform(put("/api/pieces/kept")
                        .header("If-Match", tag)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(piece.put("title", "Renamed").toString()))
                .andExpect(status().isOk());
        mvc.perform(put("/api/pieces/kept")
                        .header("If-Match", tag)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(piece.toString()))
                .andExpect(status().isConflict());
        String after = http.read("/api/pieces/kept")
                .andExpect(jsonPath("$.title", is("Renamed")))
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        http.send("/api/piece-texts", piece).andExpect(jsonPath("$.text", containsString("introduction 2, verse 8")));
        mvc.perform(delete("/api/pieces/kept").header("If-Match", after)).andExpect(status().isNoContent());
        http.read("/api/pieces/kept").andExpect(status().isNotFound());
        http.read("/api/deletions").andExpect(jsonPath("$[?(@.id == 'kept')].kind", hasItem("piece")));
    }

    @Test
    void howARoutineStandsFollowsItsPiece() throws Exception {
        ObjectNode piece = piece("shrinking", "verse 16; 29 bars a minute");
        http.send("/api/pieces", piece).andExpect(status().isCreated());
        ObjectNode routine = waltz("shrinking", 4);
        ((ObjectNode) routine.path("music")).put("from", 12);
        http.send("/api/routines", routine).andExpect(status().isCreated());
        String problems = "$[?(@.routine == 'to-shrinking')].problems[*]";
        http.read("/api/routine-standings").andExpect(jsonPath(problems, hasSize(0)));
        mvc.perform(put("/api/pieces/shrinking")
                        .header("If-Match", "\"0\"")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(piece("shrinking", "verse 8; 29 bars a minute").toString()))
                .andExpect(status().isOk());
        http.read("/api/routine-standings").andExpect(jsonPath(problems, hasItem(containsString("1 to 8"))));
    }

    @Test
    void everyWrongPlaceOfAPieceIsNamedAndNothingIsKept() throws Exception {
        ObjectNode piece = piece("wrong", "verse 8; 29 bars a minute; hit bar 3");
        ((ObjectNode) piece.at("/hits/0")).put("beat", "4");
        ((ObjectNode) piece.at("/sections/0")).put("kind", "middle-eight-ish");
        ((ObjectNode) piece.at("/tempo/0")).put("barsPerMinute", 900);
        http.send("/api/pieces", piece)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[*].place", hasItem("/hits/0/beat")))
                .andExpect(jsonPath("$.faults[*].place", hasItem("/sections/0/kind")))
                .andExpect(jsonPath("$.faults[*].place", hasItem("/tempo/0/barsPerMinute")));
        http.read("/api/pieces/wrong").andExpect(status().isNotFound());
    }

    @Test
    void aTappedBeatIsAnsweredWithItsErrorAndWithWhatItMayMean() throws Exception {
        ObjectNode taps = Http.JSON.createObjectNode().put("dance", "waltz");
        var seconds = taps.putArray("seconds");
        for (int i = 0; i < 12; i++) {
            seconds.add(i * 60.0 / 87 + (i % 2) * 0.01);
        }
        http.send("/api/taps", taps)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.meant[0].barsPerMinute", closeTo(29, 0.1)))
                .andExpect(jsonPath("$.error", greaterThan(new java.math.BigDecimal("0"))));
        taps.putArray("seconds").add(1).add(2);
        http.send("/api/taps", taps)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].found", containsString("2 taps")));
    }

    /** A program that has only just started may say that it is busy; who asks again is served. */
    private MockHttpServletResponse served(MockHttpServletRequestBuilder request) throws Exception {
        MockHttpServletResponse answer = mvc.perform(request).andReturn().getResponse();
        return answer.getStatus() == 503
                ? mvc.perform(request).andExpect(status().isOk()).andReturn().getResponse()
                : answer;
    }

    @Test
    void notesAreReadAndWhatIsNoneIsNamed() throws Exception {
        byte[] notes = served(post("/api/tracks/midi")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"routine\": " + waltz("harbour-lights", 8) + "}"))
                .getContentAsByteArray();
        assertThat(MidiSystem.getSequence(new ByteArrayInputStream(notes)).getTickLength())
                .isPositive();
        mvc.perform(post("/api/piece-notes")
                        .param("dance", "waltz")
                        .contentType("audio/midi")
                        .content(notes))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.piece.beatsPerBar", is(3)))
                .andExpect(jsonPath("$.piece.tempo[0].barsPerMinute", closeTo(28, 0.1)));
        mvc.perform(post("/api/piece-notes")
                        .contentType("audio/midi")
                        .content("some text".getBytes(StandardCharsets.UTF_8)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].found", startsWith("a file that begins with \"some text")))
                .andExpect(jsonPath(
                        "$.faults[0].expected", is("a standard MIDI file (byte 0: expected the letters MThd)")));
    }

    @Test
    void aRoutineIsLaidOnItsPieceAndMended() throws Exception {
        http.send("/api/pieces", piece("laid", "verse 4+4; 29 bars a minute")).andExpect(status().isCreated());
        ObjectNode routine = waltz("laid", 6);
        http.send("/api/fits", routine)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.misfits[0].kind", is("too short")))
                .andExpect(jsonPath("$.left", is(6.0)))
                .andExpect(jsonPath("$.secondsLeft", closeTo(2 * 60.0 / 29, 0.001)))
                .andExpect(jsonPath("$.barSeconds", hasSize(9)))
                .andExpect(jsonPath("$.phrases[1]", is(5)));
        String repairs = http.send(
                        "/api/fit-repairs",
                        Http.JSON
                                .createObjectNode()
                                .<ObjectNode>set("routine", routine)
                                .put("misfit", 0))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", not(empty())))
                .andReturn()
                .getResponse()
                .getContentAsString();
        ObjectNode mended = routine.deepCopy();
        mended.set("placements", Http.JSON.readTree(repairs).get(0).get("placements"));
        http.send("/api/fits", mended)
                .andExpect(jsonPath("$.left", is(0.0)))
                .andExpect(jsonPath("$.misfits[*].kind", everyItem(not(is("too short")))));
        http.send(
                        "/api/fit-repairs",
                        Http.JSON
                                .createObjectNode()
                                .<ObjectNode>set("routine", routine)
                                .put("misfit", 9))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void aPieceThatIsDancedToStaysAndOneThatIsNotThereIsNamed() throws Exception {
        http.send("/api/pieces", piece("needed", "verse 8; 29 bars a minute")).andExpect(status().isCreated());
        http.send("/api/routines", waltz("needed", 2)).andExpect(status().isCreated());
        String tag = http.read("/api/pieces/needed").andReturn().getResponse().getHeader("ETag");
        mvc.perform(delete("/api/pieces/needed").header("If-Match", tag))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("To needed")));
        http.send("/api/scores", waltz("nowhere", 2))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/music/piece")));
        ObjectNode late = waltz("needed", 2);
        ((ObjectNode) late.get("music")).put("from", 9);
        http.send("/api/scores", late)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].expected", containsString("1 to 8")));
        http.send("/api/scores", waltz("salt-on-the-railing", 2))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].expected", containsString("3 beats in a bar")));
        http.send(
                        "/api/fits",
                        Http.JSON.readTree(waltz("needed", 2).without("music").toString()))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void aPieceIsHeardReadBackAndCut() throws Exception {
        byte[] sound = mvc.perform(get("/api/pieces/harbour-lights/sound.wav"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        double seconds =
                AudioSystem.getAudioInputStream(new ByteArrayInputStream(sound)).getFrameLength() / 44_100.0;
        byte[] notes = mvc.perform(get("/api/pieces/harbour-lights/notes.mid"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        double written = MidiSystem.getSequence(new ByteArrayInputStream(notes)).getMicrosecondLength() / 1e6;
        assertThat(seconds).isBetween(46.0, 50.0);
        assertThat(written).isBetween(44.0, 50.0);
        mvc.perform(get("/api/pieces/harbour-lights/sound.wav").param("dance", "rumba"))
                .andExpect(status().isUnprocessableContent());
        http.send(
                        "/api/pieces/lanterns-at-low-water/cuts",
                        Http.JSON.createObjectNode().put("from", 21).put("to", 37))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.id", is("lanterns-at-low-water-2")))
                .andExpect(jsonPath("$.title", containsString("bars 21 to 36 cut")))
                .andExpect(jsonPath("$.hits[0].bar", is(21)));
        http.send(
                        "/api/pieces/lanterns-at-low-water/cuts",
                        Http.JSON.createObjectNode().put("from", 21).put("to", 21))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void aDanceThatBeginsOnItsSecondBeatIsCountedFromThere() throws Exception {
        ObjectNode rumba = (ObjectNode) Http.JSON.readTree(http.text("/api/routines/ferry-night-rumba"));
        String fit = http.send("/api/fits", rumba)
                .andExpect(jsonPath("$.begins", is(9.0)))
                .andExpect(jsonPath("$.left", is(24.0)))
                .andExpect(jsonPath("$.misfits", hasSize(1)))
                .andExpect(jsonPath("$.misfits[0].sentence", startsWith("6 bars of music are left")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(Http.JSON.readTree(fit).get("phrases")).hasSize(2);
        http.send(
                        "/api/fit-repairs",
                        Http.JSON
                                .createObjectNode()
                                .<ObjectNode>set("routine", rumba)
                                .put("misfit", 0))
                .andExpect(jsonPath("$[0].sentence", containsString("in the 6 bars that are left")));
    }

    @Test
    void theDemosOddPieceFitsItsRoutine() throws Exception {
        ObjectNode routine = (ObjectNode) Http.JSON.readTree(http.text("/api/routines/ferry-night-waltz"));
        http.send("/api/fits", routine)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.misfits", empty()))
                .andExpect(jsonPath("$.hits[*].exact", everyItem(is(true))));
    }

    @Test
    void aTrackSaysWhenEachBeatOfItsPieceIsHeard() throws Exception {
        ObjectNode slowing = waltz("harbour-lights", 20);
        http.send("/api/tracks", Http.JSON.createObjectNode().<ObjectNode>set("routine", slowing))
                .andExpect(jsonPath("$.pace", hasSize(greaterThan(200))));
        http.send(
                        "/api/tracks",
                        Http.JSON.createObjectNode().<ObjectNode>set("routine", waltz("lanterns-at-low-water", 4)))
                .andExpect(jsonPath("$.pace", hasSize(2)));
    }

    @Test
    void whatARecordingSoundsLikeBecomesAPieceThatIsMarkedByEar() throws Exception {
        ObjectNode question =
                Http.JSON.createObjectNode().put("beatsPerMinute", 43.4).put("dance", "waltz");
        var strengths = question.putArray("strengths");
        for (int look = 0; look < 3_000; look++) {
            double beat = (look - 50) / 100.0 * 87 / 60;
            strengths.add(Math.abs(beat - Math.round(beat)) < 0.01 ? Math.round(beat) % 3 == 0 ? 300 : 200 : 0);
        }
        String heard = http.send("/api/recordings", question)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.piece.tempo[0].barsPerMinute", closeTo(29, 0.2)))
                .andExpect(jsonPath("$.lead", closeTo(0.5, 0.03)))
                .andExpect(jsonPath("$.meant[0].barsPerMinute", closeTo(29, 0.1)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        ObjectNode piece = (ObjectNode) Http.JSON.readTree(heard).get("piece");
        ObjectNode mark = Http.JSON.createObjectNode().put("mark", "hit").put("seconds", 4.2);
        mark.set("piece", piece);
        http.send("/api/piece-marks", mark).andExpect(jsonPath("$.piece.hits[0].bar", is(3)));
        http.send("/api/piece-marks", mark.put("mark", "bend").put("bar", 3).put("seconds", 4.2))
                .andExpect(jsonPath("$.piece.tempo", hasSize(greaterThan(2))));
        http.send("/api/piece-marks", mark.put("mark", "shout"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].place", is("/mark")));
        http.send("/api/piece-texts", piece).andExpect(jsonPath("$.barLines[1]", closeTo(60 / 29.0, 0.02)));
        question.putArray("strengths").add(0).add(0);
        http.send("/api/recordings", question)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.faults[0].found", is("silence")));
    }

    @Test
    void aCutIsWrittenOutForWhoeverMakesIt() throws Exception {
        http.send("/api/pieces", piece("to-cut", "verse 4, chorus 4; 30 bars a minute"))
                .andExpect(status().isCreated());
        assertThat(http.text("/api/pieces/to-cut/cut-list.csv?from=3&to=5").lines())
                .containsExactly(
                        "what,from bar,to bar,from seconds,to seconds",
                        "keep,1,2,0.000,4.000",
                        "leave out,3,4,4.000,8.000",
                        "keep,5,8,8.000,16.000");
        http.read("/api/pieces/to-cut/cut-list.csv?from=5&to=5").andExpect(status().isUnprocessableContent());
        http.send("/api/pieces/to-cut/paces", Http.JSON.createObjectNode().put("pace", 1.1))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.tempo[0].barsPerMinute", closeTo(33, 1e-9)))
                .andExpect(jsonPath("$.title", is("Piece to-cut (at 110 %)")));
        http.send("/api/pieces/to-cut/paces", Http.JSON.createObjectNode().put("pace", 9))
                .andExpect(status().isUnprocessableContent());
    }
}
