package fluidframe.app.classes;

import fluidframe.app.classes.ClassDocuments.ClassPlanDocument;
import fluidframe.app.classes.ClassDocuments.ClassWishDocument;
import fluidframe.app.classes.ClassDocuments.LearningQuestionDocument;
import fluidframe.app.classes.ClassDocuments.PairDocument;
import fluidframe.app.classes.ClassDocuments.PartnerPlanDocument;
import fluidframe.app.classes.ClassDocuments.PartnerWishDocument;
import fluidframe.app.composing.Repertoires;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.teaching.LearningStepDocument;
import fluidframe.app.work.Work;
import fluidframe.core.classes.ClassPlanner;
import fluidframe.core.classes.ClassWish;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.learning.LearningPath;
import fluidframe.core.link.Conditions;
import fluidframe.core.partners.Dancer;
import fluidframe.core.partners.Pair;
import fluidframe.core.partners.PartnerChanges;
import fluidframe.core.partners.PartnerWish;
import fluidframe.core.text.UnreadableTextException;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Classes planned from figures, and their changes of partners. Nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "classes")
class ClassResource {

    private final FigureStore figures;
    private final Repertoires repertoires;
    private final Work work;

    ClassResource(FigureStore figures, Repertoires repertoires, Work work) {
        this.figures = figures;
        this.repertoires = repertoires;
        this.work = work;
    }

    @PostMapping("/class-plans")
    ClassPlanDocument plan(@Valid @RequestBody ClassWishDocument document) {
        return work.quickly(() -> {
            ClassWish wish = wish(document);
            return ClassPlanDocument.of(
                    ClassPlanner.plan(wish, repertoires.of(wish.chain().get(0).dance(), Conditions.OPEN)));
        });
    }

    private ClassWish wish(ClassWishDocument document) {
        List<Figure> chain = found(document.figures(), "/figures/");
        try {
            return new ClassWish(
                    chain, Level.LEXICON.read(document.level()), document.minutes(), document.men(), document.ladies());
        } catch (UnreadableTextException e) {
            throw RefusedException.of("/level", document.level(), e.expected());
        } catch (IllegalArgumentException e) {
            throw refused(ClassesSentences.theClassIsNotComplete(), e);
        }
    }

    private List<Figure> found(List<String> ids, String place) {
        List<Figure> found = new ArrayList<>();
        for (int i = 0; i < ids.size(); i++) {
            String id = ids.get(i);
            String at = place + i;
            found.add(
                    figures.find(id).orElseThrow(() -> RefusedException.of(at, id, ClassesSentences.theIdOfAFigure())));
        }
        return found;
    }

    /** In which order wanted figures are learned, and what first, so that one thing is new at a time. */
    @PostMapping("/learning-paths")
    List<LearningStepDocument> learn(@Valid @RequestBody LearningQuestionDocument document) {
        return work.quickly(() -> {
            List<Figure> wanted = found(document.wanted(), "/wanted/");
            List<Figure> known = found(each(document.known()), "/known/");
            if (Stream.concat(wanted.stream(), known.stream())
                            .map(Figure::dance)
                            .distinct()
                            .count()
                    > 1) {
                throw RefusedException.of(
                        "/wanted", ClassesSentences.figuresOfSeveralDances(), ClassesSentences.thoseOfOne());
            }
            List<Figure> book = wanted.isEmpty()
                    ? List.of()
                    : figures.ofDance(wanted.get(0).dance().id());
            return LearningPath.to(wanted, known, book).steps().stream()
                    .map(LearningStepDocument::of)
                    .toList();
        });
    }

    @PostMapping("/partner-plans")
    PartnerPlanDocument partners(@Valid @RequestBody PartnerWishDocument document) {
        try {
            List<Dancer> dancers = new ArrayList<>();
            document.men().forEach(name -> dancers.add(new Dancer(name.strip(), Optional.of(Part.MAN))));
            document.ladies().forEach(name -> dancers.add(new Dancer(name.strip(), Optional.of(Part.LADY))));
            each(document.either()).forEach(name -> dancers.add(new Dancer(name.strip(), Optional.empty())));
            PartnerWish wish = new PartnerWish(
                    dancers, pairs(document.together()), pairs(document.apart()), pairs(document.danced()));
            return work.quickly(() -> PartnerPlanDocument.of(PartnerChanges.of(wish)));
        } catch (IllegalArgumentException e) {
            throw refused(ClassesSentences.thesePartnersCannotBeChanged(), e);
        }
    }

    private static RefusedException refused(String sentence, IllegalArgumentException why) {
        return new RefusedException(
                sentence + ": " + why.getMessage() + ".", List.of(Fault.of("", "this", why.getMessage())));
    }

    private static List<Pair> pairs(List<PairDocument> documents) {
        return each(documents).stream().map(PairDocument::pair).toList();
    }

    private static <T> List<T> each(List<T> list) {
        return list == null ? List.of() : list;
    }
}
