package fluidframe.app.sounds;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.app.sounds.TrackDocuments.TrackDocument;
import fluidframe.app.sounds.TrackDocuments.TrackQuestion;
import fluidframe.app.work.Work;
import fluidframe.core.couple.Part;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.sound.Counting;
import fluidframe.core.sound.MidiScore;
import fluidframe.core.sound.Recording;
import fluidframe.core.sound.Sound;
import fluidframe.core.sound.Synthesizer;
import fluidframe.core.sound.Track;
import fluidframe.core.sound.TrackWish;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import fluidframe.core.work.TooMuchException;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is heard: the cues of a track, the sounds they name, and the same as files. */
@RestController
@RequestMapping("/api")
@Tag(name = "sounds")
class SoundResource {

    static final double SLOWEST = 5;
    static final double FASTEST = 200;

    private final RoutineReader reader;
    private final Scores scores;
    private final Synthesizer synthesizer;
    private final Work work;

    SoundResource(RoutineReader reader, Scores scores, @Lazy SpokenWords words, Work work) {
        this.scores = scores;
        this.reader = reader;
        this.work = work;
        this.synthesizer = new Synthesizer(words::say);
    }

    /** One sound, mono, 16 bits, 44,100 samples a second. */
    @GetMapping(path = "/sounds/{id}.wav", produces = SoundFiles.WAV)
    ResponseEntity<byte[]> sound(@PathVariable String id) {
        try {
            return ResponseEntity.ok()
                    .cacheControl(CacheControl.maxAge(Duration.ofDays(1)))
                    .contentType(MediaType.parseMediaType(SoundFiles.WAV))
                    .body(SoundFiles.wav(synthesizer.alone(Sound.parse(id))));
        } catch (UnreadableTextException e) {
            throw new UnknownException("sound", id);
        }
    }

    @PostMapping("/tracks")
    TrackDocument track(@Valid @RequestBody TrackQuestion question) {
        return work.about(() -> reader.read(question.routine()), routine -> {
            Asked asked = asked(question, routine);
            return TrackDocument.of(asked.wish().from().toDouble(), asked.track());
        });
    }

    /** The track as a file that anything plays. */
    @PostMapping(path = "/tracks/wav", produces = SoundFiles.WAV)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = SoundFiles.WAV, schema = @Schema(type = "string", format = "binary")))
    void wav(@Valid @RequestBody TrackQuestion question, HttpServletResponse response) {
        Recording recording =
                work.about(() -> reader.read(question.routine()), routine -> recording(question, routine));
        work.playing(() -> {
            response.setContentType(SoundFiles.WAV);
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    attachment(question.routine().id() + ".wav"));
            response.setContentLengthLong(SoundFiles.bytes(recording));
            SoundFiles.play(recording, response);
        });
    }

    private Recording recording(TrackQuestion question, Routine routine) {
        try {
            return Recording.of(asked(question, routine).track(), percent(question), synthesizer);
        } catch (TooMuchException e) {
            throw new RefusedException(
                    SoundsSentences.thisCannotBeHeard(e.getMessage()),
                    List.of(Fault.of("/percent", e.found(), e.expected())));
        }
    }

    /** The track as notes, the count as lyrics. */
    @PostMapping(path = "/tracks/midi", produces = SoundFiles.MIDI)
    ResponseEntity<byte[]> midi(@Valid @RequestBody TrackQuestion question) {
        byte[] notes = SoundFiles.midi(work.about(
                () -> reader.read(question.routine()),
                routine -> MidiScore.of(
                        asked(question, routine).track(), routine.dance().rhythm(), percent(question))));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(SoundFiles.MIDI))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        attachment(question.routine().id() + ".mid"))
                .body(notes);
    }

    private record Asked(TrackWish wish, Track track) {}

    private Asked asked(TrackQuestion question, Routine routine) {
        Score score = scores.of(routine);
        if (!score.length().isPositive()) {
            throw new RefusedException(
                    SoundsSentences.anEmptyRoutineCannotBeHeard(),
                    List.of(Fault.of("/routine/placements", "none", SoundsSentences.atLeastOnePlacement())));
        }
        percent(question);
        try {
            TrackWish whole = TrackWish.whole(score.length());
            TrackWish wish = new TrackWish(
                    beats(question.from(), whole.from()),
                    beats(question.to(), whole.to()),
                    question.countInBars() == null ? routine.dance().music().countIn() : question.countInBars(),
                    part(question.counted()),
                    counting(question.counting()),
                    gain(question.clicks(), whole.clicks()),
                    gain(question.voice(), whole.voice()),
                    gain(question.music(), whole.music()));
            return new Asked(wish, Track.of(score, wish));
        } catch (IllegalArgumentException e) {
            throw refused("", SoundsSentences.thisTrack(), e);
        }
    }

    private static double percent(TrackQuestion question) {
        double percent = question.percent() == null ? 100 : question.percent();
        if (!(percent >= SLOWEST && percent <= FASTEST)) {
            throw new RefusedException(
                    SoundsSentences.thatIsNoSpeedToDance(),
                    List.of(Fault.of("/percent", String.valueOf(percent), SoundsSentences.to200PerCentOfThe())));
        }
        return percent;
    }

    /** The nearest of the finest points of time there are. */
    private static Beats beats(Double asked, Beats otherwise) {
        return asked == null
                ? otherwise
                : new Beats((int) Math.max(
                        Integer.MIN_VALUE / 2,
                        Math.min(Integer.MAX_VALUE / 2, Math.round(asked * Beats.TICKS_PER_BEAT))));
    }

    private static double gain(Double asked, double otherwise) {
        return asked == null ? otherwise : asked;
    }

    private static Part part(String text) {
        return text == null
                ? Part.MAN
                : Part.named(text)
                        .orElseThrow(() -> new RefusedException(
                                SoundsSentences.whoseStepsAreToBeCounted(),
                                List.of(Fault.of("/counted", text, SoundsSentences.manOrLady()))));
    }

    private static Counting counting(String text) {
        try {
            return text == null ? Counting.STEPS : Counting.LEXICON.read(text);
        } catch (UnreadableTextException e) {
            throw new RefusedException(
                    SoundsSentences.thatIsNotCounted(), List.of(Fault.of("/counting", text, e.expected())));
        }
    }

    private static RefusedException refused(String place, String found, IllegalArgumentException e) {
        return new RefusedException(
                SoundsSentences.thisCannotBeHeard(e.getMessage()), List.of(Fault.of(place, found, e.getMessage())));
    }

    private static String attachment(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}
