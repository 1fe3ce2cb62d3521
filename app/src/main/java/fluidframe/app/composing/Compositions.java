package fluidframe.app.composing;

import fluidframe.app.amalgamations.Amalgamations;
import fluidframe.app.composing.ComposingDocuments.CompositionDocument;
import fluidframe.app.composing.ComposingDocuments.CompositionQuestion;
import fluidframe.app.composing.ComposingDocuments.CompositionsDocument;
import fluidframe.app.composing.ComposingDocuments.RelaxationDocument;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.core.choreography.Brief;
import fluidframe.core.choreography.Choreographer;
import fluidframe.core.choreography.Choreographies;
import fluidframe.core.choreography.Choreography;
import fluidframe.core.compose.Answer;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Difference;
import fluidframe.core.compose.Watch;
import fluidframe.core.room.DancedOn;
import fluidframe.core.routine.Course;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Answers what is asked to be composed. A gap between two figures is filled with what is proved to be best; everything
 * else is set as a choreographer does, and only where that leads nowhere is every sequence of figures searched, so that
 * there is an answer or a proof that there is none.
 */
@Component
class Compositions {

    private final RoutineReader reader;
    private final Repertoires repertoires;
    private final Scores scores;
    private final Amalgamations amalgamations;

    Compositions(RoutineReader reader, Repertoires repertoires, Scores scores, Amalgamations amalgamations) {
        this.reader = reader;
        this.repertoires = repertoires;
        this.scores = scores;
        this.amalgamations = amalgamations;
    }

    private Standing standing(RoutineDocument document) {
        return new Standing(scores.of(reader.read(document)), repertoires);
    }

    CompositionsDocument of(CompositionQuestion question, Watch watch) {
        Optional<SectionEnd> within = Optional.ofNullable(question.within())
                .map(which -> SectionEnd.of(question, standing(question.routine())));
        CompositionQuestion asked =
                within.map(end -> end.question(standing(end.routine()))).orElse(question);
        Standing standing = standing(asked.routine());
        WishReader wish = new WishReader(asked, standing);
        List<String> notes = Stream.concat(
                        wish.notes().stream(), within.flatMap(end -> end.againBreaks(standing)).stream())
                .toList();
        if (!wish.fillsGap()) {
            String dance = standing.routine().dance().id();
            Brief brief = wish.brief(amalgamations.ofDance(dance), amalgamations.own(dance));
            Choreographies found =
                    Choreographer.compose(standing.repertoire(), brief, standing.score(), wish.weights(), watch);
            if (!found.answers().isEmpty() || watch.stops()) {
                return choreographed(found, brief, wish.barsBefore(), within, notes);
            }
            if (!brief.requiredGroups().isEmpty()) {
                return withoutAmalgamations(asked, standing, brief, wish, notes, watch);
            }
        }
        return searched(asked, asked.equals(question), standing, wish, within, notes, watch);
    }

    private static CompositionsDocument choreographed(
            Choreographies found, Brief brief, int before, Optional<SectionEnd> within, List<String> notes) {
        List<CompositionDocument> documents = new ArrayList<>();
        for (Choreography answer : found.answers()) {
            Course course = brief.after().isPresent()
                    ? brief.course()
                    : Course.of(brief.course()
                            .routine()
                            .on(brief.course().routine().floor().startingAt(answer.start())));
            DancedOn danced = DancedOn.of(course, brief.after(), answer.placements());
            documents.add(CompositionDocument.of(answer, brief, danced, before, within));
        }
        return new CompositionsDocument(documents, false, null, List.of(), notes);
    }

    /**
     * Sequences of single figures have no amalgamation in them, so none of those that must come is given up unasked.
     */
    private static CompositionsDocument withoutAmalgamations(
            CompositionQuestion asked,
            Standing standing,
            Brief brief,
            WishReader wish,
            List<String> notes,
            Watch watch) {
        Choreographies found = Choreographer.compose(
                standing.repertoire(), brief.withRequiredGroups(Set.of()), standing.score(), wish.weights(), watch);
        List<RelaxationDocument> relaxations = found.answers().isEmpty()
                ? List.of()
                : List.of(new RelaxationDocument(
                        List.of(ComposingSentences.doWithoutTheAmalgamationsThatMust()), asked.withoutAmalgamations()));
        return new CompositionsDocument(List.of(), false, null, relaxations, notes);
    }

    /** @param asIsSearched whether the question is searched as it was asked, so that a relaxed one can be asked too */
    private static CompositionsDocument searched(
            CompositionQuestion asked,
            boolean asIsSearched,
            Standing standing,
            WishReader wish,
            Optional<SectionEnd> within,
            List<String> notes,
            Watch watch) {
        Answer answer = Composer.compose(standing.repertoire(), wish.wishes(), watch);
        Beats bar = standing.routine().dance().rhythm().bar();
        List<CompositionDocument> documents = new ArrayList<>();
        for (Composition composition : answer.compositions()) {
            String difference = Difference.between(answer.compositions().get(0), composition, bar, wish.barsBefore());
            DancedOn danced = DancedOn.of(standing.course(), Optional.ofNullable(asked.after()), composition);
            documents.add(CompositionDocument.of(composition, asked.after() == null, difference, danced, within));
        }
        List<RelaxationDocument> relaxations = answer.relaxations().stream()
                .map(relaxation -> new RelaxationDocument(
                        relaxation.labels(),
                        asIsSearched ? wish.relaxed(relaxation).orElse(null) : null))
                .toList();
        return new CompositionsDocument(documents, answer.exact(), answer.bound(), relaxations, notes);
    }
}
