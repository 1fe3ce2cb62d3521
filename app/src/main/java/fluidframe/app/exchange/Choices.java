package fluidframe.app.exchange;

import fluidframe.app.exchange.ImportDocuments.ChoiceDocument;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What is to be done with each thing of a book that is there already. */
record Choices(Map<Item, Chosen> byItem) {

    static final Choices NONE = new Choices(Map.of());

    /** Something of a book. */
    record Item(Kind kind, String id) {}

    /** @param compared the revision that whoever chose was shown; empty where they chose without looking */
    record Chosen(Choice choice, Optional<Revision> compared) {}

    /** What a book holds. */
    enum Kind {
        FIGURE,
        PIECE,
        ROUTINE,
        PROFILE,
        EVENT,
        POSTURE,
        AMALGAMATION
    }

    Optional<Chosen> of(Kind kind, String id) {
        return Optional.ofNullable(byItem.get(new Item(kind, id)));
    }

    /** @throws RefusedException where a word is none of those known */
    static Choices read(List<ChoiceDocument> documents) {
        Map<Item, Chosen> choices = new HashMap<>();
        for (int i = 0; i < documents.size(); i++) {
            ChoiceDocument document = documents.get(i);
            String place = "/choices/" + i;
            if (document == null || document.id() == null) {
                throw BookReading.refused(List.of(Fault.of(place, "", ExchangeSentences.aKindAnIdAndA())));
            }
            Kind kind = word(
                    Kind.values(),
                    document.kind(),
                    place + "/kind",
                    ExchangeSentences.figurePieceRoutineProfileEventOr());
            choices.put(
                    new Item(kind, document.id()),
                    new Chosen(
                            word(
                                    Choice.values(),
                                    document.choice(),
                                    place + "/choice",
                                    ExchangeSentences.keepReplaceOrBoth()),
                            Optional.ofNullable(document.revision()).map(Revision::new)));
        }
        return new Choices(choices);
    }

    private static <T extends Enum<T>> T word(T[] values, String text, String place, String expected) {
        return Stream.of(values)
                .filter(value -> value.name().toLowerCase(Locale.ROOT).equals(text))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        ExchangeSentences.nothingWasStored(), List.of(Fault.of(place, text, expected))));
    }
}
