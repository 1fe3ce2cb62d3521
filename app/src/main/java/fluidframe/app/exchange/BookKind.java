package fluidframe.app.exchange;

import fluidframe.app.exchange.Choices.Kind;
import fluidframe.app.exchange.ImportDocuments.ItemDocument;
import fluidframe.app.storage.PlainDocument;
import fluidframe.app.storage.PlainStore;
import fluidframe.app.storage.StoredText;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * A kind of plain document that a book holds: all that importing one needs to know of it.
 *
 * @param <D> the documents
 * @param kind what they are called
 * @param store where they are stored
 * @param documents those of a book; null where it names none
 * @param reading refuses what cannot be
 * @param text what a document says as it would be stored
 * @param referring a document with what it refers to under the ids under which that comes in
 */
record BookKind<D extends PlainDocument>(
        Kind kind,
        PlainStore<?, D> store,
        Function<BookDocument, List<D>> documents,
        Reading<D> reading,
        Function<D, String> text,
        BiFunction<D, OtherIds, D> referring) {

    /** @param <D> the documents */
    @FunctionalInterface
    interface Reading<D> {

        /** What is read of a book once, for all its documents. */
        Check<D> of(BookDocument book);
    }

    /** @param <D> the documents */
    @FunctionalInterface
    interface Check<D> {

        /**
         * @param root where it stands in the book
         * @throws fluidframe.app.problems.RefusedException naming everything that is wrong
         */
        void check(D document, String root);
    }

    /** One that refers to nothing else. */
    static <D extends PlainDocument> BookKind<D> of(
            Kind kind,
            PlainStore<?, D> store,
            Function<BookDocument, List<D>> documents,
            BiFunction<D, String, ?> reading) {
        return new BookKind<>(
                kind, store, documents, book -> reading::apply, store::write, (document, others) -> document);
    }

    /** "/pieces/". */
    String root() {
        return "/" + kind.name().toLowerCase(Locale.ROOT) + "s/";
    }

    /**
     * Those of a book, each checked.
     *
     * @throws fluidframe.app.problems.RefusedException naming every place that is wrong
     */
    List<D> in(BookDocument book) {
        List<D> there = Optional.ofNullable(documents.apply(book)).orElse(List.of());
        Check<D> check = reading.of(book);
        BookFaults faults = new BookFaults();
        faults.requireDistinct(there.stream().map(PlainDocument::id).toList(), root(), kind);
        for (int i = 0; i < there.size(); i++) {
            D document = there.get(i);
            String root = root() + i;
            faults.gather(() -> check.check(document, root));
        }
        faults.refuse();
        return there;
    }

    List<ItemDocument> items(BookDocument book) {
        return in(book).stream()
                .map(document ->
                        ItemDocument.of(kind, document.id(), document.title(), there(document), text.apply(document)))
                .toList();
    }

    Optional<StoredText> there(D document) {
        return store.storedText(document.id());
    }
}
