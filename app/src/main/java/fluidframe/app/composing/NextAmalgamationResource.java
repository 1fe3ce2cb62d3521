package fluidframe.app.composing;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.amalgamations.Amalgamations;
import fluidframe.app.composing.ComposingDocuments.PlaceQuestion;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.app.work.Work;
import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.amalgamation.Continuation;
import fluidframe.core.amalgamation.Continuations;
import fluidframe.core.routine.Course;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is taught as one thing and may be danced next. */
@RestController
@RequestMapping("/api")
@Tag(name = "composing")
class NextAmalgamationResource {

    /** As many as a coach looks through. */
    private static final int MOST = 12;

    private final RoutineReader reader;
    private final Scores scores;
    private final Amalgamations amalgamations;
    private final Work work;

    NextAmalgamationResource(RoutineReader reader, Scores scores, Amalgamations amalgamations, Work work) {
        this.reader = reader;
        this.scores = scores;
        this.amalgamations = amalgamations;
        this.work = work;
    }

    /**
     * An amalgamation danced on from a place: its placements as they are danced there, and how it fits what is before
     * and what comes after it.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "NextAmalgamation")
    record OfferDocument(
            String id,
            String title,
            String level,
            List<String> uses,
            int energy,
            String why,
            String bars,
            String in,
            String out,
            boolean endsPhrase,
            List<PlacementDocument> placements) {

        static OfferDocument of(Continuation offer) {
            Amalgamation amalgamation = offer.amalgamation();
            return new OfferDocument(
                    amalgamation.routine().id(),
                    amalgamation.routine().title(),
                    amalgamation.level().shorthand(),
                    amalgamation.uses().stream()
                            .sorted()
                            .map(AmalgamationUse::shorthand)
                            .toList(),
                    amalgamation.energy(),
                    amalgamation.why(),
                    amalgamation.routine().bars().toString(),
                    word(offer.in()),
                    word(offer.out()),
                    offer.endsPhrase(),
                    offer.placements().stream().map(RoutineWriter::placement).toList());
        }

        private static String word(Optional<? extends Enum<?>> outcome) {
            return outcome.map(each -> each.name().toLowerCase(Locale.ROOT)).orElse(null);
        }
    }

    /** The amalgamations that a routine can go on with after a placement, or begin with after -1; the best first. */
    @PostMapping("/next-amalgamations")
    List<OfferDocument> next(@Valid @RequestBody PlaceQuestion question) {
        return work.about(() -> reader.read(question.routine()), routine -> {
            Course course = scores.of(routine).course();
            return new Continuations(course, after(question.after(), course))
                    .of(amalgamations.ofDance(routine.dance().id())).stream()
                            .limit(MOST)
                            .map(OfferDocument::of)
                            .toList();
        });
    }

    private static Optional<Integer> after(int passage, Course course) {
        int last = course.placements().size() - 1;
        if (passage < -1 || passage > last) {
            throw new RefusedException(
                    ComposingSentences.thereIsNoSuchPlaceIn(),
                    List.of(Fault.of("/after", String.valueOf(passage), ComposingSentences.aPlaceFromTo(-1, last))));
        }
        return passage < 0 ? Optional.empty() : Optional.of(passage);
    }
}
