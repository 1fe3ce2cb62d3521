package fluidframe.app.amalgamations;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import fluidframe.app.storage.StoredDocument;
import fluidframe.core.amalgamation.Amalgamation;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps amalgamations. One whose figure is deleted stays, cannot be danced meanwhile, and can be again once the figure
 * is restored: what a coach deletes is not held back by what came with the program.
 */
@Service
public class AmalgamationStore extends PlainStore<AmalgamationEntity, AmalgamationDocument> {

    private final AmalgamationRepository repository;
    private final RoutineReader reader;
    private final FigureStore figures;

    AmalgamationStore(
            AmalgamationRepository repository,
            RoutineReader reader,
            FigureStore figures,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events) {
        super(
                "amalgamation",
                AmalgamationEntity.class,
                AmalgamationDocument.class,
                repository,
                entityManager,
                studio,
                json,
                events);
        this.repository = repository;
        this.reader = reader;
        this.figures = figures;
    }

    /** Those of a dance, by title. */
    @Transactional(readOnly = true)
    public List<AmalgamationDocument> ofDance(String dance) {
        return repository.findAllByStudioIdAndDanceOrderByTitleAscSlugAsc(studio(), dance).stream()
                .map(this::documentOf)
                .toList();
    }

    /** Those of a dance that did not come with the program, by id. */
    @Transactional(readOnly = true)
    public Set<String> own(String dance) {
        return Set.copyOf(repository.findOwn(studio(), dance));
    }

    /**
     * Those that can be danced with the figures there are: a book that names a figure has it, so that it can be
     * imported elsewhere.
     */
    @Override
    @Transactional(readOnly = true)
    public List<String> texts() {
        return repository.findAllByStudioIdOrderByTitleAscSlugAsc(studio()).stream()
                .filter(entity -> canBeDanced(documentOf(entity)))
                .map(StoredDocument::document)
                .toList();
    }

    private boolean canBeDanced(AmalgamationDocument document) {
        try {
            read(document);
            return true;
        } catch (RefusedException gone) {
            return false;
        }
    }

    private Amalgamation read(AmalgamationDocument document) {
        return AmalgamationReading.read(
                document, routine -> reader.read(routine, figures.findAll(routine.figures()), Optional.empty()), "");
    }

    @Override
    protected AmalgamationDocument plain(AmalgamationDocument document) {
        return document.at(read(document).level());
    }

    @Override
    protected AmalgamationEntity entity(long studio, AmalgamationDocument document, String text) {
        return new AmalgamationEntity(studio, document, text);
    }

    @Override
    protected void describe(AmalgamationEntity entity, AmalgamationDocument document, String text) {
        entity.describe(document, text);
    }

    @Override
    protected Object deletion(AmalgamationEntity entity) {
        return new AmalgamationDeletion(entity.slug());
    }
}
