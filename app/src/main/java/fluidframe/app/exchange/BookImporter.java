package fluidframe.app.exchange;

import fluidframe.app.events.EventDocument;
import fluidframe.app.events.EventReading;
import fluidframe.app.events.EventStore;
import fluidframe.app.exchange.Choices.Chosen;
import fluidframe.app.exchange.Choices.Kind;
import fluidframe.app.exchange.ImportDocuments.ItemDocument;
import fluidframe.app.exchange.ImportDocuments.PlanDocument;
import fluidframe.app.figures.FigureDifferenceDocument;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.pieces.PieceDocument;
import fluidframe.app.pieces.PieceReading;
import fluidframe.app.pieces.PieceStore;
import fluidframe.app.postures.PostureDocument;
import fluidframe.app.postures.PostureReading;
import fluidframe.app.postures.PostureStore;
import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.Problems;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.rules.ProfileDocument;
import fluidframe.app.rules.ProfileReading;
import fluidframe.app.rules.ProfileStore;
import fluidframe.app.storage.PlainDocument;
import fluidframe.app.storage.PlainStore;
import fluidframe.app.storage.StoredText;
import fluidframe.core.figure.Figure;
import fluidframe.core.piece.Piece;
import fluidframe.core.rules.Profile;
import fluidframe.core.work.Stopping;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes a book in whole or not at all. What is there already and says the same is passed over; what is there and
 * differs needs a choice. Everything is read and checked before the first write, so that nobody who keeps something
 * waits for it.
 */
@Service
public class BookImporter {

    private static final int LONGEST_TITLE = 120;
    private static final int AT_ONCE = 50;

    private final FigureStore figures;
    private final PieceStore pieces;
    private final RoutineStore routines;
    private final ProfileStore profiles;
    private final EventStore events;
    private final PostureStore postures;
    private final JsonMapper json;
    private final EntityManager entityManager;
    private final TransactionTemplate transaction;

    BookImporter(
            FigureStore figures,
            PieceStore pieces,
            RoutineStore routines,
            ProfileStore profiles,
            EventStore events,
            PostureStore postures,
            JsonMapper json,
            EntityManager entityManager,
            PlatformTransactionManager transactions) {
        this.figures = figures;
        this.pieces = pieces;
        this.routines = routines;
        this.profiles = profiles;
        this.events = events;
        this.postures = postures;
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
            List<String> postures) {}

    /** How everything in a book stands to what is stored. */
    PlanDocument plan(BookDocument book) {
        List<ItemDocument> items = new ArrayList<>();
        readFigures(book).forEach(figure -> items.add(item(figure)));
        piecesOf(book).forEach(piece -> items.add(item(Kind.PIECE, piece, pieces)));
        routinesOf(book).forEach(routine -> items.add(item(routine)));
        profilesOf(book).forEach(profile -> items.add(item(Kind.PROFILE, profile, profiles)));
        eventsOf(book)
                .forEach(event -> items.add(item(
                        Kind.EVENT,
                        event.id(),
                        event.title(),
                        events.storedText(event.id()),
                        json.writeValueAsString(event.complete()))));
        posturesOf(book).forEach(posture -> items.add(item(Kind.POSTURE, posture, postures)));
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
        return item(Kind.FIGURE, figure.id(), figure.title(), there, here, differences);
    }

    private static <D extends PlainDocument> ItemDocument item(Kind kind, D document, PlainStore<?, D> store) {
        return item(kind, document.id(), document.title(), store.storedText(document.id()), store.write(document));
    }

    private ItemDocument item(RoutineDocument routine) {
        return item(
                Kind.ROUTINE,
                routine.id(),
                routine.title(),
                routines.storedText(routine.id()),
                routines.write(routine));
    }

    private static ItemDocument item(Kind kind, String id, String title, Optional<StoredText> there, String here) {
        return item(kind, id, title, there, here, Likeness.of(there, here) == Likeness.DIFFERS ? 1 : 0);
    }

    private static ItemDocument item(
            Kind kind, String id, String title, Optional<StoredText> there, String here, int differences) {
        return new ItemDocument(
                kind.name().toLowerCase(Locale.ROOT),
                id,
                title,
                Likeness.of(there, here).name().toLowerCase(Locale.ROOT),
                differences,
                there.map(stored -> stored.revision().number()).orElse(null));
    }

    /** Takes a book whose shape has been checked, and that has nothing in it that is there and differs. */
    public Imported take(BookDocument book) {
        return take(book, Choices.NONE);
    }

    /** @throws RefusedException naming every place that is wrong or needs a choice; nothing has been stored then */
    Imported take(BookDocument book, Choices choices) {
        Taking taking = new Taking(choices);
        List<Figure> read = readFigures(book);
        for (int i = 0; i < read.size(); i++) {
            taking.sort(read.get(i), i);
        }
        taking.pieces.sortAll(piecesOf(book), document -> document, taking);
        List<RoutineDocument> documents = routinesOf(book);
        for (int i = 0; i < documents.size(); i++) {
            Stopping.check();
            taking.sort(documents.get(i), i);
        }
        taking.profiles.sortAll(profilesOf(book), document -> document, taking);
        check(eventsOf(book), book);
        taking.events.sortAll(
                eventsOf(book), document -> document.referring(taking.profiles.otherIds, taking.otherRoutines), taking);
        taking.postures.sortAll(posturesOf(book), document -> document, taking);
        refuse(taking.faults);
        try {
            return transaction.execute(status -> taking.store(book.title()));
        } catch (ConflictException e) {
            throw new ConflictException(
                    ExchangeSentences.somethingInTheBookWasSaved(), e.stored().orElse(null));
        }
    }

    private static List<PieceDocument> piecesOf(BookDocument book) {
        return plain(book.pieces(), "piece", PieceReading::read);
    }

    private static List<ProfileDocument> profilesOf(BookDocument book) {
        return plain(book.profiles(), "profile", ProfileReading::read);
    }

    private static List<PostureDocument> posturesOf(BookDocument book) {
        return plain(book.postures(), "posture", PostureReading::read);
    }

    private static List<EventDocument> eventsOf(BookDocument book) {
        return plain(book.events(), "event", (document, root) -> document);
    }

    /** Events are read with the rules and routines that the book brings, or those there are. */
    private void check(List<EventDocument> documents, BookDocument book) {
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < documents.size(); i++) {
            EventDocument event = documents.get(i);
            Optional<Profile> profile = profilesOf(book).stream()
                    .filter(each -> each.id().equals(event.profile()))
                    .findFirst()
                    .map(each -> ProfileReading.read(each, ""))
                    .or(() -> profiles.find(event.profile()));
            Set<String> known = new HashSet<>(routines.existing(event.routines()));
            routinesOf(book).forEach(routine -> known.add(routine.id()));
            try {
                EventReading.read(event, profile, known, "/events/" + i);
            } catch (RefusedException wrong) {
                more(faults, wrong);
            }
        }
        refuse(faults);
    }

    /** @param reading refuses what cannot be, given the root of it */
    private static <D extends PlainDocument> List<D> plain(
            List<D> documents, String kind, BiFunction<D, String, ?> reading) {
        List<D> there = documents == null ? List.of() : documents;
        String root = "/" + kind + "s/";
        checkDistinct(there.stream().map(PlainDocument::id).toList(), root, ExchangeSentences.anIdThatNoOtherOf(kind));
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < there.size(); i++) {
            Stopping.check();
            try {
                reading.apply(there.get(i), root + i);
            } catch (RefusedException wrong) {
                more(faults, wrong);
            }
        }
        refuse(faults);
        return there;
    }

    private static List<RoutineDocument> routinesOf(BookDocument book) {
        List<RoutineDocument> documents = book.routines() == null ? List.of() : book.routines();
        checkDistinct(
                documents.stream().map(RoutineDocument::id).toList(),
                "/routines/",
                ExchangeSentences.anIdThatNoOtherRoutine());
        return documents;
    }

    private static List<Figure> readFigures(BookDocument book) {
        List<FigureDocument> documents = book.figures() == null ? List.of() : book.figures();
        checkDistinct(
                documents.stream().map(FigureDocument::id).toList(),
                "/figures/",
                ExchangeSentences.anIdThatNoOtherFigure());
        List<Figure> read = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < documents.size(); i++) {
            Stopping.check();
            try {
                read.add(FigureReading.ofCatalogue().accepted(documents.get(i), "/figures/" + i));
            } catch (RefusedException wrong) {
                more(faults, wrong);
            }
        }
        refuse(faults);
        return read;
    }

    private static void checkDistinct(List<String> ids, String root, String expected) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < ids.size(); i++) {
            if (!seen.add(ids.get(i))) {
                refuse(List.of(Fault.of(root + i + "/id", ids.get(i), expected)));
            }
        }
    }

    /** Nobody waits until the last of thousands is found. */
    private static void more(List<Fault> faults, RefusedException wrong) {
        faults.addAll(wrong.faults());
        if (faults.size() >= Problems.MOST_FAULTS) {
            refuse(faults);
        }
    }

    private static void refuse(List<Fault> faults) {
        if (!faults.isEmpty()) {
            throw BookReading.refused(faults);
        }
    }

    /**
     * What has been written is let go of now and then: with each thing that is kept the database looks through all that
     * are at hand.
     */
    private <T> void inPieces(List<T> things, Consumer<List<T>> keeping) {
        for (int i = 0; i < things.size(); i += AT_ONCE) {
            keeping.accept(things.subList(i, Math.min(things.size(), i + AT_ONCE)));
            entityManager.flush();
            entityManager.clear();
        }
    }

    /** One book being sorted into what is created and what is put in the place of something. */
    private final class Taking {

        private final Choices choices;
        private final List<Fault> faults = new ArrayList<>();
        private final Map<String, Figure> comingFigures = new LinkedHashMap<>();
        private final List<FigureStore.Coming> figureWrites = new ArrayList<>();
        private final Sorted<PieceDocument> pieces =
                new Sorted<>(Kind.PIECE, BookImporter.this.pieces, BookImporter.this.pieces::write);
        private final Sorted<ProfileDocument> profiles =
                new Sorted<>(Kind.PROFILE, BookImporter.this.profiles, BookImporter.this.profiles::write);
        private final Sorted<EventDocument> events =
                new Sorted<>(Kind.EVENT, BookImporter.this.events, event -> json.writeValueAsString(event.complete()));
        private final Sorted<PostureDocument> postures =
                new Sorted<>(Kind.POSTURE, BookImporter.this.postures, BookImporter.this.postures::write);
        private final List<RoutineDocument> newRoutines = new ArrayList<>();
        private final Map<RoutineDocument, Revision> replacedRoutines = new LinkedHashMap<>();
        private final Map<String, String> otherIds = new HashMap<>();
        private final Map<String, String> otherRoutines = new HashMap<>();
        private final Set<String> taken = new HashSet<>();

        Taking(Choices choices) {
            this.choices = choices;
        }

        void sort(Figure figure, int index) {
            Stopping.check();
            Optional<StoredText> there = figures.storedText(figure.id());
            String text = figures.write(figure);
            switch (choice(Kind.FIGURE, figure.id(), there, text, "/figures/" + index)) {
                case KEEP -> {}
                case REPLACE -> {
                    comingFigures.put(figure.id(), figure);
                    figureWrites.add(FigureStore.coming(figure, text, there.map(StoredText::revision)));
                }
                case BOTH -> {
                    String id = free(figure.id(), figures::isTaken);
                    otherIds.put(figure.id(), id);
                    Figure other = FigureReading.ofCatalogue()
                            .accepted(
                                    figures.document(figure).called(id, another(figure.title())), "/figures/" + index);
                    comingFigures.put(id, other);
                    figureWrites.add(FigureStore.coming(other, figures.write(other), Optional.empty()));
                }
            }
        }

        private Optional<Piece> pieceOf(RoutineDocument routine) {
            return routine.pieceId()
                    .flatMap(id -> pieces.coming()
                            .filter(piece -> piece.id().equals(id))
                            .findFirst()
                            .map(piece -> PieceReading.read(piece, ""))
                            .or(() -> BookImporter.this.pieces.find(id)));
        }

        void sort(RoutineDocument routine, int index) {
            String root = "/routines/" + index;
            RoutineDocument here = routine.dancing(otherIds).hearing(pieces.otherIds);
            Optional<StoredText> there = routines.storedText(routine.id());
            Choice choice = choice(Kind.ROUTINE, routine.id(), there, routines.write(routine), root);
            if (choice == Choice.KEEP) {
                return;
            }
            try {
                RoutineReader.readOfCatalogue(here, figuresOf(here), pieceOf(here), root);
            } catch (RefusedException wrong) {
                more(faults, wrong);
                return;
            }
            if (choice == Choice.BOTH) {
                String id = free(routine.id(), routines::isTaken);
                otherRoutines.put(routine.id(), id);
                newRoutines.add(here.called(id, another(routine.title())));
            } else {
                there.ifPresentOrElse(
                        stored -> replacedRoutines.put(here, stored.revision()), () -> newRoutines.add(here));
            }
        }

        /**
         * What is new comes in as if it replaced nothing; what is the same stays.
         *
         * @throws ConflictException if the choice was made of another revision than the one that is there now
         */
        private Choice choice(Kind kind, String id, Optional<StoredText> there, String here, String root) {
            return switch (Likeness.of(there, here)) {
                case NEW -> Choice.REPLACE;
                case SAME -> Choice.KEEP;
                case DIFFERS -> {
                    Optional<Chosen> chosen = choices.of(kind, id);
                    if (chosen.isEmpty()) {
                        faults.add(Fault.of(root + "/id", id, ExchangeSentences.anIdThatIsNotTaken()));
                        yield Choice.KEEP;
                    }
                    chosen.get()
                            .compared()
                            .filter(revision -> !revision.equals(there.get().revision()))
                            .ifPresent(older -> {
                                throw new ConflictException(ExchangeSentences.theWasSavedBySomebodyElse(
                                        kind.name().toLowerCase(Locale.ROOT), id));
                            });
                    yield chosen.get().choice();
                }
            };
        }

        private Map<String, Figure> figuresOf(RoutineDocument routine) {
            Map<String, Figure> atHand = new HashMap<>(figures.findAll(routine.figures()));
            atHand.putAll(comingFigures);
            return atHand;
        }

        /** "natural-turn-2". */
        private String free(String id, Predicate<String> isStored) {
            int number = 2;
            while (isStored.test(id + "-" + number) || !taken.add(id + "-" + number)) {
                number++;
            }
            return id + "-" + number;
        }

        private static String another(String title) {
            return title.length() + 2 > LONGEST_TITLE ? title : title + " 2";
        }

        Imported store(String title) {
            inPieces(figureWrites, figures::store);
            pieces.store();
            inPieces(newRoutines, some -> some.forEach(routines::create));
            replacedRoutines.forEach((routine, compared) -> routines.replace(routine.id(), routine, compared));
            profiles.store();
            events.store();
            postures.store();
            List<String> figureIds = List.copyOf(comingFigures.keySet());
            List<String> routineIds = Stream.concat(newRoutines.stream(), replacedRoutines.keySet().stream())
                    .map(RoutineDocument::id)
                    .toList();
            return new Imported(
                    title, figureIds, pieces.ids(), routineIds, profiles.ids(), events.ids(), postures.ids());
        }
    }

    /** The documents of one kind, sorted into what is created and what is put in the place of something. */
    private static final class Sorted<D extends PlainDocument> {

        private final Kind kind;
        private final PlainStore<?, D> store;
        private final Function<D, String> text;
        private final List<D> fresh = new ArrayList<>();
        private final Map<D, Revision> replaced = new LinkedHashMap<>();
        private final Map<String, String> otherIds = new HashMap<>();

        /** @param text what a document says as it would be stored */
        Sorted(Kind kind, PlainStore<?, D> store, Function<D, String> text) {
            this.kind = kind;
            this.store = store;
            this.text = text;
        }

        /** @param here a document as it is once what it refers to has the ids it will have */
        void sortAll(List<D> documents, UnaryOperator<D> here, Taking taking) {
            for (int i = 0; i < documents.size(); i++) {
                D document = documents.get(i);
                Optional<StoredText> there = store.storedText(document.id());
                String root = "/" + kind.name().toLowerCase(Locale.ROOT) + "s/" + i;
                switch (taking.choice(kind, document.id(), there, text.apply(document), root)) {
                    case KEEP -> {}
                    case REPLACE ->
                        there.ifPresentOrElse(
                                stored -> replaced.put(here.apply(document), stored.revision()),
                                () -> fresh.add(here.apply(document)));
                    case BOTH -> fresh.add(another(here.apply(document), taking));
                }
            }
        }

        @SuppressWarnings("unchecked")
        private D another(D document, Taking taking) {
            String id = taking.free(document.id(), store::isTaken);
            otherIds.put(document.id(), id);
            return (D) document.called(id, Taking.another(document.title()));
        }

        Stream<D> coming() {
            return Stream.concat(fresh.stream(), replaced.keySet().stream());
        }

        void store() {
            fresh.forEach(store::create);
            replaced.forEach((document, compared) -> store.replace(document.id(), document, compared));
        }

        List<String> ids() {
            return coming().map(PlainDocument::id).toList();
        }
    }
}
