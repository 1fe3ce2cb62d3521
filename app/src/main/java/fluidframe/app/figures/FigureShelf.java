package fluidframe.app.figures;

import fluidframe.app.storage.Generation;
import fluidframe.app.storage.Shelf;
import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import fluidframe.core.audit.Audit;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import jakarta.persistence.EntityManager;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Keeps figures. What goes in has been read whole and has a length; findings do not keep a figure out. */
@Service
public class FigureShelf extends Shelf<FigureEntity> {

    private final FigureRepository repository;
    private final JsonMapper json;
    private final FigureLibrary library;
    private final Generation generation;
    private final ApplicationEventPublisher events;

    FigureShelf(FigureRepository repository, EntityManager entityManager, JsonMapper json, FigureLibrary library, Generation generation, ApplicationEventPublisher events) {
        super("figure", FigureEntity.class, repository, entityManager);
        this.library = library;
        this.generation = generation;
        this.events = events;
        this.repository = repository;
        this.json = json;
    }

    @Override
    protected FigureDocument documentOf(FigureEntity entity) {
        return stored(entity).document();
    }

    /**
     * Reads a document without storing it.
     *
     * @param root JSON pointer to the document in what was sent, empty if it is all of it
     * @throws RefusedException naming every text that cannot be read, or where the count does not fill its bars
     */
    public static Figure read(FigureDocument document, String root) {
        DraftReading reading = DraftReader.read(FigureMapper.draft(document));
        List<Fault> faults = faults(reading, root);
        if (!faults.isEmpty()) {
            throw new RefusedException(faults.size() == 1 ? faults.get(0).sentence() : faults.size() + " places cannot be read; nothing was stored.", faults);
        }
        return reading.figure().orElseThrow();
    }

    /** The document of a figure as it is stored, every cell in its canonical form. */
    public String write(Figure figure) {
        return json.writeValueAsString(document(figure));
    }

    /** The document of a figure, every cell in its canonical form. */
    public FigureDocument document(Figure figure) {
        return FigureMapper.document(figure);
    }

    /** Everything that would keep a document from being stored. */
    public static List<Fault> faults(FigureDocument document, String root) {
        return faults(DraftReader.read(FigureMapper.draft(document)), root);
    }

    private static List<Fault> faults(DraftReading reading, String root) {
        List<Fault> faults = new ArrayList<>(reading.unread().stream().map(unread -> Fault.of(root, unread)).toList());
        if (faults.isEmpty()) {
            Audit.foundations(reading.figure().orElseThrow()).forEach(finding -> faults.add(Fault.of(root, finding)));
        }
        return faults;
    }

    @Transactional(readOnly = true)
    public List<FigureSummary> search(FigureSearch search) {
        return repository.search(search.dance(), search.level(), search.position(), search.foot(), search.facing(), search.words())
                .stream().map(FigureRow::summary).toList();
    }

    /**
     * @throws UnknownException if there is no such figure
     */
    @Transactional(readOnly = true)
    public StoredFigure get(String id) {
        return library.find(id).orElseThrow(() -> new UnknownException("figure", id));
    }

    @Transactional(readOnly = true)
    public Optional<Figure> find(String id) {
        return library.find(id).map(StoredFigure::figure);
    }

    /** A figure's document as it is stored. */
    @Transactional(readOnly = true)
    public Optional<String> text(String id) {
        return repository.findById(id).map(FigureEntity::document);
    }

    @Transactional(readOnly = true)
    public Map<String, Figure> findAll(List<String> ids) {
        return library.findAll(ids).values().stream().map(StoredFigure::figure).collect(Collectors.toMap(Figure::id, Function.identity()));
    }

    @Transactional(readOnly = true)
    public List<Figure> ofDance(String dance) {
        return library.ofDance(dance).stream().map(StoredFigure::figure).toList();
    }

    /** The figures of a dance, each with its revision: as long as they are the same, so is everything that is computed of them. */
    @Transactional(readOnly = true)
    public List<String> revisions(String dance) {
        return repository.editionsOfDance(dance).stream().map(this::named).toList();
    }

    /** The revision of every figure, by id. */
    @Transactional(readOnly = true)
    public Map<String, String> revisions() {
        return repository.editions().stream().collect(Collectors.toMap(FigureLibrary.Edition::id, this::named));
    }

    /** Every figure's document as it is stored. */
    @Transactional(readOnly = true)
    public List<String> texts() {
        return repository.documents();
    }

    /**
     * @throws ConflictException if the id is taken
     */
    @Transactional
    public StoredFigure create(Figure figure) {
        return stored(add(new FigureEntity(figure, write(figure))));
    }

    /**
     * @throws UnknownException  if there is no such figure
     * @throws ConflictException if it has been changed since the revision given; carries what is stored
     */
    @Transactional
    public StoredFigure replace(String id, Figure figure, Revision revision) {
        FigureEntity entity = current(id, revision);
        entity.describe(figure, write(figure));
        return stored(flushed(entity));
    }

    /**
     * Replaces what is stored, whatever its revision; for figures nobody has touched.
     *
     * @throws UnknownException if there is no such figure
     */
    @Transactional
    public void renew(Figure figure) {
        required(figure.id()).describe(figure, write(figure));
    }

    /**
     * @throws UnknownException  if there is no such figure
     * @throws ConflictException if it has been changed since the revision given, or if something needs it
     */
    @Transactional
    public void delete(String id, Revision revision) {
        FigureEntity entity = current(id, revision);
        events.publishEvent(new FigureLeaves(id));
        repository.delete(entity);
        generation.endsWithTransaction();
    }

    /**
     * The figures of a document that is about to be kept must be there when it is.
     *
     * @throws ConflictException if one has been deleted meanwhile
     */
    @Transactional(readOnly = true)
    public void requireAll(List<String> ids) {
        List<String> there = repository.ids(ids);
        ids.stream().filter(id -> !there.contains(id)).findFirst().ifPresent(gone -> {
            throw new ConflictException("The figure \"" + gone + "\" was deleted at the same moment; nothing was kept.");
        });
    }

    private StoredFigure stored(FigureEntity entity) {
        return library.read(entity);
    }

    private String named(FigureLibrary.Edition edition) {
        return edition.id() + " " + edition.revision() + " " + generation.number();
    }
}
