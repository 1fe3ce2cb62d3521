package fluidframe.app.questions;

import fluidframe.app.composing.Repertoires;
import fluidframe.app.dances.StudioDances;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.logbook.Standings;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.questions.QuestionDocuments.AnswerDocument;
import fluidframe.app.questions.QuestionDocuments.KindDocument;
import fluidframe.app.questions.QuestionDocuments.MarkDocument;
import fluidframe.app.questions.QuestionDocuments.QuestionDocument;
import fluidframe.app.questions.QuestionDocuments.QuestionSetDocument;
import fluidframe.app.questions.QuestionDocuments.QuestionWishDocument;
import fluidframe.app.work.Work;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import fluidframe.core.practice.Subject;
import fluidframe.core.question.Marker;
import fluidframe.core.question.Question;
import fluidframe.core.question.QuestionKey;
import fluidframe.core.question.QuestionKind;
import fluidframe.core.question.QuestionWish;
import fluidframe.core.question.Questions;
import fluidframe.core.text.UnreadableTextException;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Questions asked of the charts, and answers marked. Nothing is stored: a question is made again from its key. */
@RestController
@RequestMapping("/api")
@Tag(name = "questions")
class QuestionResource {

    private final StudioDances studioDances;
    private final Repertoires repertoires;
    private final FigureStore figures;
    private final Standings standings;
    private final Work work;

    QuestionResource(
            StudioDances studioDances, Repertoires repertoires, FigureStore figures, Standings standings, Work work) {
        this.studioDances = studioDances;
        this.repertoires = repertoires;
        this.figures = figures;
        this.standings = standings;
        this.work = work;
    }

    /**
     * What can be asked.
     *
     * @param dance the id of a dance, for what can be asked of its figures; everything where none is given
     */
    @GetMapping("/question-kinds")
    List<KindDocument> kinds(@RequestParam(required = false) String dance) {
        Optional<Dance> asked = Optional.ofNullable(dance).flatMap(studioDances::find);
        return Arrays.stream(QuestionKind.values())
                .filter(kind -> asked.stream().allMatch(kind::isAskedOf))
                .map(kind -> new KindDocument(kind.shorthand(), kind.wording()))
                .toList();
    }

    @PostMapping("/questions")
    QuestionSetDocument set(@Valid @RequestBody QuestionWishDocument document) {
        Dance dance = studioDances
                .find(document.dance())
                .orElseThrow(() -> RefusedException.of(
                        "/dance",
                        document.dance(),
                        "a dance: "
                                + String.join(
                                        ", ",
                                        studioDances.all().stream()
                                                .map(Dance::id)
                                                .toList())));
        QuestionWish wish = wish(document);
        if (document.count() < 1 || document.count() > Questions.MOST_IN_A_SET) {
            throw RefusedException.of(
                    "/count",
                    String.valueOf(document.count()),
                    QuestionsSentences.toQuestions(Questions.MOST_IN_A_SET));
        }
        long seed = document.seed() == null ? 0 : document.seed();
        return work.patiently(() -> {
            List<Question> weak = document.weakOf() == null ? List.of() : weak(questions(dance), wish, document, seed);
            List<Question> all = Stream.concat(
                            weak.stream(),
                            questions(dance).set(wish, document.count(), seed).stream()
                                    .filter(question -> !weak.contains(question)))
                    .limit(document.count())
                    .toList();
            return new QuestionSetDocument(
                    dance.id(), seed, all.stream().map(QuestionDocument::of).toList());
        });
    }

    /** One question of each kind and figure that was missed before and is due again, what is had least first. */
    private List<Question> weak(Questions questions, QuestionWish wish, QuestionWishDocument document, long seed) {
        List<Question> weak = new ArrayList<>();
        for (Subject.Charted subject : standings.paperDue(document.weakOf())) {
            QuestionKind.LEXICON
                    .find(subject.kind())
                    .filter(kind -> wish.kinds().contains(kind)
                            && (wish.figures().isEmpty() || wish.figures().contains(subject.id())))
                    .ifPresent(kind -> weak.addAll(questions.set(
                            new QuestionWish(Set.of(kind), wish.highest(), wish.part(), Set.of(subject.id())),
                            1,
                            seed)));
        }
        return weak;
    }

    private static QuestionWish wish(QuestionWishDocument document) {
        Level highest = Optional.ofNullable(document.highest())
                .map(text -> read("/highest", text, Level.LEXICON::read))
                .orElse(Level.OPEN);
        Optional<Part> part = Optional.ofNullable(document.part())
                .map(text -> Part.named(text)
                        .orElseThrow(() -> RefusedException.of("/part", text, QuestionsSentences.manOrLady())));
        Set<QuestionKind> kinds = each(document.kinds()).stream()
                .map(text -> read("/kinds", text, QuestionKind.LEXICON::read))
                .collect(Collectors.toSet());
        return new QuestionWish(kinds, highest, part, Set.copyOf(each(document.figures())));
    }

    private static List<String> each(List<String> texts) {
        return texts == null ? List.of() : texts;
    }

    private static <T> T read(String place, String text, Function<String, T> reader) {
        try {
            return reader.apply(text);
        } catch (UnreadableTextException e) {
            throw RefusedException.of(place, text, e.expected());
        }
    }

    private Questions questions(Dance dance) {
        return new Questions(repertoires.of(dance, new Conditions(false, Level.OPEN)));
    }

    @PostMapping("/question-marks")
    MarkDocument mark(@Valid @RequestBody AnswerDocument document) {
        QuestionKey key = read("/key", document.key(), QuestionKey::parse);
        return work.quickly(() -> {
            Question question = figures.find(key.figure())
                    .flatMap(figure -> questions(figure.dance()).ask(key))
                    .orElseThrow(() ->
                            RefusedException.of("/key", document.key(), QuestionsSentences.aQuestionThatCanBeAsked()));
            return MarkDocument.of(Marker.mark(question, document.answer()), question);
        });
    }
}
