package fluidframe.app.exchange;

import fluidframe.app.exchange.Choices.Kind;
import fluidframe.app.exchange.ImportDocuments.ItemDocument;
import fluidframe.app.exchange.ImportDocuments.PlanDocument;
import fluidframe.app.figures.FigureDifferenceDocument;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.storage.StoredText;
import fluidframe.core.figure.Figure;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Imports a book in whole or not at all. What is there already and says the same is passed over; what is there and
 * differs needs a choice. Everything is read and checked before the first write, so that nobody who saves something
 * waits for it.
 */
@Service
public class BookImporter {

    private static final int AT_ONCE = 50;

    private final FigureStore figures;
    private final RoutineStore routines;
    private final BookKinds kinds;
    private final JsonMapper json;
    private final EntityManager entityManager;
    private final TransactionTemplate transaction;

    BookImporter(
            FigureStore figures,
            RoutineStore routines,
            BookKinds kinds,
            JsonMapper json,
            EntityManager entityManager,
            PlatformTransactionManager transactions) {
        this.figures = figures;
        this.routines = routines;
        this.kinds = kinds;
        this.json = json;
        this.entityManager = entityManager;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** What came in, by the ids under which it is stored. */
    public record Imported(
            String title,
            List<String> figures,
            List<String> pieces,
            List<String> routines,
            List<String> profiles,
            List<String> events,
            List<String> postures,
            List<String> amalgamations) {}

    /** How everything in a book stands to what is stored. */
    PlanDocument plan(BookDocument book) {
        List<ItemDocument> items = new ArrayList<>();
        figuresOf(book).forEach(figure -> items.add(item(figure)));
        kinds.beforeRoutines().forEach(kind -> items.addAll(kind.items(book)));
        routinesOf(book).forEach(routine -> items.add(item(routine)));
        kinds.afterRoutines().forEach(kind -> items.addAll(kind.items(book)));
        return new PlanDocument(book.title(), items);
    }

    private ItemDocument item(Figure figure) {
        Optional<StoredText> there = figures.storedText(figure.id());
        String here = figures.write(figure);
        int differences = there.map(StoredText::text)
                .filter(text -> !text.equals(here))
                .map(text -> FigureDifferenceDocument.between(
                                json.readValue(text, FigureDocument.class), json.readValue(here, FigureDocument.class))
                        .size())
                .orElse(0);
        return ItemDocument.of(Kind.FIGURE, figure.id(), figure.title(), there, here, differences);
    }

    private ItemDocument item(RoutineDocument routine) {
        return ItemDocument.of(
                Kind.ROUTINE,
                routine.id(),
                routine.title(),
                routines.storedText(routine.id()),
                routines.write(routine));
    }

    /** Imports a book whose shape has been checked, and that has nothing in it that is there and differs. */
    public Imported take(BookDocument book) {
        return take(book, Choices.NONE);
    }

    /** @throws RefusedException naming every place that is wrong or needs a choice; nothing has been stored then */
    Imported take(BookDocument book, Choices choices) {
        IncomingBook incoming =
                IncomingBook.of(book, figuresOf(book), routinesOf(book), choices, figures, routines, kinds);
        try {
            return transaction.execute(status -> store(incoming, book.title()));
        } catch (ConflictException e) {
            throw new ConflictException(
                    ExchangeSentences.somethingInTheBookWasSaved(), e.stored().orElse(null));
        }
    }

    private Imported store(IncomingBook incoming, String title) {
        inPieces(incoming.figures(), figures::store);
        kinds.beforeRoutines().forEach(kind -> inPieces(incoming.writes(kind), some -> some.forEach(Runnable::run)));
        inPieces(incoming.newRoutines(), some -> some.forEach(routines::create));
        incoming.replacedRoutines().forEach((routine, compared) -> routines.replace(routine.id(), routine, compared));
        kinds.afterRoutines().forEach(kind -> inPieces(incoming.writes(kind), some -> some.forEach(Runnable::run)));
        return new Imported(
                title,
                incoming.ids(Kind.FIGURE),
                incoming.ids(Kind.PIECE),
                incoming.ids(Kind.ROUTINE),
                incoming.ids(Kind.PROFILE),
                incoming.ids(Kind.EVENT),
                incoming.ids(Kind.POSTURE),
                incoming.ids(Kind.AMALGAMATION));
    }

    private static List<RoutineDocument> routinesOf(BookDocument book) {
        List<RoutineDocument> documents = Optional.ofNullable(book.routines()).orElse(List.of());
        new BookFaults()
                .requireDistinct(documents.stream().map(RoutineDocument::id).toList(), "/routines/", Kind.ROUTINE);
        return documents;
    }

    private static List<Figure> figuresOf(BookDocument book) {
        List<FigureDocument> documents = Optional.ofNullable(book.figures()).orElse(List.of());
        BookFaults faults = new BookFaults();
        faults.requireDistinct(documents.stream().map(FigureDocument::id).toList(), "/figures/", Kind.FIGURE);
        List<Figure> read = new ArrayList<>();
        for (int i = 0; i < documents.size(); i++) {
            FigureDocument document = documents.get(i);
            String root = "/figures/" + i;
            faults.gather(() -> read.add(FigureReading.ofCatalogue().accepted(document, root)));
        }
        faults.refuse();
        return read;
    }

    /**
     * What has been written is let go of now and then: with each thing that is stored the database looks through all
     * that are at hand.
     */
    private <T> void inPieces(List<T> things, Consumer<List<T>> storing) {
        for (int i = 0; i < things.size(); i += AT_ONCE) {
            storing.accept(things.subList(i, Math.min(things.size(), i + AT_ONCE)));
            entityManager.flush();
            entityManager.clear();
        }
    }
}
