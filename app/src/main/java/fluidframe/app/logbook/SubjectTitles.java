package fluidframe.app.logbook;

import fluidframe.app.figures.FigureStore;
import fluidframe.core.figure.Figure;
import fluidframe.core.practice.Subject;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;

/** What subjects are called: by the titles of their figures, or by an id made readable where the figure is gone. */
@Component
class SubjectTitles {

    private final FigureStore figures;

    SubjectTitles(FigureStore figures) {
        this.figures = figures;
    }

    /** The figures that some subjects are of, by id. */
    Map<String, Figure> figures(Collection<Subject> subjects) {
        Set<String> ids = new HashSet<>();
        subjects.forEach(subject -> {
            subject.figure().ifPresent(ids::add);
            if (subject instanceof Subject.Seam seam) {
                ids.add(seam.to());
            }
        });
        return figures.findAll(ids);
    }

    UnaryOperator<String> of(Collection<Subject> subjects) {
        return of(figures(subjects));
    }

    static UnaryOperator<String> of(Map<String, Figure> figures) {
        Map<String, Figure> known = new HashMap<>(figures);
        return id -> known.containsKey(id) ? known.get(id).title() : id.replace('-', ' ');
    }
}
