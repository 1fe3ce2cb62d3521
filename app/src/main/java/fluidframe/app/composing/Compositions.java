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
import fluidframe.core.choreography.Lift;
import fluidframe.core.choreography.Lifts;
import fluidframe.core.compose.Answer;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Difference;
import fluidframe.core.compose.Watch;
import fluidframe.core.compose.Wish;
import fluidframe.core.room.DancedOn;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

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
    private final JsonMapper json;

    Compositions(
            RoutineReader reader,
            Repertoires repertoires,
            Scores scores,
            Amalgamations amalgamations,
            JsonMapper json) {
        this.json = json;
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
        Asked all = new Asked(asked, standing, wish, within, notes, watch);
        return wish.fillsGap() ? filled(all, asked.equals(question)) : set(all, question);
    }

    /** What was asked, read. */
    private record Asked(
            CompositionQuestion question,
            Standing standing,
            WishReader wish,
            Optional<SectionEnd> within,
            List<String> notes,
            Watch watch) {

        CompositionDocument document(Composition composition, Composition first) {
            Beats bar = standing.routine().dance().rhythm().bar();
            String difference = Difference.between(first, composition, bar, wish.barsBefore());
            return CompositionDocument.of(
                    composition, question.after() == null, difference, danced(composition), within);
        }

        DancedOn danced(Composition composition) {
            return DancedOn.of(standing.course(), Optional.ofNullable(question.after()), composition);
        }
    }

    private CompositionsDocument set(Asked asked, CompositionQuestion question) {
        Standing standing = asked.standing();
        String dance = standing.routine().dance().id();
        Brief brief = asked.wish().brief(amalgamations.ofDance(dance), amalgamations.own(dance));
        Choreographies found = Choreographer.compose(
                standing.repertoire(), brief, standing.score(), asked.wish().weights(), asked.watch());
        if (!found.answers().isEmpty() || asked.watch().stops()) {
            return choreographed(found, brief, asked);
        }
        CompositionsDocument sequences = brief.requiredGroups().isEmpty()
                ? sequences(asked, brief)
                : new CompositionsDocument(List.of(), false, null, List.of(), asked.notes());
        return sequences.compositions().isEmpty() && !asked.watch().stops()
                ? lifted(asked, question, brief, sequences.exact())
                : sequences;
    }

    private static CompositionsDocument choreographed(Choreographies found, Brief brief, Asked asked) {
        List<CompositionDocument> documents = new ArrayList<>();
        for (Choreography answer : found.answers()) {
            documents.add(CompositionDocument.of(
                    answer, brief, answer.dancedOn(brief), asked.wish().barsBefore(), asked.within()));
        }
        return new CompositionsDocument(documents, false, null, List.of(), asked.notes());
    }

    /**
     * Sequences of single figures, those with a clear way where they must have one. That there are none is proved only
     * where every number of corners that may be turned has been searched.
     */
    private static CompositionsDocument sequences(Asked asked, Brief brief) {
        boolean proved = brief.corners().isPresent() || !brief.onFloor();
        for (Wish wish : asked.wish().wishes()) {
            Answer answer = Composer.search(asked.standing().repertoire(), wish, asked.watch());
            List<Composition> clear = answer.compositions().stream()
                    .filter(each ->
                            !brief.onFloor() || asked.danced(each).collisions().isEmpty())
                    .toList();
            proved &= answer.exact() && answer.compositions().isEmpty();
            if (!clear.isEmpty()) {
                return new CompositionsDocument(
                        clear.stream()
                                .map(each -> asked.document(each, clear.get(0)))
                                .toList(),
                        answer.exact() && clear.size() == answer.compositions().size(),
                        answer.bound(),
                        List.of(),
                        asked.notes());
            }
        }
        return new CompositionsDocument(List.of(), proved && !asked.watch().stops(), null, List.of(), asked.notes());
    }

    /** What could be given up, each of which has been tried, where there is no answer. */
    private CompositionsDocument lifted(Asked asked, CompositionQuestion question, Brief brief, boolean proved) {
        boolean asIsSearched = asked.question().equals(question);
        LiftedQuestion lifted =
                new LiftedQuestion(json, asked.standing().routine().conditions().syllabus());
        List<RelaxationDocument> found = Lifts.smallest(
                        asked.standing().repertoire(),
                        brief,
                        asked.standing().score(),
                        asked.wish().weights(),
                        asked.watch())
                .stream()
                .map(lifts -> new RelaxationDocument(
                        lifts.stream().map(Lift::wording).toList(), asIsSearched ? lifted.of(question, lifts) : null))
                .toList();
        return new CompositionsDocument(List.of(), proved, null, found, asked.notes());
    }

    /** @param asIsSearched whether the question is searched as it was asked, so that a relaxed one can be asked too */
    private static CompositionsDocument filled(Asked asked, boolean asIsSearched) {
        Answer answer =
                Composer.compose(asked.standing().repertoire(), asked.wish().wishes(), asked.watch());
        List<Composition> all = answer.compositions();
        List<RelaxationDocument> relaxations = answer.relaxations().stream()
                .map(relaxation -> new RelaxationDocument(
                        relaxation.labels(),
                        asIsSearched ? asked.wish().relaxed(relaxation).orElse(null) : null))
                .toList();
        return new CompositionsDocument(
                all.stream().map(each -> asked.document(each, all.get(0))).toList(),
                answer.exact(),
                answer.bound(),
                relaxations,
                asked.notes());
    }
}
