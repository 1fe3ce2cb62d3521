package fluidframe.app.exchange;

import fluidframe.app.exchange.Choices.Chosen;
import fluidframe.app.exchange.Choices.Kind;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.pieces.PieceDocument;
import fluidframe.app.pieces.PieceReading;
import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.Revision;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.storage.PlainDocument;
import fluidframe.app.storage.StoredText;
import fluidframe.core.figure.Figure;
import fluidframe.core.piece.Piece;
import fluidframe.core.text.Id;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** One book sorted into what is created and what is put in the place of something. */
final class IncomingBook {

    private final Choices choices;
    private final FigureStore figures;
    private final RoutineStore routines;
    private final BookKinds kinds;
    private final BookFaults faults = new BookFaults();
    private final Map<String, Figure> comingFigures = new LinkedHashMap<>();
    private final List<FigureStore.Coming> figureWrites = new ArrayList<>();
    private final List<RoutineDocument> newRoutines = new ArrayList<>();
    private final Map<RoutineDocument, Revision> replacedRoutines = new LinkedHashMap<>();
    private final Map<Kind, Sorted<?>> plain = new EnumMap<>(Kind.class);
    private final OtherIds otherIds = new OtherIds();
    private final Set<String> taken = new HashSet<>();

    private IncomingBook(Choices choices, FigureStore figures, RoutineStore routines, BookKinds kinds) {
        this.choices = choices;
        this.figures = figures;
        this.routines = routines;
        this.kinds = kinds;
    }

    /**
     * @param read the figures of the book
     * @param documents its routines
     * @throws fluidframe.app.problems.RefusedException naming every place that is wrong or needs a choice
     * @throws ConflictException if a choice was made of another revision than the one that is there now
     */
    static IncomingBook of(
            BookDocument book,
            List<Figure> read,
            List<RoutineDocument> documents,
            Choices choices,
            FigureStore figures,
            RoutineStore routines,
            BookKinds kinds) {
        IncomingBook incoming = new IncomingBook(choices, figures, routines, kinds);
        for (int i = 0; i < read.size(); i++) {
            incoming.sort(read.get(i), "/figures/" + i);
        }
        kinds.beforeRoutines().forEach(kind -> incoming.sort(kind, book));
        for (int i = 0; i < documents.size(); i++) {
            incoming.sort(documents.get(i), "/routines/" + i);
        }
        kinds.afterRoutines().forEach(kind -> incoming.sort(kind, book));
        incoming.faults.refuse();
        return incoming;
    }

    private void sort(Figure figure, String root) {
        Optional<StoredText> there = figures.storedText(figure.id());
        String text = figures.write(figure);
        switch (choice(Kind.FIGURE, figure.id(), there, text, root)) {
            case KEEP -> {}
            case REPLACE -> {
                comingFigures.put(figure.id(), figure);
                figureWrites.add(FigureStore.coming(figure, text, there.map(StoredText::revision)));
            }
            case BOTH -> {
                String id = free(Kind.FIGURE, figure.id(), figures::isTaken);
                Figure other = FigureReading.ofCatalogue()
                        .accepted(figures.document(figure).called(id, another(figure.title())), root);
                comingFigures.put(id, other);
                figureWrites.add(FigureStore.coming(other, figures.write(other), Optional.empty()));
            }
        }
    }

    private <D extends PlainDocument> void sort(BookKind<D> kind, BookDocument book) {
        Sorted<D> sorted = new Sorted<>(kind, new ArrayList<>(), new LinkedHashMap<>());
        plain.put(kind.kind(), sorted);
        List<D> documents = kind.in(book);
        for (int i = 0; i < documents.size(); i++) {
            D document = documents.get(i);
            Optional<StoredText> there = kind.there(document);
            D here = kind.referring().apply(document, otherIds);
            switch (choice(kind.kind(), document.id(), there, kind.text().apply(document), kind.root() + i)) {
                case KEEP -> {}
                case REPLACE ->
                    there.ifPresentOrElse(
                            stored -> sorted.replaced().put(here, stored.revision()),
                            () -> sorted.fresh().add(here));
                case BOTH -> sorted.fresh().add(beside(kind, here));
            }
        }
    }

    @SuppressWarnings("unchecked")
    private <D extends PlainDocument> D beside(BookKind<D> kind, D document) {
        String id = free(kind.kind(), document.id(), kind.store()::isTaken);
        return (D) document.called(id, another(document.title()));
    }

    private void sort(RoutineDocument routine, String root) {
        RoutineDocument here = routine.dancing(otherIds.of(Kind.FIGURE)).hearing(otherIds.of(Kind.PIECE));
        Optional<StoredText> there = routines.storedText(routine.id());
        Choice choice = choice(Kind.ROUTINE, routine.id(), there, routines.write(routine), root);
        if (choice == Choice.KEEP
                || !faults.gather(() -> RoutineReader.readOfCatalogue(here, figuresOf(here), pieceOf(here), root))) {
            return;
        }
        if (choice == Choice.BOTH) {
            String id = free(Kind.ROUTINE, routine.id(), routines::isTaken);
            newRoutines.add(here.called(id, another(routine.title())));
        } else {
            there.ifPresentOrElse(stored -> replacedRoutines.put(here, stored.revision()), () -> newRoutines.add(here));
        }
    }

    private Map<String, Figure> figuresOf(RoutineDocument routine) {
        Map<String, Figure> atHand = new HashMap<>(figures.findAll(routine.figures()));
        atHand.putAll(comingFigures);
        return atHand;
    }

    private Optional<Piece> pieceOf(RoutineDocument routine) {
        return routine.pieceId()
                .flatMap(id -> coming(Kind.PIECE)
                        .filter(piece -> piece.id().equals(id))
                        .findFirst()
                        .map(piece -> PieceReading.read((PieceDocument) piece, ""))
                        .or(() -> kinds.findPiece(id)));
    }

    /** What is new comes in as if it replaced nothing; what is the same stays. */
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

    /** "natural-turn-2", under which the thing of that id comes in. */
    private String free(Kind kind, String id, Predicate<String> isStored) {
        int number = 2;
        while (isStored.test(id + "-" + number) || !taken.add(id + "-" + number)) {
            number++;
        }
        otherIds.of(kind).put(id, id + "-" + number);
        return id + "-" + number;
    }

    private static String another(String title) {
        return title.length() + 2 > Id.LONGEST ? title : title + " 2";
    }

    List<FigureStore.Coming> figures() {
        return figureWrites;
    }

    List<RoutineDocument> newRoutines() {
        return newRoutines;
    }

    Map<RoutineDocument, Revision> replacedRoutines() {
        return replacedRoutines;
    }

    /** Stores the plain documents of a kind. */
    /** What storing the documents of a kind takes, one by one. */
    List<Runnable> writes(BookKind<?> kind) {
        return plain.get(kind.kind()).writes();
    }

    List<String> ids(Kind kind) {
        return switch (kind) {
            case FIGURE -> List.copyOf(comingFigures.keySet());
            case ROUTINE ->
                Stream.concat(newRoutines.stream(), replacedRoutines.keySet().stream())
                        .map(RoutineDocument::id)
                        .toList();
            default -> coming(kind).map(PlainDocument::id).toList();
        };
    }

    private Stream<? extends PlainDocument> coming(Kind kind) {
        return plain.get(kind).coming();
    }

    /** The documents of one kind: what is created, and what is put in the place of a revision. */
    private record Sorted<D extends PlainDocument>(BookKind<D> kind, List<D> fresh, Map<D, Revision> replaced) {

        Stream<D> coming() {
            return Stream.concat(fresh.stream(), replaced.keySet().stream());
        }

        List<Runnable> writes() {
            List<Runnable> writes = new ArrayList<>();
            fresh.forEach(document -> writes.add(() -> kind.store().create(document)));
            replaced.forEach(
                    (document, compared) -> writes.add(() -> kind.store().replace(document.id(), document, compared)));
            return writes;
        }
    }
}
