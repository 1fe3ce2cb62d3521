package fluidframe.app.figures;

import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.DocumentStore;
import fluidframe.app.storage.Edition;
import fluidframe.core.figure.Figure;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps figures. What goes in has been read whole and has a length; findings do not keep a figure out. */
@Service
public class FigureStore extends DocumentStore<FigureEntity> {

    private final FigureRepository repository;
    private final JsonMapper json;
    private final FigureLibrary library;
    private final Changes changes;
    private final ApplicationEventPublisher events;

    FigureStore(
            FigureRepository repository,
            EntityManager entityManager,
            JsonMapper json,
            FigureLibrary library,
            Changes changes,
            CurrentStudio studio,
            ApplicationEventPublisher events) {
        super("figure", FigureEntity.class, repository, entityManager, studio);
        this.library = library;
        this.changes = changes;
        this.events = events;
        this.repository = repository;
        this.json = json;
    }

    @Override
    protected FigureDocument documentOf(FigureEntity entity) {
        return library.read(entity).document();
    }

    @Override
    public Object read(String document) {
        return json.readValue(document, FigureDocument.class);
    }

    /** The document of a figure as it is stored, every cell in its canonical form. */
    public String write(Figure figure) {
        return json.writeValueAsString(document(figure));
    }

    /** The document of a figure, every cell in its canonical form. */
    public FigureDocument document(Figure figure) {
        return FigureMapper.document(figure);
    }

    public FigureListing search(FigureSearch search) {
        return library.search(search);
    }

    /** @throws UnknownException if there is no such figure */
    public StoredFigure get(String id) {
        return library.find(id).orElseThrow(() -> new UnknownException("figure", id));
    }

    public Optional<Figure> find(String id) {
        return library.find(id).map(StoredFigure::figure);
    }

    /** Those of the ids that there are, by id. */
    public Map<String, Figure> findAll(Collection<String> ids) {
        return library.findAll(ids).values().stream()
                .map(StoredFigure::figure)
                .collect(Collectors.toMap(Figure::id, Function.identity()));
    }

    /** The titles of those whose charts do not add up: that have findings which say that they cannot be danced. */
    public List<String> unsound(Collection<String> ids) {
        return library.unsound(ids);
    }

    /** The figures of a dance, the easiest first, then by title. */
    public List<Figure> ofDance(String dance) {
        return library.ofDance(dance).stream().map(StoredFigure::figure).toList();
    }

    /** The editions of a dance's figures: as long as they are the same, so is everything that is computed of them. */
    public List<Edition> editionsOfDance(String dance) {
        return library.editionsOfDance(dance);
    }

    /** The editions of those figures that there are. */
    public List<Edition> editions(Collection<String> ids) {
        return library.editions(ids);
    }

    @Override
    @Transactional(readOnly = true)
    public List<String> texts() {
        return repository.documents(studio());
    }

    /** @throws ConflictException if the id is taken */
    @Transactional
    public StoredFigure create(Figure figure) {
        changes.madeHere();
        return library.read(add(new FigureEntity(studio(), figure.id(), FigureFacts.of(figure), write(figure))));
    }

    /**
     * A figure that is about to be stored, with all that is stored with it: working that out takes longer than storing
     * it, and whoever stores thousands keeps nobody waiting meanwhile.
     */
    public static final class Coming {

        private final FigureFacts facts;
        private final String id;
        private final String text;
        private final Optional<Revision> replaced;

        private Coming(String id, FigureFacts facts, String text, Optional<Revision> replaced) {
            this.id = id;
            this.facts = facts;
            this.text = text;
            this.replaced = replaced;
        }
    }

    /**
     * Works out what is stored with a figure; nothing is stored yet.
     *
     * @param text what {@link #write} gives of it
     * @param replaced the revision of the figure in whose place it comes; empty for a new one
     */
    public static Coming coming(Figure figure, String text, Optional<Revision> replaced) {
        return new Coming(figure.id(), FigureFacts.of(figure), text, replaced);
    }

    /**
     * @throws ConflictException if a new one's id is taken, or one that is replaced has been changed since its
     *     revision; carries what is stored
     */
    @Transactional
    public void store(List<Coming> figures) {
        changes.madeHere();
        addAll(figures.stream()
                .filter(figure -> figure.replaced.isEmpty())
                .map(figure -> new FigureEntity(studio(), figure.id, figure.facts, figure.text))
                .toList());
        figures.forEach(figure -> figure.replaced.ifPresent(
                revision -> current(figure.id, revision).describe(figure.facts, figure.text)));
    }

    /**
     * @throws UnknownException if there is no such figure
     * @throws ConflictException if it has been changed since the revision given; carries what is stored
     */
    @Transactional
    public StoredFigure replace(String id, Figure figure, Revision revision) {
        FigureEntity entity = current(id, revision);
        entity.describe(FigureFacts.of(figure), write(figure));
        changes.madeHere();
        return library.read(flushed(entity));
    }

    /**
     * Replaces what is stored, whatever its revision; for figures nobody has touched.
     *
     * @throws UnknownException if there is no such figure
     */
    @Transactional
    public void renew(Figure figure) {
        required(figure.id()).describe(FigureFacts.of(figure), write(figure));
        changes.madeHere();
    }

    /**
     * @throws UnknownException if there is no such figure
     * @throws ConflictException if it has been changed since the revision given, or if something needs it
     */
    @Transactional
    public void delete(String id, Revision revision) {
        FigureEntity entity = current(id, revision);
        events.publishEvent(new FigureDeletion(id));
        repository.delete(entity);
        changes.madeHere();
    }

    /**
     * The figures of a document that is about to be kept must be there when it is.
     *
     * @return their numbers in the database
     * @throws ConflictException if one has been deleted meanwhile
     */
    @Transactional(readOnly = true)
    public Set<Long> numbers(Collection<String> ids) {
        Map<String, Long> there =
                repository.rows(studio(), ids).stream().collect(Collectors.toMap(FigureRow::slug, FigureRow::id));
        ids.stream().filter(id -> !there.containsKey(id)).findFirst().ifPresent(gone -> {
            throw new ConflictException(FiguresSentences.theFigureWasDeletedAtThe(gone));
        });
        return Set.copyOf(there.values());
    }
}
